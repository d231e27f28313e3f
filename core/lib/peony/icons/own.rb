# frozen_string_literal: true

require "nokogiri"
require "digest"

module Peony
  module Icons
    # A person's own drawing as an icon: of an SVG only the outlines of its shapes are kept, in one square; no scripts, pictures, styles or links.
    module Own
      LARGEST = 200 * 1024
      MOST = 300
      SHAPES = %w[path rect circle ellipse line polygon polyline].freeze
      IDENTITY = [1.0, 0.0, 0.0, 1.0, 0.0, 0.0].freeze

      module_function

      # @param svg [String]
      # @return [Hash] {"name", "paths", "stroked"}: the name says what is in it, so the same drawing has the same name
      # @raise [Peony::Error]
      def clean(svg)
        raise Error.new("This drawing is larger than 200 kB.", hint: "An icon is small: simplify it first.") if svg.bytesize > LARGEST

        root = Nokogiri::XML(svg.dup.force_encoding("UTF-8").scrub.gsub(/<!DOCTYPE[^>\[]*(?:\[.*?\]\s*)?>/mi, ""), &:nonet).tap(&:remove_namespaces!).root
        raise Error.new("This is not an SVG drawing.", hint: "Bring a plain SVG file.") unless root&.name == "svg"

        shapes = shapes(root)
        raise Error.new("There are no shapes in this drawing.", hint: "Turn words and pictures in it into outlines, then bring it again.") if shapes.empty?
        raise Error.new("This drawing has more than #{MOST} shapes.", hint: "An icon is small: simplify it first.") if shapes.size > MOST

        stroked = shapes.all? { |_, line| line }
        paths = squared(shapes.map(&:first), stroked ? 24.0 : 256.0)
        { "name" => "own-#{Digest::SHA256.hexdigest(paths.join)[0, 12]}", "paths" => paths, "stroked" => stroked }
      end

      # @param kept [Hash] as a piece keeps it
      # @return [Icon]
      def icon(kept) = Icon.new(set: kept["stroked"] ? "own line" : "own", name: kept["name"], group: "thing", tags: [], paths: kept["paths"])

      # @return [Array<Array(commands, Boolean)>] absolute outlines and whether each is a line
      def shapes(node, matrix = IDENTITY, line: false)
        node.element_children.flat_map do |child|
          next [] if %w[defs clipPath mask symbol metadata title desc style script text image foreignObject].include?(child.name) || child["display"] == "none"

          own = times(matrix, transform(child["transform"]))
          drawn = line?(child, line)
          next shapes(child, own, line: drawn) unless SHAPES.include?(child.name)

          data = outline(child)
          data ? [[moved(Outline.parse(data), own), drawn]] : []
        end
      end

      def moved(commands, matrix)
        a, b, c, d, e, f = matrix
        commands.map { |letter, *n| [letter, *n.each_slice(2).flat_map { |x, y| [(a * x) + (c * y) + e, (b * x) + (d * y) + f] }] }
      end

      def line?(node, before)
        fill = node["fill"] || node["style"].to_s[/fill:\s*([^;]+)/, 1] || node.document.root["fill"]
        fill ? fill.strip == "none" : before
      end

      def outline(node)
        n = ->(key) { node[key].to_f }
        case node.name
        when "path" then node["d"]
        when "rect" then "M#{n['x']} #{n['y']}h#{n['width']}v#{n['height']}h#{-n['width']}z"
        when "line" then "M#{n['x1']} #{n['y1']}L#{n['x2']} #{n['y2']}"
        when "circle", "ellipse" then round(n["cx"], n["cy"], node["r"] ? n["r"] : n["rx"], node["r"] ? n["r"] : n["ry"])
        else points(node["points"].to_s.scan(Outline::NUMBER), node.name == "polygon")
        end
      end

      def round(x, y, rx, ry) = "M#{x - rx} #{y}A#{rx} #{ry} 0 1 1 #{x + rx} #{y}A#{rx} #{ry} 0 1 1 #{x - rx} #{y}z"
      def points(list, closed) = list.size >= 4 ? "M#{list.first(2).join(' ')}L#{list.drop(2).join(' ')}#{'z' if closed}" : nil

      # SVG 2, 8.5: translate, scale, rotate and matrix, from left to right.
      def transform(text)
        text.to_s.scan(/(\w+)\s*\(([^)]*)\)/).reduce(IDENTITY) do |matrix, (name, inside)|
          n = inside.scan(Outline::NUMBER).map(&:to_f)
          times(matrix, step(name, n))
        end
      end

      def step(name, numbers)
        a, b = numbers
        case name
        when "translate" then [1.0, 0.0, 0.0, 1.0, a || 0.0, b || 0.0]
        when "scale" then [a || 1.0, 0.0, 0.0, b || a || 1.0, 0.0, 0.0]
        when "matrix" then numbers.size == 6 ? numbers : IDENTITY
        when "rotate" then turn(*numbers)
        else IDENTITY
        end
      end

      def turn(angle = 0.0, x = 0.0, y = 0.0)
        cos = Math.cos(angle * Math::PI / 180)
        sin = Math.sin(angle * Math::PI / 180)
        [cos, sin, -sin, cos, x - (cos * x) + (sin * y), y - (sin * x) - (cos * y)]
      end

      def times(m, n)
        [(m[0] * n[0]) + (m[2] * n[1]), (m[1] * n[0]) + (m[3] * n[1]), (m[0] * n[2]) + (m[2] * n[3]), (m[1] * n[2]) + (m[3] * n[3]),
         (m[0] * n[4]) + (m[2] * n[5]) + m[4], (m[1] * n[4]) + (m[3] * n[5]) + m[5]]
      end

      # All outlines in one square of this side, an eighth of it free on each side.
      def squared(list, side)
        all = list.flat_map { |commands| commands.flat_map { |_, *n| n.each_slice(2).to_a } }
        left, right = all.map(&:first).minmax
        top, bottom = all.map(&:last).minmax
        size = [right - left, bottom - top].max
        raise Error.new("There are no shapes in this drawing.", hint: "Bring one with an area.") unless size&.positive?

        scale = side * 0.82 / size
        dx = (side / 2) - ((left + right) / 2 * scale)
        dy = (side / 2) - ((top + bottom) / 2 * scale)
        list.map { |commands| commands.map { |letter, *n| letter + n.each_slice(2).flat_map { |x, y| [((x * scale) + dx).round(2), ((y * scale) + dy).round(2)] }.join(" ") }.join }
      end
    end
  end
end
