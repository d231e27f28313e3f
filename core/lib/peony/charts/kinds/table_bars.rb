# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # The table itself, a bar in each cell of numbers.
      class TableBars < Chart
        chart "table-bars", title: "Table with bars", family: "bar", sees: "the table itself, a bar in each cell of numbers", reason: "every number, and its size", tells: %w[leader max], most: 40

        def self.fit(shape, _said) = shape.kind == :things && shape.measures.size.between?(2, 5) ? 0.72 : nil
        def self.data(shape, _column, _said) = rows(shape, shape.measures.first(5))

        def draw
          names = [data.keys.map { |k| label_font.width(k, small) }.max, width * 0.34].min
          columns = data.series.size
          wide = (width - names - (gap(20) * columns)) / columns
          row = (height - (small * 2.2)) / data.size
          refuse("There are too many columns for this width.") if wide < small * 5
          refuse("There are too many rows for this height.") if row < job.least * 1.35
          order = data.keys.each_index.sort_by { |i| -data.first.values[i].to_f }
          data.series.each_with_index do |s, c|
            pen.words(line_of(s.name, label_font, small, wide), label_font, small, names + gap(20) + (c * (wide + gap(20))), top + small, fill: soft, part: "axis")
          end
          order.each_with_index { |i, r| line(i, top + (small * 2.2) + (r * row), row, names, wide) }
        end

        private

        def line(index, y, row, names, wide)
          middle = y + (row / 2)
          pen.line(0, y, width, y, stroke: faint, line: rule * 0.7)
          pen.group("item", item: data.keys[index]) do
            pen.words(line_of(data.keys[index], label_font, small, names), label_font, small, 0, middle + (small * 0.35), fill: ink, part: "title")
            data.series.each_with_index do |s, c|
              x = names + gap(20) + (c * (wide + gap(20)))
              number = s.values[index] ? s.text(s.values[index]) : "–"
              figures = s.numbers.map { |v| number_font.width(s.text(v), small) }.max
              room = wide - figures - gap(8)
              high = s.numbers.map(&:abs).max
              long = s.values[index] && high.positive? ? s.values[index].abs / high * room : 0
              thick = [row * 0.5, 20 * unit].min
              pen.rect(x, middle - (thick / 2), [long, 0.5].max, thick, radius: [radius, thick * 0.2].min, **fill(0, quiet: !loud?(data.keys[index])).paint) if room > small
              pen.words(number, number_font, small, x + wide, middle + (small * 0.35), fill: ink, anchor: :end, part: "value")
            end
          end
        end
      end
    end
  end
end
