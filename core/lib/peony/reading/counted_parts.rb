# frozen_string_literal: true

module Peony
  module Reading
    # Parts that are told by counts: under a total that is named, or all of one unit; and what is left over.
    module CountedParts
      WHOEVER = /\A(?:(?:the|an?) )?(?<what>[^,.;:]{2,40}?),? (?:who|which|that) /i
      REST = /\b(?:the rest|everything else|what(?:ever)?(?: is| was|['’]s) left(?: over)?|what(?:ever)?(?: then)? (?:remain(?:s|ed)|is (?:still )?missing)|all that (?:remains|is left)|the (?:balance|remainder)|the others?|the remaining \w+|the last (?:kilo|litre|euro|pound|crown|penny|cent|one|hour|minute|metre|page|day)|(?:that|which) leaves)\b/i
      # What leads on to what is left: ", and the rest", "and films the rest".
      TO_REST = /[,;]\s+(?:and |while |but )?|\s+(?:and|while)\s+(?=(?:[[:lower:]]+ ){0,4}#{REST})/

      # "Posters and printing take | 6,300"
      TAKES_SO_MUCH = /(?<=\S)\s+(?:account(?:s|ed)? for|takes?|took|costs?|pays?|gets?|for)\z/i

      # "Forty | are | meadow", "80 | to | visitors"
      ARE = /\A(?:(?:are|is|were|was|go(?:es)?|went) |(?:to|on|for) (?=\p{L}))/i

      # "Forty | minutes | on showers", "41 | kilos | are burned"
      LEADING_UNIT = /\A(?:minutes|hours|days|kilos|kilograms|grams|tonnes|litres|acres|hectares|euros|pounds) (?=(?:on|for|to|of|are|is|was|were|go|goes|went) )/i

      # "7,200 went into the bank, 3,300 | into trees"
      INTO = /\Ainto (?:the |our )?(?=\S)/i

      private

      # Counts under a total: "Twelve people sit on the board: five fishermen, four …, two … and the coxswain".
      def of_counts
        told = classed
        return told if told

        portions = text.measures.select { |m| m.unit == "parts" }
        return portions.map { |m| part(tidy(text.string[m.quantity.to...m.span.to].sub(/\A\s*parts?\s+/, "").sub(/\s+and\z/, "")), "", m.quantity, [m.span]) } if portions.size >= 2

        text.totals.map { |total| counts(total) }.max_by(&:size) || with_last || with_rest || of_one_unit
      end

      # "Under 18: 14", "18 to 40: 36", "Over 40: 61": each is called by what tells it from the others.
      def classed
        list = text.measures
        return nil unless text.classes.size > 2 && text.classes.size == list.size

        @open = 0.1
        text.classes.zip(list).map { |range, m| part(text.string[range], "", m.quantity, [text.span(range.begin, m.quantity.to)]) }
      end

      # "Where the hour goes: 24 minutes talk, 19 minutes practice …": all that is counted, where the words speak of shares and name no whole.
      def of_one_unit
        list = text.ladder
        return nil unless list.size.between?(3, 8) && list.size >= text.quantities.size - 1 && list.all? { |m| m.value.positive? }
        # Without a word of shares the scorer weighs it, unless they are told by time.
        return nil unless cue?(:share_of) || text.moments.size * 2 < list.size

        @open = cue?(:share_of) ? 0.1 : 0.0
        counts(Totals::Total.new(parts: list))
      end

      # What is left of a sum is worked out, for it is a part like the others.
      def with_rest
        total = Totals.leaving(text, REST)
        clauses = total ? text.sentences.flat_map { |s| Sentences.clauses(s, /[,;]\s+(?:and |but )?|\s+and\s+(?=#{REST})/o) } : []
        clause = clauses.reverse.find { |s| s.text.match?(REST) && text.quantities_in(s).all? { |q| q.value == 1 } }
        return nil unless clause

        rest = left_over(clause)
        left = Quantity.new(value: Numbers.plain(total.whole.value - total.sum), unit: total.whole.unit)
        [*counts(total), part(rest.title, rest.detail, left, rest.spans)]
      end

      def counts(total)
        total.parts.map do |m|
          # "Forty | minutes | on showers": the unit is told beside the number.
          name = without_rest(subject(m)).sub(LEADING_UNIT, "").sub(MeasureNames::WENT_TO, "").sub(INTO, "")
                                         .sub(ARE, "").sub(/ (?:and|but|or)\z/, "").sub(TAKES_SO_MUCH, "")
          name = beyond(m, total) if name.match?(/\A(?:on|for|to|into|in|at)?\z/i)
          # "That left 1,400 for the party"
          detail = without_rest(without(m.span, m.quantity)).sub(/\A(?:that|which) (?:left|leaves)\b.*/i, "")
          # "Scaffolding took": its amount was all.
          detail = "" if detail.downcase.delete_prefix(name.downcase).match?(/\A(?: [[:lower:]]+)?\z/)
          part(name, detail, m.quantity, [m.span])
        end
      end

      # "22,000 on | two part-time posts": the small number is of the name.
      def beyond(measure, total)
        following = total.parts.find { |m| m.quantity.from > measure.quantity.to && m.sentence.from == measure.sentence.from }
        words = text.string[measure.quantity.to...(following ? following.quantity.from : measure.sentence.to)]
        Titles.of(words.strip.sub(/\A(?:on|for|to|into|in|at) /, "").sub(/[,;.\s]+(?:and)?\s*\z/, "")).first
      end

      # The last part is one thing, named without a number.
      def with_last
        total = Totals.lacking(text) or return nil
        words = text.sentences.find { |s| s.from > total.parts.last.quantity.to && s.text.match?(/\AAnd (?:the|a|an|one)\b/) } || total.parts.last.sentence
        at = text.string[total.parts.last.quantity.to...words.to].index(/(?:,? and|(?<=\. )And) (?:the|a|an|one)\b/)
        return nil unless at

        from = total.parts.last.quantity.to + at
        span = text.span(from + text.string[from..][/\A,? ?and /i].length, words.to)
        [*counts(total), item(text.span(span.from, span.from + span.text.sub(/[.;\s]+\z/, "").length))]
      end

      # "The rest were the band" is the band.
      def left_over(span)
        # "... and films | the rest"
        before = span.text[/\A(?<lead>[^,;]{3,40}?) (?:(?:is|are|was|were|makes? up|made up|gets?|got|takes?|took|buys?|bought|eats?|ate|keeps?|kept|receives?|received) )?#{REST}\W*\z/o, :lead]
        return item(text.span(span.from, span.from + before.length)) if before

        lead = span.text[/\A(?:with|from|out of|for) #{REST},? (?:we|they|i|she|he|you) (?:bought|built|paid for|made|got|had) (?:(?:an?|the) )?(?=\p{L})/io] ||
               span.text[/\A.*?#{REST} (?:is|are|was|were|buys?|bought|keeps?|kept|covers?|covered|feeds?|fed|(?:pays?|paid) for|(?:goes?|went) (?:on|to|into)) (?=\p{L}+ ?\p{L}*)/o].to_s
        whoever(lead.empty? ? span : text.span(span.from + lead.length, span.to))
      end

      # "What remained were | the choir and the man | who sleeps at the back"
      def whoever(span)
        what = span.text[WHOEVER, :what]
        what && text.tokens_between(span.from, span.from + what.length).none?(&:finite?) ? made(what, span.text.strip.chomp("."), [span]) : item(span)
      end

      # "Found us online | and the rest just walked in", "Scaffolding took 15, | and with the rest we bought a ladder": what is left is a part of its own.
      def without_rest(words) = words.sub(/,? (?:and|while|but) (?:(?:with|for|from|of|out of) )?#{REST}.*/mo, "")
    end
  end
end
