# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A line down the middle, events on alternating sides.
      class Spine < Form
        form "spine", title: "Spine", stacked: true, family: "timeline", also: %w[sequence], least: 3, most: 12,
                      sees: "a line down the middle with events on alternating sides", reason: "a history told from side to side"

        def draw
          side = (width / 2) - gap(38)
          refuse("The sides are too narrow for words.") if side < 110
          # Labels on one side have two rows of room each, less where they begin half a row apart.
          row = height / (items.size + 1)
          refuse("There is too little room for #{items.size} events.") if row < 16
          labels = fit_labels(items.map { [side, (row * 2) - gap(18)] }, most: 24 * unit, above: lambda(&:date))
          row = [row, (labels.map(&:height).max + gap(44)) / 2].min
          line = [shape, 2].max
          pen.rect((width / 2) - (line / 2), top, line, (row * (items.size - 1)) + [row, labels.last.height].min, fill: house.tint(job.colour, 0.4))
          each_item { |item, i| event(item, i, labels[i], top + (i * row), side) }
        end

        private

        def event(item, index, label, y, _side)
          r = [9 * unit, 6].max
          first = label.above || label.title
          level = y + (first.ascent * 0.68)
          centre = width / 2
          paint = area(item, 1.0)
          reach = gap(26)
          even = index.even?
          pen.line(centre, level, even ? centre - reach : centre + reach, level, stroke: mark(item), line: rule)
          pen.circle(centre, level, r, **paint.paint)
          put(label, even ? centre - gap(34) : centre + gap(34), y, item: item, anchor: even ? :end : :start)
        end
      end
    end
  end
end
