# frozen_string_literal: true

require "monitor"

module Peony
  module Reading
    # One thing the passage is about. +spans+ are its thread; +aspects+ are pairs [name, words] shared with its neighbours.
    # All families are tried and few are shown, so an item is named when somebody asks: see {#naming}.
    class Item < Struct.new(:title, :detail, :spans, :value, :unit, :date, :sort, :children, :aspects, :stressed, keyword_init: true)
      # What is to be done for its name and detail, in order, when they are asked for.
      # @yieldparam item [Item] itself, to be changed
      # @return [Item] itself
      def naming(&work)
        (@naming ||= []) << work
        self
      end

      # A reading is kept and may be asked by several at once.
      LOCK = Monitor.new

      # @return [Item] itself, with its name and that of everything below it
      def named
        LOCK.synchronize do
          unless @busy
            @busy = true
            begin
              @naming&.each { |step| step.call(self) }
              @naming = nil
            ensure
              @busy = false
            end
          end
        end
        children&.each(&:named)
        self
      end

      def title = open? ? named && super : super
      def detail = open? ? named && super : super
      def to_h(...) = open? ? named && super : super

      private

      # Whether it has no name yet, and is not just being given one by whoever asks.
      def open? = @naming && !(@busy && LOCK.mon_owned?)
    end
  end
end
