# frozen_string_literal: true

module Peony
  module Reading
    # Amounts that are told in two units, one behind the other: "2 minutes 10 seconds", "1 hour 20", "3 kg 500 g". They are one amount, in the smaller unit.
    module Compounds
      # What a bare number behind such a unit is told in.
      BELOW = { "hours" => "minutes", "minutes" => "seconds" }.freeze

      module_function

      # @param list [Array<Quantity>] in order
      # @param string [String] the words they stand in
      # @return [Array<Quantity>] with those of two units made one
      def joined(list, string)
        list.each_with_object([]) do |quantity, all|
          made = all.last && join(all.last, quantity, string)
          made ? all[-1] = made : all << quantity
        end
      end

      def join(one, two, string)
        small = two.unit.empty? ? BELOW[one.unit] : two.unit
        gap = string[one.to...two.from]
        return nil unless small && part?(one, two, small) && (two.unit.empty? ? gap == " " : without_unit(gap, one.unit).match?(/\A,? (?:and )?\z/))
        # "1 minute 45 people": the second number counts something else.
        return nil if two.unit.empty? && (string[two.to, 12].to_s.match?(/\A [[:lower:]]+s\b/) || of_those?(one, two, string))

        value = one.value * steps(one.unit) / steps(small).to_f
        to = string.length - without_unit(string[two.to..], two.unit).length
        Quantity.new(value: Numbers.plain((value + two.value).round(6)), unit: small, text: string[one.from...to], from: one.from, to: to, approximate: one.approximate, said: nil)
      end

      # "Of the 60 hours | 20 went into the bank"
      def of_those?(one, two, string) = string[two.to, 7].to_s.match?(/\A (?:went|go|were|are)\b/) && string[[0, one.from - 12].max...one.from].match?(/\bof (?:the |our |these |those |all )?\z/i)

      # "Four minutes and ten seconds": behind a number in words its unit still follows.
      def without_unit(words, unit)
        word = words[/\A ([[:alpha:]]+)/, 1]
        word && unit != "" && Units::MEASURES[word.downcase] == unit ? words[(word.length + 1)..] : words
      end

      # "At 5 km 60 cm" are two: nobody tells kilometres and centimetres of one length.
      def part?(one, two, small) = one.unit != small && Scales.alike?(one.unit, small) && (steps(one.unit) / steps(small).to_f).then { |ratio| ratio > 1 && ratio <= 1000 && two.value < ratio }

      def steps(unit) = Scales::OF.fetch(unit, [nil, 1]).last
    end
  end
end
