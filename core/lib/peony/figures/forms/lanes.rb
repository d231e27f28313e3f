# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A row for each stage with a face for its mood, joined by a line.
      class Lanes < Form
        form "lanes", title: "Lanes by stage", family: "journey", least: 2, most: 9, stacked: true,
                      sees: "a row for each stage, a face for its mood at the side", reason: "stage by stage, with how it feels"

        include Mood

        def draw
          row = height / items.size
          refuse("There is too little room for #{items.size} stages.") if row < 40
          @field = [width * 0.24, 220 * unit].min
          labels = fit_labels(items.map { [width - @field - gap(28), row - gap(14)] }, most: 25 * unit, above: lambda(&:date))
          row = [row, labels.map(&:height).max + gap(56)].min
          r = [row * 0.26, 24 * unit].min
          at = items.each_with_index.map { |item, i| [(@field / 2) + (mood(item) * ((@field / 2) - r - gap(4))), top + ((i + 0.5) * row)] }
          lanes(row)
          pen.path([["M", *at.first], *Scene::Shapes.smooth(at)], stroke: mark, line: emphasis, cap: "round")
          each_item do |item, i|
            face(*at[i], r, mood(item), mark(item))
            put(labels[i], @field + gap(28), top + (i * row) + ((row - labels[i].height) / 2), item: item)
          end
        end

        private

        # Every second lane has a quiet ground; the line in the middle is neither glad nor sorry.
        def lanes(row)
          items.size.times { |i| pen.rect(0, top + (i * row), @field, row, fill: house.colour("surface-2")) if i.even? }
          items.size.times { |i| pen.line(@field + gap(14), top + (i * row), width, top + (i * row), stroke: house.colour("line"), line: rule) if i.positive? }
          pen.line(@field / 2, top, @field / 2, top + (row * items.size), stroke: house.colour("line"), line: rule, dash: [5, 6])
        end
      end
    end
  end
end
