# frozen_string_literal: true

module Peony
  module Tables
    module Findings
      # A steady rise or fall: least squares through the values; told where the line holds against the season and the inertia of its neighbours
      # (chance below 1 in 2,000) and two levels do not tell it better.
      class Trend < Finding
        finding "trend"

        CHANCE = 0.0005
        LEAST = 0.3

        def find
          times.select { |s| s.size >= 6 }.filter_map { |series| one(series) }
        end

        def self.rises?(shape, series)
          usual = shape.usual(series)
          line, chance = usual.drift
          explained = 1 - (line.left / [Statistics.squares(usual.calm), 1e-12].max)
          (chance < CHANCE || (chance < 0.01 && explained > 0.8)) && explained >= LEAST && !usual.stepped? ? [line, explained] : false
        end

        private

        def one(series)
          found = self.class.rises?(shape, series)
          return nil unless found

          slope = Statistics.line(series.values).slope
          up = found.first.slope.positive?
          each = "#{up ? 'up' : 'down'} by about #{amount(Tables.short(slope.abs), series.column.dup.tap { |c| c.decimals = Tables.places(slope.abs) })} a #{row_word}"
          say("#{series.column.plain}: #{each}.", weight: 0.8, series: series, value: slope, direction: up ? "up" : "down",
                                                  sure: "least squares over #{series.size} rows, R² #{found.last.round(2)}")
        end

        def row_word = { "month" => "month", "quarter" => "quarter", "year" => "year" }.fetch(shape.time.kind) { { 1 => "day", 7 => "week" }.fetch(shape.step, "row") }
      end
    end
  end
end
