# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Large numerals in a column, words beside them; two columns where the box is wide.
      class NumberedColumn < Form
        form "numbered-column", title: "Numbered column", stacked: true, family: "sequence", also: %w[list], least: 2, most: 12,
                                sees: "large numerals down a column with the words beside them", reason: "steps to read one after the other"

        def draw
          columns = best_columns
          rows = (items.size / columns.to_f).ceil
          w = (width - (gap(40) * (columns - 1))) / columns
          row = height / rows
          labels = set(w, row)
          step = [row, labels.map(&:height).max + gap(40)].min
          each_item do |item, index|
            place(item, labels[index], index, (index / rows) * (w + gap(40)), top + ((index % rows) * step), w, step)
          end
        end

        private

        def best_columns
          return 1 if width < 560 || items.size < 4
          return 1 if height / items.size > 100 * unit && width < height * 1.4

          height / items.size < 74 * unit || width > height * 1.5 ? 2 : 1
        end

        def numeral(row) = [row * 0.62, 64 * unit, width * 0.12].min.clamp(job.least, 120)
        def gutter(row) = (house.font("number").width("12", numeral(row)) * (items.size > 9 ? 1.0 : 0.62)) + gap(18)

        def set(w, row) = fit_labels(items.map { [w - gutter(row), row - gap(14)] }, most: 26 * unit)

        def place(item, label, index, x, y, w, row)
          size = numeral(row)
          ink = accent_ink(role(item), surface, size)
          pen.line(x, y, x + w, y, stroke: house.colour("line"), line: rule) unless job.finish.name == "tint"
          start = y + ((row - label.height) / 2)
          plate(item, x, y + ((row - size) / 2), size)
          pen.words((index + 1).to_s, house.font("number"), size, x, [start + label.title.ascent, y + (row / 2) + (size * 0.34)].max, fill: ink,
                                                                                                                                      part: "number")
          put(label, x + gutter(row), start, item: item)
        end

        # The tinted finish sets the numeral on a bar of its own.
        def plate(item, x, y, size)
          return unless job.finish.name == "tint"

          pen.rect(x - gap(8), y, [emphasis * 0.6, 2].max, size, fill: mark(item))
        end
      end
    end
  end
end
