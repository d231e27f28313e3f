# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Four panes whose inner corners are cut away for a shared middle.
      class FourPanes < Form
        form "four-panes", title: "Four panes", family: "quadrant", also: %w[list], least: 4, most: 4, nested: true,
                           sees: "four panes around a shared middle", reason: "four heads of one matter"

        include Sides

        def draw
          @gap = gap(8)
          @w = (width - @gap) / 2
          @h = (height - @gap) / 2
          refuse("The panes are too small for words.") if @w < 120 || @h < 84
          @r = [[@w, @h].min * 0.16, 44 * unit].min
          @pad = gap(22)
          sides = fit_sides(items.map { [@w - (@pad * 2), @h - (@pad * 2) - (@r * 0.55)] }, most: 26 * unit, indent: 0)
          items.each_index { |i| pen.group("item", item: items[i].id) { pane(sides[i], i) } }
          middle
        end

        private

        # The lower panes begin below the middle; the upper ones end above it.
        def pane(side, index)
          right = index.odd?
          low = index > 1
          x = right ? @w + @gap : 0
          y = top + (low ? @h + @gap : 0)
          paint = area(side.item, [0.9, 0.55, 0.3, 0.1][index])
          pen.path(outline(x, y, right, low), **paint.paint)
          put_side(side, x + @pad, y + @pad + (low ? @r * 0.55 : 0), 0, ground: paint.ground)
        end

        def outline(x, y, right, low)
          cx = width / 2
          cy = top + (height / 2)
          r = @r + @gap
          inner_x = right ? x : x + @w
          inner_y = low ? y : y + @h
          outer_x = right ? x + @w : x
          outer_y = low ? y + @h : y
          from, to = { [false, false] => [270, 360], [true, false] => [90, 0], [false, true] => [270, 180], [true, true] => [90, 180] }[[right, low]]
          [["M", outer_x, outer_y], ["L", outer_x, inner_y], ["L", *Scene::Arcs.point(cx, cy, r, from).then { |px, _| [px, inner_y] }],
           *Scene::Arcs.curve(cx, cy, r, from, to).tap { |curves| curves.last[-2..] = [inner_x, curves.last[-1]] }, ["L", inner_x, outer_y], ["Z"]]
        end

        def middle
          paint = job.finish.area(house, "signal", 1.0, shape)
          pen.circle(width / 2, top + (height / 2), @r * 0.5, **paint.paint)
        end
      end
    end
  end
end
