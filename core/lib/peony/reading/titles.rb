# frozen_string_literal: true

module Peony
  module Reading
    # A short title cut from the words of a clause, and what remains as the detail. Nothing is put into other words.
    module Titles
      MOST = 5
      LABEL = /\A(?<title>[[:upper:]](?=:)|[^:–—(]{2,48}?)\s*(?::\s+|\s+[–—-]\s+|\s+(?=\())(?<rest>\S.*)\z/m
      # What leads on at the end of words that were cut off from theirs: "Sat the exam and", "Heron, which".
      HANGING = /(?<=\S)[,;:]?\s+(?:and|or|but|while|which|who|with|of|to|from|the|an|(?-i:a))\z/i
      # "Last comes the side: one ear under"
      COMES = /\A(?:then|next|last|first|after (?:that|it)) comes? (?:the |an? )?(?=\S)/i
      # "And the door sticks"
      GOES_ON = /\A(?:and|but)\s+(?=\S+\s+\S)/i
      # "Of our six commuters, | Ilja rides 4 stops"
      AMONG = /\A(?:of|among) (?:all |the|our|my|these|those|all)\b[^,;.:]{2,40},\s+(?=(?-i:[[:upper:]]))/i
      SUBORDINATE = /\A(?:without|with|after|before|when|once|if|using|while|as soon as|from|in|on|at|by|since|during|until)\b[^,.;]{3,60},\s+/i

      module_function

      # @param words [String] a clause or a list entry
      # @return [Array(String, String)] title and detail
      def of(words)
        text = words.strip.sub(/[.;,:]+\z/, "")
        if (match = text.match(LABEL)) && match[:title].split.size <= 7
          return [capital(match[:title].strip.sub(COMES, "")), match[:rest].strip]
        end

        clause(text)
      end

      # @return [Array(String, String)]
      def clause(text)
        body = text.sub(Words::LEADS, "").sub(GOES_ON, "")
        lead = body[SUBORDINATE].to_s
        main = body[lead.length..].sub(Words::LEADS, "")
        title, rest = cut(main)
        detail = [lead.strip.sub(/,\z/, ""), rest].reject(&:empty?).join("; ")
        [capital(title), detail]
      end

      # Cuts after at most five words, at a boundary: before a preposition, after a comma.
      def cut(text)
        text = text.sub(HANGING, "").sub(/[,;:]+\z/, "")
        words = text.split
        return [text, ""] if words.size <= MOST
        # "The storm took the roof off": whole without its article.
        return [words.drop(1).join(" "), ""] if words.size == MOST + 1 && words.first.match?(/\A(?:the|an?)\z/i) && words[1..].none? { |w| w.match?(/[,;:]\z/) }
        return [text, ""] if words.size == MOST + 1 && words.last.match?(/\A[[:alpha:]]+\z/) && words[1..].none? { |w| w.match?(/[,;:]\z/) || Words::PREPOSITIONS.include?(w.downcase) }

        at = boundary(words)
        [words.first(at).join(" ").sub(/[,;:]\z/, ""), words.drop(at).join(" ")]
      end

      def boundary(words)
        comma = (0...MOST).find { |i| words[i].match?(/[,;:]\z/) }
        return comma + 1 if comma&.positive?

        at = (2..MOST).find { |i| Words::PREPOSITIONS.include?(words[i].to_s.downcase) && words[i] != "of" } || MOST
        # "Driver leaves it | in bay 3": a place keeps its number.
        at = places(words, at) if words[at]&.match?(/\A\d+\z/)
        at = whole(words, at)
        at -= 1 while at > 1 && (Words.dangling?(words[at - 1]) || (words[at - 1] == "out" && words[at] == "of"))
        # A number keeps its unit.
        words[at - 1].match?(/\A[£€$]?\d[\d.,]*\z/) && words[at] ? at + 1 : at
      end

      # "Read it | from end to end", "the observatory was paid for | by a widow"
      def whole(words, at)
        return [words.index("from"), 2].max if %w[to till until].include?(words[at]) && words.first(at).include?("from")

        words[at + 1] == "by" && words[at - 1].end_with?("d", "n", "t") && %w[for of on to with at].include?(words[at]) ? at + 1 : at
      end

      def places(words, at)
        lead = (1...at).select { |i| Words::PREPOSITIONS.include?(words[i].downcase) }.last
        lead && lead >= 2 && words[at - 1].match?(/\A[[:alpha:]]+\z/) ? lead : at
      end

      def capital(title) = title.sub(/\A[[:lower:]]/) { |letter| title.match?(/\A[a-z][A-Z]/) ? letter : letter.upcase }
    end
  end
end
