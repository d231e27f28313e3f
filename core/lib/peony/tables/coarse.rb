# frozen_string_literal: true

module Peony
  module Tables
    # A long series in time by month, quarter or year: sums of what can be summed, means of the rest.
    module Coarse
      MOST = 500
      KINDS = {
        "month" => ->(d) { Calendar.months(d.year, d.month) },
        "quarter" => ->(d) { Calendar::Period.new(kind: "quarter", from: Date.new(d.year, (((d.month - 1) / 3) * 3) + 1, 1), key: "#{d.year}-Q#{((d.month - 1) / 3) + 1}") },
        "year" => ->(d) { Calendar.year(d.year) }
      }.freeze

      module_function

      # @param series [Array<Shape::Series>]
      # @return [Array<Shape::Series>] themselves where they are short, else all by the same period
      def of(series)
        return series if series.all? { |s| s.size <= MOST } || series.any? { |s| s.keys.first.kind == "year" }

        days = series.flat_map { |s| [s.keys.first.from, s.keys.last.from] }.minmax
        months = ((days[1] - days[0]) / 30.4).to_i
        kind = { "month" => MOST / 2, "quarter" => MOST * 1.5, "year" => Float::INFINITY }.find { |_, most| months <= most }.first
        series.map { |s| by(s, KINDS.fetch(kind)) }
      end

      def by(series, period)
        known = {}
        groups = series.keys.each_index.group_by { |i| (d = series.keys[i].from) && (known[(d.year * 12) + d.month] ||= period.call(d)).key }
        periods = groups.map { |_, rows| known[(series.keys[rows.first].from.year * 12) + series.keys[rows.first].from.month] }
        add = series.column.nil? || series.column.additive?
        values = groups.map { |_, rows| rows.sum { |i| series.values[i] }.then { |sum| add ? sum : sum / rows.size } }
        Shape::Series.new(name: series.name, column: series.column, keys: periods, values: values, rows: groups.map { |_, rows| series.rows[rows.first] })
      end
    end
  end
end
