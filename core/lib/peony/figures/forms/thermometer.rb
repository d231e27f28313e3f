# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # An upright tube filled as far as the goal is reached.
      class Thermometer < Form
        form "thermometer", title: "Thermometer to a goal", family: "ratio", least: 1, most: 5, needs: %i[value],
                            sees: "an upright tube filled towards its goal", reason: "how much is still missing"

        include Meters

        def draw
          step = width / items.size
          refuse("There is too little room for #{items.size} tubes.") if step < 110
          tube = [step * 0.24, 64 * unit].min.clamp(18, 90)
          bulb = tube * 0.86
          size = items.map { |i| said_size(i, [52 * unit, step * 0.2].min, step - bulb - (tube / 2) - gap(30)) }.min
          refuse("There is too little room for the numbers.") if items.any? { |i| house.font("number").width(said(i), size) > step - bulb - (tube / 2) - gap(30) }
          labels = fit_labels(items.map { [step - bulb - (tube / 2) - gap(36), height - (size * 2.4)] }, most: 24 * unit)
          each_item { |item, i| tube(item, labels[i], i * step, tube, size) }
        end

        private

        def tube(item, label, x, w, size)
          bulb = w * 0.86
          floor = bottom - (bulb * 2)
          room = floor - top
          refuse("There is too little room for the tube.") if room < 50
          level = floor - (room * share(item)) + (w * 0.2)
          cx = x + bulb
          full = area(item, 1.0, words: false)
          pen.rect(cx - (w / 2), top, w, room + bulb, radius: w / 2, fill: house.colour("surface-2"))
          inner = w * 0.66
          pen.rect(cx - (inner / 2), level, inner, floor + bulb - level, radius: inner / 2, fill: full.stroke || full.fill)
          pen.circle(cx, bottom - bulb, bulb, **full.paint)
          marks(cx + (w / 2), room)
          words = cx + (w / 2) + gap(30)
          start = top + [(height - (size * 1.3) - label.height) * 0.3, 0].max
          pen.words(said(item), house.font("number"), size, words, start + (size * 0.8), fill: accent_ink(role(item), surface, size), part: "value")
          put(label, words, start + (size * 1.3), item: item)
        end

        # A tick at each quarter; the goal is the top.
        def marks(x, room)
          4.times { |k| pen.line(x + 3, top + (room * k / 4) + rule, x + 3 + gap(k.zero? ? 14 : 8), top + (room * k / 4) + rule, stroke: house.colour("ink-2"), line: rule) }
        end
      end
    end
  end
end
