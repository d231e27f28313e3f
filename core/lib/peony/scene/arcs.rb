# frozen_string_literal: true

module Peony
  module Scene
    # Circular arcs as cubic curves, so that painters need no arc command.
    # Control length 4/3·tan(θ/4) per piece of at most 90°: error below 0.03 % of the radius.
    module Arcs
      module_function

      # @return [Array(Float, Float)] the point at an angle in degrees, 0 at the top, clockwise
      def point(cx, cy, radius, angle)
        a = (angle - 90) * Math::PI / 180
        [cx + (radius * Math.cos(a)), cy + (radius * Math.sin(a))]
      end

      # @return [Array<Array>] curve commands from one angle to another, without the starting point
      def curve(cx, cy, radius, from, to)
        pieces = [((to - from).abs / 90.0).ceil, 1].max
        step = (to - from) / pieces.to_f
        k = 4.0 / 3 * Math.tan(step * Math::PI / 720) * radius
        Array.new(pieces) { |i| piece(cx, cy, radius, from + (i * step), from + ((i + 1) * step), k) }
      end

      def piece(cx, cy, radius, one, two, k)
        x1, y1 = point(cx, cy, radius, one)
        x2, y2 = point(cx, cy, radius, two)
        a = (one - 90) * Math::PI / 180
        b = (two - 90) * Math::PI / 180
        ["C", x1 - (k * Math.sin(a)), y1 + (k * Math.cos(a)), x2 + (k * Math.sin(b)), y2 - (k * Math.cos(b)), x2, y2]
      end

      def sector(cx, cy, inner, outer, from, to)
        start = ["M", *point(cx, cy, outer, from)]
        commands = [start, *curve(cx, cy, outer, from, to)]
        if inner.positive?
          commands << ["L", *point(cx, cy, inner, to)]
          commands.concat(curve(cx, cy, inner, to, from))
        else
          commands << ["L", cx, cy]
        end
        commands << ["Z"]
      end
    end
  end
end
