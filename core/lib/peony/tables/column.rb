# frozen_string_literal: true

module Peony
  module Tables
    # One column, understood. +values+ are numbers, periods ({Calendar::Period}), booleans or text; nil where a cell is empty or cannot be read.
    # +texts+ are the cells as they stand; +place+ is the column of the sheet it stands in, from 0.
    Column = Struct.new(:name, :kind, :unit, :currency, :values, :texts, :decimals, :index, :place, keyword_init: true)

    # Its kind and what follows from it.
    class Column
      NUMBERS = %w[number percent money].freeze
      TIMES = %w[date month quarter year].freeze
      WORDS = %w[text category place].freeze
      MEANS = /\b(?:mean|average|avg|median|per|an hour|a day|each|rate|ratio|index|score|mark|rating|grade|age|ages|temp\w*|price|humidity|share|percent|speed|brightness|density|depth|height|width|length|pressure|
               durchschnitt|schnitt|mittel\w*|anteil|preis|alter|note|level|pH|wait|minutes?|distance|latitude|longitude|marks?|stars?|bpm|hardness|weight)\b|°|%|\bof \d/xi

      def numeric? = NUMBERS.include?(kind)
      def time? = TIMES.include?(kind)
      def words? = WORDS.include?(kind)
      def numbers = values.compact

      # What was said in each row, in the words of the cell.
      def said
        if kind == "boolean"
          texts.each_index.map { |i| values[i].nil? ? nil : texts[i] }
        else
          values
        end
      end

      # Of a column of times: each one written there.
      # @return [Array<Calendar::Period>]
      def periods = @periods ||= values.compact.each_with_object({}.compare_by_identity) { |period, seen| seen[period] = true }.keys
      def distinct = @distinct ||= time? ? periods.uniq.size : values.compact.uniq.size
      def missing = values.count(&:nil?)

      # Numbers 1, 2, 3 ... that only name the rows.
      def counter?
        return true if turn?
        return false unless kind == "number" && values.size > 3

        name.match?(/\A(?:no\.?|nr\.?|#|id|row|number|index)\z/i) || (name.match?(/\b(?:id|no\.?|nr\.?|number)\z/i) && rising? { |a, b| b > a }) ||
          (name.match?(PLACED) && values.first == 1 && rising? { |a, b| b >= a })
      end
      PLACED = /\A(?:places?|rank(?:ing)?|pos(?:\.|ition)?|platz|rang)\z/i

      # Weeks, lessons, rounds 1, 2, 3 ...: which one a row tells of, where that stands first in it.
      def turn?
        @turn = index.to_i.zero? && kind == "number" && values.size > 2 && Notes::ColumnHeads.turn?(name) && rising? { |a, b| b - a == 1 } if @turn.nil?
        @turn
      end

      # What the rows are called by this column: "Week 3" where it only counts them.
      # @return [Array<String, nil>]
      def names = turn? ? texts.map { |text| "#{plain} #{text}" } : values

      # @yieldparam one [Numeric]
      # @yieldparam other [Numeric] that stands below it
      def rising? = values.each_cons(2).all? { |one, other| one && other && yield(one, other) }

      # Whether a sum of these says something: not of means, rates, marks or measurements.
      def additive? = kind != "percent" && !name.match?(MEANS) && !unit.to_s.match?(%r{/|°|\Amm?\z|\Acm\z|\Akm\z|mcd|lux|dB|hPa|min})

      # What the name says without its unit: "Milk (l)" is "Milk".
      def plain = name.sub(/\s*[(\[][^)\]]*[)\]]\s*\z/, "").sub(/,\s*(?:19|20)\d\d\z/, "").strip.then { |s| s.empty? ? name : s }
    end
  end
end
