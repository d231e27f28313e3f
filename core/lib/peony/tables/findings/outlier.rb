# frozen_string_literal: true

module Peony
  module Tables
    module Findings
      # A thing far from all others: robust z from 8 (scaled median absolute deviation), and twice as far as the next one.
      class Outlier < Finding
        finding "outlier"

        FAR = 8.0

        def find
          return [] unless %i[pairs things].include?(shape.kind) && table.size >= 12

          shape.series.reject { |s| shape.kind == :things && s.column.additive? }.filter_map { |s| one(s) }
        end

        private

        def one(series)
          middle = Statistics.median(series.values)
          spread = Statistics.spread(series.values)
          return nil unless spread.positive?

          far = series.values.map { |v| (v - middle).abs / spread }
          index = far.each_index.max_by { |i| far[i] }
          return nil if far[index] < FAR || far[index] < far.sort[-2] * 2

          words = "#{series.word(index)} lies far from all others: #{amount(series.values[index], series.column)}; the middle one has #{amount(middle, series.column)}."
          say(words, weight: 0.7, series: series, index: index, at: series.key(index), value: series.values[index], sure: "robust z #{far[index].round(1)}")
        end
      end
    end
  end
end
