# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A backbone with slanting bones: causes above and below it lead to the effect at its head.
      class FishBone < Form
        form "fish-bone", title: "Fish bone", family: "cause", causes: :apart, least: 3, most: 8,
                          sees: "a backbone with slanting bones, a cause at each", reason: "what leads to one thing"

        def draw
          @pairs = (items.size / 2.0).ceil
          head = [width * 0.12, height * 0.22, 120 * unit].min
          spine = width - (head * 1.3)
          step = spine / @pairs
          refuse("There is too little room for #{items.size} bones.") if step < 104
          @lean = [step * 0.34, height * 0.16].min
          room = (height / 2) - gap(26)
          labels = fit_labels(items.map { [step - @lean - gap(16), room - gap(4)] }, most: 23 * unit)
          reach = [labels.map(&:height).max + gap(34), (height / 2) - gap(6)].min
          refuse("There is too little room for the words.") if labels.map(&:height).max > reach - gap(2)
          y = top + (height / 2)
          pen.line(0, y, spine + (head * 0.34), y, stroke: mark, line: emphasis, cap: "round")
          fish_head(spine + (head * 0.3), y, head)
          each_item { |item, i| bone(item, i, labels[i], step, y, reach) }
        end

        private

        # The bone meets the backbone; words stand along its upper part, on the side away from the head.
        def bone(item, index, label, step, y, reach)
          low = index.odd?
          x = ((index / 2) + 1) * step
          far = low ? y + reach : y - reach
          tip = x - @lean
          colour = item.strong ? mark(item) : house.tint(job.colour, 0.7)
          pen.line(tip, far, x, y, stroke: colour, line: shape, cap: "round")
          pen.circle(tip, far, [6 * unit, 4].max, fill: colour)
          edge = tip - gap(12)
          put(label, edge - [step - @lean - gap(16), label.width].min, low ? far - label.height : far, item: item)
        end

        def fish_head(x, y, r)
          paint = job.finish.area(house, "signal", 1.0, shape)
          pen.polygon([[x, y - (r * 0.62)], [x + r, y], [x, y + (r * 0.62)]], **paint.paint)
        end
      end
    end
  end
end
