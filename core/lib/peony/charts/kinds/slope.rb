# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # A line for each thing from the first value to the last.
      class Slope < Chart
        chart "slope", title: "Slopes", family: "slope", sees: "a line for each from the first value to the last", reason: "who rose and who fell", tells: %w[leader max], most: 400

        def self.fit(shape, _said) = %i[wide long].include?(shape.kind) && shape.series.size.between?(2, 12) ? 0.5 : nil

        def self.data(shape, _column, _said)
          all = many(shape)
          all.merge("x" => all["x"].merge("keys" => all["x"]["keys"].values_at(0, -1)), "series" => all["series"].map { |s| s.merge("values" => s["values"].values_at(0, -1)) })
        end

        def draw
          list = data.series.each_with_index.select { |s, _| s.values.values_at(0, -1).all? }
          refuse("No series has both a first and a last value.") if list.empty?
          side = [list.map { |s, _| label_font.width("#{s.name} #{s.text(s.values.last)}", small) }.max + gap(16), width * 0.34].min
          @plot = [side, top + (small * 2), right - side, bottom - (small * 0.6)]
          @y = Scale.new(list.flat_map { |s, _| s.values.values_at(0, -1) }, from: plot_bottom, to: plot_top, zero: false)
          [[plot_left, 0, :middle], [plot_right, data.size - 1, :middle]].each do |x, i, anchor|
            pen.line(x, plot_top, x, plot_bottom, stroke: faint, line: rule)
            pen.words(data.word(i), label_font, small, x, top + small, fill: soft, anchor: anchor, part: "axis")
          end
          spread = [0, -1].map { |side_of| apart(list.map { |s, _| @y[s.values[side_of]] }) }
          list.each_with_index { |(s, i), k| one(s, i, spread[0][k], spread[1][k]) }
        end

        private

        def one(series, index, before, after)
          up = series.values.last >= series.values.first
          colour = up ? stroke(0) : stroke(1)
          pen.group("item", item: "series-#{index}") do
            ends = [[plot_left, @y[series.values.first]], [plot_right, @y[series.values.last]]]
            pen.line(*ends[0], *ends[1], stroke: colour, line: emphasis * 0.7)
            ends.each { |x, y| pen.circle(x, y, emphasis, fill: colour, stroke: surface, line: rule) }
            number = series.text(series.values.first)
            pen.words(number, number_font, small, plot_left - gap(12), before + (small * 0.35), fill: ink, anchor: :end, part: "value")
            number = series.text(series.values.last)
            pen.words(number, number_font, small, plot_right + gap(12), after + (small * 0.35), fill: ink, part: "value")
            x = plot_right + gap(20) + number_font.width(number, small)
            pen.words(line_of(series.name, label_font, small, right - x), label_font, small, x, after + (small * 0.35), fill: ink, part: "title")
          end
        end

        def apart(ys)
          step = small * 1.2
          refuse("There are too many for this height.") if step * ys.size > plot_height + step
          order = ys.each_index.sort_by { |i| ys[i] }
          places = order.map { |i| ys[i] }
          places.each_index { |k| places[k] = [places[k], k.zero? ? plot_top : places[k - 1] + step].max }
          (places.size - 1).downto(0) { |k| places[k] = [places[k], k == places.size - 1 ? plot_bottom : places[k + 1] - step].min }
          ys.each_index.map { |i| places[order.index(i)] }
        end
      end
    end
  end
end
