# frozen_string_literal: true

module Peony
  module Scene
    # Collects primitives. The few verbs that forms draw with.
    class Builder
      attr_reader :nodes

      def initialize
        @nodes = []
      end

      # Everything drawn in the block belongs to one item (or another named thing).
      # @param kind [String] "item", "figure", "object"
      # @return [Group]
      def group(kind, id: nil, item: nil, label: nil)
        outer = @nodes
        @nodes = []
        yield
        outer << Group.new(children: @nodes, id: id, kind: kind, item: item, label: label)
      ensure
        @nodes = outer
      end

      def rect(x, y, w, h, radius: 0, **paint)
        @nodes << Rect.new(x: x, y: y, w: w, h: h, radius: radius.clamp(0, [w, h].min / 2.0), **paint)
      end

      def circle(cx, cy, r, **paint) = ellipse(cx, cy, r, r, **paint)

      def ellipse(cx, cy, rx, ry, **paint)
        @nodes << Ellipse.new(cx: cx, cy: cy, rx: rx, ry: ry, **paint)
      end

      def line(x1, y1, x2, y2, stroke:, line:, **more)
        @nodes << Path.new(commands: [["M", x1, y1], ["L", x2, y2]], stroke: stroke, line: line, **more)
      end

      # @param points [Array<Array(Numeric, Numeric)>]
      def polygon(points, **paint)
        @nodes << Path.new(commands: points.each_with_index.map { |(x, y), i| [i.zero? ? "M" : "L", x, y] } << ["Z"], **paint)
      end

      def path(commands, **paint)
        @nodes << Path.new(commands: commands, **paint)
      end

      # Places a setting with its top left (or top middle, top right) at a point.
      # @param setting [Type::Setting]
      # @param anchor [Symbol] :start, :middle, :end
      def text(setting, x, y, fill:, anchor: :start, part: nil)
        return if setting.nil?

        step = setting.size * setting.leading
        rows = setting.lines.each_with_index.map { |words, i| [words, x, y + setting.ascent + (i * step)] }
        @nodes << Text.new(lines: rows, font: setting.font, size: setting.size, fill: fill, anchor: anchor, part: part, cut: setting.cut,
                           leading: setting.leading)
      end

      # A single line on a given baseline.
      def words(text, font, size, x, baseline, fill:, anchor: :start, part: nil)
        @nodes << Text.new(lines: [[text, x, baseline]], font: font, size: size, fill: fill, anchor: anchor, part: part, leading: 1.2)
      end

      # A ring sector between two radii; angles in degrees, 0 at the top, clockwise.
      def sector(cx, cy, inner, outer, from, to, **paint)
        @nodes << Path.new(commands: Arcs.sector(cx, cy, inner, outer, from, to), **paint)
      end
    end
  end
end
