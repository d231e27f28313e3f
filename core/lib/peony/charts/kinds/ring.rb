# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # Shares of a whole around a ring, the sum in the middle, names beside their parts.
      class Ring < Chart
        chart "ring", title: "Ring", family: "ring", areas: true, sees: "shares of a whole around a ring", reason: "parts of one whole", tells: %w[share leader], most: 400

        MOST = 7
        HOLE = 0.6

        def self.fit(shape, said)
          return nil unless %i[things groups answers].include?(shape.kind)
          return 0.6 if shape.kind == :answers && shape.chosen.any?

          whole = shape.table.numeric.find { |c| c.kind == "percent" && (c.numbers.sum - 100).abs < 1.5 }
          return 0.93 if whole && shape.table.size <= MOST + 2

          shape.additive.any? && shape.table.size <= MOST && said.any? { |s| s.kind == "share" } ? 0.66 : (0.1 if shape.series.any?)
        end

        def self.data(shape, column, _said)
          return answers(shape, column&.name) if shape.kind == :answers

          one(shape, column || shape.table.numeric.find { |c| c.kind == "percent" && (c.numbers.sum - 100).abs < 1.5 } || measure(shape))
        end

        def draw
          refuse("Shares of a whole cannot be below nothing.") if data.first.numbers.any?(&:negative?)
          refuse("These add up to nothing.") if data.first.total.zero?
          @rows = data.ranked.grouped(MOST)
          @r = [height / 2, width * 0.27].min
          @cx = @r
          @cy = top + (height / 2)
          circle
          middle
          names
        end

        private

        def hole = HOLE
        def shares = @shares ||= Shares.rounded(@rows.first.values.map(&:to_f))
        def strength(index) = 1.0 - (0.72 * index / [@rows.size - 1, 1].max)

        def paint(index)
          job.finish.area(house, job.colour, index.zero? ? 1.0 : strength(index) * 0.8, shape, words: false)
        end

        def circle
          angle = 0.0
          @rows.first.values.each_with_index do |v, i|
            turn = 360.0 * v.to_f / @rows.first.total
            pen.group("item", item: @rows.keys[i]) { pen.sector(@cx, @cy, @r * hole, @r, angle, angle + turn, **paint(i).paint, stroke: surface, line: shape) } if turn.positive?
            angle += turn
          end
        end

        def middle
          return if data.first.kind == "percent"

          words = data.first.text(data.first.total)
          size = Figures::Scale.down([@r * 0.34, 60 * unit].min, from: job.least).find { |s| number_font.width(words, s) < @r * hole * 1.7 } or return
          pen.words(words, number_font, size, @cx, @cy + (size * 0.35), fill: ink, anchor: :middle, part: "value")
        end

        def names
          from = (@r * 2) + gap(28)
          row = [height / @rows.size, small * 2.6].min
          start = @cy - (row * @rows.size / 2)
          size = [small * 1.15, row * 0.5].min.clamp(job.least, [30, job.least * 1.3].max)
          refuse("There are too many parts for this height.") if row < size * 1.25
          room = right - from
          figures = @rows.size.times.map { |i| "#{shares[i]} %" }
          wide = figures.map { |f| number_font.width(f, size) }.max
          @rows.keys.each_with_index do |key, i|
            y = start + ((i + 0.5) * row) + (size * 0.35)
            pen.group("item", item: key) do
              pen.rect(from, y - (size * 0.75), size * 0.8, size * 0.8, radius: [radius, size * 0.2].min, **paint(i).paint)
              pen.words(figures[i], number_font, size, from + (size * 1.3) + wide, y, fill: ink, anchor: :end, part: "value")
              pen.words(line_of(key, label_font, size, room - wide - (size * 2)), label_font, size, from + (size * 1.9) + wide, y, fill: i.zero? ? ink : soft, part: "title")
            end
          end
        end
      end
    end
  end
end
