# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A scale in four bands from nothing to the whole, a marker where each stands.
      class BandedScale < Form
        form "banded-scale", title: "Scale in bands", family: "ratio", also: [], least: 1, most: 6, needs: %i[value], stacked: true,
                             sees: "a scale in four bands, a marker where each stands", reason: "in which quarter it lies"

        include Meters

        BANDS = 4

        def draw
          row = height / items.size
          refuse("There is too little room for #{items.size} scales.") if row < 84 || width < 200
          @size = items.map { |i| said_size(i, [row * 0.2, 36 * unit].min, width * 0.3) }.min
          @tick = [[14 * unit, 12].max, job.least].max
          labels = fit_labels(items.map { [width, row * 0.34] }, most: 22 * unit)
          row = [row, labels.map(&:height).max + (@size * 1.3) + @tick + (66 * unit)].min
          thick = [row - labels.map(&:height).max - (@size * 1.25) - (@tick * 1.5) - gap(22), 34 * unit].min
          refuse("There is too little room for the scales.") if thick < 7
          each_item { |item, i| scale(item, labels[i], top + (i * row), thick) }
        end

        private

        def scale(item, label, y, thick)
          put(label, 0, y, item: item)
          y += label.height + gap(4) + (@size * 1.25)
          bands(item, y, thick)
          marker(item, y, thick)
          ticks(y + thick)
        end

        # Each band a little stronger than the one before.
        def bands(item, y, thick)
          step = width / BANDS
          BANDS.times do |k|
            paint = job.finish.area(house, role(item), 0.08 + (0.24 * k), rule, words: false)
            pen.rect(k * step, y, step - [rule, 1.5].max, thick, radius: 0, **paint.paint)
          end
        end

        # The number stands over its place, inside the picture.
        def marker(item, y, thick)
          x = (width * share(item)).clamp(shape, width - shape)
          w = house.font("number").width(said(item), @size)
          pen.words(said(item), house.font("number"), @size, (x - (w / 2)).clamp(0, width - w), y - gap(10) - (@size * 0.1), fill: house.ink, part: "value")
          wing = gap(7)
          pen.polygon([[x - wing, y - gap(8)], [x + wing, y - gap(8)], [x, y + 1]], fill: house.ink)
          pen.line(x, y, x, y + thick, stroke: house.ink, line: shape)
        end

        def ticks(y)
          (0..BANDS).each do |k|
            anchor = { 0 => :start, BANDS => :end }.fetch(k, :middle)
            pen.words("#{100 * k / BANDS}\u2009%", house.font("body"), @tick, width * k / BANDS, y + (@tick * 1.25), fill: house.ink(surface, role: "ink-2"), anchor: anchor, part: "tick")
          end
        end
      end
    end
  end
end
