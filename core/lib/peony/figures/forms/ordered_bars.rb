# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Bars in order of length, words over each, the number at its end.
      class OrderedBars < Form
        form "ordered-bars", title: "Ordered bars", family: "ranking", also: %w[parts headline relation], least: 2, most: 12, needs: %i[value], stacked: true,
                             sees: "bars in order of length, words beside them and numbers at their ends", reason: "who comes first, and by how much"

        include Bars

        def draw
          row = height / items.size
          refuse("There is too little room for #{items.size} bars.") if row < 22
          @number = number_size([row * 0.5, 30 * unit].min, width * 0.24)
          over(row) unless width > 520 && attempt { beside(row) || :drawn }
        end

        private

        def gutter = items.map { |i| number_width(i, @number) }.max + gap(12)

        # Words in a column at the left, bars from one line on.
        def beside(row)
          side = width * 0.34
          labels = fit_labels(ordered.map { [side - gap(16), row - gap(8)] }, most: 23 * unit, list: ordered)
          side = [side, labels.map(&:width).max + gap(20)].min
          row = [row, labels.map(&:height).max + gap(26), 70 * unit].min.then { |r| [r, labels.map(&:height).max + gap(8)].max }
          tall = [row - gap(10), 40 * unit].min
          zero = side + along(0, width - side - gutter)
          ordered.each_with_index do |item, i|
            pen.group("item", item: item.id) do
              y = top + (i * row)
              put(labels[i], 0, y + ((row - labels[i].height) / 2), item: item)
              bar(item, side, zero, y + ((row - tall) / 2), tall)
            end
          end
          pen.line(zero, top, zero, top + (row * items.size), stroke: house.ink, line: rule)
        end

        # Narrow boxes: words above each bar.
        def over(row)
          refuse("There is too little room for #{items.size} bars.") if row < 34
          labels = fit_labels(ordered.map { [width, row * 0.62] }, most: 22 * unit, list: ordered, detail: row > 80)
          row = [row, labels.map(&:height).max + (56 * unit)].min
          tall = [row - labels.map(&:height).max - gap(14), 32 * unit].min
          refuse("There is too little room for #{items.size} bars.") if tall < 7
          @number = [@number, [tall * 1.1, job.least].max].min
          ordered.each_with_index do |item, i|
            pen.group("item", item: item.id) do
              y = top + (i * row)
              put(labels[i], 0, y, item: item)
              bar(item, 0, along(0, width - gutter), y + labels[i].height + gap(4), tall)
            end
          end
        end

        def bar(item, start, zero, y, tall)
          ending = start + along(item.value, width - start - gutter)
          left, right = [zero, ending].minmax
          pen.rect(left, y, [right - left, 2].max, tall, radius: [radius, tall / 4].min, **area(item, strength(item), words: false).paint)
          number(item, @number, right + gap(10), y + (tall / 2) + (@number * 0.34), fill: house.ink)
        end
      end
    end
  end
end
