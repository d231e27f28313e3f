# frozen_string_literal: true

module Peony
  module Tables
    module Findings
      # Single rows far above or below what their surroundings and their weekday lead one to expect. Robust z from 6 (scaled median absolute deviation).
      class Far < Finding
        finding "spike"

        def find
          times.flat_map do |series|
            usual = shape.usual(series)
            usual.far.sort_by { |_, z| -z.abs }.first(4).map { |i, z| one(series, usual, i, z) }
          end
        end

        private

        def one(series, usual, index, z)
          up = z.positive?
          usually = amount(usual.expected[index].round(series.column.decimals), series.column)
          words = "#{series.column.plain} on #{series.word(index)}: #{amount(series.values[index], series.column)}, where about #{usually} would be usual."
          say(words, weight: 0.85, series: series, index: index, at: series.key(index), value: series.values[index], direction: up ? "up" : "down", sure: "robust z #{z.round(1)}")
            .tap { |s| s.kind = up ? "spike" : "dip" }
        end
      end
    end
  end
end
