# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A line through the values, its ends and the stressed point marked with their numbers.
      class TrendLine < Form
        form "trend-line", title: "Line with marked ends", family: "trend", least: 3, most: 12, needs: %i[value],
                           sees: "a line through the values, first and last marked", reason: "how it went"

        include Course

        def draw
          plot(below: true)
          points = items.each_index.map { |i| [x_of(i), y_of(items[i].value)] }
          area_below(points) if filled?
          pen.path(points.each_with_index.map { |(x, y), i| [i.zero? ? "M" : "L", x, y] }, stroke: mark, line: emphasis, cap: "round")
          marked.each { |i| point(i, *points[i]) }
          ticks
        end

        private

        def filled? = false

        def number_ink(item) = accent_ink(role(item), surface, @number * 0.6)

        # The first, the last, the largest, the smallest and those that matter.
        def marked
          values = items.map(&:value)
          list = [0, items.size - 1, values.index(values.max), values.index(values.min), *items.each_index.select { |i| items[i].strong }].uniq.sort
          list.reject { |i| list.any? { |j| (i - j).abs == 1 && rank(j) > rank(i) } && @step < @number * 3 }
        end

        def rank(index)
          return 3 if items[index].strong

          index.zero? || index == items.size - 1 ? 2 : 1
        end

        def point(index, x, y)
          item = items[index]
          pen.group("item", item: item.id) do
            colour = item.strong || index == items.size - 1 ? mark(item) : mark
            pen.circle(x, y, [8 * unit, 6].max, fill: colour, stroke: surface, line: shape)
            below = below?(index)
            anchor = beside_line(index)
            number(item, @number, x + { start: -4, middle: 0, end: 4 }.fetch(anchor), below ? y + @number + gap(14) : y - gap(16), fill: number_ink(item), anchor: anchor)
          end
        end

        # Above a line that rises the number ends at its point, above one that falls it begins there.
        def beside_line(index)
          usual = anchor_at(index)
          return usual unless usual == :middle

          before, own, after = items.values_at(index - 1, index, index + 1).map(&:value)
          room = number_width(items[index], @number)
          return :end if before < own && own < after && x_of(index) - room > 0
          return :start if before > own && own > after && x_of(index) + room < width

          usual
        end

        # A number stands on the side away from the line.
        def below?(index)
          values = items.map(&:value)
          neighbours = [index.positive? ? values[index - 1] : nil, values[index + 1]].compact
          neighbours.all? { |v| v > values[index] }
        end
      end
    end
  end
end
