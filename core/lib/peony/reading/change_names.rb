# frozen_string_literal: true

module Peony
  module Reading
    # What changed, in the words before its first value: see {Pairs}.
    module ChangeNames
      module_function

      # "Boats mended | 22 (was 9)": all of it, where the earlier value stands in brackets.
      def before_brackets(text, lead, one)
        told = lead[/[^,;:]+\z/].to_s.strip.sub(/\A(?:and|the|our) /i, "") if text.string[one.to, 40].to_s.match?(BRACKETED)
        told if told.to_s.split.size.between?(1, 6)
      end

      BRACKETED = /\A(?: [[:lower:]]+)?(?: of \d[\d.,]*)? \((?:was|were|formerly) /

      # @param text [Reading::Text]
      # @param stretch [Span] what tells of the change
      # @param one [Quantity] the value that is told first
      # @return [String] the label, or the subject before the first value; "" where there is neither
      def of(text, stretch, one)
        lead = text.string[stretch.from...one.from]
        label = lead[/\A([^:]{2,48}):/, 1]
        # "Firing: old kiln 14, new kiln 9", row by row
        return label if label && text.table?

        told = before_brackets(text, lead, one)
        return told if told

        # "Class sizes, last year and this: Year 3 from 31 to 26": behind the head each has a name of its own.
        start = lead.include?(": ") ? stretch.from + lead.index(": ") + 1 : stretch.from
        return label if label && text.string[start...one.from].scan(/[[:alpha:]]{3,}/).all? { |w| Words::STOP.include?(w.downcase) }

        # "New lamps in the hall: they draw 4.2 kilowatts"
        return label if label && text.string[start...one.from].match?(/\A:?\s*(?:they|it|these|this) [[:lower:]]+ \z/i)

        by_words(text, stretch, start, one)
      end

      # The words before the verb, else what stands behind the value.
      def by_words(text, stretch, start, one)
        used = text.string[start...one.from][USED_TO, :what]
        return used if used

        run = subject(text, after_comma(text.tokens_between(start, one.from)))
        # "In the old days 38 passengers made a tram": not the days changed.
        return one.unit if Units.counted?(one.unit) && text.string[start...one.from].match?(WHEN_ONLY) && text.string.include?(one.unit)

        # "Overtime was 140 hours a month": the tagger may take it for how it is done.
        told = run.any?(&:noun?) || (run.one? && run.first.text.match?(/\A[[:upper:]][[:lower:]]{3,}\z/) && run.first.tag.match?(/\A(?:rb|jj|vb|nn)/))
        return by_whom(text, text.string[run.first.from...run.last.to].sub(WHICH, ""), one) if told

        # "What used to be 46 days of waiting for a title has shrunk to nineteen"
        text.string[one.to...stretch.to][OF_WHAT, 1] || counted(text, one).then { |things| things.empty? ? amount(text, one) : things }
      end

      # "The crossing | used to take 55 minutes"
      USED_TO = /\A\W*(?:and |but )?(?<what>(?:(?:the|our|my|his|her|its|their|an?) )?(?!(?:what|it|they|we|you|he|she|i|there|that|this)\b)[[:alpha:]'’-]+(?: [[:alpha:]'’-]+){0,4}) used to [[:lower:]]+ (?:[[:lower:]]+ ){0,2}\z/i
      # "Last term we", "an average night it"
      WHO_DID = /\A(?<rest>.*\S),? (?:it|they|we|i|he|she|you)\z/i

      # "Last term we | were getting through 62 boxes of paper": not the term changed, but the boxes; of degrees and pounds it is told where.
      def by_whom(text, told, one)
        rest = told[WHO_DID, :rest] or return told
        things = counted(text, one)
        return rest if things.empty? || !text.string[one.from...(one.to + things.length + 1)].include?(things)

        "#{things}#{text.string[one.to, 60][/\A [[:lower:]]+( of [[:lower:]]+)\b/, 1] if text.string[one.to, 60].start_with?(" #{things}")}"
      end

      # "31 kilos of | dough | thrown away"
      def amount(text, one)
        return "" unless text.string[one.to, 4] == " of "

        words = text.tokens_between(one.to + 4, one.to + 40).take_while { |t| t.word? && (t.noun? || t.tag.start_with?("jj")) }.first(3)
        words.last&.noun? ? text.string[words.first.from...words.last.to] : ""
      end

      # "Gas, | for which we", "biscuits, | on the other hand"
      WHICH = /,? (?:(?:for|of|to|in|on|with|at|by) )?(?:which|whom)\b.*\z|, (?:on the other hand|alas)\z/m
      OF_WHAT = /\A of ([[:lower:]][^.,;:\d]{2,40}?) (?:has|have|had|is|was|were)\b/

      # The words before the verb. "In 1950 | rainforests covered": when it was is not what changed.
      def subject(text, tokens)
        tokens = tokens.drop_while { |t| text.dates.any? { |d| t.from >= d.from && t.to <= d.to } }
        verb = tokens.index { |t| t.finite? && t.low != "opened" } || tokens.each_cons(2).find_index { |a, b| a.tag == "nns" && b.tag == "vbn" }&.succ
        nouns = verb ? tokens.first(verb) : tokens
        nouns.drop_while { |t| (Words::STOP.include?(t.low) && !Words::ARTICLES.include?(t.low)) || t.text == "," }
      end

      # "There were 38 frogs": the frogs.
      def counted(text, quantity) = Units.counted?(quantity.unit) ? [quantity.unit, quantity.unit.delete_suffix("s")].find { |word| text.string.include?(word) }.to_s : ""

      WHEN_ONLY = /\A\s*(?:in|at|by|during|back in) (?:the|those|that|its|our|their) (?:[[:alpha:]]+ )?(?:days?|years?|weeks?|months?|times?|beginning|start|spring|summer|autumn|winter),? \z/i

      # "Since the second desk opened, the wait …": the words after a clause in front.
      def after_comma(tokens)
        # "Two years ago a bather cost us": how long ago is not what changed.
        ago = tokens.first(4).index { |t| t.low == "ago" }
        return tokens.drop(ago + 1) if ago && ago < tokens.size - 1
        return tokens unless tokens.first && tokens.first.low.match?(/\A(?:since|when|after|in|by|with|before|once|as|from|until|till|over|during|within|under)\z/)

        # "With the new taps | each guest uses": where no comma parts them, another thing begins.
        comma = tokens.index { |t| t.text == "," }
        from = comma&.succ || Things.new(tokens).then { |things| tokens.each_index.find { |i| things.parted?(i) } }
        from && from < tokens.size ? tokens.drop(from) : tokens
      end
    end
  end
end
