# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A mountain of ice: the first item above the water, all others below.
      class Iceberg < Form
        form "iceberg", title: "Iceberg", family: "cause", causes: :below, least: 2, most: 8, stacked: true,
                        sees: "the tip above the water and what lies below it", reason: "what is seen, and what is behind it"

        def draw
          @ice = [width * 0.44, height * 0.8].min
          side = width - @ice - gap(30)
          refuse("There is too little room beside the ice.") if side < 130
          tip = height * 0.27
          row = (height - tip - gap(20)) / (items.size - 1)
          refuse("There is too little room below the water.") if row < 26
          labels = fit_labels([[side, tip - gap(20)], *Array.new(items.size - 1) { [side, row - gap(10)] }], most: 25 * unit)
          @water = top + tip
          body
          pen.line(0, @water, width, @water, stroke: mark, line: rule * 1.4)
          each_item { |item, i| words(item, i, labels[i], tip, row) }
        end

        private

        def at(x, y) = [x * @ice, y]

        # The ice above and below, in facets.
        def body
          deep = bottom - @water
          paint = job.finish.area(house, job.colour, 0.22, shape, words: false)
          pen.polygon([at(0.3, @water), at(0.42, top + ((@water - top) * 0.42)), at(0.52, top + ((@water - top) * 0.1)), at(0.66, top + ((@water - top) * 0.5)), at(0.76, @water)], **paint.paint)
          dark = job.finish.area(house, job.colour, 0.85, shape, words: false)
          pen.polygon(
            [at(0.06, @water), at(0.96, @water), at(1.0, @water + (deep * 0.24)), at(0.82, @water + (deep * 0.62)), at(0.56, bottom), at(0.34, @water + (deep * 0.82)),
             at(0.0, @water + (deep * 0.34))], **dark.paint
          )
          facet = job.finish.area(house, job.colour, 0.6, shape, words: false)
          pen.polygon([at(0.5, @water), at(0.96, @water), at(1.0, @water + (deep * 0.24)), at(0.82, @water + (deep * 0.62)), at(0.6, @water + (deep * 0.4))], **facet.paint)
        end

        def words(item, index, label, tip, row)
          x = @ice + gap(30)
          y = index.zero? ? @water - gap(14) - label.height : @water + gap(16) + ((index - 1) * row)
          y = [y, top].max if index.zero? && tip.positive?
          pen.rect(x - gap(14), y, [emphasis * 0.7, 3].max, label.height, fill: mark(item)) if index.positive?
          put(label, x, y, item: item)
        end
      end
    end
  end
end
