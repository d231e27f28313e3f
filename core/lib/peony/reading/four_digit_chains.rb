# frozen_string_literal: true

module Peony
  module Reading
    # Four digits in a sentence in which one thing is counted after the other: "Apple cake sold 2040 slices, plum cake 1500 and nut cake 1350".
    module FourDigitChains
      PARTED = /[,;:]\s+(?:and |then )?|\s+and\s+|\s\(/
      NUMBER = /(?<![\d.,£€$–-])(?<n>\d{1,3}(?:,\d{3})+|\d+)(?![\d–%-]|[,.]\d)/
      # "In 1911", "built 1850", "from 1890": no amount.
      YEAR_BEFORE = /(?:\b(?:in|of|since|by|from|until|till|before|after|during|between|year|on|#{Dates::MONTH}|spring|summer|autumn|winter)|(?!scored|counted|collected|raised|needed|reached|gathered)\b[a-z]+ed|built|begun) \z/i
      # Of those that could be years fewer look so.
      RECENT = 1800..2040
      Part = Struct.new(:place, :value, :sure, :doubtful, keyword_init: true)

      module_function

      # @param string [String]
      # @param found [Array<Range>] where four digits count for other reasons
      # @return [Array<Range>] where they count as those beside them do
      def amounts(string, found)
        Moments.matches(string, /[^\n.!?]+(?:[.,]\d[^\n.!?]*)*/).flat_map { |m| m[0].scan(/\d+/).size < 3 ? [] : chain(parts(string, m.begin(0), m[0], found)) }
      end

      def chain(parts)
        sure = parts.select(&:sure)
        doubtful = parts.select(&:doubtful)
        return [] if sure.empty? || doubtful.empty? || parts.size < 3
        return [] if years?(parts.map(&:value), 1000..2040) || (doubtful.size > 1 && years?(doubtful.map(&:value), RECENT))

        doubtful.select { |p| sure.any? { |own| own.value.fdiv(p.value).between?(0.16, 6) } }.map(&:place)
      end

      # "1702 first wool fair; 1745 tolls doubled; 1746 fair moves": years are told in their order.
      def years?(values, range) = values.all? { |v| range.cover?(v) } && values.each_cons(2).all? { |a, b| a <= b }

      # Between two breaks one number with its words.
      def parts(string, from, sentence, found)
        counted = FourDigits.places(sentence, FourDigits::COUNTED)
        at = 0
        sentence.split(/(#{PARTED})/).filter_map do |words|
          start = at
          at += words.length
          numbers = Moments.matches(words, NUMBER)
          next unless numbers.one? && words.match?(/[[:alpha:]]{2}/)

          part(string, from, start...at, numbers.first, counted, found)
        end
      end

      def part(string, from, clause, number, counted, found)
        place = (from + clause.begin + number.begin(:n))...(from + clause.begin + number.end(:n))
        year = number[:n].match?(/\A#{Dates::YEAR}\z/o)
        # "Tour requests 2024: 480 asked": the year of all of it.
        return nil if year && string[place.end] == ":" && number[:n].to_i.between?(1990, 2040)

        known = found.any? { |f| f.cover?(place.begin) } || counted.any? { |c| from + c.begin == place.begin }
        Part.new(place: place, value: Numbers.digits(number[:n]), sure: known || !year,
                 doubtful: year && !known && !number.pre_match.match?(YEAR_BEFORE) && !string[place.end, 4].match?(/\A ?[–-]/))
      end
    end
  end
end
