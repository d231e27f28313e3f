# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A beam with two pans: the side with more (or heavier) points sinks.
      class Balance < Form
        form "balance", title: "Balance", family: "opposition", least: 2, most: 2, nested: true,
                        sees: "a beam with two pans that sinks to the heavier side", reason: "which side weighs more"

        include Sides

        def draw
          @beam = [height * 0.16, 110 * unit].min
          @w = (width - gap(40)) / 2
          refuse("The pans are too narrow for words.") if @w < 110
          @pad = gap(20)
          @tilt = tilt
          @drop = [height * 0.05, @beam * 0.5].min * @tilt.abs
          room = height - @beam - @drop - gap(20)
          sides = fit_sides(items.map { [@w - (@pad * 2), room - (@pad * 2)] }, most: 27 * unit, indent: gap(20))
          beam
          items.each_index { |i| pen.group("item", item: items[i].id) { pan(sides[i], i, room) } }
        end

        private

        # -1..1; below 0 the first side is the heavier one.
        def tilt
          one, two = items.map { |i| i.value || Nesting.parts(i).size }
          total = (one.abs + two.abs).to_f
          total.zero? ? 0 : ((two - one) / total * 2).clamp(-1, 1)
        end

        def end_y(index) = top + (@beam * 0.45) + (@drop * ((index.zero? ? -@tilt : @tilt) <=> 0) * 0.5)

        def middle(index) = (index * (@w + gap(40))) + (@w / 2)

        def beam
          colour = mark
          pen.line(middle(0), end_y(0), middle(1), end_y(1), stroke: colour, line: emphasis, cap: "round")
          x = width / 2
          base = top + (@beam * 0.45)
          pen.polygon([[x, base], [x - (@beam * 0.22), top + @beam + gap(6)], [x + (@beam * 0.22), top + @beam + gap(6)]], fill: colour)
          pen.circle(x, base, [emphasis * 1.6, 6].max, fill: house.colour("signal"))
        end

        def pan(side, index, room)
          y = end_y(index) + (@beam * 0.55)
          x = index * (@w + gap(40))
          tall = [room, side_height(side) + (@pad * 2)].min
          [0.28, 0.72].each { |share| pen.line(middle(index), end_y(index), x + (@w * share), y, stroke: house.colour("ink-2"), line: rule) }
          paint = area(side.item, 0.16)
          pen.rect(x, y, @w, tall, radius: radius, **paint.paint)
          ink = mark(side.item)
          put_side(side, x + @pad, y + @pad, gap(20), ground: paint.ground) { |at, size| bullet(x + @pad, at, size, ink) }
        end
      end
    end
  end
end
