# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Rungs at the height of each value, the difference written between one and the next.
      class StepLadder < Form
        form "step-ladder", title: "Step ladder", family: "trend", also: [], least: 3, most: 8, needs: %i[value],
                            sees: "rungs at the height of each value, the differences between them", reason: "from one level to the next"

        # Rungs that hang below nothing climb from nowhere.
        def self.filled(items, family) = items.any? { |i| i.value.to_f.negative? } ? 0.9 : super

        def draw
          step = width / items.size
          refuse("There is too little room for #{items.size} rungs.") if step < 56
          size = Scale.down([40 * unit, step * 0.26].min, from: job.least).find { |s| items.all? { |i| number_width(i, s) <= step - gap(26) } } || job.least
          labels = fit_labels(items.map { [step - gap(14), height * 0.36] }, most: 21 * unit, above: lambda(&:date))
          words = labels.map(&:height).max + gap(16)
          low, high = (items.map(&:value) + [0]).minmax
          room = height - words - (size * 1.4) - gap(20)
          refuse("There is too little room for the rungs.") if room < 50
          y_of = ->(v) { bottom - words - gap(12) - ((v - low) / [high - low, 0.000_1].max.to_f * room) }
          pen.line(0, bottom - words, width, bottom - words, stroke: house.colour("line"), line: rule)
          each_item { |item, i| rung(item, i, labels[i], step, size, y_of, words) }
        end

        private

        def rung(item, index, label, step, size, y_of, words)
          x = index * step
          y = y_of[item.value]
          w = step - gap(14)
          colour = index == items.size - 1 || item.strong ? mark(item) : house.tint(job.colour, 0.6)
          thick = [emphasis * 1.6, 5].max
          pen.line(x + (w / 2), y, x + (w / 2), bottom - words, stroke: house.colour("line"), line: rule, dash: [3, 5])
          pen.rect(x, y - (thick / 2), w, thick, radius: thick / 2, fill: colour)
          number(item, size, x + (w / 2), y - (thick / 2) - (size * 0.26) - gap(3), fill: index == items.size - 1 ? accent_ink(role(item), surface, size * 0.6) : house.ink, anchor: :middle)
          put(label, x + (w / 2), bottom - words + gap(14), item: item, anchor: :middle)
          joint(items[index - 1], item, x, step, y_of) if index.positive?
        end

        # From the end of one rung to the beginning of the next.
        def joint(before, item, x, _step, y_of)
          pen.line(x - gap(14), y_of[before.value], x, y_of[item.value], stroke: house.tint(job.colour, 0.6), line: rule * 1.4, dash: [4, 4])
        end
      end
    end
  end
end
