# frozen_string_literal: true

module Peony
  module Reading
    # What one family makes of the passage. Six families read running text sentence by sentence, each in its own way, and few of them are shown:
    # their items are worked out when somebody asks, see {Finding.later}.
    class Finding
      # @return [String]
      attr_reader :family

      # @return [Float] 0..1: what speaks for the family, and once it is ranked, how likely it is
      attr_accessor :fit

      # @return [String, nil] words of the passage that head the figure, where these are not those of its heading
      attr_accessor :heading
      # @return [Boolean, nil] whether one thing is put in the middle outright: "At the centre: the pupil"
      attr_accessor :centred

      class << self
        # @param sizes [Range] how many items make a figure
        # @yieldreturn [Array(Array<Item>, String)] the items and why it is this family
        # @return [Finding]
        def later(family:, fit:, sizes:, &work) = new(family: family, fit: fit, sizes: sizes, work: work)
      end

      # @param reason [String] in plain words
      # @param items [Array<Item>]
      def initialize(family:, fit:, reason: nil, items: [], sizes: (1..), work: nil)
        @family = family
        @fit = fit
        @reason = reason
        @items = items
        @sizes = sizes
        @work = work
      end

      # @return [Array<Item>]
      def items = done && @items

      # @return [String] why it is this family, in plain words
      def reason = done && @reason

      # @return [Boolean] whether it holds too few items, or too many, for a figure
      def short? = !@sizes.cover?(items.size)

      # @return [Boolean] whether its items are still to be worked out
      def put_off? = !@work.nil?

      # Gives all items their names.
      # @return [Finding] itself
      def named = tap { items.each(&:named) }

      private

      def done
        work = @work
        @work = nil
        @items, @reason = work.call if work
        self
      end
    end
  end
end
