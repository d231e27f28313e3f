# frozen_string_literal: true

module Peony
  module Type
    # Text set in lines: what a form needs to place it and a painter needs to paint it.
    Setting = Struct.new(:lines, :font, :size, :leading, :cut, :source, keyword_init: true) do
      # @return [Float] px from the top of the first line's box to the bottom of the last
      def height = lines.size * size * leading

      # @return [Float] px, the widest line
      def width = lines.map { |line| font.width(line, size) }.max || 0.0

      # @return [Float] px from the top of the block to the first baseline
      def ascent = size * (((leading - 1.0) / 2) + 0.8)

      def empty? = lines.empty?
    end
  end
end
