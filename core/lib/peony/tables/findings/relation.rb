# frozen_string_literal: true

module Peony
  module Tables
    module Findings
      # Two measures of the same rows that go together: Pearson's r and Spearman's rank correlation agreeing, chance below 1 in 1,000, |r| from 0.45.
      # Of the two measures of a table of pairs it is also said when they do not (|r| below 0.2).
      class Relation < Finding
        finding "relation"

        LEAST = 0.45
        NONE = 0.2

        def find
          return [] unless %i[pairs things series].include?(shape.kind)

          measures = table.numeric.select { |c| c.numbers.uniq.size > 2 }.first(8)
          measures.combination(2).filter_map { |a, b| one(a, b, measures.size) }
        end

        private

        def one(first, second, count)
          rows = (0...table.size).select { |i| first.values[i] && second.values[i] }
          return nil if rows.size < 8

          xs, ys = [first, second].map { |c| rows.map { |i| c.values[i] } }
          r = Statistics.pearson(xs, ys)
          return nil if r.nil?
          return none(first, second, rows, r) if r.abs < NONE && shape.kind == :pairs && count == 2

          ranked = Statistics.spearman(xs, ys)
          sure = r.abs >= LEAST && ranked && (ranked * r).positive? && ranked.abs > 0.35 && Statistics.chance_of_r(r, rows.size) < 0.001 / [count - 1, 1].max
          sure ? told(first, second, rows, r, ranked) : nil
        end

        def told(first, second, rows, r, ranked)
          words = "#{first.additive? ? 'More' : 'Higher'} #{named(first)}, #{other(second, r)} #{named(second)} (r = #{written(r)})."
          say(words, weight: shape.kind == :pairs ? 0.95 : 0.45, column: first.name, with: second.name, value: r, direction: r.positive? ? "positive" : "negative",
                     cells: [[first.name, rows], [second.name, rows]], sure: "Pearson r #{r.round(2)}, Spearman #{ranked.round(2)}, n = #{rows.size}")
        end

        def none(first, second, rows, r)
          words = "#{first.plain} and #{named(second)}: no relation to be seen (r = #{written(r)})."
          cells = [[first.name, rows], [second.name, rows]]
          say(words, weight: 0.8, column: first.name, with: second.name, value: r, direction: "none", cells: cells, sure: "Pearson r #{r.round(2)}, n = #{rows.size}")
        end

        def other(column, r)
          if column.additive?
            r.positive? ? "more" : "fewer"
          else
            (r.positive? ? "higher" : "lower")
          end
        end

        def written(r) = Amounts.text(r, nil, decimals: 2)
      end
    end
  end
end
