# frozen_string_literal: true

module Peony
  module Scene
    # The way of a connector from one box to another: straight where that is free, else with few bends, through no words.
    class Routes
      SIDES = { right: [1, 0], left: [-1, 0], bottom: [0, 1], top: [0, -1] }.freeze
      # px that a way keeps from words and, beside its ends, from boxes.
      CLEAR = 7.0
      STEP = 14.0
      TURN = 40.0
      MOST = 20_000

      # @param from [Array<Float>] left, top, right, bottom
      # @param to [Array<Float>]
      # @param words [Array<Array<Float>>] what it must not cross
      # @param size [Array(Float, Float)] of the page
      # @return [Array<Array(Float, Float)>] points, two at least
      def self.between(from, to, words, size) = new(from, to, words, size).way

      def initialize(from, to, words, size)
        @from = from
        @to = to
        @size = size
        @words = words.map { |l, t, r, b| [l - CLEAR, t - CLEAR, r + CLEAR, b + CLEAR] }
      end

      def way
        simple.find { |points| free?(points) } || around || simple.first
      end

      # Straight ways and ways with one or two bends, the shortest first.
      def simple
        @simple ||= SIDES.keys.product(SIDES.keys).flat_map { |a, b| ways(anchor(@from, a), a, anchor(@to, b), b) }.sort_by { |points| length(points) + (TURN * (points.size - 2)) }
      end

      private

      def anchor(box, side)
        dx, dy = SIDES.fetch(side)
        [((box[0] + box[2]) / 2) + (dx * (((box[2] - box[0]) / 2) + 4)), ((box[1] + box[3]) / 2) + (dy * (((box[3] - box[1]) / 2) + 4))]
      end

      # Ways that leave and reach a side from outside only.
      def ways(start, a, stop, b)
        out, back = SIDES.values_at(a, b)
        list = [[start, stop], [start, [stop[0], start[1]], stop], [start, [start[0], stop[1]], stop]]
        list += [0.5, 0.25, 0.75].flat_map do |share|
          mx = start[0] + ((stop[0] - start[0]) * share)
          my = start[1] + ((stop[1] - start[1]) * share)
          [[start, [mx, start[1]], [mx, stop[1]], stop], [start, [start[0], my], [stop[0], my], stop]]
        end
        list.select { |points| leaves?(points[0], points[1], out) && leaves?(points[-1], points[-2], back) }.uniq
      end

      def leaves?(point, nearby, side) = ((nearby[0] - point[0]) * side[0]) + ((nearby[1] - point[1]) * side[1]) > 2

      def length(points) = points.each_cons(2).sum { |a, b| Math.hypot(b[0] - a[0], b[1] - a[1]) }

      def free?(points)
        points.each_cons(2).none? do |a, b|
          [@from, @to].any? { |box| Segments.crosses?(box.map.with_index { |v, i| i < 2 ? v + 3 : v - 3 }, a, b) } || @words.any? do |box|
            Segments.crosses?(box, a, b)
          end
        end
      end

      # A way over a grid round everything (A*, Hart, Nilsson and Raphael 1968; a bend costs as much as {TURN} px).
      def around
        starts = SIDES.keys.map { |s| cell(anchor(@from, s)) }.reject { |c| blocked?(c) }
        goals = SIDES.keys.map { |s| cell(anchor(@to, s)) }.reject { |c| blocked?(c) }
        return nil if starts.empty? || goals.empty?

        found = search(starts, goals)
        found && straight(found.map { |x, y| [x * STEP, y * STEP] })
      end

      def cell(point) = point.map { |v| (v / STEP).round }

      def blocked?(cell)
        x, y = cell.map { |v| v * STEP }
        return true if x.negative? || y.negative? || x > @size[0] || y > @size[1]

        @words.any? { |l, t, r, b| x > l && x < r && y > t && y < b } || [@from, @to].any? { |l, t, r, b| x > l + 2 && x < r - 2 && y > t + 2 && y < b - 2 }
      end

      def search(starts, goals)
        rest = ->(c) { goals.map { |g| (g[0] - c[0]).abs + (g[1] - c[1]).abs }.min * STEP }
        open = starts.map { |c| [rest[c], 0.0, [c, nil]] }
        best = open.to_h { |_, cost, state| [state, cost] }
        from = {}
        blocked = Hash.new { |known, c| known[c] = blocked?(c) }
        MOST.times do
          return nil if open.empty?

          _, cost, state = open.delete(open.min_by(&:first))
          return trace(from, state) if goals.include?(state[0])

          SIDES.each_value do |side|
            nearby = [state[0][0] + side[0], state[0][1] + side[1]]
            next if blocked[nearby]

            price = cost + STEP + (state[1] && state[1] != side ? TURN : 0)
            after = [nearby, side]
            next if best[after] && best[after] <= price

            best[after] = price
            from[after] = state
            open << [price + rest[nearby], price, after]
          end
        end
        nil
      end

      def trace(from, state)
        list = [state[0]]
        list.unshift(from[state][0]) && (state = from[state]) while from[state]
        list
      end

      # Points between which the way goes straight on are left out.
      def straight(points)
        points.each_with_index.select do |p, i|
          i.zero? || i == points.size - 1 || ((p[0] - points[i - 1][0]) * (points[i + 1][1] - p[1])) != ((p[1] - points[i - 1][1]) * (points[i + 1][0] - p[0]))
        end.map(&:first)
      end
    end
  end
end
