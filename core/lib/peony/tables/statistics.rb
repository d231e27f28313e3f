# frozen_string_literal: true

module Peony
  module Tables
    # Plain statistics over lists of numbers. Formulas are those of any textbook; where there is a choice, the source is named.
    module Statistics
      # +t+ is the slope over its standard error.
      Line = Struct.new(:slope, :start, :left, :t, keyword_init: true)
      # A cut into two levels. +left+ is the sum of squares that remains.
      Cut = Struct.new(:at, :before, :after, :left, keyword_init: true)

      module_function

      def mean(list) = list.sum / list.size.to_f

      def median(list)
        sorted = list.sort
        middle = sorted.size / 2
        sorted.size.odd? ? sorted[middle].to_f : (sorted[middle - 1] + sorted[middle]) / 2.0
      end

      # Median absolute deviation, scaled to the standard deviation of a normal distribution.
      def spread(list)
        middle = median(list)
        1.4826 * median(list.map { |x| (x - middle).abs })
      end

      def squares(list)
        middle = mean(list)
        list.sum { |x| (x - middle)**2 }
      end

      def deviation(list) = list.size < 2 ? 0.0 : Math.sqrt(squares(list) / (list.size - 1))

      # Least squares of the values over 0, 1, 2 ...
      # @return [Line]
      def line(values, places = nil)
        places ||= (0...values.size).map(&:to_f)
        mx = mean(places)
        my = mean(values)
        sxx = places.sum { |x| (x - mx)**2 }
        sxy = places.zip(values).sum { |x, y| (x - mx) * (y - my) }
        slope = sxx.zero? ? 0.0 : sxy / sxx
        left = [squares(values) - (slope * sxy), 0.0].max
        error = values.size > 2 && sxx.positive? ? Math.sqrt(left / (values.size - 2) / sxx) : 0.0
        Line.new(slope: slope, start: my - (slope * mx), left: left, t: if error.zero?
                                                                          slope.zero? ? 0.0 : 1e6
                                                                        else
                                                                          slope / error
                                                                        end)
      end

      # The cut that leaves the least sum of squares, each side at least +least+ long.
      # @return [Cut, nil]
      def cut(values, least)
        return nil if values.size < least * 2

        total = values.sum
        all = values.sum { |x| x * x }
        sum = 0.0
        best = nil
        values.each_with_index do |x, i|
          sum += x
          before = i + 1
          after = values.size - before
          next if before < least || after < least

          left = all - (sum * sum / before) - (((total - sum)**2) / after)
          best = Cut.new(at: before, before: sum / before, after: (total - sum) / after, left: left) if best.nil? || left < best.left
        end
        best
      end

      # Pearson's coefficient of correlation.
      # @return [Float, nil] nil where one of the two does not vary
      def pearson(xs, ys)
        mx = mean(xs)
        my = mean(ys)
        sxy = sxx = syy = 0.0
        xs.each_with_index do |x, i|
          dx = x - mx
          dy = ys[i] - my
          sxy += dx * dy
          sxx += dx * dx
          syy += dy * dy
        end
        sxx.zero? || syy.zero? ? nil : sxy / Math.sqrt(sxx * syy)
      end

      # Spearman's: Pearson's of the ranks, ties sharing their mean rank.
      def spearman(xs, ys) = pearson(ranks(xs), ranks(ys))

      def ranks(list)
        order = list.each_index.sort_by { |i| list[i] }
        ranks = Array.new(list.size)
        order.chunk_while { |a, b| list[a] == list[b] }.reduce(0) do |at, group|
          group.each { |i| ranks[i] = at + ((group.size - 1) / 2.0) }
          at + group.size
        end
        ranks
      end

      # Two-sided probability of a Student's t at least this far out (Abramowitz and Stegun 26.7.8).
      def chance(t, freedom)
        return 1.0 if freedom < 1

        z = t.abs * (1 - (1 / (4.0 * freedom))) / Math.sqrt(1 + (t * t / (2.0 * freedom)))
        Math.erfc(z / Math.sqrt(2))
      end

      # The probability that r is chance among n pairs.
      def chance_of_r(r, n)
        if n < 4
          1.0
        else
          chance(r.abs >= 1 ? 1e6 : r * Math.sqrt((n - 2) / (1 - (r * r))), n - 2)
        end
      end

      # Sample skewness: m3 / m2^1.5 · √(n(n−1)) / (n−2), moments over n.
      def skewness(list)
        n = list.size
        middle = mean(list)
        m2 = list.sum { |x| (x - middle)**2 } / n
        m3 = list.sum { |x| (x - middle)**3 } / n
        m2.zero? || n < 3 ? 0.0 : m3 / (m2**1.5) * Math.sqrt(n * (n - 1)) / (n - 2)
      end

      # Correlation of neighbours.
      def inertia(list)
        list.size < 4 ? 0.0 : (pearson(list[0..-2], list[1..]) || 0.0)
      end

      # The median of each value's surroundings, the value itself left out.
      # @param reach [Integer] neighbours on either side
      def surroundings(list, reach)
        list.each_index.map do |i|
          from = (i - reach).clamp(0, [list.size - (2 * reach) - 1, 0].max)
          near = list[from, (2 * reach) + 1]
          near = near[0...(i - from)] + near[(i - from + 1)..] if near.size > 1
          median(near)
        end
      end
    end
  end
end
