# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Bars that rise from step to step, words standing on them.
      class Staircase < Form
        form "staircase", title: "Staircase", family: "sequence", also: [], least: 2, most: 8,
                          sees: "bars that rise from step to step, the words standing on them", reason: "each step builds on the last"

        def draw
          step = width / items.size
          refuse("There is too little room for #{items.size} steps.") if step < 62
          bar = step - gap(6)
          least = [gap(44), height * 0.14].max
          rise = ((height * 0.62) - least) / (items.size - 1)
          labels = fit_labels(items.each_index.map { |i| [bar - gap(4), height - least - (rise * i) - gap(12)] }, most: 22 * unit)
          # What the tallest labels leave over goes to the rise.
          spare = items.each_index.map { |i| height - least - (rise * i) - labels[i].height - gap(12) }.min
          least += [spare, 0].max * 0.5
          rise += items.size > 1 ? [spare, 0].max * 0.5 / (items.size - 1) : 0
          each_item { |item, i| stair(item, i, labels[i], i * step, least + (rise * i), bar) }
        end

        private

        def stair(item, index, label, x, tall, bar)
          y = bottom - tall
          size = [bar * 0.36, 40 * unit, gap(34)].min.clamp(job.least, 64)
          paint = area(item, ramp(index), words: size < 24)
          pen.rect(x, y, bar, tall, radius: [radius, bar / 6].min, **paint.paint)
          pen.words((index + 1).to_s, house.font("number"), size, x + gap(10), bottom - gap(12), fill: on_fill(paint.ground, size), part: "number")
          put(label, x + 1, y - label.height - gap(10), item: item)
        end
      end
    end
  end
end
