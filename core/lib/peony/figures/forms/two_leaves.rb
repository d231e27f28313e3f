# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Two leaves of one sheet, folded down the middle: a side on each.
      class TwoLeaves < Form
        form "two-leaves", title: "Two leaves", family: "opposition", also: %w[comparison overlap], least: 2, most: 2, nested: true,
                           sees: "two leaves of one sheet with a side on each", reason: "two sides, side by side"

        include Sides

        def draw
          @pad = gap(26)
          @indent = gap(22)
          across = width >= height * 0.8
          @w = across ? (width - gap(4)) / 2 : width
          @h = across ? height : (height - gap(4)) / 2
          sides = fit_sides(items.map { [@w - (@pad * 2), @h - (@pad * 2)] }, most: 30 * unit, indent: @indent)
          @h = [@h, sides.map { |s| side_height(s) }.max + (@pad * 2) + gap(20)].min if across
          items.each_index { |i| pen.group("item", item: items[i].id) { leaf(sides[i], i, across) } }
        end

        private

        # The lower outer corner is turned up.
        def leaf(side, index, across)
          x = across ? index * (@w + gap(4)) : 0
          y = top + (across ? 0 : index * (@h + gap(4)))
          paint = index.zero? ? area(side.item, 1.0) : area(side.item, 0.12)
          fold = [[@w, @h].min * 0.12, 40 * unit].min
          outer = index.zero? && across ? x : x + @w
          way = index.zero? && across ? 1 : -1
          inner = index.zero? && across ? x + @w : x
          pen.polygon([[inner, y], [outer, y], [outer, y + @h - fold], [outer + (fold * way), y + @h], [inner, y + @h]], **paint.paint)
          pen.polygon([[outer, y + @h - fold], [outer + (fold * way), y + @h], [outer + (fold * way), y + @h - fold]], fill: house.tint(role(side.item), 0.45))
          ink = house.ink(paint.ground)
          put_side(side, x + @pad, y + @pad, @indent, ground: paint.ground) { |at, size| bullet(x + @pad, at, size, ink) }
        end
      end
    end
  end
end
