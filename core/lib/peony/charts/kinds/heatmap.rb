# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # A cell for each thing and period, the darker the more.
      class Heatmap < Chart
        chart "heatmap", title: "Heat map", family: "heatmap", sees: "a cell for each thing and period, the darker the more", reason: "when and where there is most", tells: %w[max leader],
                         most: 120

        def self.fit(shape, _said) = %i[wide long].include?(shape.kind) && shape.series.size.between?(2, 40) ? 0.82 : nil
        def self.data(shape, _column, _said) = many(shape)

        def draw
          names = [data.series.map { |s| label_font.width(s.name, small) }.max, width * 0.3].min
          @plot = [names + gap(12), top, right, bottom - (small * 2.9)]
          @cell = [plot_width / data.size, plot_height / data.series.size]
          refuse("There are too many rows for this height.") if @cell[1] < job.least * 1.2
          low, @high = data.series.flat_map(&:numbers).minmax
          @low = [low, 0].min
          @lefts = (0...data.size).map { |i| plot_left + (i * @cell[0]) }
          @band = @cell[0]
          data.series.each_with_index { |s, r| row(s, r, names) }
          band_names
        end

        private

        def row(series, index, names)
          y = plot_top + (index * @cell[1])
          pen.words(line_of(series.name, label_font, small, names), label_font, small, names, y + (@cell[1] / 2) + (small * 0.35), fill: ink, anchor: :end, part: "title")
          series.values.each_with_index do |value, i|
            next if value.nil?

            share = @high == @low ? 1.0 : (value - @low) / (@high - @low)
            ground = house.tint(job.colour, 0.08 + (share * 0.92))
            pen.group("item", item: "#{series.name} #{data.keys[i]}") do
              pen.rect(@lefts[i] + 1, y + 1, @cell[0] - 2, @cell[1] - 2, radius: [radius, @cell[1] * 0.15].min, fill: ground)
              words = series.text(value)
              pen.words(words, number_font, small, @lefts[i] + (@cell[0] / 2), y + (@cell[1] / 2) + (small * 0.35), fill: house.ink(ground), anchor: :middle, part: "value") if number_font.width(
                words, small
              ) < @cell[0] - gap(4)
            end
          end
        end
      end
    end
  end
end
