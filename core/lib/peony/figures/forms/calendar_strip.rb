# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Sheets of a calendar side by side, the date in the head of each.
      class CalendarStrip < Form
        form "calendar-strip", title: "Calendar strip", family: "timeline", least: 2, most: 12, needs: %i[date],
                               sees: "calendar sheets with the date in the head of each", reason: "dates to keep free"

        def draw
          columns, size, labels = best
          rows = (items.size / columns.to_f).ceil
          w, room = cell(columns)
          @head = size * 1.9
          tall = [room, @head + labels.map(&:height).max + (pad * 2) + gap(10)].min
          row = [(height + gap(16)) / rows, tall + gap(28)].min
          each_item { |item, i| sheet(item, labels[i], (i % columns) * (w + gap(14)), top + ((i / columns) * row), w, tall, size) }
        end

        private

        def pad = gap(14)

        def cell(columns)
          rows = (items.size / columns.to_f).ceil
          [(width - (gap(14) * (columns - 1))) / columns, (height - (gap(16) * (rows - 1))) / rows]
        end

        def best
          tries = (1..[items.size, 6].min).filter_map do |columns|
            rows = (items.size / columns.to_f).ceil
            w, tall = cell(columns)
            next if w < 92 || tall < 70 || (columns * rows) - items.size >= columns

            size = Scale.down([30 * unit, tall * 0.16].min, from: [job.least, 13].max).find { |s| items.all? { |i| house.font("number").width(i.date, s) <= w - (pad * 2) } } or next
            labels = attempt { fit_labels(items.map { [w - (pad * 2), tall - (size * 1.9) - (pad * 1.6)] }, most: 23 * unit) } or next
            [columns, size, labels, [whole?(labels) ? 1 : 0, labels.first.title.size, (items.size % columns).zero? ? 1 : 0, -(Math.log(w / tall).abs * 3).round]]
          end
          refuse("There is too little room for #{items.size} sheets.") if tries.empty?
          tries.max_by(&:last).first(3)
        end

        def sheet(item, label, x, y, w, tall, size)
          ground = area(item.strong ? item : item.dup.tap { |i| i.colour = item.colour }, item.strong ? 0.2 : 0.0)
          ground = Finish::Area.new(fill: house.colour("surface-2"), ground: house.colour("surface-2")) if job.finish.name == "flat"
          head = area(item, 1.0)
          pen.rect(x, y, w, tall, radius: [radius, 8].min, **ground.paint)
          pen.rect(x, y, w, @head, radius: [radius, 8].min, **head.paint)
          [0.25, 0.75].each { |share| pen.circle(x + (w * share), y, [4 * unit, 3].max, fill: surface, stroke: head.stroke, line: head.stroke && rule) }
          pen.words(item.date, house.font("number"), size, x + (w / 2), y + (@head / 2) + (size * 0.36), fill: on_fill(head.ground, size), anchor: :middle, part: "date")
          put(label, x + pad, y + @head + (pad * 0.8), item: item, ground: ground.ground)
        end
      end
    end
  end
end
