# frozen_string_literal: true

module Peony
  module Reading
    # What a number is called: the words before it or behind it that say what it is of. Part of {Finder}.
    module MeasureNames
      # What leads to the name of the first, and of the next.
      BEST_IS = /(?:\A\s*(?:and |but )?(?:the |our )?(?:(?:most|least) [[:lower:]]+|favourite|top|best|worst|[[:lower:]]{3,}est)(?: of (?:the|our|all|these|those))?(?: [[:lower:]]+){0,2} (?:is|was|are|were)|\A\s*(?:(?:closely )?followed(?: closely)? by|(?:just |well |far )?ahead of)) (?<what>(?!(?:in|on|at|by|for)\b)[^(),;:\d]{3,40}?)(?:,? (?:at|with))?\s*[(,:]?\s*\z/i
      # "Then | comes | Skarv with 236", "on Tern | live | nine people", "last of all | Windy, which has 88": the name stands behind what is said of it.
      TURNED_ROUND = [
        /(?:\A|[,;]\ |\band\ )\s*(?:(?:[Tt]hen|[Nn]ext|(?:[Aa]fter|[Bb]ehind)\ \w+)\ )?(?:comes?|came|follow(?:s|ed)?)
         \ (?<what>(?:the\ )?[[:upper:]][^,;:.\d]{1,30}?|the\ [[:lower:]\ ]{3,24}?)(?:,?\ (?:with|at|on))?\ \z/x,
        # "First prize went to | the fire station | for one of 214 cm", "Third was | Mrs Orr, whose window had yielded 140 cm"
        /\A\s*(?:the\ )?(?:first|second|third|fourth|last)(?:\ (?:prize|place))?\ (?:went\ to|goes\ to|was|were|is|came)
         \ (?:a\ private\ person,\ )?(?<what>[^,;:.\d()]{2,40}?)(?:\ (?:for|with|at)\b[^.;]*|,\ [^.;]*)?\ \z/xi,
        # "Close behind was | the infant school | with 104"
        /\A\s*(?:(?:close|not far|just|right|far|well)\ )?behind(?:\ (?:it|her|him|them|that))?,?\ (?:was|were|came|comes?|is|are)\ (?<what>[^,;:.\d()]{2,40}?)\ (?:with|at|on)\ \z/xi,
        # "Nobody had expected | the Reverend, | whose entry came up at 71"
        /\A\s*(?:nobody|no\ one|hardly\ anybody)\ (?:had\ )?(?:expected|reckoned\ with|counted\ on|thought\ of)\ (?<what>[^,;:.\d()]{2,40}?),\ (?:who|whose|which)\b[^.;]*\z/xi,
        # "Someone had entered | a spring onion | for the joke of it: eleven"
        /\A\s*(?:and\ |but\ )?some(?:one|body)\ (?:had\ |has\ )?(?:even\ )?(?:entered|brought|sent|submitted)\ (?:an?\ |the\ )?(?<what>[^,;:.\d()]{2,40}?)(?:\ for\ [^:;.]{3,40})?:\ \z/xi,
        # "Then come | novels about love | (19)"
        /(?:\A|[,;]\ |\band\ )\s*(?:(?:then|next|(?:after|behind)\ (?:that|it|them))\ )?(?:comes?|came|follow(?:s|ed)?)\ (?:the\ |an?\ )?
         (?<what>(?!(?:from|to|in|on|at|with|out|first|second|third|last|by|up|down)\b)[[:lower:]][^,;:.\d()]{2,40}?)\ \(\z/xi,
        /(?:\A|[,;] |\band )\s*(?:last|first) of all,? (?:comes? |came )?(?<what>(?:the )?[[:upper:]][^,;:.\d]{1,30}?)(?:,? (?:with|at)|, (?:which|who) [[:lower:]]+)? \z/,
        /\A\s*(?:on|in|at) (?<what>(?:the )?[[:upper:]][^,;:.\d]{1,30}?) (?:lives?|lived|stands?|are|there (?:are|is)|you find|grows?|work) (?:only |just )?\z/i
      ].freeze
      WITH_SO_MANY = /\A(?: [[:lower:]]+)? (?<what>(?:the )?[[:upper:]][^,;:.\d]{1,30}?) (?:is|was|has|had|sold|won|came?|comes|leads?|led|got|gets|made|stands?|heads?)\b/
      FROM_WHERE = /\b(?:from|for|in|by|at|to) (?:the |our |an? )?([[:alpha:]][^,;:.\d]{2,30}?)\s*:\s*\z/
      # "6,900 | came from the | capital", "eleven | voted for | Minna"
      CAME_FROM = /\A(?:(?:came|come|comes|voted|were|was|are|is) )?(?:from|for|out of) (?:the |our )?(?=\S)/
      # "54 % | come through the | web shop", "70 cents | are spent on | paper"
      WENT_TO = /\A(?:pays? (?:the|our) (?=\S)|(?:(?:go(?:es)?|went|pays?|paid|(?:is|are|was|were)(?: spent| used| kept| saved| put (?:by|aside)| set aside)?)(?: straight| directly)? (?:on|to|into|for)|(?:came|come|comes) through|(?:stays?|remains?) with) (?:the |our )?(?=\S))/

      # "From each ten-euro ticket | six euros go to the musicians"
      OUT_OF_EACH = /\A\s*(?:from|of|out of) (?:each|every) [^,;:.]{3,30} \z/i

      # "31 | in | Oxmere", "25 | for | Wen"
      WHERE = /\A\s*(?:(?:in|at|from|to|for) (?=(?:the )?[[:upper:]])|(?:to|for) (?=(?:the|our) [[:lower:]]))/

      # "six | euros | go to the musicians"
      COIN = /\A(?:euros?|cents|pounds?|pence|dollars?)\s+(?=(?:go|goes|went|stays?|remains?|pays?|paid|are|is)\b)/
      # "58 % | of the passengers said | more seats"
      SAID = /\A(?:of (?:the|our|all) [[:alpha:]]+ )?(?:said|say|named|chose|picked|mentioned|wish(?:ed)? for) (?=\S)/
      # What may stand between a number and what it is of, in this order.
      AFTER_IT = [/\A\s*(?:of (?:them|those|these|us|it)\s*)?/, /\A\s*times\s+(?=\S)|\A,\s+(?=(?:is|are|was|were|go|goes|went)\b)/, COIN, SAID, CAME_FROM, WENT_TO, WHERE].freeze
      ASKED = /\A(?:meeting|survey|poll|vote|election|ballot|count)\z/
      # "Widow's Seat and Kettle Hill, | 301 and 296"
      TWO_NAMES = /\A(?<one>[[:upper:]][^,;:.()]{1,40}?) and (?<two>[[:upper:]][[:alpha:]'’-]*(?: [[:upper:]][[:alpha:]'’-]*){0,3})(?: (?:are|were|had|have|got|get|came?|follow|followed)\b[^,;:.]{0,24})?(?:,| at| with|:) \z/

      # A name that stands by itself beside its number: "Tin Whistle 22".
      NAME_ALONE = /\A\s*\p{Lu}[\p{Ll}'’-]+(?: \p{Lu}[\p{Ll}'’-]+){1,3} \z/

      private

      # @return [String] what a number stands for: the words before it up to the verb, else those after it
      def subject(measure)
        q = measure.quantity
        before = text.string[measure.span.from...q.from]
        told = in_turn(measure)
        return tidy(told) if told

        plain = plain_name(measure, before)
        return tidy(plain) if plain

        before = "" if (each = before.match?(OUT_OF_EACH))
        lead = each ? [] : lead(text.tokens_between(measure.span.from, q.from))
        # "Most visitors came | from the county: 14,200": what is counted everywhere names none of them.
        named = before[FROM_WHERE, 1] if lead.any?(&:noun?) && lead.select(&:noun?).all? { |t| t.low == measure.unit }
        return tidy(named) if named
        return closed(text.string[lead.first.from...lead.last.to], lead.last.to) if lead.any? { |t| t.noun? || t.tag.start_with?("jj") || t.tag == "vbg" }

        after = behind(measure, Finder::OUT_OF)
        # "Is spent on training, | most of that on boats"
        after = AFTER_IT.reduce(after) { |words, lead| words.sub(lead, "") }.sub(/(?<=\S), (?:most|much|half|all|some|nearly all) of (?:that|it|this|them)\b.*\z/m, "")
        tidy(after.match?(/[[:alnum:]]/) && !after.match?(/\A\s*(?:and|or|but)\s*\z/) ? after : before)
      end

      # "Gloves (single)"
      def closed(words, ending) = words.include?("(") && text.string[ending] == ")" ? "#{tidy(words)})" : tidy(words)

      # "Widow's Seat and Kettle Hill, | 301 and 296": the first of the two names, or the second.
      def in_turn(measure)
        list = text.measures
        at = list.index { |m| m.equal?(measure) } or return nil
        one, two = [list[at, 2], at.positive? ? list[at - 1, 2] : []].find do |a, b|
          b && text.string[a.quantity.to...b.quantity.from] == " and " && text.string[a.span.from...a.quantity.from].match?(TWO_NAMES)
        end || return
        text.string[one.span.from...one.quantity.from].match(TWO_NAMES)[measure.equal?(two) ? :two : :one]
      end

      # The words before a number, up to the verb.
      def lead(words)
        words = without_manner(without_how(words))
        verb = words.index.with_index { |t, i| (t.finite? || t.tag == "vbn" || (t.tag == "vb" && i.positive?)) && !(i.positive? && in_name?(t, words[i - 1], words[i + 1])) }
        lead = (verb ? words.first(verb) : words).select { |t| t.word? || t.tag == "cd" || t.text.match?(/\A\d+[a-z]\z/) }
        lead = without_ending(lead.drop_while { |t| Words::STOP.include?(t.low) && !Words::ARTICLES.include?(t.low) })
        # "At the meeting 58 | voted for it"
        return [] if lead.first && text.string[0...lead.first.from].match?(/\b(?:[Aa]t|[Ii]n) \z/) && lead.last.low.match?(ASKED)

        # "The remaining 80 | to visitors", "that left 1,400 | for the party"
        lead.all? { |t| t.low.match?(/\A(?:the|remaining|others?|further|another|last|that|which|left|leaves)\z/) } ? [] : lead
      end

      # "The Shore | Walk | comes first": a verb by itself, and here a name, for another one follows.
      def in_name?(token, before, after) = [before, token].all? { |t| t.text.match?(/\A[[:upper:]]/) } && after&.finite?

      def without_ending(lead)
        # "At Stang | it is 2 m wide": where it is names it.
        lead = lead[0..-2] while lead.size > 1 && lead.last.low.match?(/\A(?:it|we|you|they|he|she|i|there)\z/)
        lead = without_tail(lead)
        # "A toilet flush | uses 6 litres", "brushing your teeth | with the tap running: 12 litres"
        lead = lead[0..-2] while lead.size > 1 && lead.any?(&:noun?) && (Words.dangling?(lead.last.low) || (lead.size > 2 && Units::VERBS.include?(lead.last.low)))
        lead
      end

      # "Measured from the third row, | the organ"
      def without_how(words)
        comma = words.first&.tag == "vbn" && words.index { |t| t.text == "," }
        comma ? words.drop(comma + 1) : words
      end

      # "Measured at the kerb | the old tram": how it was told comes first.
      def without_manner(words)
        return words unless words.first&.tag == "vbn"

        things = Things.new(words)
        words.drop(words.each_index.find { |i| things.parted?(i) } || 0)
      end

      # "Uranus at | 51,000", "duck lake only", "cats | up to 64,000": what leads to the number is no name.
      def without_tail(tokens)
        # "The twins | share | 188": what several do, though each word may be a thing.
        tokens = tokens[0..-2] if tokens.size > 1 && tokens.last.low.match?(/\A(?:share|manage|hold|score|total)\z/) && tokens[-2].tag == "nns"
        tokens = tokens[0..-2] while tokens.size > 1 && tokens.last.low.match?(/\A(?:only|just|about|nearly|at|to|by|with|for)\z/)
        tokens.size > 1 && tokens.last.low == "up" && text.string[tokens.last.to, 3] == " to" ? tokens[0..-2] : tokens
      end

      # A name that stands by itself beside its number.
      def plain_name(measure, before)
        # "The most frequent answer was | the staff (204)", "followed by | the range (96)"
        told = before[BEST_IS, :what] || TURNED_ROUND.lazy.filter_map { |turn| before[turn, :what] }.first
        return told if told
        # "Tin Whistle 22": a name, though part of it may be a verb.
        return before if before.match?(NAME_ALONE)
        # "Crumble (61), trifle (44)"
        return before if before.match?(/\A\s*[^()]{2,40}\(\s*\z/)

        # "With 48 tickets | Ines | sold the most"
        first = before.match?(/\A\s*with \z/i) && text.string[measure.quantity.to...measure.span.to][WITH_SO_MANY, :what]
        return first if first
        # "We spend 96 minutes | on short films, 71 | on messages": all are named behind their numbers.
        return text.string[measure.quantity.to...measure.span.to].sub(WHERE, "") if led_like_next?(measure)

        # "48 mugs were sold | in Hagg, 31 in Oxmere"
        deep = before.match?(/\A\s*(?:[Aa]bout )?\z/) && led_deep(measure)
        return deep if deep

        # "Under 18: Visitors 9,800": what stands before the head of the column.
        text.entries.any? ? before[/\A\s*([^:]{2,48}):\s+[[:upper:]][[:alpha:]]+ (?:\([^()]+\) )?\z/, 1] : nil
      end

      def led_like_next?(measure)
        word = text.string[measure.quantity.to, 12].to_s[Measures::LED] or return false
        text.measures.any? { |m| m.quantity.from > measure.quantity.to && m.sentence.from == measure.sentence.from && m.span.text.start_with?("#{m.quantity.text}#{word}") }
      end

      # What stands behind the small word that leads from the next numbers to their names.
      def led_deep(measure)
        following = text.measures.select { |m| m.quantity.from > measure.quantity.to && m.sentence.from == measure.sentence.from }
        word = following.size > 1 && following.map { |m| text.string[m.quantity.to, 12].to_s[Measures::LED] }.uniq.then { |words| words.one? && words.first } or return nil
        text.string[measure.quantity.to...measure.span.to][/\A(?: [[:lower:]]+){1,4}#{word}(?:the |our )?(.+)\z/m, 1]
      end

      # The words behind a number; where only "in" or "of the" leads on to the number it is part of, what follows both:
      # "One in ten | would not say", "Six of the nineteen | stayed".
      # @param leading [Array(Regexp, Regexp)] as made by {leading}
      # @return [String]
      def behind(measure, leading)
        alone, with_number = leading
        after = text.string[measure.quantity.to...measure.span.to].to_s
        return after unless after.match?(alone)

        text.string[measure.quantity.to...measure.sentence.to].to_s.sub(with_number, "")
      end
    end
  end
end
