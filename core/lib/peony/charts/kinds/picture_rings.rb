# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # Icons along circles, one circle a row, the largest outermost. Every icon takes the same length of its circle, so that rows can be compared by counting.
      class PictureRings < PictureBars
        chart "picture-rings", title: "Picture rings", family: "bar", sees: "icons along circles, the largest row outermost", reason: "few rows, in a square room",
                               tells: %w[leader tie share max], most: 12

        ROWS = 6
        # Up to three quarters of a circle: names stand in the last one.
        TURN = 1.5 * Math::PI
        HOLE = 0.3

        def self.fit(shape, said) = shape.table.size <= ROWS ? super&.-(0.14) : nil

        def draw
          rows = counted
          refuse("There are too many rows for circles.", hint: "Take picture bars.") if rows.size > ROWS
          legend = small * 1.9
          radius = [width, height - legend].min / 2
          @centre = [left + (width / 2), top + ((height - legend) / 2)]
          band = radius * (1 - HOLE) / rows.size
          @radii = rows.keys.each_index.map { |i| radius - (band * (i + 0.5)) }
          @each = each(rows.first.numbers.max.to_f, (TURN * @radii[rows.first.values.index(rows.first.numbers.max)] / (band * 0.8 * 1.12)).floor)
          @side = fitting(rows, band)
          refuse("There is too little room for the icons.") if @side < 8
          size = [small, band * 0.6].min
          refuse("There are too many rows for this height.") if size < job.least
          @icons = icons(rows.keys)
          rows.keys.each_index { |i| ring(rows, i, size) }
          told(legend)
        end

        private

        # The side of an icon with which every row stays within its three quarters.
        def fitting(rows, band)
          room = rows.first.values.zip(@radii).filter_map { |value, r| TURN * r / (value / @each).ceil / 1.12 if value&.positive? }
          [band * 0.8, *room].min
        end

        def ring(rows, index, size)
          value = rows.first.values[index]
          radius = @radii[index]
          colour = Colour::Mixing.legible(house.colour(loud?(rows.keys[index]) ? role(0) : "ink-2"), surface, Colour::Mixing::LARGE)
          pen.group("item", item: rows.keys[index]) do
            named(rows, index, size, @centre[1] - radius + (size * 0.35))
            next if value.nil?

            share = value / @each
            share.ceil.times do |k|
              angle = (k + 0.5) * @side * 1.12 / radius
              picture(@icons[index], @centre[0] + (radius * Math.sin(angle)) - (@side / 2), @centre[1] - (radius * Math.cos(angle)) - (@side / 2), colour, [share - k, 1.0].min)
            end
          end
        end

        # Name and number end where the row begins.
        def named(rows, index, size, y)
          at = @centre[0] - gap(10)
          value = rows.first.values[index]
          words = value.nil? ? "" : rows.first.text(value)
          wide = number_font.width(words, size)
          pen.words(words, number_font, size, at, y, fill: ink, anchor: :end, part: "value") unless words.empty?
          pen.words(line_of(rows.keys[index], label_font, size, at - left - wide - gap(8)), label_font, size, at - wide - gap(8), y, fill: ink, anchor: :end, part: "title")
        end
      end
    end
  end
end
