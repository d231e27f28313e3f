# frozen_string_literal: true

module Peony
  module Reading
    # Sentences with their places. A stop after an abbreviation, an initial (but not "the letter O.") or inside a number ends nothing.
    module Sentences
      ENDS = /[.!?…]+["”’)\]]*(?=\s+|\z)/
      SHORT = /(?:\b(?:Mr|Mrs|Ms|Dr|Prof|St|No|Nos|approx|ca|vs|etc|e\.g|i\.e|cf|p|pp|Fig|Jan|Feb|Mar|Apr|Jun|Jul|Aug|Sept?|Oct|Nov|Dec)|(?<!°|letter |[Cc]lass |[Gg]roup |vitamin |[Tt]ype |[Pp]lan |[Tt]eam |size |[Rr]ow |[Gg]ate |[Hh]all |[Zz]one )\b[A-Z])\.\z/

      # No abbreviation is longer, with the word before a letter.
      LONGEST_SHORT = 20

      module_function

      # @param string [String]
      # @return [Array<Span>]
      def of(string, from, to)
        found = []
        part = string[from...to]
        start = 0
        position = 0
        while (match = part.match(ENDS, position))
          ending = match.end(0)
          position = ending
          next if ending < part.length && (short?(part, start, ending) || part.match?(/\G\s*[[:lower:]]/, ending))

          add(found, part, start, ending, from)
          start = ending
        end
        add(found, part, start, part.length, from)
        found
      end

      # "No. 12" is a number; "Scrap it? No. Thanks all the same" is none.
      def short?(part, start, ending)
        words = part[start...ending]
        # "6 a.m. 1.2", "3 p.m. 85"
        return true if words.match?(/\d ?[ap]\.m\.\z/i) && part.match?(/\G\s*[£€$]?\d/, ending)

        # What tells it lies at the end: the words before are not searched.
        part[[start, ending - LONGEST_SHORT].max...ending].match?(SHORT) && !(words.match?(/\A\s*Nos?\.\z/) && !part.match?(/\G\s*\d/, ending))
      end

      def add(found, part, start, ending, offset)
        start += 1 while start < ending && part[start].match?(/\s/)
        found << Span.new(part[start...ending], offset + start, offset + ending) if ending > start
      end

      # @param span [Span]
      # @param pattern [Regexp] what stands between two of them
      # @return [Array<Span>] its clauses
      def clauses(span, pattern)
        return span.text.empty? ? [] : [span] unless span.text.match?(pattern)

        parts = []
        start = 0
        while (match = span.text.match(pattern, start))
          parts << [start, match.begin(0)]
          start = match.end(0)
        end
        (parts << [start, span.text.length]).filter_map do |a, b|
          Span.new(span.text[a...b], span.from + a, span.from + b) if b > a
        end
      end
    end
  end
end
