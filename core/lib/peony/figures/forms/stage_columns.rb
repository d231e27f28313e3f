# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A column for each stage under a strip of stages.
      class StageColumns < Form
        form "stage-columns", title: "Stage columns", family: "journey", also: %w[sequence], least: 2, most: 7,
                              sees: "a column for each stage, a mood line over them", reason: "what happens at each stage, and how it feels"

        include Mood

        def draw
          step = width / items.size
          refuse("There is too little room for #{items.size} stages.") if step < 80
          @w = step - gap(10)
          @pad = gap(14)
          @line = [height * 0.3, 190 * unit].min
          room = height - @line - gap(16)
          labels = fit_labels(items.map { [@w - (@pad * 2), room - (@pad * 2)] }, most: 24 * unit, above: lambda(&:date))
          tall = [room, labels.map(&:height).max + (@pad * 2) + gap(20)].min
          mood_line(step)
          each_item { |item, i| column(item, i, labels[i], step, tall) }
        end

        private

        def column(item, index, label, step, tall)
          paint = area(item, 0.1)
          x = index * step
          y = top + @line + gap(16)
          pen.rect(x, y, @w, tall, radius: radius, **paint.paint)
          pen.rect(x, y, @w, [emphasis, 3].max, fill: mark(item))
          put(label, x + @pad, y + @pad + gap(4), item: item, ground: paint.ground)
        end

        # Stands high where the words are glad, low where they are not; the middle is neither.
        def mood_line(step)
          at = items.each_with_index.map { |item, i| [(i * step) + (@w / 2), top + (@line / 2) - (mood(item) * @line * 0.36)] }
          pen.line(0, top + (@line / 2), width - gap(10), top + (@line / 2), stroke: house.colour("line"), line: rule, dash: [5, 6])
          pen.path([["M", *at.first], *Scene::Shapes.smooth(at)], stroke: mark, line: emphasis, cap: "round")
          each_item do |item, i|
            pen.line(at[i][0], at[i][1], at[i][0], top + @line + gap(16), stroke: house.colour("line"), line: rule)
            face(*at[i], [16 * unit, 11].max, mood(item), mark(item))
          end
        end
      end
    end
  end
end
