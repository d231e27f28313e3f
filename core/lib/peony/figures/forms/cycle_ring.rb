# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Numbered discs on a circle, arrows from each to the next, words beside them.
      class CycleRing < Form
        form "cycle-ring", title: "Ring of steps", icons: true, family: "cycle", also: %w[sequence], least: 3, most: 10,
                           sees: "numbered discs on a circle with arrows from each to the next", reason: "the last step leads back to the first"

        include Around

        def draw
          around do |cx, cy, reach|
            r = [reach * 0.2, Math::PI * reach * 0.8 / items.size * 0.42, 34 * unit].min
            ring = reach - r
            arcs(cx, cy, ring, r)
            each_item { |item, i| disc(item, i + 1, *Scene::Arcs.point(cx, cy, ring, angle(i)), r, share: ramp(i)) }
            ->(i, way) { Scene::Arcs.point(cx, cy, ring, angle(i)).then { |x, y| [x + (way * (r + gap(3))), y] } }
          end
        end

        private

        # The arrow ends where the next disc begins, at a right angle to it.
        def arcs(cx, cy, ring, r)
          away = Math.asin([(r + gap(7)) / (2.0 * ring), 1].min) * 360 / Math::PI
          colour = mark
          items.each_index do |i|
            from = angle(i) + away
            to = angle(i + 1) - away
            next if to - from < 3

            head = [emphasis * 2.6, 9].max
            turn = head * 180 / (Math::PI * ring)
            turn = [(to - from) * 0.7, turn].min
            pen.path([["M", *Scene::Arcs.point(cx, cy, ring, from)], *Scene::Arcs.curve(cx, cy, ring, from, to - (turn * 0.6))], stroke: colour, line: shape)
            pen.polygon([Scene::Arcs.point(cx, cy, ring, to), Scene::Arcs.point(cx, cy, ring + (head * 0.55), to - turn), Scene::Arcs.point(cx, cy, ring - (head * 0.55), to - turn)],
                        fill: colour)
          end
        end
      end
    end
  end
end
