# frozen_string_literal: true

module Peony
  module Figures
    # Small things that many forms draw: numbered discs, arrows, ticks and crosses, leaders.
    module Marks
      private

      # A disc with the item's icon, or with words of one or two letters where it has none.
      def disc(item, words, x, y, r, share: 1.0)
        size = [r * 1.05, job.least].max
        icon = icon_of(item)
        paint = area(item, share, words: icon.nil? && size < 24)
        pen.circle(x, y, r, fill: paint.fill, stroke: paint.stroke || surface, line: paint.stroke ? paint.line : shape)
        if icon then draw_icon(icon, x - (r * 0.62), y - (r * 0.62), r * 1.24, on_fill(paint.ground, 24), ground: paint.ground)
        else pen.words(words.to_s, house.font("number"), size, x, y + (size * 0.33), fill: on_fill(paint.ground, size), anchor: :middle, part: "number")
        end
      end

      def icon_of(item) = item.icon && (house.own[item.icon] || Icons.get(house.icons, item.icon))

      # In two tones the full shape lies under the lines.
      # @param size [Numeric] px, the side of the square it is drawn in
      # @param ground [String] hex of what it stands on
      # @param upto [Float] the share of it that is drawn, from the left
      def draw_icon(icon, x, y, size, colour, ground: surface, upto: 1.0)
        return cut_icon(icon, x, y, size, colour, upto) if upto < 0.999

        full = house.tone.to_f.positive? && Icons.full(icon)
        outlines(full, x, y, size) { |commands| pen.path(commands, fill: Colour::Mixing.tint(colour, ground, house.tone)) } if full
        line = icon.stroked? ? [2 * size / icon.box, 1].max : nil
        outlines(icon, x, y, size) { |commands| line ? pen.path(commands, stroke: colour, line: line, cap: "round") : pen.path(commands, fill: colour) }
      end

      def cut_icon(icon, x, y, size, colour, upto)
        line = icon.stroked? ? [2 * size / icon.box, 1].max : nil
        outlines(icon, x, y, size) do |commands|
          rings = Scene::Outlines.flattened(commands).map { |ring| Scene::Outlines.left_of(ring, x + (size * upto)) }.select { |ring| ring.size > 1 }
          drawn = rings.flat_map { |ring| ring.each_with_index.map { |(px, py), i| [i.zero? ? "M" : "L", px, py] } + (line ? [] : [["Z"]]) }
          next if drawn.empty?

          line ? pen.path(drawn, stroke: colour, line: line, cap: "round") : pen.path(drawn, fill: colour)
        end
      end

      def outlines(icon, x, y, size)
        scale = size / icon.box
        Icons.commands(icon).each do |commands|
          yield(commands.map { |letter, *n| [letter, *n.each_slice(2).flat_map { |px, py| [x + (px * scale), y + (py * scale)] }] })
        end
      end

      # A line with a filled head of 60° at its end; the line ends under the head.
      # @param points [Array<Array(Numeric, Numeric)>] corners of the way
      def arrow(points, colour, line: shape)
        (x1, y1), (x2, y2) = points.last(2)
        away = Math.hypot(x2 - x1, y2 - y1)
        return if away < 0.5

        long = [line * 4, 9].max
        ux = (x2 - x1) / away
        uy = (y2 - y1) / away
        base = [x2 - (ux * long), y2 - (uy * long)]
        way = [*points[0..-2], [x2 - (ux * long * 0.8), y2 - (uy * long * 0.8)]]
        pen.path(way.each_with_index.map { |(x, y), i| [i.zero? ? "M" : "L", x, y] }, stroke: colour, line: line)
        side = long * 0.577
        pen.polygon([[x2, y2], [base[0] - (uy * side), base[1] + (ux * side)], [base[0] + (uy * side), base[1] - (ux * side)]], fill: colour)
      end

      # A tick in a square of this size.
      def tick(x, y, size, colour)
        pen.path([["M", x + (size * 0.12), y + (size * 0.55)], ["L", x + (size * 0.4), y + (size * 0.82)], ["L", x + (size * 0.9), y + (size * 0.2)]],
                 stroke: colour, line: [size * 0.15, 2].max, cap: "round")
      end

      def cross(x, y, size, colour)
        inset = size * 0.18
        [[inset, inset, size - inset, size - inset], [size - inset, inset, inset, size - inset]].each do |a, b, c, d|
          pen.line(x + a, y + b, x + c, y + d, stroke: colour, line: [size * 0.15, 2].max, cap: "round")
        end
      end

      def bullet(x, y, size, colour) = pen.circle(x + (size / 2), y + (size / 2), size * 0.2, fill: colour)

      # A quiet line from a mark to its words: level at both ends.
      def leader(x1, y1, x2, y2, colour = house.colour("line"))
        middle = (x1 + x2) / 2
        commands = (y1 - y2).abs < 1 ? [["M", x1, y1], ["L", x2, y2]] : [["M", x1, y1], ["C", middle, y1, middle, y2, x2, y2]]
        pen.path(commands, stroke: colour, line: rule)
      end

      # The middle of a label's first line, where a leader meets it.
      def first_line(label) = (label.above || label.title).ascent * 0.66

      # Bars and dots are drawn from here; numbers below nothing go the other way.
      def span_of(values) = [[values.min, 0].min, [values.max, 0].max]
    end
  end
end
