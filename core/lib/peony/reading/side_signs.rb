# frozen_string_literal: true

module Peony
  module Reading
    # Whether running text tells of two or three things in turn, how evenly, and how much of it: signs for the scorer, 0..1.
    module SideSigns
      module_function

      # @param text [Reading::Text]
      # @return [Hash{Symbol => Float}] see {Rivals}
      def of(text)
        sides = text.tree.size < 2 ? text.rivals.to_a : []
        return {} if sides.empty?

        least, most = sides.map { |s| s.spans.size }.minmax
        { rivals: 1.0, rivals_three: Signs.one(sides.size == 3), rivals_cover: Signs.covered(text, sides.flat_map(&:spans)), rivals_even: least.to_f / most,
          rivals_kin: Signs.one(Rivals.of_one_kind?(sides)) }
      end
    end
  end
end
