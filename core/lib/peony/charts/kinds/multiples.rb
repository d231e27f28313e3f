# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # A small line for each series on the same scale of time, each with its own name.
      class Multiples < Chart
        chart "multiples", title: "Small multiples", family: "line", sees: "a small line for each", reason: "each one's own course, side by side", tells: %w[leader max growth trend], most: 4000

        def self.fit(shape, _said)
          case shape.kind
          when :wide, :long then shape.series.size.between?(3, 24) ? 0.6 : nil
          when :series then shape.measures.size.between?(2, 9) ? 0.58 : nil
          end
        end

        def self.data(shape, _column, _said)
          return many(shape) unless shape.kind == :series

          list = Tables::Coarse.of(shape.series)
          keys = list.flat_map(&:keys).uniq(&:key).sort_by { |k| k.from.jd }
          hash(nil, keys, list.map { |s| [s.name, aligned(s, keys), s.column] }, kind: keys.first.kind)
        end

        def draw
          across = (1..data.series.size).min_by { |n| (((width / n) / (height / (data.series.size / n.to_f).ceil)) - 1.7).abs }
          down = (data.series.size / across.to_f).ceil
          cell = [(width - (gap(22) * (across - 1))) / across, (height - (gap(18) * (down - 1))) / down]
          refuse("There are too many for this size.") if cell[0] < small * 7 || cell[1] < small * 4.5
          @shared = data.series.map { |s| [s.kind, s.unit, s.currency] }.uniq.size == 1 && data.series.map { |s| s.numbers.max.to_f }.minmax.then { |a, b| a.positive? && b / a < 8 }
          data.series.each_with_index { |s, i| one(s, (i % across) * (cell[0] + gap(22)), top + ((i / across) * (cell[1] + gap(18))), *cell) }
        end

        private

        def one(series, x, y, wide, tall)
          pen.group("item", item: series.name) do
            pen.words(line_of(series.name, label_font, small, wide), label_font, small, x, y + small, fill: ink, part: "title")
            values = @shared ? data.series.flat_map(&:numbers) : series.numbers
            low = [values.min, 0].min
            base = y + tall - (small * 1.4)
            at = ->(v) { base - ((v - low) / [values.max - low, 1e-9].max * (base - y - (small * 2.9))) }
            scale = TimeScale.new(data.periods, from: x, to: x + wide - gap(4))
            picks = series.values.each_index.select { |i| series.values[i] }
            points = picks.map { |i| [scale[i], at[series.values[i]]] }
            pen.polygon([[points.first[0], base], *points, [points.last[0], base]], **fill(0, quiet: true).paint, stroke: nil) if points.size > 1
            pen.line(x, base, x + wide, base, stroke: faint, line: rule)
            pen.path(points.each_with_index.map { |p, i| [i.zero? ? "M" : "L", *p] }, stroke: stroke, line: shape, cap: "round") if points.size > 1
            ends(series, picks, points, x, wide, base)
          end
        end

        # The first and the last period below, the highest value at its place.
        def ends(series, picks, points, x, wide, base)
          return if picks.empty?

          top_at = picks.each_index.max_by { |i| series.values[picks[i]] }
          pen.circle(*points[top_at], [4 * unit, 2.5].max, fill: stroke(2), stroke: surface, line: rule)
          words = series.text(series.values[picks[top_at]])
          half = number_font.width(words, small) / 2
          pen.words(words, number_font, small, within(points[top_at][0], half, x, x + wide), points[top_at][1] - gap(8), fill: ink, anchor: :middle, part: "value")
          pen.words(Annotations.short(data.keys.first), body_font, small, x, base + (small * 1.2), fill: soft, part: "tick") if wide > body_font.width(
            "#{Annotations.short(data.keys.first)}#{Annotations.short(data.keys.last)}", small
          ) + gap(12)
          pen.words(Annotations.short(data.keys.last), body_font, small, x + wide, base + (small * 1.2), fill: soft, anchor: :end, part: "tick")
        end
      end
    end
  end
end
