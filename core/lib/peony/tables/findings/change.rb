# frozen_string_literal: true

module Peony
  module Tables
    module Findings
      # The last month or quarter against the same one a year before, in per cent.
      class Change < Finding
        finding "change"

        def find
          return [] unless %w[month quarter].include?(shape.time&.kind)

          times.filter_map { |series| one(series) }
        end

        private

        def one(series)
          last = series.size - 1
          before = series.keys.index { |k| k.from == series.keys[last].from.prev_year }
          return nil if before.nil? || !series.values[before].positive?

          share = (series.values[last] - series.values[before]) / series.values[before] * 100
          return nil if share.abs < 1

          words = "#{series.column.plain} in #{series.word(last)}: #{Amounts.percent(share)} #{share.positive? ? 'more' : 'less'} than in #{series.word(before)}."
          say(words, weight: 0.7, series: series, index: last, at: series.key(last), value: share, direction: share.positive? ? "up" : "down",
                     cells: [[series.column.name, [series.rows[before], series.rows[last]]]])
        end
      end
    end
  end
end
