# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Blocks in parallel projection that rise to the right, a number on each, words below.
      class Terraces < Form
        form "terraces", title: "Terraces", family: "sequence", least: 2, most: 7,
                         sees: "blocks in parallel projection that rise from step to step", reason: "each step a level higher"

        def draw
          step = width / items.size
          refuse("There is too little room for #{items.size} blocks.") if step < 70
          labels = fit_labels(items.map { [step - gap(16), height * 0.4] }, most: 22 * unit)
          words = labels.map(&:height).max + gap(18)
          @deep = [step * 0.2, 42 * unit].min
          floor = bottom - words
          room = floor - top - @deep
          refuse("There is too little room for the blocks.") if room < 50
          least = [room * 0.2, gap(30)].max
          each_item do |item, i|
            block(item, i, i * step, floor, step - @deep - gap(4), least + ((room - least) * i / [items.size - 1, 1].max))
            put(labels[i], (i * step) + 1, floor + gap(16), item: item)
          end
        end

        private

        def block(item, index, x, floor, w, tall)
          y = floor - tall
          paint = area(item, ramp(index))
          pen.rect(x, y, w, tall, **paint.paint)
          lighter = Colour::Mixing.tint(surface, paint.fill, 0.34)
          darker = Colour::Mixing.tint(house.colour("ink"), paint.fill, 0.2)
          pen.polygon([[x, y], [x + @deep, y - @deep], [x + w + @deep, y - @deep], [x + w, y]], fill: lighter, stroke: paint.stroke, line: paint.line)
          pen.polygon([[x + w, y], [x + w + @deep, y - @deep], [x + w + @deep, floor - @deep], [x + w, floor]], fill: darker, stroke: paint.stroke, line: paint.line)
          size = [w * 0.4, tall * 0.5, 48 * unit].min.clamp(job.least, 60)
          pen.words((index + 1).to_s, house.font("number"), size, x + (w / 2), floor - [tall * 0.2, gap(10)].min, fill: on_fill(paint.ground, size), anchor: :middle, part: "number")
        end
      end
    end
  end
end
