# frozen_string_literal: true

module Peony
  module Reading
    # Four digits beside the moment at which they were counted: "1200 in 2021, 1350 in 2022", "in its second year 1350", "2021 saw 1200".
    module FourDigitMoments
      N = FourDigits::N
      MORE = FourDigits::MORE
      NO_YEAR = FourDigits::NO_YEAR
      NTH = "(?:#{Dates::ORDINALS.join('|')}|last|final)".freeze
      THE = "(?:the|its|their|our|his|her)"
      # A moment that can stand behind a number, and the words that lead to it.
      WHEN = "(?:in (?:the year )?#{Dates::YEAR}|in (?:Q[1-4]|#{THE} #{NTH}|(?:spring|summer|autumn|winter)(?=[,.;]| and))|(?:at|on) the #{NTH})".freeze

      ALL = [
        /#{NO_YEAR}#{N}(?= #{WHEN}\b)/,
        # "2021 1200, 2022 1350", "by 2010 1500", "2021 saw 1200"
        /(?:(?<=[,:;] |\n|\A)|(?<=and |[Bb]y |[Ii]n ))#{Dates::YEAR}:?,? #{MORE}#{N}(?=[.,;)\n]|\z| and\b)/,
        /\b(?:#{Dates::YEAR}|#{Dates::MONTH}) (?:saw|had|brought|counted|made|gave) #{MORE}#{N}/,
        # "in the second 1350", "in its third year 1500", "two years ago 1350"; not "900 people in the first year, 2019"
        /\b(?:in|at|on) #{THE} #{NTH}(?: (?:year|term|season|week|month|round|quarter))? (?:it was )?#{MORE}#{N}(?=[.,;)]|\z| and\b)/,
        /(?:\A|[.,;:] |\band |\bbut )(?:in|at|on) #{THE} #{NTH}(?: (?:year|term|season|week|month|round|quarter))?, (?:it was )?#{MORE}#{N}(?=[.,;)]|\z| and\b)/i,
        /\bthe #{NTH} (?:(?:had|was|saw|brought) )?#{MORE}#{N}(?=[.,;)]|\z| and\b)/,
        /\b(?:one|two|three|four|five|six|ten|\d+) (?:years?|months?|weeks?|days?) (?:ago|later|on|before),? (?:(?:it|there) (?:was|were) )?#{MORE}#{N}(?=[.,;)]|\z| and\b)/,
        # "June brought 1650, and July 2010"
        /\b#{Dates::MONTH} (?:brought|had|saw|gave|was) #{MORE}\d[\d,]*(?: [a-z]+)?,? (?:and )?#{Dates::MONTH} #{N}(?=[.,;)]|\z)/,
        /\b(?:the most|the fewest|only) #{FourDigits::THINGS}: #{N}/
      ].freeze

      # "1200 (2021), 1350 (2022)"
      BRACKETED = /#{NO_YEAR}#{N}(?= \(#{Dates::YEAR}\))/
      # "2021 - 1200", line by line
      LINES = /(?:\A|\n)(?<year>#{Dates::YEAR}) (?:[-–—|=]|\.{2,}|→) (?<n>#{Dates::YEAR})(?=\n|\z)/
      # "On 3 May we counted 1200 eggs, on 10 May 1350"
      DAYS = /\bon \d\d? #{Dates::MONTH} (?<n>#{Dates::YEAR})(?=[.,;]|\z| and\b)/
      ON_A_DAY = /\b[Oo]n \d\d? #{Dates::MONTH},? [^.;\d]{2,40}\b\d[\d,]* #{FourDigits::THINGS}/

      module_function

      # @param string [String]
      # @return [Array<Range>] where four digits stand that were counted at a moment told beside them
      def amounts(string)
        found = ALL.flat_map { |pattern| FourDigits.places(string, pattern) }
        bracketed = FourDigits.places(string, BRACKETED)
        found |= bracketed if bracketed.size > 1
        found |= FourDigits.places(string, DAYS) if string.match?(ON_A_DAY)
        found | lines(string)
      end

      # Rows of years and numbers; "1914 - 1918" is a span of years.
      def lines(string)
        rows = Moments.matches(string, LINES)
        years, numbers = %i[year n].map { |name| rows.map { |m| m[name].to_i } }
        spans = years.zip(numbers).all? { |a, b| a < b } && numbers.zip(years.drop(1)).all? { |b, a| a.nil? || b <= a }
        rows.size < 2 || spans ? [] : rows.map { |m| m.begin(:n)...m.end(:n) }
      end
    end
  end
end
