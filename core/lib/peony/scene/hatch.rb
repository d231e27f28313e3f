# frozen_string_literal: true

module Peony
  module Scene
    # Parallel lines across an area, cut where they leave it (even-odd).
    module Hatch
      MOST = 1200

      module_function

      # @param rings [Array<Array<Array(Float, Float)>>] closed rows of points
      # @param angle [Numeric] of the lines, degrees from the horizontal, counter-clockwise as seen
      # @param apart [Float] px between two lines
      # @return [Array<Array>] path commands
      def commands(rings, angle, apart)
        across = [Math.sin(angle * Math::PI / 180), Math.cos(angle * Math::PI / 180)]
        edges = rings.flat_map { |ring| ring.each_cons(2).to_a }
        low, high = rings.flatten(1).map { |x, y| (x * across[0]) + (y * across[1]) }.minmax
        commands = []
        level = low + apart
        while level < high && commands.size < MOST
          crossings(edges, across, level).each_slice(2) { |a, b| commands.push(["M", *a], ["L", *b]) if b && Math.hypot(b[0] - a[0], b[1] - a[1]) > 2.5 }
          level += apart
        end
        commands
      end

      # Where a line meets the edges, in order along it.
      def crossings(edges, across, level)
        edges.filter_map do |(x1, y1), (x2, y2)|
          one = (x1 * across[0]) + (y1 * across[1]) - level
          two = (x2 * across[0]) + (y2 * across[1]) - level
          next if one.zero? || (one <=> 0) == (two <=> 0)

          share = one / (one - two)
          [x1 + ((x2 - x1) * share), y1 + ((y2 - y1) * share)]
        end.sort_by { |x, y| (x * across[1]) - (y * across[0]) }
      end
    end
  end
end
