# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A sheet with ticks on one side and crosses on the other.
      class DoAndDont < Form
        form "do-and-dont", title: "Do and don't", family: "opposition", least: 2, most: 2, nested: true,
                            sees: "a sheet with ticks on one side and crosses on the other", reason: "what to do and what to leave"

        include Sides

        def draw
          @across = width >= height * 0.8
          @indent = gap(38)
          @w = @across ? (width - gap(48)) / 2 : width
          @h = @across ? height : (height - gap(32)) / 2
          sides = fit_sides(items.map { [@w, @h - gap(14)] }, most: 28 * unit, indent: @indent)
          items.each_index { |i| pen.group("item", item: items[i].id) { half(sides[i], i) } }
        end

        private

        def half(side, index)
          x = @across ? index * (@w + gap(48)) : 0
          y = top + (@across ? 0 : index * (@h + gap(32)))
          colour = index.zero? ? mark(side.item) : Colour::Mixing.legible(house.colour(side.item.colour || "signal"), surface, Colour::Mixing::LARGE)
          pen.rect(x, y, @w, [emphasis, 3].max, fill: colour)
          put_side(side, x, y + gap(18), @indent, ground: surface) do |at, size|
            index.zero? ? tick(x, at - (size * 0.1), size * 1.15, colour) : cross(x, at, size, colour)
          end
        end
      end
    end
  end
end
