# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A roof, pillars and a base: the first item on top, the last below, the others stand between.
      class House < Form
        form "house", title: "House", family: "hierarchy", least: 4, most: 8,
                      sees: "a roof over pillars on one base", reason: "what carries the whole"

        def draw
          pillars = items[1..-2]
          @pad = gap(14)
          roof = height * 0.26
          foot = height * 0.17
          step = (width - (gap(10) * (pillars.size - 1))) / pillars.size
          refuse("There is too little room for #{pillars.size} pillars.") if step < 78
          tall = height - roof - foot - gap(16)
          cells = [[width * 0.44, roof * 0.52], *pillars.map { [step - (@pad * 2), tall - (@pad * 2)] }, [width - (@pad * 4), foot - (@pad * 1.2)]]
          labels = fit_labels(cells, most: 24 * unit)
          pen.group("item", item: items[0].id) { gable(labels[0], roof) }
          pillars.each_with_index { |item, i| pen.group("item", item: item.id) { pillar(item, labels[i + 1], i * (step + gap(10)), top + roof + gap(8), step, tall) } }
          pen.group("item", item: items[-1].id) { base(labels[-1], foot) }
        end

        private

        # Words stand in the broad lower half of the roof.
        def gable(label, tall)
          paint = area(items[0], 1.0)
          pen.polygon([[width / 2, top], [width, top + tall], [0, top + tall]], **paint.paint)
          put(label, width / 2, top + tall - gap(10) - label.height, item: items[0], anchor: :middle, ground: paint.ground)
        end

        def pillar(item, label, x, y, w, tall)
          paint = area(item, 0.18)
          pen.rect(x, y, w, tall, radius: [radius, 6].min, **paint.paint)
          put(label, x + @pad, y + @pad, item: item, ground: paint.ground)
        end

        def base(label, tall)
          paint = area(items[-1], 0.7)
          pen.rect(0, bottom - tall, width, tall, radius: [radius, 6].min, **paint.paint)
          put(label, width / 2, bottom - (tall / 2) - (label.height / 2), item: items[-1], anchor: :middle, ground: paint.ground)
        end
      end
    end
  end
end
