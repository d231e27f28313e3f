# frozen_string_literal: true

module Peony
  module Tables
    module Findings
      # The last row against the first, in per cent, of a measure that rises or falls steadily.
      class Growth < Finding
        finding "growth"

        def find
          return [] unless %w[month quarter year].include?(shape.time&.kind)

          times.filter_map { |series| one(series) if series.size >= 4 && series.values.first.positive? && Trend.rises?(shape, series) }
        end

        private

        def one(series)
          share = (series.values.last - series.values.first) / series.values.first * 100
          words = "#{series.column.plain}: #{Amounts.percent(share)} #{share.positive? ? 'more' : 'less'} in #{series.word(series.size - 1)} than in #{series.word(0)}."
          say(words, weight: 0.75, series: series, at: series.key(series.size - 1), value: share, direction: share.positive? ? "up" : "down",
                     cells: [[series.column.name, [series.rows.first, series.rows.last]]])
        end
      end
    end
  end
end
