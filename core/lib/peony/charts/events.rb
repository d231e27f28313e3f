# frozen_string_literal: true

module Peony
  module Charts
    # Events as a person types them, one a line ("13 August: meteor shower", "12–15 May: dome closed"), tied to the points of a chart.
    module Events
      LINE = /\A\s*(?:[-*•]\s*)?(?<when>.+?)\s*(?::\s+|\s[–—-]\s(?=\D)|\t)(?<what>.+?)\s*\z/
      # "average" and "120 goal" are lines across.
      AVERAGE = /\A(?:the )?(?:average|mean)\z/i
      GOAL = /\A(?<value>[£€$]?-?\d[\d.,]*)\s+(?<what>[[:alpha:]].*)\z/
      RANGE = /\A(?<first>\d{1,2})(?:\s?(?<month>[[:alpha:]]+))?\s?(?:–|-|to)\s?(?<last>\d{1,2}\s.+)\z/

      module_function

      # @param text [String]
      # @param object [Hash] a chart of a piece
      # @return [Array(Array<Hash>, Array<String>)] marks, and lines that found no place
      def read(text, object)
        data = Data.from(object["data"])
        marks = []
        left = []
        text.split("\n").map(&:strip).reject(&:empty?).each do |line|
          made = mark(line, data)
          made ? marks << made.merge("own" => true) : left << line
        end
        [marks, left]
      end

      def mark(line, data)
        return level(line, data) if line.match?(AVERAGE) || (line.match?(GOAL) && !line.match?(LINE))

        match = LINE.match(line) or return nil
        return point(match[:when], match[:what], data) unless data.time?

        range = RANGE.match(match[:when])
        return span(range, match[:what], data) if range

        key = key(match[:when], data)
        key && { "kind" => "point", "at" => key, "text" => match[:what] }
      end

      def level(line, data)
        return mean(data.first) unless (match = GOAL.match(line))

        value = Tables::Numerals.read(match[:value], ".")&.value
        value && { "kind" => "level", "value" => value, "text" => match[:what] }
      end

      # @param series [Data::Series]
      # @return [Hash] a mark
      def mean(series)
        decimals = [series.decimals, 1].max
        value = Tables::Statistics.mean(series.numbers).round(decimals)
        { "kind" => "level", "value" => value, "text" => "#{series.text(value, decimals: decimals)} on average" }
      end

      def point(name, words, data)
        index = data.keys.index { |k| k.casecmp?(name) }
        index && { "kind" => "point", "at" => data.keys[index], "text" => words }
      end

      def span(range, words, data)
        last = period(range[:last], data) or return nil
        month = range[:month] ? "#{range[:first]} #{range[:month]}" : "#{range[:first]} #{Date::MONTHNAMES[last.from.month]}"
        first = period(month, data) or return nil
        first.from <= last.from ? { "kind" => "span", "from" => first.key, "to" => last.key, "text" => words } : nil
      end

      # The key of the point that a date falls on: its own day, or the month, quarter or year it lies in.
      def key(words, data)
        found = period(words, data) or return nil
        exact = data.keys.find { |k| k == found.key }
        return exact if exact

        index = data.periods.rindex { |p| p.from <= found.from }
        near = index && data.periods[index]
        near && data.kind != "date" && (index < data.size - 1 || found.from.year == near.from.year) ? data.keys[index] : nil
      end

      # A date without a year is of the year in which the data has it.
      def period(words, data)
        years = data.periods.map { |p| p.from.year }.uniq
        tries = [words, *years.map { |y| "#{words} #{y}" }]
        found = tries.filter_map { |t| Tables::Calendar.read(t) }.select { |p| Tables::Calendar.told?(p.from) }
        found.find { |p| p.from.between?(data.periods.first.from, data.periods.last.from) } || found.first
      end
    end
  end
end
