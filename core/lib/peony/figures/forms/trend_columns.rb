# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Upright columns from nothing, the last or the one that matters stressed.
      class TrendColumns < Form
        form "trend-columns", title: "Columns, the last stressed", family: "trend", also: %w[change ranking], least: 2, most: 12, needs: %i[value],
                              sees: "columns side by side, the last one stressed", reason: "where it stands now"

        include Course

        def draw
          plot
          step = width / items.size
          w = [step * 0.66, 150 * unit].min
          @number = Scale.down([@number, w * 0.6].min, from: job.least).find { |s| items.all? { |i| number_width(i, s) <= step - 4 } } || job.least
          refuse("The columns are too narrow for their numbers.") if items.any? { |i| number_width(i, @number) > step - 2 }
          each_item { |item, i| column(item, i, (i + 0.5) * step, w) }
          ticks(centred: true)
        end

        private

        def lead = @lead ||= items.find(&:strong) || items.last

        def column(item, _index, x, w)
          y = y_of(item.value)
          high, low = [y, zero].minmax
          pen.rect(x - (w / 2), high, w, [low - high, 2].max, radius: [radius, w / 6, (low - high) / 2].min, **area(item, item == lead ? 1.0 : 0.25, words: false).paint)
          number(item, @number, x, item.value.negative? ? low + @number + gap(6) : high - gap(8), fill: item == lead ? accent_ink(role(item), surface, @number * 0.6) : house.ink, anchor: :middle)
        end
      end
    end
  end
end
