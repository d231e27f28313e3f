# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A broad arrow from the value before to the value after, rising or falling, the difference in it.
      class BigArrow < Form
        form "big-arrow", title: "Big arrow", family: "change", also: [], least: 2, most: 4, needs: %i[value], stacked: true,
                          sees: "a broad arrow from the first value to the last, the difference in it", reason: "one change, said loudly"

        include Changes

        def self.objection(items) = items.size == 1 && items.first.aspects.size >= 2 ? nil : super

        def draw
          row = height / changes.size
          refuse("There is too little room for #{changes.size} arrows.") if row < 96 || width < 240
          labels = fit_labels(changes.map { [width, row * 0.34] }, most: 28 * unit, list: changes.map(&:item))
          row = [row, labels.map(&:height).max + (width * 0.34) + gap(40)].min
          changes.each_with_index { |c, i| pen.group("item", item: c.item.id) { change(c, labels[i], top + (i * row), row - gap(20)) } }
        end

        private

        def change(change, label, y, tall)
          body = tall - label.height - gap(14)
          refuse("There is too little room for the arrow.") if body < 44
          ends = change.said.map { |words| [words, end_size(words, body)] }
          lead = house.font("number").width(*ends[0]) + gap(18)
          tail = house.font("number").width(*ends[1]) + gap(18)
          rise = (change.difference <=> 0) * body * 0.16
          y += label.height + gap(14)
          middle = y + (body / 2)
          pen.words(ends[0][0], house.font("number"), ends[0][1], 0, middle + rise + (ends[0][1] * 0.34), fill: house.ink(surface, role: "ink-2"), part: "value")
          pen.words(ends[1][0], house.font("number"), ends[1][1], width, middle - rise + (ends[1][1] * 0.34), fill: house.ink, anchor: :end, part: "value")
          shaft(change, lead, width - tail, middle, rise, body)
          put(label, 0, y - label.height - gap(14), item: change.item)
        end

        # One size for all differences, so that none looks more important than its number is.
        def said_size(room, half)
          @said_size ||= Scale.down([half * 1.25, 55 * unit].min, from: job.least).find do |s|
            changes.all? { |c| house.font("number").width(change_text(c), s) <= room * 0.8 }
          end
        end

        def end_size(words, body)
          Scale.down([body * 0.4, 86 * unit].min, from: [job.least, 14].max).find { |s| house.font("number").width(words, s) <= width * 0.24 } || [job.least, 14].max
        end

        def shaft(change, from, to, middle, rise, body)
          half = [body * 0.24, 60 * unit].min
          nose = [half * 1.9, (to - from) * 0.35].min
          refuse("There is too little room for the arrow.") if to - from < 70
          neck = to - nose
          y1 = middle + rise
          y2 = middle - rise
          at = y1 + ((y2 - y1) * (neck - from) / (to - from))
          paint = area(change.item, 1.0)
          pen.polygon([[from, y1 - half], [neck, at - half], [neck, at - (half * 1.6)], [to, y2], [neck, at + (half * 1.6)], [neck, at + half], [from, y1 + half]], **paint.paint)
          words = change_text(change)
          size = said_size(neck - from, half) or return

          x = from + ((neck - from) / 2)
          y = y1 + ((y2 - y1) * (x - from) / (to - from))
          pen.words(words, house.font("number"), size, x, y + (size * 0.34), fill: on_fill(paint.ground, size), anchor: :middle, part: "difference")
        end
      end
    end
  end
end
