# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Two upright lines, before and after, joined by a slope for each thing, to scale.
      class Slope < Form
        form "slope", title: "Slope", family: "change", also: [], least: 2, most: 8, needs: %i[value],
                      sees: "a slope from the value before to the value after, to scale", reason: "how steeply it rose or fell"

        include Changes

        def draw
          @side = [width * 0.3, 260 * unit].min
          refuse("There is too little room for the words beside the slope.") if @side < 96
          low, high = (changes.flat_map { |c| drawn(c) } + [0]).minmax
          @low = low
          @span = [high - low, 0.000_1].max
          size = [[22 * unit, 30].min, 13, job.least].max
          names = names(size)
          ends = places(changes.map { |c| drawn(c).last }, names.map(&:height))
          starts = places(changes.map { |c| drawn(c).first }, changes.map { size * 1.3 })
          frame
          changes.each_with_index { |c, i| pen.group("item", item: c.item.id) { slope(c, i, names[i], starts[i], ends[i], size) } }
        end

        private

        def x1 = @side * 0.62
        def x2 = width - @side
        def y_of(value) = bottom - gap(18) - ((value - @low) / @span * (height - gap(44)))

        # The value and the name at the right end, as one setting each.
        def names(size)
          changes.map do |c|
            Scale.down(size, from: job.least).lazy.filter_map { |s| Type::Composing.text("#{c.said.last}  #{c.name}", house.font("label"), s, @side - gap(16), leading: 1.2) }
                 .find { |set| set.lines.size <= 3 } || Type::Composing.cut("#{c.said.last}  #{c.name}", house.font("label"), job.least, @side - gap(16), 3, leading: 1.2)
          end
        end

        # Words stand level with their value, or as near as their neighbours let them.
        def places(values, heights)
          order = values.each_index.sort_by { |i| y_of(values[i]) }
          tops = {}
          edge = top
          order.each do |i|
            tops[i] = [y_of(values[i]) - (heights[i] / 2), edge].max
            edge = tops[i] + heights[i] + 3
          end
          limit = bottom
          order.reverse_each do |i|
            tops[i] = [tops[i], limit - heights[i]].min
            limit = tops[i] - 3
          end
          refuse("There is too little room for #{values.size} slopes.") if tops.values.min < top - 1
          tops.sort.map(&:last)
        end

        def frame
          [x1, x2].each { |x| pen.line(x, top, x, bottom, stroke: house.colour("line"), line: rule) }
        end

        def slope(change, index, name, start, ending, size)
          colour = change.item.strong || index.zero? ? mark(change.item) : house.tint(role(change.item), 0.62)
          r = [6 * unit, 5].max
          y = drawn(change).map { |value| y_of(value) }
          pen.line(x1, y[0], x2, y[1], stroke: colour, line: change.item.strong ? emphasis : shape * 1.4)
          [[x1, y[0]], [x2, y[1]]].each { |x, at| pen.circle(x, at, r, fill: colour, stroke: surface, line: rule) }
          if shown?(index)
            pen.words(change.said.first, house.font("number"), [size, fitting(change.said.first, size)].min, x1 - gap(14), start + size, fill: house.ink, anchor: :end,
                                                                                                                                         part: "value")
          end
          pen.text(name, x2 + gap(16), ending, fill: house.ink, part: "title")
          @cuts << change.item.id if name.cut
        end

        # One first value that all share is said once.
        def shown?(index) = index.zero? || changes[index].said.first != changes[0].said.first

        def fitting(words, size) = Scale.down(size, from: job.least).find { |s| house.font("number").width(words, s) <= x1 - gap(14) } || job.least
      end
    end
  end
end
