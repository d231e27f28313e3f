# frozen_string_literal: true

module Peony
  module Tables
    module Findings
      # One lasting change of level: the cut that leaves the least sum of squares (change point of the mean), where F is above 25, the step twice the
      # scatter left, and two levels tell the series better than a line.
      class Shift < Finding
        finding "shift"

        STRONG = 25.0

        def find = times.select { |s| s.size >= 10 }.filter_map { |series| one(series) }

        private

        def one(series)
          usual = shape.usual(series)
          cut = usual.cut
          return nil if cut.nil? || !usual.stepped?

          rest = cut.left / (series.size - 2)
          return nil if rest.positive? && ((Statistics.squares(usual.calm) - cut.left) / rest < STRONG || (cut.after - cut.before).abs < 2 * Math.sqrt(rest))
          return nil if drifting?(usual.calm, cut)

          from, to = [series.values[0...cut.at], series.values[cut.at..]].map { |part| Statistics.mean(part) }
          up = to > from
          percent = from.zero? ? nil : (to - from) / from * 100
          words = "#{series.column.plain} #{up ? 'higher' : 'lower'} since #{series.word(cut.at)}: #{amount(from.round(series.column.decimals), series.column)} on average before, " \
                  "#{amount(to.round(series.column.decimals), series.column)} after#{" (#{up ? '+' : '−'}#{Amounts.percent(percent)})" if percent}."
          say(words, weight: 0.9, series: series, at: series.key(cut.at), value: to - from, from: from, to: to, direction: up ? "up" : "down", sure: "cut of least squares, n = #{series.size}")
        end

        # A slow rise on both sides of the cut is no step.
        def drifting?(values, cut)
          parts = [values[0...cut.at], values[cut.at..]]
          step = (cut.after - cut.before).abs
          parts.sum { |p| p.size < 5 ? 0 : (Statistics.line(p).slope * p.size).abs } > step * 1.2
        end
      end
    end
  end
end
