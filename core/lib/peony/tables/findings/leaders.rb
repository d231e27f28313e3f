# frozen_string_literal: true

module Peony
  module Tables
    module Findings
      # Among things: the one with most and the one with least. In answers: what was said most and least often.
      class Leaders < Finding
        finding "leader"

        def find
          case shape.kind
          when :things, :groups then shape.series.select { |s| s.size >= 3 && (s.column.additive? || s.column.kind == "percent") }.flat_map { |s| both(s) }
          when :wide, :long then both(shape.totals)
          when :answers then shape.chosen.flat_map { |c| answers(c) }
          else []
          end
        end

        private

        def both(series) = series.values.uniq.size < 2 ? [] : [one(series, series.at_most, "leader"), one(series, series.at_least, "laggard")]

        def one(series, index, kind)
          column = series.column || shape.series.first.column || shape.periods.first&.first
          what = series.column ? " #{named(series.column)}" : " in all"
          words = "#{kind == 'leader' ? top(series) : bottom(series)}#{what}: #{series.word(index)}, #{amount(series.values[index], column)}."
          say(words, weight: kind == "leader" ? 0.75 : 0.35, series: series, index: index, at: series.key(index), value: series.values[index]).tap { |s| s.kind = kind }
        end

        def top(series) = series.column&.kind == "percent" ? "Largest" : "Most"
        def bottom(series) = series.column&.kind == "percent" ? "Smallest" : "Fewest"

        def answers(column)
          counts = column.said.compact.tally
          all = counts.values.sum
          most = counts.max_by(&:last)
          least = counts.min_by(&:last)
          cells = ->(name) { [[column.name, column.said.each_index.select { |i| column.said[i] == name }]] }
          told = counts.values.count(most.last) > 1 ? [] : [["leader", most, 0.75], ["laggard", least, 0.3]]
          told.map do |kind, (name, count), weight|
            often = kind == "leader" ? "most often" : "least often"
            say("#{column.plain}: “#{name}” is answered #{often}, by #{count} of #{all}.", weight: weight, column: column.name, at: name, value: count, cells: cells[name]).tap do |s|
              s.kind = kind
            end
          end
        end
      end
    end
  end
end
