# frozen_string_literal: true

module Peony
  module Reading
    # From the words of a moment to a number that orders it. Part of {Dates}.
    module Calendar
      # An hour in words or digits, in the waking half of the day.
      def hour(word) = (word.match?(/\d/) ? word.to_i : Numbers.spelled(word)).then { |hour| hour < 7 ? hour + 12.0 : hour.to_f }

      def month(name) = Dates::MONTHS.index { |m| m.start_with?(name.downcase.delete(".")[0, 3]) } + 1

      # The middle of a century, or of a part of it.
      # @param part [String, nil] "early", "mid", "late"
      # @param name [String] "nineteenth", "19th"
      # @return [Float] a year
      def century(part, name)
        number = Dates::CENTURIES[name.downcase] || name.to_i
        ((number - 1) * 100.0) + { "early" => 15, "late" => 85 }.fetch(part.to_s.downcase, 50)
      end

      def roman(text)
        if text.match?(/\d/)
          text.to_i
        else
          { "i" => 1, "ii" => 2, "iii" => 3, "iv" => 4, "v" => 5, "vi" => 6, "vii" => 7, "viii" => 8, "ix" => 9,
            "x" => 10, "xi" => 11, "xii" => 12 }[text]
        end
      end

      # A day as years with a fraction; without a year, as a fraction of one.
      def ordinal(year, month, day)
        return nil unless month&.between?(1, 12) && day.to_i.between?(1, 31)

        year.to_f + ((month - 1) / 12.0) + ((day.to_i - 1) / 372.0)
      end

      def clock(hour, minute, half)
        return nil if hour.to_i > 24 || minute.to_i > 59

        hours = hour.to_i % (half ? 12 : 25)
        hours + (half.to_s.downcase == "p" ? 12 : 0) + (minute.to_i / 60.0)
      end
    end
  end
end
