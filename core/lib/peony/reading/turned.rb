# frozen_string_literal: true

module Peony
  module Reading
    # Whether one value became another, by the words between them and around them.
    module Turned
      CHANGE = /\b(?:old and new|then and now|from|rose|risen|fell|fallen|dropped|grew|grown|climbed|increased?|decreased?|declined|shrank|cut|saving|went (?:up|down)|up|down|before|now|used to|then|after|since|today|was|were|these days|last (?:year|spring|summer|winter)|this (?:year|spring|summer|may)|stood|brought|moved|moves|came|got|new)\b|→/i

      # "At the start it was 58 decibels; on Monday it was 71."
      AT_FIRST = /\b(?:at the (?:start|beginning|outset)|to begin with|originally|at first)\b/i
      # What leads from the first value to the second.
      TURNED = /→|now|\b(?:had|has|have) become\b|after|then|against|\b(?:came|come|went|gone|down|up|fell|fallen|rose|risen|grew|grown|sank|dropped)(?: down| up)? to\b/

      # "Took them five minutes | and takes them | three and a half": the same, then and now.
      THEN_NOW = { "took" => "takes?", "cost" => "costs?", "needed" => "needs?", "lasted" => "lasts?", "sold" => "sells?", "had" => "(?:has|have)", "found" => "finds?", "got" => "gets?",
                   "held" => "holds?", "was" => "is", "were" => "are" }.freeze
      DID = /\b(?<did>#{THEN_NOW.keys.join('|')}) (?:(?:them|us|me|him|her|it) )?(?:only |just |about )?\z/
      DOES = THEN_NOW.transform_values { |does| /\A(?: [[:lower:]]+)? (?:and|but) (?:now )?#{does} (?:(?:them|us|me|him|her|it) )?(?:now )?(?:only |just |about )?\z/ }.freeze

      # "Out 610 times | against 455"
      AGAINST = /\A against (?:only |about )?\z/

      # Values further apart than this are not told as one that changed.
      FAR = 160

      # "58 % in the autumn, 74 % in the spring"
      WHEN = /\A(?: ?%)? (?:in|at|by) (?:(?:the|his|her|its|our|my|their) )?(?:birth|(?:\d+|#{Numbers::WORD}) (?:weeks|months|years)|spring|summer|autumn|winter|morning|evening|beginning|start|end|first|second|last)\b/

      ARROW = /\A ?[[:alpha:]%°£€$]* ?(?:→|⟶|->|=>|>) ?[£€$]?\z/

      # What rises and falls, by words that lead on to a value.
      MOVED = "rose|risen|rises|fell|fallen|falls|grew|grown|grows|dropped|drops|climbed|increased?|decreased?|declined|shrank|shrunk|sank|sunk|cut|reduced|raised|up|down"

      module_function

      # @param text [Reading::Text]
      # @param stretch [Span] what the two stand in
      # @param one [Quantity]
      # @param two [Quantity]
      # @return [Boolean]
      def is?(text, stretch, one, two)
        return false if two.from - one.to > FAR || some_of?(text, two)

        # "From seven to twenty, ask whether food is needed": how many there may be.
        return false if text.string[two.to...stretch.to].to_s.match(/\A,\s+(?<rest>.+)/m).then { |m| m && Words.imperative?(m[:rest]) }

        gap = text.string[one.to...two.from]
        return false if LedOn.asked?(text.before(one, 12), gap)
        return false if how_long_and_when?(gap, one, two) || reaches?(text, gap, one) || gap.match?(NEXT)

        lead = text.string[stretch.from...one.from]
        return true if did_and_does?(text, one, gap)

        by_gap?(gap) || LaterFirst.back?(text, gap, one) || listed?(text, lead, gap) || dated?(text, one, two, gap) || rowed?(text, one, gap) || led_on?(text, lead, gap, two) ||
          then_and_now?(text, gap, one, two) || TurnedRows.of(text).then { |found| found.size >= 2 && found.include?(one) }
      end

      def did_and_does?(text, one, gap) = (did = text.before(one, 24)[DID, :did]) && gap.match?(DOES.fetch(did))

      # "A break of 30 minutes after four hours"
      def how_long_and_when?(gap, one, two) = gap.match?(/\A (?:after|before) \z/) && [one, two].all? { |q| HandedOn::TIME.include?(q.unit) }

      # "Cats come first with eleven, then dogs with eight": the next of a row.
      NEXT = /\bthen (?:the )?[[:lower:]]+ with \z/
      REACHES = /\b(?:runs|ranges?|ranged|reach(?:es)?|extends?|scale|hears?|sees?|spans?|covers?|var(?:y|ies)|lasts?|weighs?|prices|sizes|ages|anything) from [£€$]?\z/
      # "The scale runs from 0 to 14": how far it reaches, not how it changed.
      def reaches?(text, gap, one) = gap.match?(/\A(?: ?%)? to [£€$]?\z/) && text.before(one, 20).match?(REACHES)

      # "1,940 customers came in, 310 of them for the first time", "five members; the other three look after the boats": some of the same.
      def some_of?(text, quantity)
        # "Costs €36,000, of which | €27,000 was in the tin"
        return true if text.before(quantity, 10).match?(/\bof which \z/)
        # "2,100 people lived in Brool. Now there are | 1,340 of them.": as many of them as are left.
        return false if text.before(quantity, 24).match?(/[.;] (?:now|today) (?:there are|we are|it is) (?:only |just )?\z/i)

        text.string[quantity.to, 10].to_s.match?(/\A of (?:them|these|those|us|whom)\b/) || text.before(quantity, 16).match?(/\b(?:the|our) (?:other|remaining) \z/)
      end

      # "31 performances, two of them in the dark", "nine flew, one of them into a hat": how a few of them were, and not what they did.
      # @return [Boolean]
      def aside?(text, quantity)
        return false unless quantity.value < 10 && text.before(quantity, 2) == ", "

        behind = text.string[quantity.to, 60].to_s[SOME_OF_THEM] or return false
        text.tokens_between(quantity.to, quantity.to + behind.length).none?(&:finite?)
      end
      SOME_OF_THEM = /\A of (?:them|these|those|which|whom) [^.,;:]+/

      GAPS = [ARROW, AGAINST, *LaterFirst::TOLD_BACK].freeze

      # "From 85 decibels on the ear is damaged", "Up to 80 nothing happens", "500 new members": no value that became another.
      def no_value?(text, quantity)
        behind = text.string[quantity.to, 28].to_s
        return true if difference?(text, quantity) || lapse?(text, quantity) || text.before(quantity, 8).match?(/(?:\A|[.!?\n] ?)Up to \z/)

        return true if behind.match?(/\A (?:new|more|further|additional|extra)\b/)

        behind.match?(FROM_ON) && text.before(quantity, 6).match?(/\bfrom \z/i)
      end

      # Not "from 88 | on an average day | to 29"
      FROM_ON = /\A[^.;,\d]{0,20}\b(?:on(?! an? (?:average |ordinary |normal |usual |good |bad )?(?:day|night|week|month|morning|evening|term)\b)|onwards|upwards)\b/

      # "After two weeks with a timetable it was 2.1": how long it took.
      def lapse?(text, quantity) = HandedOn::TIME.include?(quantity.unit) && text.before(quantity, 16).match?(LAPSE)
      LAPSE = /(?:\A|[.!?]\s)(?:After|Within) (?:only |just |about )?\z/

      BY = /\b(?:#{MOVED}) by (?:about |around |nearly |almost |only |some |over )?[£€$]?\z/i

      # "18,600 people came, 2,100 more than last year", "rose by 200 to 850": by how much it changed is no value of it.
      def difference?(text, quantity)
        by?(text, quantity) || text.string[quantity.to, 32].to_s.match?(/\A(?: [[:alpha:]]+)? (?:more|fewer|less|higher|lower|longer|shorter) than\b/)
      end

      def by?(text, quantity) = text.before(quantity, 32).match?(BY)

      # "23 → 4", "84, was 61", "41 a day instead of 68"
      def by_gap?(gap) = GAPS.any? { |told| gap.match?(told) }

      # "Dinners since the new cook: eaten, 140 to 212; thrown away, 31 kg to 9": what says that there are two times stands before the row.
      def rowed?(text, one, gap)
        return false unless gap.match?(/\A ?[[:alpha:]%°]* to [£€$]?\z/)

        sentence = text.sentence_of(one)
        sentence && sentence.text.count(";") >= 1 && sentence.text[/\A[^:;]{4,80}:/].to_s.match?(CHANGE)
      end

      # "Cut from 14 minutes to 5", "ten years ago it was 51; when they were asked it came to 38".
      def led_on?(text, lead, gap, two)
        return true if gap.match?(/\bbefore\b/) && text.string[two.to, 12].to_s.match?(/\A\s*(?:\w+ )?(?:after|now|since|today)/)
        return true if gap.match?(/\A[^.;!?]{0,40}(?:(?<!\bup )\bto\b|→|\bnow\b|\bafter\b|\bthen\b|\bagainst\b|\bbecome\b|\bbecame\b)/) && (lead.match?(CHANGE) || gap.match?(TURNED))

        return true if lead.match?(AT_FIRST) && gap.match?(/[;,.]\s+(?:and |but )?(?:on \w+day|now|today|(?:at|by) the end|this|last)\b/i)

        LedOn.is?(lead, gap, text.string[two.to, 16].to_s)
      end

      # Each value stands with its moment, or the second with the later one.
      def then_and_now?(text, gap, one, two)
        return true if [one, two].all? { |q| text.string[q.to, 28].to_s.match?(WHEN) }
        return true if gap.length < 60 && [one, two].all? { |q| text.moments.any? { |d| (d.from - q.to).between?(0, 18) && !text.string[q.to...d.from].match?(/[\d,.;]/) } }
        return true if gap.match?(OLD_AND_NEW_ONE) || (gap.match?(/\b(?:in|with|on|by) the old\b/) && text.string[two.to, 30].to_s.match?(/\A[^.,;]{0,16}\b(?:in|with|on|by) the new\b/))

        return true if gap.length < 60 && text.string[two.to, 12].to_s.match?(/\A ?(?:%|[[:alpha:]°]+)? ?(?:now|today)\b/) && text.moments.any? { |d| d.from >= one.to && d.to <= two.from }

        gap.match?(/\b(?:now|today|this (?:year|season|term|month|week|may|spring|summer|autumn|winter)|after|by the end|last (?:year|tuesday|week))\b/i) && gap.length < 120
      end

      # "50 minutes was the crossing on the old ferry. On the new one it is 32", "the fridge hummed at 51 decibels. Its successor hums at 38"
      OLD_AND_NEW_ONE = Regexp.union(
        /\A[^.;!?\d]{0,60}\b(?:in|with|on|by) the old\b[^.;!?\d]{0,24}[.;,] (?:and )?(?:in|with|on|by) the new\b[^.;!?\d]{0,24}\z/i,
        /\A(?: [[:alpha:]%°]+)?[.;,] (?:but |and )?(?:its|the|their|our|his|her) (?:successor|replacement)\b[^.;!?\d]{0,24}\z/i
      )

      # Two values of an entry: "gas: 840 MWh to 390 MWh"; the row of a table: "Car: Before 212, In the week 131"; or under a head that says which is which.
      def listed?(text, lead, gap)
        return true if gap.match?(/\A \([£€$]?\z/) && LaterFirst.bracketed?(text)
        # "Seconds until the page stands: 6.1, before; 1.4, now"
        return true if lead.match?(/:\s*[£€$]?\z/) && gap.match?(/\A ?[[:alpha:]%°]{0,12},? \(?(?:before|then|formerly|last (?:year|month|week))\)?[;,] (?:and )?[£€$]?\z/)
        # "Wrong notes: was 31, is 8"
        return true if lead.match?(/\b(?:was|were|had) [£€$]?\z/) && gap.match?(/\A[^.;\d]{0,14}, (?:is|are|has|have|now) [£€$]?\z/)
        return true if text.tree.size >= 2 && gap.match?(/\A[^,;:.\d]{0,12}\b(?:to|now)\s+[£€$]?\z/) && lead.match?(/[:–—]\s*\z/)
        return true if lead.match?(/:\s*(?:before|then|old|earlier|previously|last (?:year|month|week))\s*\z/i) && gap.match?(/\A,\s/)

        lead.match?(/#{OLD_AND_NEW}[^.]{0,30}:\s*\z/io) || (labelled?(text) && lead.match?(/:\s*\z/) && gap.match?(%r{\A ?(?:[^[:alpha:]\d]{0,2})?(?:,| ?/| [–—-]| vs\.?)\s*\z}))
      end

      # "Members: 2015 140, 2025 310"
      def dated?(text, one, two, gap)
        return false unless text.tree.size >= 2 && gap.match?(/\A[^.;]{0,14},\s/)

        dates = [one, two].map { |q| text.moments.find { |d| (q.from - d.to).between?(0, 3) } }
        dates.all? && dates[0].sort < dates[1].sort
      end

      # "Deckhands' hourly pay, old and new: £11.20, £12.60. Mates: £14, £15.40."
      def labelled?(text) = text.once(:labelled) { text.all_words.match?(OLD_AND_NEW) }
      OLD_AND_NEW = %r{\b(?:(?:old|then|before|last year)(?: [[:lower:]]+)?(?: and | ?/ ?)(?:new|now|after|this)(?: [[:lower:]]+\b)?|(?:19|20)\d\d(?: and | ?/ ?)(?:19|20)\d\d)\b}
    end
  end
end
