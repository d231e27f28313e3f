# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # Two values of each thing on one line, joined.
      class Dumbbell < Chart
        chart "dumbbell", title: "Dumbbells", family: "bar", sees: "two values of each on one line, joined", reason: "from one to the other, thing by thing", tells: %w[leader max], most: 40

        def self.fit(shape, _said)
          case shape.kind
          when :wide then (shape.series.first.size <= 3 ? 0.8 : 0.45) if shape.series.size.between?(2, 20)
          when :things then pair(shape) && shape.table.size <= 20 ? 0.68 : nil
          end
        end

        # Two measures of the same kind and unit.
        def self.pair(shape)
          shape.measures.combination(2).find do |a, b|
            [a.kind, a.unit, a.currency] == [b.kind, b.unit, b.currency] && a.numbers.sum.abs < b.numbers.sum.abs * 4 && b.numbers.sum.abs < a.numbers.sum.abs * 4
          end
        end

        def self.data(shape, _column, _said)
          return rows(shape, pair(shape)) if shape.kind == :things

          list = shape.series
          hash(shape.label, list.map(&:name), [[list.first.word(0), list.map { |s| s.values.first }, shape.periods.first.first], [list.first.word(list.first.size - 1), list.map do |s|
            s.values.last
          end, shape.periods.last.first]])
        end

        def draw
          refuse("Dumbbells need two values of each.") if data.series.size < 2
          @top = top + legend
          rows = data.keys.each_index.select { |i| data.series.first(2).all? { |s| s.values[i] } }.sort_by { |i| -data.series[1].values[i] }
          row = height / rows.size
          refuse("There are too many rows for this height.") if row < job.least * 1.3
          names = [data.keys.map { |k| label_font.width(k, small) }.max, width * 0.34].min
          numbers = data.series.first(2).flat_map { |s| s.numbers.map { |v| number_font.width(s.text(v), small) } }.max
          scale = Scale.new(data.series.first(2).flat_map(&:numbers), from: names + gap(24) + numbers, to: right - numbers - gap(12), zero: false)
          rows.each_with_index { |i, r| one(i, top + ((r + 0.5) * row), names, scale, [row * 0.24, 8 * unit].min) }
        end

        private

        def one(index, y, names, scale, size)
          ends = data.series.first(2).map { |s| [scale[s.values[index]], s.text(s.values[index])] }
          pen.group("item", item: data.keys[index]) do
            pen.words(line_of(data.keys[index], label_font, small, names), label_font, small, names, y + (small * 0.35), fill: ink, anchor: :end, part: "title")
            pen.line(ends[0][0], y, ends[1][0], y, stroke: faint, line: emphasis)
            ends.each_with_index { |(x, _), k| pen.circle(x, y, size, fill: stroke(k), stroke: surface, line: rule) }
            left_end, right_end = ends.sort_by(&:first)
            pen.words(left_end[1], number_font, small, left_end[0] - size - gap(6), y + (small * 0.35), fill: ink, anchor: :end, part: "value")
            pen.words(right_end[1], number_font, small, right_end[0] + size + gap(6), y + (small * 0.35), fill: ink, part: "value")
          end
        end
      end
    end
  end
end
