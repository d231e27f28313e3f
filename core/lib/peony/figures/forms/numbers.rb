# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Large numbers side by side under short rules, each with its words.
      class Numbers < Form
        form "numbers", title: "Numbers in a row", family: "headline", also: %w[parts ranking change ratio], least: 2, most: 8, needs: %i[value],
                        sees: "large numbers side by side, each under a rule with its words", reason: "numbers that stand by themselves"

        def draw
          columns, size, labels = best
          rows = (items.size / columns.to_f).ceil
          w = cell_width(columns)
          tall = [height / rows, over(size) + labels.map(&:height).max + gap(44)].min
          each_item { |item, i| place(item, labels[i], (i % columns) * (w + gap(28)), top + ((i / columns) * tall), w, size) }
        end

        private

        def cell_width(columns) = (width - (gap(28) * (columns - 1))) / columns
        def over(size) = gap(14) + (size * 1.06) + gap(6)

        def best
          tries = [items.size, (items.size / 2.0).ceil, (items.size / 3.0).ceil, 1].uniq.filter_map { |columns| attempt { layout(columns) } }
          refuse("There is too little room for #{items.size} numbers.") if tries.empty?
          tries.max_by { |columns, size, labels| [[labels.first.title.size, 14].min, columns > 1 ? 1 : 0, [size, 90 * unit].min, columns] }
        end

        def layout(columns)
          rows = (items.size / columns.to_f).ceil
          w = cell_width(columns)
          tall = (height / rows) - gap(12)
          size = Scale.down([96 * unit, tall * 0.5].min, from: [job.least, 18].max).find { |s| items.all? { |i| number_width(i, s) <= w } }
          return nil unless size

          labels = fit_labels(items.map { [w, tall - over(size)] }, most: [22 * unit, size * 0.62].min)
          whole?(labels) ? [columns, size, labels] : smaller(columns, w, tall)
        end

        # Smaller numbers before shorter words.
        def smaller(columns, w, tall)
          size = [job.least, 18].max
          [columns, size, fit_labels(items.map { [w, tall - over(size)] }, most: 14)] if items.all? { |i| number_width(i, size) <= w }
        end

        def place(item, label, x, y, w, size)
          paint = area(item, 1.0)
          pen.rect(x, y, w, [shape, 2].max, fill: paint.stroke || paint.fill)
          ink = item.strong || item.colour ? accent_ink(role(item), surface, size) : house.ink
          number(item, size, x, y + gap(14) + (size * 0.82), fill: ink)
          put(label, x, y + over(size), item: item)
        end
      end
    end
  end
end
