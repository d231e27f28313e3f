# frozen_string_literal: true

module Peony
  module Tables
    module Findings
      # A lopsided spread of marks or measurements: sample skewness, told from 0.9 and three times its standard error (√(6/n)).
      class Skew < Finding
        finding "skew"

        def find
          return [] unless %i[answers pairs].include?(shape.kind)

          table.numeric.filter_map { |c| one(c) if c.numbers.size >= 30 && c.numbers.uniq.size >= 4 }
        end

        private

        def one(column)
          skew = Statistics.skewness(column.numbers)
          return nil if skew.abs < [0.9, 3 * Math.sqrt(6.0 / column.numbers.size)].max || (shape.kind == :pairs && skew.abs < 1.5)

          low = skew.negative?
          words = "#{column.plain}: mostly #{low ? 'high, with a long tail of low ones' : 'low, with a long tail of high ones'}; the middle one is #{amount(Statistics.median(column.numbers),
                                                                                                                                                            column)}."
          say(words, weight: 0.5, column: column.name, value: skew, direction: low ? "negative" : "positive", cells: [[column.name, (0...table.size).to_a]],
                     sure: "sample skewness #{skew.round(2)}")
        end
      end
    end
  end
end
