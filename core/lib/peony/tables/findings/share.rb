# frozen_string_literal: true

module Peony
  module Tables
    module Findings
      # The leader's part of the whole, in per cent. A column that holds shares already is told as it stands.
      class Share < Finding
        finding "share"

        def find
          case shape.kind
          when :things, :groups then shape.series.select { |s| s.size >= 3 && s.values.min >= 0 }.filter_map { |s| of(s) }
          when :wide, :long then [of(shape.totals)].compact
          when :answers then shape.chosen.filter_map { |c| answers(c) }
          else []
          end
        end

        private

        def of(series)
          top = series.at_most
          shares = series.column&.kind == "percent"
          return nil if series.total.zero? || (shares ? (series.total - 100).abs > 1.5 : series.column && !series.column.additive?)

          value = shares ? series.values[top] : series.values[top] / series.total * 100
          say("#{series.word(top)}: #{Amounts.percent(value)} of all#{" #{named(series.column)}" if series.column && !shares}.", weight: shares ? 0.85 : 0.5, series: series, index: top,
                                                                                                                                 at: series.key(top), value: value)
        end

        def answers(column)
          counts = column.said.compact.tally
          name, count = counts.max_by(&:last)
          return nil if counts.values.count(count) > 1

          value = count / counts.values.sum.to_f * 100
          say("#{column.plain}: #{Amounts.percent(value)} answer “#{name}”.", weight: 0.6, column: column.name, at: name, value: value)
        end
      end
    end
  end
end
