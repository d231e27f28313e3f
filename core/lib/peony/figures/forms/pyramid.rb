# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Layers of a pyramid, the first on top, words beside each.
      class Pyramid < Form
        form "pyramid", title: "Pyramid", family: "hierarchy", also: %w[ranking sequence], least: 3, most: 8, stacked: true,
                        sees: "layers of a pyramid with the words beside them", reason: "what rests on what"

        def draw
          row = height / items.size
          refuse("There is too little room for #{items.size} layers.") if row < 32
          @base = [width * 0.46, height * 1.1].min
          refuse("There is too little room beside the pyramid.") if width - @base < 120
          labels = fit_labels(items.map { [width - @base - gap(28), row - gap(10)] }, most: 25 * unit, above: ->(i) { i.date || (i.value && Values.text(i)) })
          each_item { |item, i| layer(item, i, labels[i], row) }
        end

        private

        def layer(item, index, label, row)
          y = top + (index * row)
          tall = row - gap(5)
          at = ->(depth) { @base / 2 * (depth - top) / height }
          cx = @base / 2
          one = at[y]
          two = at[y + tall]
          paint = area(item, 1.0 - (0.8 * index / items.size), words: false)
          pen.polygon(one < 1 ? [[cx, y], [cx + two, y + tall], [cx - two, y + tall]] : [[cx - one, y], [cx + one, y], [cx + two, y + tall], [cx - two, y + tall]], **paint.paint)
          x = @base + gap(28)
          middle = y + (tall / 2)
          pen.line(cx + ((one + two) / 2) + gap(5), middle, x - gap(10), middle, stroke: house.colour("line"), line: rule)
          put(label, x, middle - (label.height / 2), item: item)
        end
      end
    end
  end
end
