# frozen_string_literal: true

module Peony
  module Figures
    module Finishes
      # Outlines only.
      class Line < Finish
        finish "line", sees: "outlines only, made for one-colour print"

        def area(house, role, _strength, line, **)
          edge = Colour::Mixing.legible(house.colour(role), house.colour("surface"), Colour::Mixing::LARGE)
          Area.new(fill: house.colour("surface"), stroke: edge, line: line, ground: house.colour("surface"))
        end
      end
    end
  end
end
