# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Four fields between two crossing axes.
      class TwoByTwo < Form
        form "two-by-two", title: "Two by two", family: "quadrant", also: %w[list comparison], least: 4, most: 4, nested: true,
                           sees: "four fields between two crossing axes", reason: "two questions, four answers"

        include Sides

        def draw
          @axis = gap(22)
          @w = (width - @axis) / 2
          @h = (height - @axis) / 2
          refuse("The fields are too small for words.") if @w < 110 || @h < 60
          @pad = gap(22)
          sides = fit_sides(items.map { [@w - (@pad * 2), @h - (@pad * 2)] }, most: 26 * unit, indent: 0)
          items.each_index { |i| pen.group("item", item: items[i].id) { field(sides[i], i) } }
          axes
        end

        private

        def field(side, index)
          x = (index % 2) * (@w + @axis)
          y = top + ((index / 2) * (@h + @axis))
          paint = area(side.item, [0.5, 0.22, 0.22, 0.06][index])
          pen.rect(x, y, @w, @h, radius: radius, **paint.paint)
          put_side(side, x + @pad, y + @pad, 0, ground: paint.ground)
        end

        def axes
          x = @w + (@axis / 2)
          y = top + @h + (@axis / 2)
          arrow([[0, y], [width, y]], house.ink, line: rule * 1.4)
          arrow([[x, bottom], [x, top]], house.ink, line: rule * 1.4)
        end
      end
    end
  end
end
