# frozen_string_literal: true

module Peony
  module Figures
    module Finishes
      # Full areas without lines.
      class Flat < Finish
        finish "flat", sees: "full areas of colour"

        def area(house, role, strength, _line)
          fill = house.tint(role, 0.22 + (0.78 * strength))
          Area.new(fill: fill, ground: fill)
        end
      end
    end
  end
end
