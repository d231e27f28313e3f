# frozen_string_literal: true

module Peony
  module Reading
    # What a bare number counts where its own sentence names it: what stands at so many, what there is one of for so many, whom it is found among. Part of {HandedOn}.
    module HandedSubjects
      # "Gloves are well up at 780", "Hats come to 290"
      STANDS_AT = /(?:\A|[.!?;:] |, (?:and |but )?)(?:the |our )?(?:[[:lower:]]+ )?(?<noun>[[:alpha:]]+),? (?:are|were|come|came|stand|stood|follow|followed|reach|reached|rank|ranked)\b[^.,;:\d]{0,24} (?:at|to|with) (?:about |only |just |nearly )?\z/i
      # "The post: packets that must be sent out were nine a day"
      THAT_WERE = /(?:\A|[.!?;:] )(?:the |our )?(?:[[:alpha:]]+ed )?(?<noun>[[:alpha:]]+)(?: (?:that|which|who) [^.,;:\d]{3,48}|, (?:which|who) [^.,;:\d]{3,48},) (?:were|are) (?:about |only |just |nearly )?\z/i
      # "Scratches among the staff came down from | 26"
      CAME_FROM = /(?:\A|[.!?;:] |, (?:and |but )?)(?:the |our )?(?:[[:lower:]]+ )?(?<noun>[[:alpha:]]+)(?: (?:among|in|at|from|about|by) [^.,;:\d]{2,32})? (?:have |has )?(?:came|come|went|gone|fell|fallen|rose|risen|dropped|climbed|grew|grown|shrank)(?: down| up)? from (?:about |only |nearly )?\z/i
      # "Seen by | 900": of whom is not told.
      SEEN_BY = /\b(?:seen|heard|read|watched|visited|attended) by (?:about |only |nearly |over )?\z/i
      # "Bookings were about five a day", beside what is measured
      WERE = /\A(?<noun>[[:upper:]][[:lower:]]+) (?:were|are) (?:about |only |just |nearly )?\z/
      # "At the bottom we find caps, at nine", "behind them lie scarves, with 31"
      NAMED_AT = /\b(?<noun>[[:lower:]]+), (?:at|with) (?:about |only |just |nearly )?\z/
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
      # "Complaints from neighbours 2 | to 21"
      LEADS_TWO = /(?:\A|[,;:.] )(?:[[:lower:]]+ )?(?<noun>[[:lower:]]+)(?: (?:from|about|of|in|at|on|by|for|to) (?:the |our |my |this )?[[:lower:]]+)? \z/i
      TO_OTHER = /\A(?: an? (?:day|week|month|year))? to \d/
      # "Empty kilometres a day 212 (was 540)", "drivers home before six: 11 of 14 (was 4 of 19)": each has a name of its own.
      NAMED = /(?:\A|[,;:.] |\n)(?<name>[[:lower:]][^,;:.\d\n]{2,40}?):? \z/i
      WAS_ONCE = /\A(?: of \d+)? \((?:was|were|formerly|before)\b/
      # "When the wind is above six": its force has no unit.
      WIND = /\bwind\b[^.;:\d]{0,24} (?:above|over|under|below|of|is|was|reaches|at) \z/i
      # "Monthly givers: | 3 in 10"
      LABEL = /(?:\A|[.!?;] |\n)(?:[[:alpha:]-]+ )?(?<noun>[[:alpha:]]+): (?:only |just |about |nearly )?\z/
      # "Tour requests 2024: | 480 asked"
      OF_YEAR = /(?:\A|\n)(?:[[:alpha:]-]+ )?(?<noun>[[:alpha:]]+),? (?:19|20)\d\d: \z/
      # "Volunteers: cooks | 22, drivers 17"
      FIRST_OF_ROW = /(?:\A|\n)(?<noun>[[:alpha:]]+): [[:lower:]]+ \z/
      # "Library loans: were | 60 a month, are 140"
      WERE_SO_MANY = /(?:\A|[.!?;] |\n)(?:[[:alpha:]-]+ )?(?<noun>[[:alpha:]]+): (?:were|was) (?:only |just |about )?\z/i
      IN_SO_MANY = /\A (?:in|of|out of) (?:every )?\d/
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

        told_again(quantity, lead, behind) || gathered(quantity, last, lead, behind) || named_before(lead, behind) || own_clause(lead, behind, last) || of_them(quantity, lead, behind) ||
          of_noun(quantity, lead, behind) || among(quantity, lead) || at_as_before(quantity, lead) || stands_at(lead, last)
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

      # What its own clause begins with.
      def own_clause(lead, behind, last)
        return counts(lead[LEADS_TWO, :noun]) if behind.match?(TO_OTHER) && lead.match?(LEADS_TWO)
        return counts(lead[WERE_SO_MANY, :noun]) if lead.match?(WERE_SO_MANY) && counts(lead[WERE_SO_MANY, :noun])
        return counts(lead[LABEL, :noun]) if behind.match?(IN_SO_MANY) && lead.match?(LABEL)

        return counts(lead[CAME_FROM, :noun]) if lead.match?(CAME_FROM) && counts(lead[CAME_FROM, :noun])

        return counts(lead[FIRST_OF_ROW, :noun]) if last.nil? && lead.match?(FIRST_OF_ROW) && behind.match?(/\A, [[:lower:]]+ \d/)
        return counts(lead[OF_YEAR, :noun]) if last.nil? && lead.match?(OF_YEAR)

        measured = last && !Units.counted?(last.unit) && last.unit != "%"
        counts(lead[THAT_WERE, :noun]) || (counts(lead[WERE, :noun]) if measured)
      end

      def of_noun(quantity, lead, behind)
        return counts(lead[OF_NOUN, :noun]) unless lead.match?(OF_EVERY_ONE) && behind.match?(/\A (?:that|which|who)\b/)

        counts(Units.plural_of(text.before(quantity, 120)[EVERY_ONE, :noun].to_s.downcase))
      end

      # "Frieda winds the clocks before it opens, all 112 | of them"
      def last_plural(quantity)
        sentence = text.sentences.find { |own| own.from <= quantity.from && quantity.to <= own.to } or return nil
        counts(text.tokens_between(sentence.from, quantity.from).reverse.find { |t| t.noun? && counts(t.low) }&.low)
      end

      def of_them(quantity, lead, behind)
        return nil unless behind.match?(/\A of (?:them|those|these)\b/)

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
