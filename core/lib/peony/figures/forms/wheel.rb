# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A wheel of equal segments, each pointing to the next, words beside them.
      class Wheel < Form
        form "wheel", title: "Wheel", family: "cycle", also: %w[hub list], least: 3, most: 12,
                      sees: "a wheel of equal segments, each with its number", reason: "parts of one round"

        include Around

        def draw
          around do |cx, cy, reach|
            inner = reach * 0.42
            each_item { |item, i| segment(item, i, cx, cy, inner, reach) }
            pen.circle(cx, cy, inner * 0.8, fill: house.colour("surface-2")) if job.finish.name == "flat"
            ->(i, way) { Scene::Arcs.point(cx, cy, reach + gap(3), facing(i, way)) }
          end
        end

        private

        # Each segment ends in a point that reaches into the next.
        def segment(item, index, cx, cy, inner, outer)
          half = 180.0 / items.size
          pad = gap(4) * 90 / (Math::PI * outer)
          nose = [half * 0.3, 9].min
          from = angle(index) - half + pad
          to = angle(index) + half - pad
          middle = (inner + outer) / 2
          at = ->(radius, degrees) { Scene::Arcs.point(cx, cy, radius, degrees) }
          size = [(outer - inner) * 0.4, Math::PI * middle / items.size * 0.7, 48 * unit].min.clamp(job.least, 60)
          paint = area(item, ramp(index), words: size < 24)
          pen.path([["M", *at[outer, from]], *Scene::Arcs.curve(cx, cy, outer, from, to), ["L", *at[middle, to + nose]], ["L", *at[inner, to]],
                    *Scene::Arcs.curve(cx, cy, inner, to, from), ["L", *at[middle, from + nose]], ["Z"]], **paint.paint)
          x, y = at[middle, angle(index) + (nose * 0.6)]
          pen.words((index + 1).to_s, house.font("number"), size, x, y + (size * 0.34), fill: on_fill(paint.ground, size), anchor: :middle, part: "number")
        end
      end
    end
  end
end
