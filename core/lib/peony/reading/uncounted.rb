# frozen_string_literal: true

module Peony
  module Reading
    # Words for numbers that count nothing: hours, places in an order, parts of names, "one" for somebody, parts of adjectives.
    module Uncounted
      # Behind these a number in words tells which one it is: "week four", "mile five", "page ten".
      SPELLED_OUT = (Quantities::BEARING + %w[mile lesson form lock]).freeze
      ORDERED = /(?<!\ba )(?<!\bthe )(?<!\bevery )(?<!\bused to )\b(?:#{SPELLED_OUT.join('|')}) \z/i

      # "Six moved", "3 went"
      LED = "(?:#{Numbers::WORD}|\\d+) [[:lower:]]+".freeze

      WHERE = "(?: (?:in|at|on|from|to|for|by) (?:(?:the|our|my|their|an?) )?[[:lower:]]+(?: [[:lower:]]+)?)?"
      THAT_ARE = "(?: (?:that|which|who) (?:are|is|were|have been|go|come) [[:lower:] ]{3,24})?"

      # What says that a single one is counted, by the words before it and behind it.
      SINGLE = [
        # "Two asked about the rent. One, a flautist, moved in."
        [/(?:\A|[.;] |\n)\z/, /\A, an? [[:alpha:]-]+(?: [[:alpha:]-]+)?, /],
        # "One in six"
        [//, /\A\s+(?:in|of every|out of|for every|in every) (?:every )?(?:\d|#{Numbers::WORD})/i],
        # "In one house out of nine"
        [/\bin \z/i, /\A [[:lower:]]+ (?:out of|in) (?:\d|#{Numbers::WORD})/],
        # "Of every eight bicycles, one is gone"
        [/(?:\A|[.!?]\s+|\n)(?:out )?of every (?:\d+|#{Numbers::WORD})\b[^.!?\d]*,\s+(?:only |just )?\z/i, //],
        # "Of every six panes one is original"
        [/\b(?:of|for) every (?:\d+|#{Numbers::WORD}) [[:lower:]]+#{WHERE}#{THAT_ARE},? \z/i, //],
        # "Six moved away, three went back to school and one married"
        [/(?:\A|[.!?:;]\s+|\n)#{LED} [^.!?;]*, #{LED} [^.!?;]*,? and \z/i, /\A (?:[[:lower:]]+ed|has|had|went|took|left|came|got|lost|found|kept|chose|said|bought|made|did)\b/],
        # "It went back to a single one."
        [/\ba single \z/i, /\A(?:[.,;]|\z)/],
        # "It was minus one."
        [/\bminus \z/i, //],
        # "From nine a month to one."
        [/\bto \z/, /\A\s*(?:[.,;]|\z)/],
        # "Gone up to three packets a week from one."
        [/\b(?:up|down|gone|risen|grown|fallen|rose|fell|grew|dropped)\b[^.;!?]*#{Hours::SO_MANY} from (?:only |just )?\z/i, /\A(?:[,.;]|\z)/],
        # "There is now one."
        [/\bnow (?:only |just )?\z/, /\A(?:[,.;]|\s+and\b)/],
        # "From the vicarage there came one, and it was wrong."
        [/\bthere (?:came|was|is|were) (?:only |just )?\z/, /\A[,.;]/],
        # "It used to leave without eight a day; it now leaves without one."
        [/\bnow [[:lower:]]+ (?:without |with )?(?:only |just )?\z/, /\A[,.;]/],
        # "In 2011 I had one."
        [/\b(?:1[5-9]|20)\d\d\b[^.!?]*\b(?:had|was|only|just) \z/, /\A[.;]/]
      ].freeze

      module_function

      # "Hollenwick 212, Two Rivers 148": part of a name.
      def name?(string, match, rest)
        # "You may row in a four."
        return true if string[[0, match.begin(0) - 8].max...match.begin(0)].match?(/\b(?:in|row|rows|rowed) an? \z/i) && rest.match?(/\A(?:[.;!?]|\z)/)
        # "Two Bakers – 610"
        return true if match[0].match?(/\A[[:upper:]]/) && rest.match?(/\A [[:upper:]][[:lower:]]+ ?[–—:(]/) && string[[0, match.begin(0) - 1].max...match.begin(0)].match?(/\A\n?\z/)

        return true if titled_line?(string, match)

        # "Old Eight: Kilometres 35"
        return true if match[0].match?(/\A[[:upper:]]/) && rest.match?(/\A ?[:–—]/) && string[[0, match.begin(0) - 24].max...match.begin(0)].match?(/(?:\A|\n)(?:[[:upper:]][[:alpha:]]+ )+\z/)

        match[0].match?(/\A[[:upper:]]/) && rest.match?(/\A [[:upper:]][[:lower:]]/) && string[[0, match.begin(0) - 3].max...match.begin(0)].match?(/[[:lower:]\d],? \z/)
      end

      # A line of its own: "Seven Goats"
      def titled_line?(string, match)
        return false unless match.begin(0).zero? || string[match.begin(0) - 1] == "\n"

        string.match?(/\G[[:upper:]][[:lower:]]+(?: [[:upper:]][[:lower:]]+)+(?:\n|\z)/, match.begin(0))
      end

      ONE_OF_A_ROW = /\b([[:alpha:]]{3,}) (\d{1,2})\b(?![.,]\d| ?%)/

      # @return [Array<String>] words with all numbers from 1 on
      def in_order(string)
        return [] unless string.match?(/\b[[:alpha:]]{3,} 3\b/)

        rows = string.scan(ONE_OF_A_ROW).group_by { |word, _| word.downcase }.transform_values { |list| list.map { |_, number| number.to_i }.uniq }
        rows.select { |word, list| list.size > 2 && list == (1..list.size).to_a && !Words::STOP.include?(word) }.keys
      end

      # "Sunday 1: the edge", "Sunday 2: falls in", "Sunday 9: …"
      # @return [Array<String>] words that lead lines with a number and a colon
      def led(string) = string.scan(LEADS_LINE).flatten.tally.select { |_, often| often > 1 }.keys
      LEADS_LINE = /(?:\A|\n)([[:upper:]][[:lower:]]+) \d{1,2}:/

      # "At site 1 … at site 2 … at site 3": one word with all numbers from 1 on names things that are numbered.
      # @return [Regexp, nil] such a word, at the end of what stands before a number
      def numbered(string)
        words = in_order(string) | led(string)
        words.any? ? /\b(?:#{words.join('|')}) \z/i : nil
      end

      # "week four", "mile five", "page ten", "number one"
      def ordinal?(string, match)
        before = string[[0, match.begin(0) - 20].max...match.begin(0)]
        # "In June of the seventh year three of them flowered": which year it is has been told.
        before.match?(ORDERED) && !before.match?(/\b(?:#{Dates::ORDINALS.join('|')}|last|next|this|same|that|each|one|whole|entire|busiest|following) [[:alpha:]]+ \z/io)
      end

      # "one of them", "the last one", "one day", "no one": not a count.
      # @param tokens [Array<Tokens::Token>] the words behind it
      def pronoun?(string, match, rest, unit, tokens)
        return false if unit == "%" || single?(string, match, rest) || measured?(rest)
        # "Not one soul fished out of the water"
        return true if string[[0, match.begin(0) - 10].max...match.begin(0)].match?(/\bnot (?:even |a single )?\z/i)

        # "In one of five houses"
        return false if rest.match?(/\A of (?:\d|#{Numbers::WORD}\b)/o) && string[[0, match.begin(0) - 5].max...match.begin(0)].match?(/(?:\A|[.,;:] )[Ii]n \z/)
        return true if of_manner?(string, match, rest, unit)
        # "Who brought one back"
        return true if rest.match?(/\A (?:back|home|along|away)\b/)
        # "One reason might be"
        return true if rest.match?(/\A (?:reason|thing|way|answer|example|idea|cause|explanation) (?:is|was|may|might|could|would|for)\b/)
        return true if unit.empty? || rest.match?(/\A\s+(?:of|who|that|is|was|side|thing|way|by|and|or|to|day|another)\b/i)
        return true if string[[0, match.begin(0) - 9].max...match.begin(0)].match?(/\b(?:the|last|first|that|this|no|any|each|every|old|new|on|my|your|our|their|its) \z/i)
        # "A printed one cost 12 gulden"
        return true if !Units::MEASURES.value?(unit) && string[[0, match.begin(0) - 24].max...match.begin(0)].match?(/\b(?:an?|the|this|that(?! [[:lower:]]+s )) [[:lower:]]+ \z/i)

        tokens = Units.without_degree(tokens)
        tokens.first && (tokens.first.verb? || Words::STOP.include?(tokens.first.low))
      end

      # "At one kilometre": told by its measure; of time it may be said otherwise.
      def measured?(rest) = Units::MEASURES[rest[/\A ([[:lower:]]+)/, 1]].then { |unit| Scales::OF.key?(unit) && !HandedOn::TIME.include?(unit) }

      def single?(string, match, rest)
        before = string[[0, match.begin(0) - 90].max...match.begin(0)]
        SINGLE.any? { |lead, tail| rest.match?(tail) && before.match?(lead) }
      end

      # "Where one cannot hear oneself", "one pulls up mussels"; "all in one handwriting", "in one breath": told of the manner, not counted.
      def of_manner?(string, match, rest, unit)
        return true if rest.match?(/\A\s+(?:cannot\b|(?!(?:series|species|means)\b)[[:lower:]]+[^su]s (?:up|down|out|in|on|off|at|to|for|a|an|the|with|that|how|what|it|them)\b)/)

        string[[0, match.begin(0) - 4].max...match.begin(0)].match?(/\bin \z/i) && !Units::MEASURES.value?(unit) && !string.match?(/\b(?:\d+|two|three|four|five|six) #{unit}\b/)
      end

      # "two-way": a number inside an adjective counts nothing, unless it measures ("ten-minute").
      def compound?(rest)
        word = rest[/\A-([[:alpha:]]+)/, 1]
        word && word != "odd" && [Units::MEASURES, Units::CURRENCIES].none? { |known| known.key?(word.downcase) }
      end
    end
  end
end
