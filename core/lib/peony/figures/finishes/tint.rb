# frozen_string_literal: true

module Peony
  module Figures
    module Finishes
      # Light areas with strong edges.
      class Tint < Finish
        finish "tint", sees: "light areas with a strong edge"

        def area(house, role, strength, line, **)
          fill = house.tint(role, 0.06 + (0.16 * strength))
          edge = Colour::Mixing.legible(house.colour(role), house.colour("surface"), Colour::Mixing::LARGE)
          Area.new(fill: fill, stroke: edge, line: line, ground: fill)
        end
      end
    end
  end
end
