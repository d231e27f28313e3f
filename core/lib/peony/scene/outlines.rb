# frozen_string_literal: true

module Peony
  module Scene
    # Shapes as closed or open rows of points.
    module Outlines
      module_function

      # @return [Array<Array<Array(Float, Float)>>] the node's lines as points; closed ones end where they begin
      def of(node)
        case node
        when Rect then [rectangle(node)]
        when Ellipse then [Array.new(33) { |i| turn(node, i / 32.0) }]
        else flattened(node.commands)
        end
      end

      # What of a ring lies left of an upright line (Sutherland and Hodgman 1974); of an open row of points too.
      # @return [Array<Array(Float, Float)>]
      def left_of(ring, cut)
        start = ring.first[0] > cut || ring.first == ring.last ? [] : [ring.first]
        start + ring.each_cons(2).flat_map do |(x1, y1), (x2, y2)|
          crossing = (x1 > cut) == (x2 > cut) ? [] : [[cut, y1 + ((y2 - y1) * (cut - x1) / (x2 - x1))]]
          x2 > cut ? crossing : [*crossing, [x2, y2]]
        end
      end

      def turn(node, share)
        angle = share * 2 * Math::PI
        [node.cx + (node.rx * Math.sin(angle)), node.cy - (node.ry * Math.cos(angle))]
      end

      def rectangle(node)
        r = [node.radius.to_f, node.w / 2.0, node.h / 2.0].min
        x = node.x
        y = node.y
        w = node.w
        h = node.h
        return [[x, y], [x + w, y], [x + w, y + h], [x, y + h], [x, y]] if r < 1

        corners = [[x + w - r, y + r, 0], [x + w - r, y + h - r, 90], [x + r, y + h - r, 180], [x + r, y + r, 270]]
        points = corners.flat_map { |cx, cy, from| Array.new(5) { |i| Arcs.point(cx, cy, r, from + (i * 22.5)) } }
        points << points.first
      end

      # Curves in eight pieces.
      def flattened(commands)
        rings = []
        commands.each do |letter, *n|
          case letter
          when "M" then rings << [[n[0], n[1]]]
          when "L" then rings.last << [n[0], n[1]]
          when "C" then rings.last.concat(curve(rings.last.last, n))
          when "Z" then rings.last << rings.last.first
          end
        end
        rings
      end

      def curve(start, numbers)
        a, b, c, d, x, y = numbers
        (1..8).map do |i|
          t = i / 8.0
          u = 1 - t
          [((u**3) * start[0]) + (3 * u * u * t * a) + (3 * u * t * t * c) + ((t**3) * x), ((u**3) * start[1]) + (3 * u * u * t * b) + (3 * u * t * t * d) + ((t**3) * y)]
        end
      end

      # Even-odd rule.
      # @return [Boolean] whether a point lies in a filled shape
      def cover?(node, x, y)
        of(node).sum { |ring| crossings(ring, x, y) }.odd?
      end

      def crossings(ring, x, y)
        edges = ring.first == ring.last ? ring.each_cons(2) : [*ring, ring.first].each_cons(2)
        edges.count { |(x1, y1), (x2, y2)| (y1 > y) != (y2 > y) && x < x1 + ((y - y1) / (y2 - y1).to_f * (x2 - x1)) }
      end
    end
  end
end
