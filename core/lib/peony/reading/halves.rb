# frozen_string_literal: true

module Peony
  module Reading
    # Amounts that are told by a whole and a part of it, or by the thing alone: "an hour and a half", "two miles and a quarter", "a metre ten", "another hour".
    module Halves
      ONE_TEN = /\ba(?= (?:metre|pound|euro) #{Numbers::WORD}\b)/i
      AND_A_HALF = /\ban? (kilowatt hour|hour|day|week|month|year|mile|metre|kilo|litre|pound|euro|ton|tonne|acre|pint|minute) and a half\b/i
      QUARTERS = /\b(an?|\d+|#{Numbers::WORD}) (hour|mile|year|month|metre|litre|kilo)s? and (a|three) quarters?\b/i
      HOUR_AND = /\ban hour and (\d{1,2}|#{Numbers::WORD})\b(?! (?!minutes)[[:lower:]]+s\b)(?: minutes)?/i
      # "The hole was a metre and ten the next autumn"
      METRE_AND = /\ba (metre|euro|pound) and (#{Numbers::WORD}(?:-#{Numbers::WORD})?)\b(?! [[:lower:]]+s\b)/i
      # "Paperwork eats another hour", "an hour is spent on the telephone", where others are counted: one.
      ONE_HOUR = /(?:(?<=\A|[.!?;,:] | and )an|\b(?:another|one more)) hour\b(?=[.,;]| (?:and it|is|was|goes|went|on|for)\b)/i
      HOURS_TOLD = /\b(?:\d[\d.]*|half an|#{Numbers::WORD}) hours?\b/i

      # "What had become of the thousand trees"
      THE_THOUSAND = /(?<=\bthe )(hundred|thousand|million)(?= (?!(?:was|is|has|its|this)\b)[[:lower:]]+s\b)/

      module_function

      # @param string [String]
      # @param taken [Array<Boolean>] for each character whether another number has it
      # @yieldparam match [MatchData]
      # @yieldparam value [Numeric]
      # @yieldparam unit [String]
      # @yieldparam ending [Integer] where it ends
      def each(string, taken)
        Quantities.each_match(string, ONE_TEN, taken) do |m|
          length, hundredths = Units.hundredths(string[m.end(0), 40])
          unit = string[m.end(0) + 1, 12][/\A[[:alpha:]]+/].downcase
          yield m, 1 + (hundredths / 100.0), Units::MEASURES[unit] || Units::CURRENCIES[unit], m.end(0) + length if hundredths
        end
        # "An hour and three quarters", "two miles and a quarter"
        Quantities.each_match(string, QUARTERS, taken) do |m|
          whole = m[1].match?(/\Aan?\z/i) ? 1 : Numbers.count(m[1])
          yield m, whole + (m[3].match?(/three/i) ? 0.75 : 0.25), Units::MEASURES[m[2].downcase], m.end(0)
        end
        # "From 40 minutes to an hour and ten"
        Quantities.each_match(string, HOUR_AND, taken) do |m|
          minutes = Numbers.count(m[1])
          yield m, 60 + minutes, "minutes", m.end(0) if minutes&.between?(1, 59)
        end
        Quantities.each_match(string, METRE_AND, taken) do |m|
          hundredths = Numbers.count(m[2])
          yield m, 1 + (hundredths / 100.0), Units::MEASURES[m[1].downcase] || Units::CURRENCIES[m[1].downcase], m.end(0) if hundredths&.between?(5, 99)
        end
        Quantities.each_match(string, THE_THOUSAND, taken) { |m| yield m, Numbers::SCALES.fetch(m[1]), string[m.end(0)..][/\A ([[:lower:]]+)/, 1], m.end(0) }
        Quantities.each_match(string, AND_A_HALF, taken) { |m| yield m, 1.5, Units::MEASURES[m[1].downcase] || Units::CURRENCIES[m[1].downcase] || Units.plural_of(m[1].downcase), m.end(0) }
        Quantities.each_match(string, ONE_HOUR, taken) { |m| yield m, 1, "hours", m.end(0) } if string.scan(HOURS_TOLD).size > 1
      end
    end
  end
end
