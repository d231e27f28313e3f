# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # A column for each row, from zero.
      class Column < Chart
        chart "column", title: "Columns", family: "column", scale: "lengths", areas: true, sees: "a column for each row, from zero", reason: "each one by itself",
                        tells: %w[change shift growth trend leader max], most: 130

        # How well columns suit rows in time, by their number.
        BY_SIZE = { 2..8 => 0.9, 9..24 => 0.7, 25..60 => 0.4 }.freeze

        def self.fit(shape, _said)
          case shape.kind
          when :series then BY_SIZE.find { |sizes, _| sizes.cover?(shape.table.size) }&.last || 0.1
          when :things, :groups then in_turn(shape) || (shape.table.size <= 8 ? 0.6 : 0.1) if shape.series.any?
          when :answers then shape.chosen.any? ? 0.7 : nil
          end
        end

        # What is counted from week to week stays in this order.
        def self.in_turn(shape) = shape.label&.turn? && BY_SIZE.find { |sizes, _| sizes.cover?(shape.table.size) }&.last

        def self.data(shape, column, _said)
          return answers(shape, column&.name) if shape.kind == :answers

          one(shape, column || measure(shape))
        end

        def draw
          upright(data.first.numbers + [0.0], below: data.time? ? 2 : 2.4, after: gap(4), over: printed? ? small * 1.2 : 0)
          bands(share: data.size > 30 ? 0.8 : 0.68)
          draw_rules unless printed?
          pen.line(plot_left, @y.zero, plot_right, @y.zero, stroke: soft, line: rule) if printed?
          data.keys.each_index { |i| column(i) }
          band_names
          draw_points { |mark| (i = data.at(mark["at"])) && data.first.values[i] && [@lefts[i] + (@band / 2), @y[data.first.values[i]]] } unless printed?
        end

        private

        # With room for a number over each column the axis is not needed.
        def printed?
          return @printed unless @printed.nil?

          wide = data.first.numbers.map { |v| number_font.width(data.first.text(v), small) }.max.to_f
          @printed = data.size <= 16 && wide < (width * 0.92 / data.size) - gap(3)
        end

        def upright(...)
          super
          @plot[0] = left if printed?
          @y
        end

        def column(index)
          value = data.first.values[index]
          return if value.nil?

          y = @y[value]
          paint = fill(0, quiet: !loud?(data.keys[index]))
          pen.group("item", item: data.keys[index]) do
            pen.rect(@lefts[index], [y, @y.zero].min, @band, [(y - @y.zero).abs, 0.5].max, radius: [radius, @band * 0.12].min, **paint.paint)
            next unless printed?

            at = value.negative? ? y + (small * 1.15) : y - (small * 0.4)
            pen.words(data.first.text(value), number_font, small, @lefts[index] + (@band / 2), at, fill: ink, anchor: :middle, part: "value")
          end
        end
      end
    end
  end
end
