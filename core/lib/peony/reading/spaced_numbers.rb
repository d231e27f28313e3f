# frozen_string_literal: true

module Peony
  module Reading
    # Numbers with a space in them: "1 200" and "2 1/2". The first digits may as well be a label's: "Van 1 200 km, Van 2 350 km".
    module SpacedNumbers
      THOUSANDS = /(?<=[[:alpha:]] |[:=(–—-] )\d{1,3}(?: \d{3})+(?![\d.,]*\d|:)/
      HALVES = %r{(?<![\d/.,])(?:(?<whole>\d{1,3}) )?(?<part>[123])/(?<of>[2348])(?![\d/])}
      BEARING = (Quantities::NUMBERED + %w[team lane group house van boat exhibit item station day lot]).freeze

      module_function

      # @param string [String]
      # @yield [match, value] each such number
      def each(string)
        Moments.matches(string, THOUSANDS).each { |m| yield m, Numbers.digits(m[0]) unless label?(string, m) } if string.match?(/\d \d{3}/)
        return unless string.include?("/")

        Moments.matches(string, HALVES).each do |m|
          next if m[:part].to_i >= m[:of].to_i || !(m[:whole] || measure?(string[m.end(0), 16]))

          yield m, (m[:whole].to_i + m[:part].to_f.fdiv(m[:of].to_i)).round(2)
        end
      end

      def label?(string, match)
        word = string[[0, match.begin(0) - 24].max...match.begin(0)][/([[:alpha:]]+) \z/, 1] or return false
        BEARING.include?(word.downcase) || word.match?(/\A#{Dates::MONTH}\z/) || string.scan(/\b#{word} \d/).size > 1
      end

      # "1/2 litre": not the first of February, and no class 1/2.
      def measure?(rest) = rest.match(/\A ?([[:lower:]]+)/).then { |m| m && Units::MEASURES.key?(m[1]) }
    end
  end
end
