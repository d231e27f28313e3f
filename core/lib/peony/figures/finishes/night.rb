# frozen_string_literal: true

module Peony
  module Figures
    module Finishes
      # Light marks on a dark sheet of the style's own.
      class Night < Finish
        finish "night", sees: "light marks on a dark sheet"

        def framed(house, width, height)
          margin = [[width, height].min * 0.045, 10].max
          dark = house.on(ground(house))
          drawing = yield(dark, width - (margin * 2), height - (margin * 2))
          sheet = Scene::Rect.new(x: 0, y: 0, w: width, h: height, radius: house.radius, fill: dark.colour("surface"))
          Drawing.new(nodes: [sheet, *drawing.nodes.map { |node| Scene::Boxes.moved(node, margin, margin) }], width: width, height: height, cuts: drawing.cuts)
        end

        def area(house, role, strength, _line, words: true)
          share = 0.3 + (0.7 * strength)
          share += 0.02 until share >= 1 || !words || carries_words?(house, house.tint(role, share))
          fill = house.tint(role, [share, 1.0].min)
          Area.new(fill: fill, ground: fill)
        end

        private

        # The style's ink, darkened until every accent stands off it.
        def ground(house)
          l, c, h = Colour::OKLCH.from_hex(house.colour("ink"))
          Colour::OKLCH.to_hex([l, 0.26].min, [c, 0.05].min, h)
        end

        def carries_words?(house, fill) = %w[surface ink].any? { |role| Colour::Mixing.contrast(house.colour(role), fill) >= Colour::Mixing::TEXT + 0.03 }
      end
    end
  end
end
