# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A winding road from the bottom to the top with a stop at each bend, words beside it.
      class Road < Form
        form "road", title: "Road with stops", icons: true, family: "journey", also: %w[sequence timeline], least: 3, most: 8, stacked: true,
                     sees: "a winding road with a stop at each bend, the words beside it", reason: "a way that one goes"

        def draw
          row = height / items.size
          refuse("There is too little room for #{items.size} stops.") if row < 46
          @road = [width * 0.26, 240 * unit].min
          side = ((width - @road) / 2) - gap(24)
          one_side = side < 150
          @x = one_side ? @road / 2 : width / 2
          cell = one_side ? width - @road - gap(30) : side
          refuse("There is too little room beside the road.") if cell < 110
          labels = fit_labels(items.map { [cell, row - gap(8)] }, most: 25 * unit, above: lambda(&:date))
          swing = @road * 0.3
          at = items.each_index.map { |i| [@x + ((i.even? ? -1 : 1) * swing), top + ((i + 0.5) * row)] }
          surface_of_road(at, row)
          each_item { |item, i| stop(item, i, labels[i], at[i], one_side, cell) }
        end

        private

        def surface_of_road(at, row)
          way = [[@x, top + (row * 0.06)], *at, [@x, bottom - (row * 0.06)]]
          commands = [["M", *way.first], *way.each_cons(2).map { |a, b| ["C", a[0], (a[1] + b[1]) / 2, b[0], (a[1] + b[1]) / 2, *b] }]
          broad = [26 * unit, row * 0.3].min
          pen.path(commands, stroke: house.tint("ink", 0.78), line: broad, cap: "round")
          pen.path(commands, stroke: surface, line: [broad * 0.07, 1.5].max, dash: [broad * 0.5, broad * 0.45])
        end

        def stop(item, index, label, place, one_side, cell)
          x, y = place
          r = [17 * unit, 12].max
          left = !one_side && index.even?
          disc(item, index + 1, x, y, r)
          edge = if one_side then @road + gap(30)
                 else
                   left ? cell : width - cell
                 end
          level = (y - (label.height / 2)).clamp(top, bottom - label.height)
          leader(x + (left ? -r - gap(4) : r + gap(4)), y, edge + (left ? gap(8) : -gap(8)), level + first_line(label))
          put(label, edge, level, item: item, anchor: left ? :end : :start)
        end
      end
    end
  end
end
