# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A hundred squares, each one per cent of the whole.
      class HundredSquares < Form
        form "hundred-squares", title: "Hundred squares", family: "parts", also: %w[ratio], least: 1, most: 8, needs: %i[value],
                                sees: "a hundred squares, each one part in a hundred", reason: "per cent, countable"

        include Shares

        def draw
          check_shares
          wide = width > height * 1.1
          side = wide ? [height, width * 0.5].min : [width, height * 0.56].min
          squares(0, wide ? top + ((height - side) / 2) : top, side)
          wide ? key(side + gap(36), top, width - side - gap(36), height) : key(0, top + side + gap(24), width, height - side - gap(24))
        end

        private

        def squares(x, y, side)
          step = side / 10.0
          size = step * 0.86
          counts = squares_each
          at = 0
          each_item do |_item, i|
            counts[i].times do
              square(x, y, step, size, at, tone(i))
              at += 1
            end
          end
          empty = Finish::Area.new(fill: house.colour("surface-2"))
          (at...100).each { |place| square(x, y, step, size, place, empty) }
        end

        def square(x, y, step, size, place, paint)
          pen.rect(x + ((place % 10) * step), y + ((place / 10) * step), size, size, radius: [radius * 0.3, size / 4].min, **paint.paint,
                                                                                     line: paint.stroke && rule)
        end

        # Whole squares by largest remainder, so that they add up as the shares do.
        def squares_each
          exact = items.each_index.map { |i| fraction(i) * 100 }
          whole = exact.map(&:floor)
          missing = exact.sum.round - whole.sum
          exact.each_index.sort_by { |i| whole[i] - exact[i] }.first(missing).each { |i| whole[i] += 1 }
          whole
        end
      end
    end
  end
end
