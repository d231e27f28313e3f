# frozen_string_literal: true

module Peony
  module Tables
    # What a series in time usually does: its level, what the weekday or the month adds, and how far it strays from both.
    class Usual
      # Robust z (distance over the scaled median absolute deviation) from which a value is beyond the ordinary, and the least share of the level.
      FAR = 6.0
      SHARE = 0.25

      attr_reader :series

      # @param series [Shape::Series] in time
      # @param shape [Shape]
      def initialize(series, shape)
        @series = series
        @shape = shape
      end

      def daily? = @shape.daily? && series.size >= 21
      def reach = daily? ? 7 : 3

      # What a value's place in the week or the year adds to its level; 0 without enough rows to tell.
      # @return [Array<Float>]
      def season
        @season ||= begin
          groups = places
          effects = groups ? effects(groups) : {}
          groups ? groups.map { |g| effects[g] } : Array.new(series.size, 0.0)
        end
      end

      def expected
        @expected ||= begin
          bare = series.values.zip(daily? ? season : Array.new(series.size, 0.0)).map { |v, s| v - s }
          Statistics.surroundings(bare, [reach, (series.size - 1) / 2].min).zip(daily? ? season : []).map { |level, s| level + s.to_f }
        end
      end

      def strays = @strays ||= series.values.zip(expected).map { |v, e| v - e }
      def scale = @scale ||= [Statistics.spread(strays), level * 0.01, 1e-9].max
      def level = @level ||= Statistics.median(series.values.map(&:abs))

      # Rows beyond the ordinary, with their robust z.
      # @return [Hash{Integer => Float}]
      def far
        return {} if series.size < 15

        @far ||= strays.each_index.to_h { |i| [i, strays[i] / scale] }
                       .select { |i, z| z.abs >= FAR && strays[i].abs >= level * SHARE && !yearly?(i) && alone?(i) }
      end

      # The values with what is beyond the ordinary put back, and without the season.
      def calm
        @calm ||= series.values.each_index.map { |i| (far.key?(i) ? expected[i] : series.values[i]) - season[i] }
      end

      # The line through the calm values, its t taken down for the inertia of its neighbours.
      # @return [Array(Statistics::Line, Float)] the line and the chance that it is none
      def drift
        line = Statistics.line(calm)
        rest = calm.each_with_index.map { |v, i| v - line.start - (line.slope * i) }
        pull = Statistics.inertia(rest).clamp(0, 0.9)
        count = calm.size * (1 - pull) / (1 + pull)
        [line, Statistics.chance(line.t * Math.sqrt((1 - pull) / (1 + pull)), count - 2)]
      end

      # @return [Statistics::Cut, nil]
      def cut = @cut ||= Statistics.cut(calm, [4, series.size / 12].max)

      # Whether two levels tell the series better than one line; of few rows clearly better.
      def stepped? = !cut.nil? && cut.left < Statistics.line(calm).left * (series.size < 20 ? 0.6 : 0.9)

      private

      # A peak of the season comes every year.
      def yearly?(index)
        at = series.keys[index].from
        series.keys.each_index.any? do |i|
          other = series.keys[i].from
          i != index && other.month == at.month && other.year != at.year && (daily? ? other.day == at.day : true) && (strays[i] / strays[index]) > 0.45
        end
      end

      # Many such rows are no exception.
      def alone?(index) = strays.count { |s| s.abs >= strays[index].abs * 0.5 } <= [2, series.size / 25].max

      def places
        return series.keys.map { |k| k.from.wday } if daily?
        return nil unless %w[month quarter].include?(@shape.time&.kind) && (series.keys.last.from - series.keys.first.from) >= 690

        series.keys.map { |k| k.from.month }
      end

      def effects(groups)
        base = daily? ? Statistics.surroundings(series.values, reach) : trend_of(series.values)
        list = series.values.each_index.group_by { |i| groups[i] }.transform_values { |rows| Statistics.public_send(daily? ? :median : :mean, rows.map { |i| series.values[i] - base[i] }) }
        middle = Statistics.mean(list.values)
        list.transform_values { |v| v - middle }
      end

      def trend_of(values)
        line = Statistics.line(values)
        values.each_index.map { |i| line.start + (line.slope * i) }
      end
    end
  end
end
