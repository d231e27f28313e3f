# frozen_string_literal: true

module Peony
  module Output
    # A table as the command line prints it.
    module Tables
      module_function

      # @param file [String]
      # @param sheet [String, nil]
      # @return [Hash]
      def hash(file, sheet)
        sheets = Peony::Tables.open(file)
        picked = Peony::Tables.pick(sheets, sheet)
        table = Peony::Tables::Reader.table(picked)
        shape = Peony::Tables::Shape.new(table)
        said = Peony::Tables::Finding.all(shape)
        charts = Charts::Proposals.for(shape, said: said, draw: table.size <= 5000)
        { file: file, sheet: picked.name, sheets: sheets.map(&:name).compact, title: table.title, shape: shape.kind, columns: columns(table), rows: table.size,
          left: table.left.transform_values(&:to_s), gaps: shape.gaps.map(&:iso8601), findings: said.map(&:to_h), charts: charts.map { |c| chart(c) } }.compact
      end

      def chart(made) = { chart: made.chart, family: made.family, fit: made.fit, reason: made.reason, title: made.heading }

      def columns(table)
        table.columns.map { |c| { name: c.name, kind: c.kind, unit: c.unit, currency: c.currency, missing: c.missing.positive? ? c.missing : nil }.compact }
      end
    end
  end
end
