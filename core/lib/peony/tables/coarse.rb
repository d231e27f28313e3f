# frozen_string_literal: true

module Peony
  module Tables
    # A long series in time by month, quarter or year: sums of what can be summed, means of the rest.
    module Coarse
      MOST = 500
      KINDS = {
        "month" => ->(d) { Calendar.months(d.year, d.month) },
        "quarter" => ->(d) { Calendar::Period.new("quarter", Date.new(d.year, (((d.month - 1) / 3) * 3) + 1, 1), "#{d.year}-Q#{((d.month - 1) / 3) + 1}") },
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
        # Several charts ask for the same.
        series.map { |s| s.once(kind) { by(s, KINDS.fetch(kind)) } }
      end

      def by(series, period)
        known = {}
        sums = {}
        series.keys.each_with_index do |key, i|
          day = key.from
          bucket = (known[(day.year * 12) + day.month] ||= period.call(day).then { |p| sums[p.key] ||= [p, i, 0.0, 0] })
          bucket[2] += series.values[i]
          bucket[3] += 1
        end
        add = series.column.nil? || series.column.additive?
        list = sums.values
        Shape::Series.new(name: series.name, column: series.column, keys: list.map(&:first), values: list.map { |_, _, sum, count| add ? sum : sum / count }, rows: list.map do |_, i|
          series.rows[i]
        end)
      end
    end
  end
end
