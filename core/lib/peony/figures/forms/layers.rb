# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Broad layers laid on each other from below; the first item is the ground.
      class Layers < Form
        form "layers", title: "Stack of layers", family: "sequence", also: %w[hierarchy], least: 2, most: 8, stacked: true,
                       sees: "layers laid on each other, the first one lowest", reason: "each rests on the one before"

        def draw
          row = height / items.size
          refuse("There is too little room for #{items.size} layers.") if row < 34
          @slope = [width * 0.12, row * 0.5].min
          @w = width * 0.5
          side = width - @w - gap(26)
          refuse("There is too little room beside the layers.") if side < 110
          labels = fit_labels(items.map { [side, row - gap(10)] }, most: 25 * unit, above: lambda(&:date))
          thick = [row * 0.3, 34 * unit].min
          each_item { |item, i| layer(item, i, labels[i], row, thick) }
        end

        private

        # A slab in parallel projection: its top, its front and its side.
        def layer(item, index, label, row, thick)
          floor = bottom - (index * row) - gap(2)
          deep = [row - thick - gap(8), @slope * 1.2].min
          high = floor - thick
          paint = area(item, 0.25 + (0.7 * index / items.size), words: false)
          front = darker(paint.fill)
          pen.polygon([[0, high], [@slope, high - deep], [@w, high - deep], [@w - @slope, high]], **paint.paint)
          pen.polygon([[0, high], [@w - @slope, high], [@w - @slope, floor], [0, floor]], fill: front, stroke: paint.stroke, line: paint.line)
          pen.polygon([[@w - @slope, high], [@w, high - deep], [@w, floor - deep], [@w - @slope, floor]], fill: darker(front), stroke: paint.stroke, line: paint.line)
          middle = floor - ((thick + deep) / 2)
          x = @w + gap(26)
          pen.line(@w + gap(4), middle, x - gap(8), middle, stroke: house.colour("line"), line: rule)
          put(label, x, (middle - (label.height / 2)).clamp(top, bottom - label.height), item: item)
        end

        def darker(colour) = Colour::Mixing.tint(house.colour("ink"), colour, 0.16)
      end
    end
  end
end
