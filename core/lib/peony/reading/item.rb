# frozen_string_literal: true

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

      # @return [Item] itself, with its name and that of everything below it
      def named
        work, @naming = @naming, nil
        work&.each { |step| step.call(self) }
        children&.each(&:named)
        self
      end

      def title = @naming ? named && super : super
      def detail = @naming ? named && super : super
      def to_h(...) = @naming ? named && super : super
    end
  end
end
