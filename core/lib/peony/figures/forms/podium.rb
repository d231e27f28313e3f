# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Three blocks, the first in the middle and highest; those that follow in a line below.
      class Podium < Form
        form "podium", title: "Podium", family: "ranking", least: 3, most: 6, needs: %i[value],
                       sees: "three blocks, the first in the middle, the others in a row below", reason: "the first three"

        include Bars

        PLACES = [1, 0, 2].freeze

        def draw
          rest = ordered.drop(3)
          foot = rest.empty? ? 0 : [height * 0.2, 90 * unit].min
          @w = (width - (gap(8) * 2)) / 3
          refuse("The blocks are too narrow for words.") if @w < 90
          floor = bottom - foot - (foot.positive? ? gap(20) : 0)
          tall = floor - top
          heights = ordered.first(3).map { |i| [along(i.value, 1.0), 0.12].max }
          block = tall * 0.5
          labels = fit_labels(heights.map { |h| [@w - gap(10), tall - (block * h / heights.max) - gap(12)] }, most: 26 * unit, list: ordered.first(3), above: nil)
          # The blocks grow into the room that the words over them leave.
          block = heights.each_index.map { |i| (tall - labels[i].height - gap(14)) * heights.max / heights[i] }.min
          PLACES.each_with_index do |place, column|
            pen.group("item", item: ordered[place].id) do
              block(place, labels[place], column * (@w + gap(8)), floor, block * heights[place] / heights.max)
            end
          end
          followers(rest, floor + gap(20), foot) if rest.any?
        end

        private

        def block(place, label, x, floor, tall)
          item = ordered[place]
          paint = area(item, place.zero? ? 1.0 : 0.55 - (0.3 * (place - 1)))
          pen.rect(x, floor - tall, @w, tall, radius: [radius, @w / 8].min, **paint.paint)
          size = Scale.down([tall * 0.56, 55 * unit].min, from: job.least).find { |s| number_width(item, s) <= @w - gap(12) }
          number(item, size, x + (@w / 2), floor - (tall / 2) + (size * 0.34), fill: on_fill(paint.ground, size * 0.6), anchor: :middle) if size && tall > size * 1.2
          put(label, x + (@w / 2), floor - tall - gap(10) - label.height, item: item, anchor: :middle)
        end

        def followers(rest, y, room)
          w = (width - (gap(24) * (rest.size - 1))) / rest.size
          labels = fit_labels(rest.map { [w, room] }, most: 20 * unit, list: rest, detail: false, above: ->(i) { Values.text(i) })
          rest.each_with_index { |item, i| pen.group("item", item: item.id) { put(labels[i], i * (w + gap(24)), y, item: item) } }
        end
      end
    end
  end
end
