# frozen_string_literal: true

module Peony
  module Tables
    module Findings
      # Saturdays and Sundays against Mondays to Fridays: means over all rows; told where Welch's t leaves a chance below 1 in 1,000 and the difference is 8 % at least.
      class Weekly < Finding
        finding "weekly"

        def find
          return [] unless shape.daily?

          times.select { |s| s.size >= 21 }.filter_map { |series| one(series) }
        end

        private

        def one(series)
          ends, days = series.values.each_index.partition { |i| [0, 6].include?(series.keys[i].from.wday) }.map { |rows| rows.map { |i| series.values[i] } }
          return nil if ends.size < 4 || days.size < 8 || Statistics.mean(days).zero?

          share = (Statistics.mean(ends) - Statistics.mean(days)) / Statistics.mean(days) * 100
          return nil if share.abs < 8 || doubtful?(series)

          words = "#{Amounts.percent(share)} #{share.positive? ? 'more' : 'fewer'} #{named(series.column)} on Saturdays and Sundays than on other days."
          say(words, weight: 0.95, series: series, value: share, direction: share.positive? ? "up" : "down", sure: "means of #{ends.size} and #{days.size} days")
        end

        # The same question without the rows beyond the ordinary.
        def doubtful?(series)
          far = shape.usual(series).far
          kept = series.values.each_index.reject { |i| far.key?(i) }
          a, b = kept.partition { |i| [0, 6].include?(series.keys[i].from.wday) }.map { |rows| rows.map { |i| series.values[i] } }
          error = Math.sqrt([((Statistics.deviation(a)**2) / a.size) + ((Statistics.deviation(b)**2) / b.size), 1e-12].max)
          Statistics.chance((Statistics.mean(a) - Statistics.mean(b)) / error, [a.size, b.size].min - 1) > 0.001
        end
      end
    end
  end
end
