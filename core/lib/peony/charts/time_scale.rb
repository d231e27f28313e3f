# frozen_string_literal: true

module Peony
  module Charts
    # From days to px, with ticks at the beginnings of days, weeks, months, quarters or years, as many as there is room for.
    class TimeScale
      STEPS = [[:day, 1], [:day, 2], [:day, 7], [:day, 14], [:month, 1], [:month, 2], [:month, 3], [:month, 6], [:year, 1], [:year, 2], [:year, 5], [:year, 10], [:year, 20], [:year, 50]].freeze
      SHORT = Date::ABBR_MONTHNAMES

      # @param periods [Array<Tables::Calendar::Period>] in order
      def initialize(periods, from:, to:)
        @periods = periods
        @days = periods.map { |p| p.from.jd }
        @low, @high = @days.minmax
        @from = from
        @to = to
      end

      def [](index) = at(@days[index])
      def at(day) = @high == @low ? (@from + @to) / 2 : @from + ((day - @low) / (@high - @low).to_f * (@to - @from))

      # @param room [Proc] from a text to the px it needs
      # @return [Array<[Float, String, String]>] place, words, words below
      def ticks(room)
        finest = { "date" => 0, "month" => 4, "quarter" => 6, "year" => 8 }.fetch(@periods.first.kind)
        STEPS.drop(finest).each do |unit, count|
          list = marks(unit, count)
          next if list.empty?
          return list if list.size < 2 || list.each_cons(2).all? { |a, b| b[0] - a[0] >= room.call(a[1]) }
        end
        [[at(@low), label(Date.jd(@low), :year), nil]]
      end

      # Each point by its own name, where there is room for all of them.
      # @return [Array<[Float, String, String]>, nil] place, words, words below
      def names(room, each)
        unit = { "date" => :day, "year" => :year }.fetch(@periods.first.kind, :month)
        told = @periods.map { |p| label(p.from, unit) }
        return nil unless told.all? { |words| room.call(words) <= each }

        years = @periods.map { |p| p.from.year.to_s if unit != :year && Tables::Calendar.told?(p.from) }
        @days.each_with_index.map { |day, i| [at(day), told[i], (years[i] if i.zero? || years[i] != years[i - 1])] }
      end

      private

      def marks(unit, count)
        dates = begins(unit, count).select { |d| d.jd.between?(@low, @high) }
        shown = nil
        dates.map do |date|
          below = date.year.to_s if unit != :year && date.year != shown && Tables::Calendar.told?(date)
          shown = date.year
          [at(date.jd), label(date, unit), below]
        end
      end

      def begins(unit, count)
        first = Date.jd(@low)
        case unit
        when :day
          start = [7, 14].include?(count) ? first + ((8 - first.wday) % 7) : first
          (0..((@high - start.jd) / count)).map { |i| start + (i * count) }
        when :month
          start = Date.new(first.year, 1, 1)
          (0..(((@high - start.jd) / 28 / count) + 1)).map { |i| start >> (i * count) }
        else
          (first.year..Date.jd(@high).year).select { |y| (y % count).zero? }.map { |y| Date.new(y, 1, 1) }
        end
      end

      def label(date, unit)
        return date.year.to_s if unit == :year
        return "#{date.day} #{SHORT[date.month]}" if unit == :day
        return "Q#{((date.month - 1) / 3) + 1}" if @periods.first.kind == "quarter"

        SHORT[date.month]
      end
    end
  end
end
