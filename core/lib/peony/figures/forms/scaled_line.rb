# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A line drawn to the scale of time: marks where the dates are, words in a column with leaders to them.
      class ScaledLine < Form
        form "scaled-line", title: "Scaled line", stacked: true, family: "timeline", least: 2, most: 12, needs: %i[date],
                            sees: "a line to the scale of time, with leaders from the dates to the words", reason: "how far apart things happened"

        def draw
          row = height / items.size
          refuse("There is too little room for #{items.size} dates.") if row < 28
          date = date_size(row)
          column = items.map { |i| house.font("number").width(i.date, date) }.max + gap(20)
          axis = [emphasis, 4].max
          leader = [width * 0.09, gap(36)].max
          x = inset + axis + leader
          refuse("The dates are too long for this width.") if x + column > width * 0.6
          labels = fit_labels(items.map { [width - x - column, row - gap(10) - [date * 0.3, 0].max] }, most: 24 * unit)
          step = [row, labels.map(&:height).max + gap(44)].min
          spine(axis, step)
          each_item { |item, i| event(item, i, labels[i], x, column, date, axis, step) }
        end

        private

        def disc(axis) = [axis * 1.3, 6 * unit].max

        # The marks are wider than the line: it stands in by what they need.
        def inset = disc([emphasis, 4].max) - ([emphasis, 4].max / 2) + shape

        def date_size(row)
          longest = items.map(&:date).max_by(&:length)
          Scale.down([30 * unit, row * 0.6].min, from: [job.least, 13].max).find do |size|
            house.font("number").width(longest, size) <= width * 0.3
          end || [job.least, 13].max
        end

        def spine(axis, step)
          pen.rect(inset, top + (axis / 2), axis, (step * items.size) - axis, fill: house.tint(job.colour, 0.35), radius: axis / 2)
        end

        # Where on the line a date is: by its own scale where dates can be told, else evenly.
        def places
          @places ||= begin
            sorts = items.map { |i| Reading::Dates.in(i.date).first || Reading::Dates.in("in #{i.date}").first }
            values = sorts.map { |m| m&.sort }
            even = items.each_index.map { |i| i / (items.size - 1.0) }
            if values.all? && values.each_cons(2).all? { |a, b| a <= b } && values.last > values.first && sorts.map(&:kind).uniq.size < 3
              values.map { |v| (v - values.first) / (values.last - values.first) }
            else
              even
            end
          end
        end

        def event(item, index, label, x, column, date, axis, step)
          y = top + (index * step)
          baseline = y + [label.title.ascent, date * 0.8].max + gap(4)
          level = baseline - (label.title.size * 0.32)
          first = top + (axis / 2) + gap(6)
          span = (step * items.size) - axis - gap(12)
          at = first + (places[index] * span)
          pen.path([["M", inset + axis, at], ["C", x * 0.66, at, x * 0.5, level, x - gap(8), level]], stroke: house.colour("line"), line: rule)
          pen.circle(inset + (axis / 2), at, disc(axis), **area(item, 1.0).paint)
          pen.words(item.date, house.font("number"), date, x, baseline, fill: accent_ink(role(item), surface, date), part: "date")
          put(label, x + column, baseline - label.title.ascent, item: item)
        end
      end
    end
  end
end
