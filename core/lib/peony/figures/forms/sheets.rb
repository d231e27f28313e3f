# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Sheets laid over each other like tabs in a file, each with its words.
      class Sheets < Form
        form "sheets", title: "Stack of sheets", family: "overlap", also: %w[list sequence], least: 2, most: 6, stacked: true,
                       sees: "sheets laid over each other, each a step further in", reason: "one lies over the other"

        def draw
          step = [width * 0.07, 46 * unit].min
          @w = width - (step * (items.size - 1))
          refuse("The sheets are too narrow for words.") if @w < 160
          pad = gap(22)
          lap = gap(16)
          row = (height + (lap * (items.size - 1))) / items.size
          labels = fit_labels(items.map { [@w - (pad * 2), row - lap - (pad * 1.4)] }, most: 26 * unit, above: ->(i) { i.date || (i.value && Values.text(i)) })
          row = [row, labels.map(&:height).max + (pad * 2) + lap + gap(20)].min
          each_item { |item, i| sheet(item, i, labels[i], i * step, top + (i * (row - lap)), row, pad) }
        end

        private

        def sheet(item, index, label, x, y, tall, pad)
          paint = area(item, 0.08 + (0.5 * index / items.size))
          pen.rect(x, y, @w, tall, radius: radius, **paint.paint, **(paint.stroke ? {} : { stroke: surface, line: shape }))
          put(label, x + pad, y + pad, item: item, ground: paint.ground)
        end
      end
    end
  end
end
