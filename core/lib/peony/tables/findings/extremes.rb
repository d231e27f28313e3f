# frozen_string_literal: true

module Peony
  module Tables
    module Findings
      # The highest and the lowest row of a measure; in a wide table the highest and the lowest cell.
      class Extremes < Finding
        finding "max"

        def find
          return wide if shape.kind == :wide
          return [] if %i[answers words groups long].include?(shape.kind)

          list = shape.kind == :things ? shape.series.reject { |s| s.column.additive? } : shape.series
          list.select { |s| s.size >= 3 && s.values.min < s.values.max }.flat_map { |s| [one(s, s.at_most, "max"), one(s, s.at_least, "min")] }
        end

        private

        def one(series, index, kind)
          most = kind == "max"
          value = amount(series.values[index], series.column)
          words = "#{most ? 'Highest' : 'Lowest'} #{named(series.column)}: #{series.word(index)}, #{value}."
          say(words, weight: most ? 0.45 : 0.4, series: series, index: index, at: series.key(index), value: series.values[index]).tap { |s| s.kind = kind }
        end

        def wide
          cells = shape.series.flat_map { |s| s.values.each_index.map { |i| [s, i] } }
          { "max" => cells.max_by { |s, i| s.values[i] }, "min" => cells.min_by { |s, i| s.values[i] } }.map do |kind, (s, i)|
            column = shape.periods.find { |_, p| p.key == s.key(i) }.first
            words = "#{kind == 'max' ? 'Most' : 'Least'} in one #{s.keys[i].kind}: #{s.name}, #{amount(s.values[i], column)} in #{s.word(i)}."
            cells = [[column.name, [s.rows[i]]]]
            say(words, weight: kind == "max" ? 0.6 : 0.4, column: column.name, at: [s.name, s.key(i)], value: s.values[i], cells: cells).tap { |f| f.kind = kind }
          end
        end
      end
    end
  end
end
