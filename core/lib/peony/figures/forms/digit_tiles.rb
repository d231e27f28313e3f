# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Numbers on tiles, a digit on each, as a counter at a gate shows them.
      class DigitTiles < Form
        form "digit-tiles", title: "Number on tiles", family: "headline", also: %w[ratio], least: 1, most: 4, needs: %i[value], stacked: true,
                            sees: "each number on tiles, a digit on each", reason: "a number one stops at"

        # A tile is this wide in sizes of its digit, and so high.
        WIDE = 0.78
        HIGH = 1.34

        def draw
          row = height / items.size
          beside(row) || below(row)
        end

        private

        # Words right of the tiles, where these leave them room.
        def beside(row)
          attempt do
            @size = size([row * 0.58, 108 * unit].min, width * 0.56)
            start = items.map { |i| long(i, @size) }.max + gap(28)
            return nil if width - start < 150

            labels = fit_labels(items.map { [width - start, row - gap(20)] }, most: 28 * unit)
            row = [row, [@size * HIGH, labels.map(&:height).max].max + gap(40)].min
            each_item { |item, i| counter(item, labels[i], top + (i * row), start) }
          end
        end

        def below(row)
          @size = size([row * 0.46, 108 * unit].min, width)
          labels = fit_labels(items.map { [width, row - (@size * HIGH) - gap(34)] }, most: [30 * unit, @size * 0.6].min)
          row = [row, (@size * HIGH) + labels.map(&:height).max + gap(44)].min
          each_item { |item, i| counter(item, labels[i], top + (i * row)) }
        end

        def digits(item) = Values.text(item).delete("\u2009\u00A0 ").chars

        def size(most, room)
          Scale.down(most, from: [job.least + 4, 18].max).find { |s| items.all? { |i| long(i, s) <= room } } || refuse("There is too little room for the tiles.")
        end

        def digit?(char) = char.match?(/\d/)
        def wide(char, size) = digit?(char) ? size * WIDE : house.font("number").width(char, size)
        def long(item, size) = digits(item).sum { |c| wide(c, size) + (size * 0.08) }

        def counter(item, label, y, start = nil)
          paint = area(item, 1.0)
          x = 0.0
          digits(item).each do |char|
            w = wide(char, @size)
            tile(char, x, y, w, paint) if digit?(char)
            pen.words(char, house.font("number"), @size, x, y + (@size * 1.0), fill: house.ink, part: "unit") unless digit?(char)
            x += w + (@size * 0.08)
          end
          start ? put(label, start, y + [((@size * HIGH) - label.height) / 2, 0].max, item: item) : put(label, 0, y + (@size * HIGH) + gap(14), item: item)
        end

        # The fold across a tile stands before its digit, so that the digit stays whole.
        def tile(char, x, y, w, paint)
          tall = @size * HIGH
          pen.rect(x, y, w, tall, radius: [@size * 0.1, radius + 2].min, **paint.paint)
          pen.line(x, y + (tall / 2), x + w, y + (tall / 2), stroke: Colour::Mixing.tint(surface, paint.ground, 0.35), line: rule)
          pen.words(char, house.font("number"), @size, x + (w / 2), y + (tall / 2) + (@size * 0.35), fill: on_fill(paint.ground, @size), anchor: :middle, part: "value")
        end
      end
    end
  end
end
