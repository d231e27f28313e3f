# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # Steps up and down from nothing to the sum.
      class Waterfall < Chart
        chart "waterfall", title: "Waterfall", family: "column", scale: "lengths", areas: true, sees: "steps up and down from nothing to the sum", reason: "what adds and what takes away",
                           tells: %w[total leader], most: 16

        def self.fit(shape, _said)
          column = shape.kind == :things && shape.additive.find { |c| c.numbers.any?(&:negative?) && c.numbers.any?(&:positive?) }
          column && shape.table.size.between?(3, 16) ? 0.91 : nil
        end

        def self.data(shape, column, _said) = one(shape, column || shape.additive.find { |c| c.numbers.any?(&:negative?) } || measure(shape))

        def draw
          values = data.first.values.map(&:to_f)
          sums = values.reduce([0.0]) { |list, v| list << (list.last + v) }
          @job = job.dup.tap { |j| j.data = Data.new(data.name, "category", [*data.keys, "Sum"], [data.first.dup.tap { |s| s.values = [*values, sums.last] }]) }
          upright(sums, below: 2.4, after: gap(4), over: small * 1.2)
          bands
          draw_rules
          values.each_with_index { |v, i| step(i, sums[i], sums[i + 1], v) }
          step(values.size, 0.0, sums.last, sums.last, total: true)
          band_names
        end

        private

        def step(index, from, to, value, total: false)
          pen.group("item", item: data.keys[index]) do
            paint = value.negative? ? fill(2) : fill(0, quiet: !total)
            pen.rect(@lefts[index], [@y[from], @y[to]].min, @band, [(@y[from] - @y[to]).abs, 1].max, **paint.paint)
            pen.line(@lefts[index] + @band, @y[to], @lefts[index + 1], @y[to], stroke: soft, line: rule) if @lefts[index + 1]
            words = data.first.text(value)
            next unless number_font.width(words, small) < plot_width / data.size

            pen.words(words, number_font, small, @lefts[index] + (@band / 2), [@y[from], @y[to]].min - gap(5), fill: ink, anchor: :middle, part: "value")
          end
        end
      end
    end
  end
end
