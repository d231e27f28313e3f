# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A track for each, filled as far as its share goes, the number at the end.
      class GoalBars < Form
        form "goal-bars", title: "Bars to a goal", family: "ratio", also: [], least: 1, most: 8, needs: %i[value], stacked: true,
                          sees: "a track for each, filled as far as its share goes", reason: "how far each has come"

        include Meters

        def draw
          row = height / items.size
          refuse("There is too little room for #{items.size} bars.") if row < 46 || width < 180
          size = items.map { |i| said_size(i, [row * 0.34, 44 * unit].min, width * 0.32) }.min
          @gutter = items.map { |i| house.font("number").width(said(i), size) }.max + gap(14)
          labels = fit_labels(items.map { [width, row * 0.56] }, most: 24 * unit)
          row = [row, labels.map(&:height).max + (70 * unit)].min
          thick = [row - labels.map(&:height).max - gap(16), 30 * unit].min
          refuse("There is too little room for the bars.") if thick < 7
          each_item { |item, i| track(item, labels[i], top + (i * row), thick, size) }
        end

        private

        def track(item, label, y, thick, size)
          put(label, 0, y, item: item)
          y += label.height + gap(4)
          long = width - @gutter
          pen.rect(0, y, long, thick, radius: thick / 2, fill: house.colour("surface-2"))
          pen.rect(0, y, [long * share(item), thick].max, thick, radius: thick / 2, **area(item, 1.0, words: false).paint) if share(item).positive?
          pen.words(said(item), house.font("number"), size, width, y + (thick / 2) + (size * 0.34), fill: accent_ink(role(item), surface, size), anchor: :end, part: "value")
        end
      end
    end
  end
end
