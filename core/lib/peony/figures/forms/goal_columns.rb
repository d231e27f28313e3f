# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Upright tracks side by side, filled from below.
      class GoalColumns < Form
        form "goal-columns", title: "Columns to a goal", family: "ratio", also: [], least: 2, most: 8, needs: %i[value],
                             sees: "upright tracks side by side, filled from below", reason: "several goals at a glance"

        include Meters

        def draw
          step = width / items.size
          refuse("There is too little room for #{items.size} columns.") if step < 62
          size = items.map { |i| said_size(i, [44 * unit, step * 0.3].min, step - gap(8)) }.min
          refuse("There is too little room for the numbers.") if items.any? { |i| house.font("number").width(said(i), size) > step - gap(4) }
          labels = fit_labels(items.map { [step - gap(14), height * 0.4] }, most: 22 * unit)
          words = labels.map(&:height).max + gap(14)
          room = height - words - (size * 1.3)
          refuse("There is too little room for the columns.") if room < 54
          each_item { |item, i| column(item, labels[i], i * step, step, room, size) }
        end

        private

        def column(item, label, x, step, room, size)
          middle = x + (step / 2)
          w = [step * 0.5, 120 * unit].min
          start = top + (size * 1.3)
          full = room * share(item)
          round = [radius, w / 6].min
          pen.words(said(item), house.font("number"), size, middle, top + (size * 0.82), fill: accent_ink(role(item), surface, size), anchor: :middle, part: "value")
          pen.rect(middle - (w / 2), start, w, room, radius: round, fill: house.colour("surface-2"))
          pen.rect(middle - (w / 2), start + room - full, w, full, radius: [round, full / 2].min, **area(item, 1.0, words: false).paint) if full > 1
          put(label, middle, start + room + gap(14), item: item, anchor: :middle)
        end
      end
    end
  end
end
