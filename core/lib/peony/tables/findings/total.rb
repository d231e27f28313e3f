# frozen_string_literal: true

module Peony
  module Tables
    module Findings
      # The sum of a measure that can be summed.
      class Total < Finding
        finding "total"

        def find
          case shape.kind
          when :series, :things, :groups then shape.series.select { |s| s.column.additive? && s.size >= 3 }.map { |s| one(s.total, s) }
          when :wide, :long then [one(shape.totals.total, nil)]
          else []
          end
        end

        private

        def one(sum, series)
          sum = sum.round(6)
          column = series&.column || shape.series.first.column
          words = series ? "#{series.column.plain}: #{amount(sum, column)} in all." : "#{amount(sum, column)} in all."
          say(words, weight: 0.3, series: series, value: sum)
        end
      end
    end
  end
end
