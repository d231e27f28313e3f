# frozen_string_literal: true

module Peony
  module Reading
    # What a bare number counts where its own sentence names it: what stands at so many, what there is one of for so many, whom it is found among. Part of {HandedOn}.
    module HandedSubjects
      # "Gloves are well up at 780", "Hats come to 290"
      STANDS_AT = /(?:\A|[.!?;:] |, (?:and |but )?)(?:the |our )?(?:[[:lower:]]+ )?(?<noun>[[:alpha:]]+),? (?:are|were|come|came|stand|stood|follow|followed|reach|reached|rank|ranked)\b[^.,;:\d]{0,24} (?:at|to|with) (?:about |only |just |nearly )?\z/i
      # "Seen by | 900": of whom is not told.
      SEEN_BY = /\b(?:seen|heard|read|watched|visited|attended) by (?:about |only |nearly |over )?\z/i
      # "At the bottom we find caps, at nine", "behind them lie scarves, with 31"
      NAMED_AT = /\b(?<noun>[[:lower:]]+), (?:at|with) (?:about |only |just |nearly )?\z/
      EVERY_NEW = /(?:\A|[.!?] )(?:Every|Each) (?:new |single )?(?<noun>(?!(?:day|week|month|year|time|morning|evening|spring|summer|autumn|winter|one)\b)[[:lower:]-]+)\b[^!?]*\z/
      PLURAL_FIRST = /\A(?:the |our )?(?<noun>[[:alpha:]]+s) (?!of\b|and\b|are\b(?! the (?:largest|biggest|most)\b)|is\b)[^.,;:\d]{3,80}, (?:(?:about|some|only|perhaps) )?(?:(?:\d+|#{Numbers::WORD}) (?:or|to) )?\z/i
      # "A letter goes to every farm, and there are 310 | of those"
      EVERY = /\b(?:every|each) (?:single )?(?<noun>[[:lower:]]+)\b[^.!?]{0,80}\b(?:there (?:are|were)|it has|we have|they have|making|altogether|(?:that|which) (?:is|was|makes|made)) (?:about |only |just |nearly )?\z/i
      # "Every single child learned to swim, all 212 | of them"
      EVERY_ALL = /\b(?:every|each) (?:single )?(?<noun>[[:lower:]]+)\b[^.!?]{0,80}, all \z/i
      # "It takes toddlers, with a helper for every six | of them"
      EVERY_SO_MANY = /\bevery \z/i
      # "Among the fathers it is one in three"
      AMONG = /(?:\A|[.!?;:,] |\b(?:and|but) )(?:among|of|with) (?:(?:the|our|all|its|their) )?(?<noun>[[:lower:]]+),? (?:(?:it|this|that) (?:is|was|comes to|came to)(?: [^.;:\d]{3,24}[:;] (?:there )?it (?:is|was))?|there (?:is|are|was|were)) (?:about |only |just |nearly )?\z/i
      # "You have to be seven", "those must be sixteen"
      HAVE_TO_BE = /\b(?:have|has|had|need|needs|must|should)(?: to)? be (?:at least |over |under )?\z/i
      # "Footfall, which was 2,100": the word for it has no plural.
      UNNAMED = /\b(?:footfall|attendance|turnout|membership|circulation|readership|enrolment|occupancy|ridership)\b[^.;:\d]{0,24}\b(?:was|is|were|stood at|stands at|reached|from) (?:about |only |just |nearly )?\z/i
      # "Of umbrellas alone his passengers left behind 2,250"
      OF_NOUN = /\AOf (?:the )?(?<noun>[[:lower:]]+)(?: alone| only)?,? [^.,;\d]{3,48},? \z/
      # "Not every lamb lives to see the summer. Of every twenty | that are born"
      OF_EVERY_ONE = /\AOf every \z/
      EVERY_ONE = /\b(?:every|each) (?<noun>[[:lower:]]+)\b/i
      # "Empty kilometres a day 212 (was 540)", "drivers home before six: 11 of 14 (was 4 of 19)": each has a name of its own.
      NAMED = /(?:\A|[,;:.] |\n)(?<name>[[:lower:]][^,;:.\d\n]{2,40}?):? \z/i
      WAS_ONCE = /\A(?: of \d+)? \((?:was|were|formerly|before)\b/
      # "When the wind is above six": its force has no unit.
      WIND = /\bwind\b[^.;:\d]{0,24} (?:above|over|under|below|of|is|was|reaches|at) \z/i
      # "The museum has asked its visitors … named by 318 | of them"
      ASKED_WHOM = /\b(?:asked|invited|questioned|polled|surveyed) (?:all |some of |most of )?(?:its|our|the|their|her|his) (?<noun>[[:lower:]]+)\b/i
      # "Over the players, | five of them"
      NOUN_THEN = /\b(?<noun>(?![[:lower:]]+ties\b)[[:lower:]]+), (?:about |only |just |all )?\z/

      private

      def by_subject(quantity, last)
        lead = lead(quantity)
        behind = text.string[quantity.to, 24].to_s
        return "years" if quantity.value.between?(2, 100) && lead.match?(HAVE_TO_BE) && behind.match?(/\A(?:[,.;:)!?]| or\b| and\b| to\b|\z)/)
        return "" if of_nothing?(quantity, last, lead, behind)

        of_theme(lead, last) || told_again(quantity, lead, behind) || gathered(quantity, last, lead, behind) || named_before(lead, behind) || own_clause(quantity, lead, behind, last) ||
          of_them(quantity, lead, behind) || of_noun(quantity, lead, behind) || among(quantity, lead) || at_as_before(quantity, lead) || stands_at(lead, last)
      end

      def named_before(lead, behind)
        words = behind.match?(WAS_ONCE) ? lead[NAMED, :name].to_s.downcase.scan(/[[:lower:]]+/) : []
        words.filter_map { |word| Units::MEASURES[word] if word.length > 2 }.first || words.filter_map { |word| counts(word) }.first
      end

      # A force of the wind, a footfall, readers of whom nothing else is told.
      def of_nothing?(quantity, last, lead, behind)
        return lead.match?(UNNAMED) || (quantity.value <= 12 && lead.match?(WIND)) if last.nil?

        (quantity.value <= 12 && lead.match?(WIND)) || (!Units.counted?(last.unit) && lead.match?(SEEN_BY) && behind.match?(/\A(?:[.,;]|\z)/))
      end

      def of_noun(quantity, lead, behind)
        return counts(lead[OF_NOUN, :noun]) unless lead.match?(OF_EVERY_ONE) && behind.match?(/\A (?:that|which|who)\b/)

        counts(Units.plural_of(text.before(quantity, 120)[EVERY_ONE, :noun].to_s.downcase))
      end

      # "Frieda winds the clocks before it opens, all 112 | of them"
      def last_plural(quantity)
        sentence = text.sentence_of(quantity) or return nil
        counts(text.tokens_between(sentence.from, quantity.from).reverse.find { |t| t.noun? && counts(t.low) }&.low)
      end

      # "Every apprentice goes the same way; she has watched eleven | of them"
      def of_every_new(quantity)
        each = text.before(quantity, 160)[EVERY_NEW, :noun]&.downcase
        counts(Units.plural_of(each)) if each && @said.none? { |q| q.from < quantity.from && Units.counted?(q.unit) }
      end

      # "Lorries drive through it, 20 or | 30 of them a day"
      def led_by_plural(lead) = counts(lead[PLURAL_FIRST, :noun])

      def of_them(quantity, lead, behind)
        return nil unless behind.match?(/\A of (?:them|those|these)\b/)

        each = (of_every_new(quantity) unless lead.match?(/, all \z/)) || led_by_plural(lead)
        return each if each

        every = lead[EVERY, :noun] || lead[EVERY_ALL, :noun]
        return counts(Units.plural_of(every.downcase)) if every
        return counts(lead[NOUN_THEN, :noun]) if lead.match?(NOUN_THEN) && !Units::VERBS.include?(lead[NOUN_THEN, :noun].downcase)
        return last_plural(quantity) if lead.match?(/, all \z/)

        asked = lead.match?(/\bby (?:only |about )?\z/) && counts(text.string[ASKED_WHOM, :noun])
        return asked if asked

        lead.scan(/[[:lower:]]+/).reverse.find { |word| counts(word) && !Units::VERBS.include?(word) } if lead.match?(EVERY_SO_MANY)
      end

      # "Among the fathers it is one in | three": both numbers.
      def among(quantity, lead)
        one = @list.reverse.find { |q| q.to <= quantity.from }
        lead = self.lead(one) if one && text.string[one.to...quantity.from].match?(/\A (?:in|out of|of|of every|in every) \z/)
        counts(lead[AMONG, :noun])
      end

      # Only where nothing says otherwise, and then where the one before was counted by what it is called too.
      def stands_at(lead, last)
        return counts(lead[STANDS_AT, :noun]) if last.nil? && @said.empty?
        return nil unless last && last.unit == counts((before = self.lead(last))[STANDS_AT, :noun] || before[NAMED_AT, :noun])

        counts(lead[STANDS_AT, :noun] || lead[NAMED_AT, :noun])
      end

      def counts(word)
        word = word.to_s.downcase
        word if counts?(word) && !HandedOn::VAGUE.include?(word) && !Words::STOP.include?(word)
      end
    end
  end
end
