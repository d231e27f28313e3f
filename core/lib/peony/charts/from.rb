# frozen_string_literal: true

module Peony
  module Charts
    # Data for charts, taken from a table as its shape offers it.
    module From
      module_function

      # @param shape [Tables::Shape]
      # @return [Tables::Column, nil] the measure a chart is about, unless another is asked for
      def measure(shape, name = nil)
        (name && shape.measures.find { |c| c.name == name }) || shape.additive.first || shape.measures.first
      end

      # One measure in its order: over time, or thing by thing.
      def one(shape, column)
        series = shape.series.find { |s| s.column.equal?(column) }
        return nil unless series
        return hash(shape.label, series.keys, [[column.name, series.values, column]]) unless shape.time

        series = Tables::Coarse.of([series]).first
        hash(shape.time, series.keys, [[column.name, series.values, column]], kind: series.keys.first.kind)
      end

      # All things of a wide or long table over time.
      def many(shape)
        series = Tables::Coarse.of(shape.series)
        keys = series.flat_map(&:keys).uniq(&:key).sort_by { |k| k.from.jd }
        list = series.map { |s| [s.name, aligned(s, keys), s.column || shape.periods.first&.first] }
        hash(nil, keys, list, kind: keys.first.kind)
      end

      def aligned(series, keys)
        known = series.keys.each_with_index.to_h { |k, i| [k.key, series.values[i]] }
        keys.map { |k| known[k.key] }
      end

      # The sum of each thing of a wide or long table.
      def totals(shape)
        column = shape.series.first.column || shape.periods.first&.first
        hash(shape.label, shape.totals.keys, [["In all", shape.totals.values, column]])
      end

      # How often each answer was given, in the order of the scale where it is one.
      def answers(shape, name = nil)
        column = shape.chosen.find { |c| c.name == name } || shape.chosen.max_by { |c| c.values.compact.tally.values.max }
        counts = column.said.compact.tally
        keys = Answers.ordered(counts.keys)
        { "x" => { "name" => column.name, "kind" => "category", "keys" => keys }, "series" => [{ "name" => column.plain, "values" => keys.map do |k|
          counts[k]
        end, "kind" => "number", "decimals" => 0 }] }
      end

      # Several measures row by row.
      def rows(shape, columns)
        picks = (0...shape.table.size).select { |i| columns.all? { |c| c.values[i] } }
        label = shape.label || shape.time
        hash(label, picks.map { |i| label&.names&.at(i) || "row #{i + 1}" }, columns.map { |c| [c.name, picks.map { |i| c.values[i] }, c] })
      end

      def hash(label, keys, series, kind: nil)
        { "x" => { "name" => label&.name.to_s, "kind" => kind || (label&.kind unless label&.turn?) || "category", "keys" => keys.map { |k| k.respond_to?(:key) ? k.key : k.to_s } },
          "series" => series.map do |name, values, column|
            { "name" => name, "values" => values.map do |v|
              number(v)
            end, "kind" => column&.kind, "unit" => column&.unit, "currency" => column&.currency, "decimals" => column&.decimals.to_i }.compact
          end }
      end

      def number(value)
        if value.nil?
          nil
        else
          (value == value.round && value.abs < 1e15 ? value.to_i : value)
        end
      end
    end
  end
end
