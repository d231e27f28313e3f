# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Stars joined by thin lines, at different distances from the middle one; words beside them.
      class Constellation < Form
        form "constellation", title: "Constellation", family: "hub", also: %w[list], least: 4, most: 12,
                              sees: "stars joined by thin lines around a bright one", reason: "loosely together, each for itself"

        include Around

        NEAR = [1.0, 0.72, 0.9, 0.64, 0.82].freeze

        def draw
          around do |cx, cy, reach|
            @places = items.each_index.map { |i| Scene::Arcs.point(cx, cy, (reach - gap(14)) * NEAR[i % NEAR.size], angle(i)) }
            colour = house.tint(job.colour, 0.5)
            @places.each_cons(2) { |a, b| pen.line(*a, *b, stroke: colour, line: rule) }
            @places.each { |place| pen.line(cx, cy, *place, stroke: house.colour("line"), line: rule, dash: [4, 5]) }
            star(cx, cy, [reach * 0.16, 34 * unit].min, house.colour("signal"))
            each_item { |item, i| star(*@places[i], [(item.strong ? 17 : 12) * unit, 9].max, area(item, 1.0).stroke || area(item, 1.0).fill) }
            ->(i, way) { [@places[i][0] + (way * 14 * unit), @places[i][1]] }
          end
        end

        private

        # Eight points, four of them long.
        def star(x, y, r, colour)
          points = Array.new(16) do |i|
            Scene::Arcs.point(x, y, if i.odd?
                                      r * 0.3
                                    else
                                      r * ((i % 4).zero? ? 1.0 : 0.55)
                                    end, i * 22.5)
          end
          pen.polygon(points, fill: colour)
        end
      end
    end
  end
end
