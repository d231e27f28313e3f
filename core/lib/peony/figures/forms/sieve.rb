# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A row of dots for each stage, a tenth of the first each time less: what the sieve lets through.
      class Sieve < Form
        form "sieve", title: "Sieve", family: "funnel", least: 2, most: 8, needs: %i[value], stacked: true,
                      sees: "rows of dots that get fewer from stage to stage, words at the side", reason: "what is left in the sieve"

        DOTS = 40

        def draw
          row = height / items.size
          refuse("There is too little room for #{items.size} rows.") if row < 34
          @most = items.map { |i| i.value.abs }.max.to_f
          @side = width * 0.46
          @number = Scale.down([row * 0.5, 40 * unit].min, from: job.least).find { |s| items.map { |i| number_width(i, s) }.max <= @side * 0.44 } || job.least
          lead = items.map { |i| number_width(i, @number) }.max + gap(18)
          refuse("There is too little room for the words.") if @side - lead < 60
          labels = fit_labels(items.map { [@side - lead - gap(8), row - gap(12)] }, most: 24 * unit)
          row = [row, 110 * unit].min.then { |r| [r, labels.map(&:height).max + gap(12)].max }
          each_item { |item, i| stage(item, i, labels[i], lead, top + (i * row), row) }
        end

        private

        def stage(item, index, label, lead, y, row)
          pen.line(0, y, width, y, stroke: house.colour("line"), line: rule, dash: [6, 5]) if index.positive?
          number(item, @number, 0, y + (row / 2) + (@number * 0.34), fill: item.strong ? accent_ink("signal", surface, @number * 0.6) : house.ink)
          put(label, lead, y + ((row - label.height) / 2), item: item)
          dots(item, index, y, row)
        end

        # A grid of up to forty dots; each stands for the same number.
        def dots(item, index, y, row)
          count = if @most.zero?
                    0
                  else
                    (item.value.abs / @most * DOTS).round.clamp(item.value.zero? ? 0 : 1, DOTS)
                  end
          field = width - @side - gap(24)
          lines = row > 80 ? 4 : 2
          across = DOTS / lines
          step = [field / across, (row - gap(16)) / lines].min
          paint = area(item, 1.0 - (0.6 * index / items.size), words: false)
          x0 = @side + gap(24)
          y0 = y + ((row - (step * lines)) / 2)
          count.times do |k|
            pen.circle(x0 + (((k % across) + 0.5) * step), y0 + (((k / across) + 0.5) * step), step * 0.36, **paint.paint, **(paint.stroke ? { line: rule } : {}))
          end
        end
      end
    end
  end
end
