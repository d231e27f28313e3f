# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Petals around a heart, each with its number, words beside them.
      class Petals < Form
        form "petals", title: "Petals", icons: true, family: "hub", also: %w[list], least: 3, most: 10,
                       sees: "petals around a heart, the words beside them", reason: "parts that make one whole together"

        include Around

        def draw
          around do |cx, cy, reach|
            each_item { |item, i| petal(item, i, cx, cy, reach) }
            pen.circle(cx, cy, reach * 0.17, fill: house.colour("signal"), stroke: surface, line: shape)
            ->(i, way) { Scene::Arcs.point(cx, cy, reach * 0.78, angle(i)).then { |x, y| [x + (way * reach * 0.2), y] } }
          end
        end

        private

        # Two curves from the heart to the tip; broader where there are few.
        def petal(item, index, cx, cy, reach)
          broad = [170.0 / items.size, 38].min
          at = ->(radius, turn) { Scene::Arcs.point(cx, cy, radius, angle(index) + turn) }
          size = [reach * 0.17, Math::PI * reach / items.size * 0.45, 40 * unit].min.clamp(job.least, 48)
          paint = area(item, index.even? ? 0.9 : 0.45, words: size < 24)
          foot = at[reach * 0.1, 0]
          tip = at[reach, 0]
          pen.path([["M", *foot], ["C", *at[reach * 0.55, -broad * 1.05], *at[reach * 1.02, -broad * 0.62], *tip],
                    ["C", *at[reach * 1.02, broad * 0.62], *at[reach * 0.55, broad * 1.05], *foot], ["Z"]], **paint.paint)
          x, y = at[reach * 0.68, 0]
          icon = icon_of(item)
          return draw_icon(icon, x - (size * 0.75), y - (size * 0.75), size * 1.5, on_fill(paint.ground, 24), ground: paint.ground) if icon

          pen.words((index + 1).to_s, house.font("number"), size, x, y + (size * 0.34), fill: on_fill(paint.ground, size), anchor: :middle, part: "number")
        end
      end
    end
  end
end
