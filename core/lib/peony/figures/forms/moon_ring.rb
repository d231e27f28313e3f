# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Discs on a circle that grow fuller from one to the next, the way round marked, titles inside the circle's discs where they fit.
      class MoonRing < Form
        form "moon-ring", title: "Moon ring", family: "cycle", icons: true, also: %w[hub list], least: 3, most: 8,
                          sees: "large discs on a circle, each a little fuller than the one before", reason: "phases of one round"

        include Around

        def draw
          around(share: 0.5) do |cx, cy, reach|
            r = [reach * 0.32, Math::PI * reach * 0.68 / items.size * 0.78].min
            ring = reach - r
            pen.circle(cx, cy, ring, stroke: house.tint(job.colour, 0.4), line: shape)
            heading_of_way(cx, cy, ring)
            each_item { |item, i| moon(item, i, *Scene::Arcs.point(cx, cy, ring, angle(i)), r) }
            ->(i, way) { Scene::Arcs.point(cx, cy, ring, angle(i)).then { |x, y| [x + (way * (r + gap(3))), y] } }
          end
        end

        private

        # A disc of the paper's tone, filled from the right as far as the round has gone.
        def moon(item, index, x, y, r)
          dark = job.finish.area(house, role(item), 0.08, shape)
          paint = job.finish.area(house, role(item), 1.0, shape)
          edge = mark(item)
          pen.circle(x, y, r, fill: dark.fill, stroke: edge, line: shape)
          icon = icon_of(item)
          return seat(icon, x, y, r, dark) if icon

          lit(x, y, r - (shape / 2), (index + 1).to_f / items.size, paint.stroke ? edge : paint.fill)
        end

        # An icon in place of the phase.
        def seat(icon, x, y, r, paint) = draw_icon(icon, x - (r * 0.66), y - (r * 0.66), r * 1.32, accent_ink(job.colour, paint.ground, 24), ground: paint.ground)

        # The lit part of a moon: half a disc, plus or minus half an ellipse.
        def lit(x, y, r, share, fill)
          return pen.circle(x, y, r, fill: fill) if share >= 0.999

          bulge = r * ((2 * share) - 1)
          k = 0.5523
          pen.path([["M", x, y - r], *Scene::Arcs.curve(x, y, r, 0, 180), ["C", x - (bulge * k), y + r, x - bulge, y + (r * k), x - bulge, y],
                    ["C", x - bulge, y - (r * k), x - (bulge * k), y - r, x, y - r], ["Z"]], fill: fill)
        end

        def heading_of_way(cx, cy, ring)
          at = Scene::Arcs.point(cx, cy, ring, 0)
          long = [emphasis * 3, 11].max
          pen.polygon([[at[0] + (long * 0.5), at[1]], [at[0] - (long * 0.5), at[1] - (long * 0.55)], [at[0] - (long * 0.5), at[1] + (long * 0.55)]], fill: mark)
        end
      end
    end
  end
end
