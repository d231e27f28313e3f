# frozen_string_literal: true

module Peony
  module Reading
    # Numbers in digits and in words.
    module Numbers
      ONES = %w[zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen]
             .each_with_index.to_h.merge("nought" => 0).freeze
      TENS = %w[twenty thirty forty fifty sixty seventy eighty ninety].each_with_index.to_h { |word, i| [word, (i + 2) * 10] }.freeze
      SCALES = { "hundred" => 100, "thousand" => 1_000, "million" => 1_000_000, "billion" => 1_000_000_000, "dozen" => 12, "score" => 20, "grand" => 1_000 }.freeze
      SUFFIXES = { "k" => 1_000, "m" => 1_000_000, "bn" => 1_000_000_000, "million" => 1_000_000, "billion" => 1_000_000_000,
                   "thousand" => 1_000, "hundred" => 100, "dozen" => 12, "grand" => 1_000 }.freeze
      PARTS = { "half" => 2, "halves" => 2, "third" => 3, "thirds" => 3, "quarter" => 4, "quarters" => 4, "fifth" => 5, "fifths" => 5,
                "sixth" => 6, "sixths" => 6, "eighth" => 8, "eighths" => 8, "tenth" => 10, "tenths" => 10,
                "twelfth" => 12, "twelfths" => 12, "twentieth" => 20, "twentieths" => 20 }.freeze

      # A thousand pounds; not "two grand pianos".
      GRAND = "grand(?! pianos?\\b)"

      WORD = /(?:#{(ONES.keys + TENS.keys).sort_by { |w| -w.length }.join('|')})/i
      SPELLED = /\b(?=[adefhnostz])(?:(?:a(?= (?:hundred|thousand|million|dozen)\b)|#{WORD}\b)(?:(?:(?<=hundred|thousand|million|billion) and | (?!one (?:can|could|was|is|has|had|may|might|would|must|did|does)\b)|-)(?:#{WORD}|hundred|thousand|million|billion|dozen|#{GRAND})\b)*(?<! )|dozen\b|(?<=every |per )(?:hundred|thousand)\b)/i

      module_function

      # @param text [String] digits as they are written in cells too, with a sign
      # @param mark [String] the decimal mark, where the digits do not tell: "1.200"
      # @return [Float]
      def digits(text, mark = ".")
        return text.to_f unless text.match?(/\D/)

        Tables::Numerals.value(text, Tables::Numerals.mark_of([text], mark)) || text.to_f
      end

      # @param text [String] a count as people write it: "7", "seven"
      # @return [Integer, nil]
      def count(text) = text.match?(/\d/) ? text.to_i : spelled(text)

      # @param text [String] as matched by {SPELLED}: "two hundred and ten"
      # @return [Integer, nil]
      def spelled(text)
        total = 0
        current = 0
        return spoken(text) if text.match?(SPOKEN)

        text.downcase.split(/[ -]+/).each do |word|
          if ONES[word] || TENS[word] then current += ONES[word] || TENS[word]
          elsif word == "a" then current = 1
          elsif (scale = SCALES[word])
            current = [current, 1].max * scale
            next unless scale >= 1000

            total += current
            current = 0
          end
        end
        total + current
      end

      # @return [Float] what stands in digits or words
      def amount(text) = text.match?(/\d/) ? digits(text) : spelled(text).to_f

      # "Two fifty", "one twenty-five": pounds and pence as they are said.
      SPOKEN = /\A(#{WORD}) (#{TENS.keys.join('|')})(?:-(#{WORD}))?\z/i

      def spoken(text)
        pounds, tens, ones = text.match(SPOKEN).captures.map { |word| word.to_s.downcase }
        ONES.key?(pounds) ? ONES[pounds] + ((TENS[tens] + ONES.fetch(ones, 0)) / 100.0) : TENS[pounds] + TENS[tens]
      end

      # @return [Numeric] an integer where it is whole
      def plain(value) = value == value.to_i ? value.to_i : value.round(6)
    end
  end
end
