# frozen_string_literal: true

require "strscan"

module Peony
  module Icons
    # SVG path data as absolute M, L, C and Z (SVG 2, chapter 9). Arcs become curves by the conversion of appendix B.2.4.
    class Outline
      NUMBER = /[-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?/
      COUNT = { "M" => 2, "L" => 2, "H" => 1, "V" => 1, "C" => 6, "S" => 4, "Q" => 4, "T" => 2, "A" => 7, "Z" => 0 }.freeze
      # More commands than any icon needs.
      MOST = 5000

      # @param data [String]
      # @return [Array<Array>]
      # @raise [Peony::Error] for data that is not a path
      def self.parse(data) = new(data).commands

      def initialize(data)
        @scan = StringScanner.new(data)
        @out = []
        @x = @y = @start_x = @start_y = 0.0
        @control = nil
      end

      def commands
        letter = nil
        until @scan.skip(/[\s,]*/) && @scan.eos?
          found = @scan.scan(/[MmLlHhVvCcSsQqTtAaZz]/)
          letter = found || { "M" => "L", "m" => "l" }.fetch(letter, letter)
          raise Error.new("This is not the outline of a shape.", hint: "Bring a plain SVG drawing.") if letter.nil? || @out.size > MOST || (found.nil? && letter.match?(/z/i))

          step(letter.upcase, letter == letter.downcase, numbers(letter.upcase))
        end
        @out
      end

      private

      # Flags of an arc may stand without anything between them.
      def numbers(letter)
        Array.new(COUNT.fetch(letter)) do |i|
          @scan.skip(/[\s,]*/)
          token = letter == "A" && [3, 4].include?(i) ? @scan.scan(/[01]/) : @scan.scan(NUMBER)
          token or raise Error.new("This is not the outline of a shape.", hint: "Bring a plain SVG drawing.")
          token.to_f
        end
      end

      def step(letter, relative, n)
        dx = relative ? @x : 0
        dy = relative ? @y : 0
        before = @control
        @control = nil
        case letter
        when "M" then start(n[0] + dx, n[1] + dy)
        when "L" then to("L", n[0] + dx, n[1] + dy)
        when "H" then to("L", n[0] + dx, @y)
        when "V" then to("L", @x, n[0] + dy)
        when "C" then curve(n[0] + dx, n[1] + dy, n[2] + dx, n[3] + dy, n[4] + dx, n[5] + dy)
        when "S" then curve(*mirrored(before, "C"), n[0] + dx, n[1] + dy, n[2] + dx, n[3] + dy)
        when "Q" then quadratic(n[0] + dx, n[1] + dy, n[2] + dx, n[3] + dy)
        when "T" then quadratic(*mirrored(before, "Q"), n[0] + dx, n[1] + dy)
        when "A" then arc(n, n[5] + dx, n[6] + dy)
        else close
        end
      end

      def to(letter, x, y)
        @out << [letter, x, y]
        @x = x
        @y = y
      end

      def start(x, y)
        to("M", x, y)
        @start_x = x
        @start_y = y
      end

      def close
        @out << ["Z"]
        @x = @start_x
        @y = @start_y
      end

      def curve(x1, y1, x2, y2, x, y)
        @out << ["C", x1, y1, x2, y2, x, y]
        @control = ["C", x2, y2]
        @x = x
        @y = y
      end

      def quadratic(cx, cy, x, y)
        curve(@x + ((cx - @x) * 2 / 3), @y + ((cy - @y) * 2 / 3), x + ((cx - x) * 2 / 3), y + ((cy - y) * 2 / 3), x, y)
        @control = ["Q", cx, cy]
      end

      def mirrored(before, kind) = before && before[0] == kind ? [(2 * @x) - before[1], (2 * @y) - before[2]] : [@x, @y]

      def arc(numbers, x, y)
        rx, ry, turn, large, sweep = numbers
        rx = rx.abs
        ry = ry.abs
        return if x == @x && y == @y
        return to("L", x, y) if rx.zero? || ry.zero?

        round(rx, ry, turn * Math::PI / 180, large == sweep ? -1 : 1, sweep, x, y)
      end

      def round(rx, ry, phi, side, sweep, x, y)
        cos = Math.cos(phi)
        sin = Math.sin(phi)
        mx = ((@x - x) / 2 * cos) + ((@y - y) / 2 * sin)
        my = ((@y - y) / 2 * cos) - ((@x - x) / 2 * sin)
        grow = Math.sqrt([((mx / rx)**2) + ((my / ry)**2), 1].max)
        rx *= grow
        ry *= grow
        below = ((rx * my)**2) + ((ry * mx)**2)
        root = Math.sqrt([(((rx * ry)**2) - below) / below, 0].max) * side
        ux = root * rx * my / ry
        uy = -root * ry * mx / rx
        centre = [(ux * cos) - (uy * sin) + ((@x + x) / 2), (ux * sin) + (uy * cos) + ((@y + y) / 2)]
        from = Math.atan2((my - uy) / ry, (mx - ux) / rx)
        pieces(centre, rx, ry, cos, sin, from, turned(Math.atan2((-my - uy) / ry, (-mx - ux) / rx) - from, sweep))
      end

      # The way round that the flag asks for.
      def turned(span, sweep)
        return span - (2 * Math::PI) if sweep.zero? && span.positive?

        !sweep.zero? && span.negative? ? span + (2 * Math::PI) : span
      end

      # Curves of at most 90°.
      def pieces(centre, rx, ry, cos, sin, from, span)
        count = [(span.abs / (Math::PI / 2)).ceil, 1].max
        step = span / count
        k = 4.0 / 3 * Math.tan(step / 4)
        place = ->(a, b) { [(a * rx * cos) - (b * ry * sin) + centre[0], (a * rx * sin) + (b * ry * cos) + centre[1]] }
        count.times do |i|
          one = from + (i * step)
          two = one + step
          curve(*place[Math.cos(one) - (k * Math.sin(one)), Math.sin(one) + (k * Math.cos(one))],
                *place[Math.cos(two) + (k * Math.sin(two)), Math.sin(two) - (k * Math.cos(two))], *place[Math.cos(two), Math.sin(two)])
        end
        @control = nil
      end
    end
  end
end
