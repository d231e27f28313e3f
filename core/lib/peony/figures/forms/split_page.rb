# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # The whole box in two halves, one dark and one light, parted by a slanting edge.
      class SplitPage < Form
        form "split-page", title: "Split page", family: "opposition", also: %w[change], least: 2, most: 2, nested: true,
                           sees: "the whole box in two halves with a slanting edge between", reason: "a hard contrast"

        include Sides

        def draw
          @pad = gap(30)
          @slant = [width * 0.07, height * 0.12].min
          across = width >= height * 0.75
          boxes = across ? [[half - @slant - (@pad * 1.6), height - (@pad * 2)]] * 2 : [[width - (@pad * 2), (height / 2) - @slant - (@pad * 2)]] * 2
          sides = fit_sides(boxes, most: 32 * unit, indent: 0)
          corners = across ? upright : level
          starts = across ? [[@pad, top + @pad], [half + @slant + (@pad * 0.6), top + @pad]] : [[@pad, top + @pad], [@pad, top + (height / 2) + @slant + @pad]]
          items.each_index { |i| pen.group("item", item: items[i].id) { part(sides[i], i, corners[i], *starts[i]) } }
        end

        private

        def half = width / 2

        def upright
          [[[0, top], [half + @slant, top], [half - @slant, bottom], [0, bottom]], [[half + @slant, top], [width, top], [width, bottom], [half - @slant, bottom]]]
        end

        def level
          y = top + (height / 2)
          [[[0, top], [width, top], [width, y - @slant], [0, y + @slant]], [[0, y + @slant], [width, y - @slant], [width, bottom], [0, bottom]]]
        end

        def part(side, index, corners, x, y)
          paint = area(side.item, index.zero? ? 1.0 : 0.1)
          pen.polygon(corners, **paint.paint)
          put_side(side, x, y, 0, ground: paint.ground)
        end
      end
    end
  end
end
