# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A middle with spokes to discs around it, words beside them.
      class Spokes < Form
        form "spokes", title: "Hub and spokes", icons: true, family: "hub", also: %w[list cause], least: 3, most: 12,
                       sees: "a middle with spokes to the things around it", reason: "one thing in the middle, all else belongs to it"

        include Around

        def draw
          around do |cx, cy, reach|
            r = [reach * 0.2, Math::PI * reach / items.size * 0.36, 36 * unit].min.clamp(7, 52)
            ring = reach - r
            core = reach * (heart_words ? 0.44 : 0.24)
            items.each_index { |i| pen.line(*Scene::Arcs.point(cx, cy, core, angle(i)), *Scene::Arcs.point(cx, cy, ring - r, angle(i)), stroke: mark, line: shape) }
            middle(cx, cy, core)
            each_item { |item, i| disc(item, i + 1, *Scene::Arcs.point(cx, cy, ring, angle(i)), r, share: 0.24) }
            ->(i, way) { Scene::Arcs.point(cx, cy, ring, angle(i)).then { |x, y| [x + (way * (r + gap(3))), y] } }
          end
        end

        # A short heading stands in the middle.
        def head = heart_words ? nil : super

        private

        def middle(cx, cy, radius)
          paint = job.finish.area(house, job.colour, 1.0, shape)
          pen.circle(cx, cy, radius, **paint.paint)
          heart(cx, cy, radius, paint.ground)
        end
      end
    end
  end
end
