# frozen_string_literal: true

module Peony
  module Figures
    # How areas and lines of a form are drawn. A finish is one file in finishes/ that declares its name.
    class Finish
      extend Registry

      members_in "figures/finishes"

      # Paint for an area and the inks that read on it.
      Area = Struct.new(:fill, :stroke, :line, :ground, keyword_init: true) do
        # @return [Hash] for the builder's verbs
        def paint = { fill: fill, stroke: stroke, line: line }
      end

      class << self
        attr_reader :title, :sees

        # @param title [String] its name
        # @param sees [String] what one sees
        def finish(title, sees:)
          @title = title
          @sees = sees
          Finish.register(title, new)
        end
      end

      def name = self.class.title
      def sees = self.class.sees

      # @return [Boolean] whether its areas are hatched already
      def hatched? = false

      # Lets a finish choose the style's inks and ground, keep a margin, and go over what was drawn.
      # @param house [Style::House]
      # @param width [Float] px
      # @param height [Float] px
      # @yieldparam house [Style::House] to draw with
      # @yieldparam width [Float] px that are left
      # @yieldparam height [Float] px
      # @yieldreturn [Drawing]
      # @return [Drawing]
      def framed(house, width, height) = yield(house, width, height)

      # @param house [Style::House]
      # @param role [String] colour role
      # @param strength [Float] 0..1 along a ramp; 1 is the full colour
      # @param line [Float] px of a shape's line
      # @param words [Boolean] whether words will stand on it
      # @return [Area]
      def area(house, role, strength, line, words: true) = raise(NotImplementedError)
    end
  end
end
