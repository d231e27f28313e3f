# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Two bars for each thing, before and after, and the difference worked out.
      class BeforeAfter < Form
        form "before-after", title: "Before and after", family: "change", least: 2, most: 6, needs: %i[value], stacked: true,
                             sees: "a bar before and a bar after for each thing, the difference beside them", reason: "how much changed"

        include Changes

        # No label is larger than this share of its row: the values below it are what is looked at.
        LABEL = 0.19
        # How much of its bar, or of both bars, a number may fill: more of thin ones, so that it can be read.
        FILLED = { value: [0.56, 0.78], difference: [0.42, 0.66] }.freeze
        THIN = 30

        # One change alone is enough when it says both values.
        def self.objection(items) = items.size == 1 && items.first.aspects.size >= 2 ? nil : super

        def draw
          row = height / changes.size
          refuse("There is too little room for #{changes.size} changes.") if row < 74
          @side = [width * 0.2, 190 * unit].min
          refuse("There is too little room for the bars.") if width - @side < 150
          @high = changes.flat_map { |c| drawn(c).map(&:abs) }.max.to_f
          labels = fit_labels(changes.map { [width - @side - gap(16), row * 0.36] }, most: [26 * unit, row * LABEL].min, list: changes.map(&:item), detail: false)
          row = [row, labels.map(&:height).max + (150 * unit)].min
          changes.each_with_index { |c, i| pen.group("item", item: c.item.id) { pair(c, labels[i], top + (i * row), row - gap(24)) } }
        end

        private

        def pair(change, label, y, tall)
          put(label, 0, y, item: change.item)
          start = y + label.height + gap(8)
          bar = ((y + tall - start) - gap(5)) / 2
          refuse("There is too little room for the bars.") if bar < 14
          room = width - @side - gap(16)
          from, to = drawn(change)
          bar(from, change.said.first, start, bar, room, area(change.item, 0.1))
          bar(to, change.said.last, start + bar + gap(5), bar, room, area(change.item, 1.0))
          difference(change, start, (bar * 2) + gap(5))
        end

        def filled(what, bar) = FILLED.fetch(what)[bar < THIN * unit ? 1 : 0]

        # The value stands in the bar where there is room, else behind it.
        def bar(value, words, y, tall, room, paint)
          size = Scale.down([tall * filled(:value, tall), 34 * unit].min, from: job.least).first
          font = house.font("number")
          wide = font.width(words, size)
          long = @high.zero? ? 0 : value.abs / @high * room
          inside = wide + gap(24) <= long
          long = [long, room - wide - gap(12)].min unless inside || value.abs < @high
          pen.rect(0, y, [long, 2].max, tall, radius: [radius, tall / 4].min, **paint.paint)
          x = inside ? gap(12) : long + gap(8)
          pen.words(words, font, size, x, y + (tall / 2) + (size * 0.34), fill: inside ? house.ink(paint.ground) : house.ink, part: "value")
        end

        def difference(change, y, tall)
          words = change_text(change)
          size = Scale.down([tall * filled(:difference, tall / 2), 55 * unit].min, from: job.least).find { |s| house.font("number").width(words, s) <= @side } || job.least
          pen.words(words, house.font("number"), size, width, y + (tall / 2) + (size * 0.34), fill: accent_ink(change.item.strong ? "signal" : job.colour, surface, size), anchor: :end,
                                                                                              part: "difference")
        end
      end
    end
  end
end
