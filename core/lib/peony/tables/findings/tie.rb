# frozen_string_literal: true

module Peony
  module Tables
    module Findings
      # Things with exactly the same value, where values vary enough that this is worth saying.
      class Tie < Finding
        finding "tie"

        def find
          return [] unless shape.kind == :things && table.size <= 40

          shape.series.select { |s| s.column.additive? && s.size >= 4 && s.values.uniq.size >= s.size * 0.7 && s.values.max - s.values.min >= s.size * 3 }.filter_map { |s| one(s) }
        end

        private

        def one(series)
          groups = series.values.each_index.group_by { |i| series.values[i] }.select { |v, rows| rows.size > 1 && !v.zero? }
          return nil unless groups.size == 1

          value, rows = groups.first
          names = rows.map { |i| series.word(i) }
          say("#{Amounts.join(names)} are level: #{amount(value, series.column)} #{named(series.column)} each.", weight: 0.65, series: series, at: names, value: value,
                                                                                                                 cells: [[series.column.name, rows.map { |i| series.rows[i] }]])
        end
      end
    end
  end
end
