# frozen_string_literal: true

module Peony
  module Scene
    # Free shapes of a page: rectangles, ellipses, lines and paths through points.
    module Shapes
      module_function

      # @param base [String] hex of the page's ground, for shares of a colour
      # @return [Array] nodes
      def nodes(piece, object, base)
        x, y, w, h = object["box"]
        house = piece.house
        fill = object["fill"] && Pages.shape_fill(piece, object, base)
        stroke = object["stroke"] && house.colour(object["stroke"])
        paint = { fill: fill, stroke: stroke, line: stroke && (object["line"] || 2.5) }
        pen = Builder.new
        case object["shape"]
        when "ellipse" then pen.ellipse(x + (w / 2.0), y + (h / 2.0), w / 2.0, h / 2.0, **paint)
        when "line" then pen.line(x, y, x + w, y + h, stroke: stroke || house.colour("line"), line: object["line"] || 2.5, cap: "round")
        when "path" then pen.path(commands(object), **paint)
        else pen.rect(x, y, w, h, radius: if object["square"]
                                            0
                                          else
                                            house.radius * Piece::Layout.unit(piece) * (w >= piece.width ? 0 : 1)
                                          end, **paint)
        end
        pen.nodes
      end

      # A connector's way with rounded bends and its arrow heads.
      # @param under [String] hex of the ground
      # @return [Array] nodes
      def connector(piece, object, under)
        way = object["way"] || []
        return [] if way.size < 2

        colour = Colour::Mixing.legible(piece.house.colour(object["stroke"] || "ink-2"), under, Colour::Mixing::LARGE)
        line = object["line"] || (2.5 * Piece::Layout.unit(piece)).round(1)
        pen = Builder.new
        pen.path(rounded(way, line * 4), stroke: colour, line: line, cap: "round", dash: object["dashed"] ? [line * 3, line * 3] : nil)
        heads = object["heads"] || "to"
        head(pen, way[-2], way[-1], line, colour) if %w[to both].include?(heads)
        head(pen, way[1], way[0], line, colour) if %w[from both].include?(heads)
        pen.nodes
      end

      def rounded(way, radius)
        inner = way.each_cons(3).flat_map do |a, b, c|
          cut = [radius, Math.hypot(b[0] - a[0], b[1] - a[1]) / 2, Math.hypot(c[0] - b[0], c[1] - b[1]) / 2].min
          before, after = [a, c].map { |p| (d = Math.hypot(p[0] - b[0], p[1] - b[1])).zero? ? b : [b[0] + ((p[0] - b[0]) / d * cut), b[1] + ((p[1] - b[1]) / d * cut)] }
          [["L", *before], ["C", *b, *b, *after]]
        end
        [["M", *way.first], *inner, ["L", *way.last]]
      end

      def head(pen, from, tip, line, colour)
        angle = Math.atan2(tip[1] - from[1], tip[0] - from[0])
        size = line * 4.5
        wings = [2.65, -2.65].map { |turn| [tip[0] + (Math.cos(angle + turn) * size), tip[1] + (Math.sin(angle + turn) * size)] }
        pen.polygon([tip, *wings], fill: colour)
      end

      # Points of the unit square to curve commands; smooth ones by Catmull–Rom (tension 1/6 of the neighbours' distance).
      def commands(object)
        x, y, w, h = object["box"]
        points = (object["points"] || []).map { |px, py| [x + (px * w), y + (py * h)] }
        return [["M", x, y]] if points.size < 2

        start = [["M", *points.first]]
        rest = object["curve"] ? smooth(points) : points.drop(1).map { |p| ["L", *p] }
        start + rest + (object["fill"] ? [["Z"]] : [])
      end

      def smooth(points)
        points.each_cons(2).with_index.map do |(a, b), i|
          before = i.zero? ? a : points[i - 1]
          after = points[i + 2] || b
          ["C", a[0] + ((b[0] - before[0]) / 6), a[1] + ((b[1] - before[1]) / 6), b[0] - ((after[0] - a[0]) / 6), b[1] - ((after[1] - a[1]) / 6), *b]
        end
      end
    end
  end
end
