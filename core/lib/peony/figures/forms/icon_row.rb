# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A row of figures of people, as many filled as the share says.
      class IconRow < Form
        form "icon-row", title: "Row of people", family: "ratio", also: [], least: 1, most: 6, needs: %i[value], stacked: true,
                         sees: "a row of people, as many filled as the share says", reason: "so many in so many, to count with a finger"

        include Meters

        def draw
          row = height / items.size
          refuse("There is too little room for #{items.size} rows.") if row < 64 || width < 260
          @side = width * 0.36
          @size = items.map { |i| said_size(i, [row * 0.3, 60 * unit].min, @side - gap(20)) }.min
          labels = fit_labels(items.map { [@side - gap(20), row - (@size * 1.2) - gap(14)] }, most: 24 * unit)
          # The words of a row stay inside it.
          row = [row, [210 * unit, (@size * 1.2) + labels.map(&:height).max + gap(14)].max].min
          each_item { |item, i| people(item, labels[i], top + (i * row), row) }
        end

        private

        # The whole as it was told, where it can be counted; else ten.
        def crowd(item)
          one, two = counts(item)
          return [one, two.to_i] if two && two <= 20 && two == two.to_i && one <= two

          [share(item) * 10, 10]
        end

        def people(item, label, y, row)
          filled, all = crowd(item)
          tall = (@size * 1.2) + label.height
          start = y + ((row - gap(14) - tall) / 2)
          pen.words(said(item), house.font("number"), @size, 0, start + (@size * 0.8), fill: accent_ink(role(item), surface, @size), part: "value")
          put(label, 0, start + (@size * 1.2), item: item)
          step = (width - @side) / all
          w = [step * 0.8, (row - gap(24)) / 2.2].min
          refuse("There is too little room for #{all} people.") if w < 5
          full = area(item, 1.0, words: false)
          all.times { |k| person(@side + (k * [step, w * 1.5].min), y + ((row - gap(14) - (w * 2.15)) / 2), w, (filled - k).clamp(0.0, 1.0), full) }
        end

        # A head and shoulders; a part of one is filled from the left.
        def person(x, y, w, share, full)
          empty = { fill: house.colour("surface-2") }
          figure(x, y, w, share >= 0.999 ? full.paint : empty)
          return unless share.between?(0.05, 0.998)

          left = x + (w * 0.12)
          r = w * 0.32
          cut = left + (w * 0.76 * share)
          [Scene::Ellipse.new(cx: x + (w / 2), cy: y + r, rx: r, ry: r), Scene::Rect.new(x: left, y: y + (w * 0.8), w: w * 0.76, h: w * 1.35, radius: w * 0.3)].each do |part|
            points = Scene::Outlines.left_of(Scene::Outlines.of(part).first, cut)
            pen.polygon(points, **full.paint) if points.size > 2
          end
        end

        def figure(x, y, w, paint)
          r = w * 0.32
          pen.circle(x + (w / 2), y + r, r, **paint)
          pen.rect(x + (w * 0.12), y + (w * 0.8), w * 0.76, w * 1.35, radius: w * 0.3, **paint)
        end
      end
    end
  end
end
