# frozen_string_literal: true

module Peony
  module Reading
    # Each quantity with the stretch of words that it belongs to.
    module Measures
      Measure = Struct.new(:quantity, :span, :sentence, keyword_init: true) do
        def value = quantity.value
        def unit = quantity.unit
      end

      # Where the words of one number end and those of the next begin.
      BREAK = /[;:]\s+|,\s+(?:and |but |then |while )?|\s+(?:and|but|while|whereas)\s+|\s[–—]\s|\.\s+|\n/

      # "96 minutes | on | short films": the small word that leads from a number to what it is of.
      LED = /\A (?:on|in|for|at|by|to|from|with) /
      BOTH = /\A[,;]\s+(?:and )?(?=[[:alpha:]-]+(?: [[:alpha:]-]+)? and [[:alpha:]-]+(?: [[:alpha:]-]+)?\s*\z)/
      # Words that go on about the number before them.
      GOES_ON = /\A(?:which|who|still|though|at least|by (?:then|which))\b/

      module_function

      # @param text [Reading::Text]
      # @return [Array<Measure>] in order
      def of(text)
        stretches = text.tree.any? && text.entries.any? ? text.entries.map(&:span) + text.sentences : text.sentences
        stretches.sort_by(&:from).flat_map { |s| in_stretch(text, s) }
      end

      def in_stretch(text, stretch)
        list = text.quantities_in(stretch).reject do |q|
          again?(text, q) || age_of?(text, q) || in_name?(text, q, stretch) || of_which_first?(text, q) || in_label?(text, q, stretch) || announces?(text, q, stretch) ||
            paying?(text, q) || in_full_behind?(text, q)
        end
        starts = [first_start(text, stretch, list)]
        list.each_cons(2) { |a, b| starts << border(text, a, b) }
        list.each_with_index.map do |q, i|
          Measure.new(quantity: q, span: text.span(starts[i], i + 1 < list.size ? starts[i + 1] : stretch.to), sentence: stretch)
        end
      end

      # "Cellar Crumb 4. The four were from his family": the same four.
      def again?(text, quantity)
        return true if alone?(text, quantity)

        text.before(quantity, 6).match?(/(?:\A|[.!?]\s|\n)The \z/) && text.string[quantity.to, 6].match?(/\A (?:were|are|who|was)\b/) &&
          text.quantities.any? { |q| q.to <= quantity.from && q.value == quantity.value }
      end

      # "And my sunset, 44. | Forty-four.": said once more.
      def alone?(text, quantity)
        return false unless text.before(quantity, 2).match?(/[.!?]\s\z/) && text.string[quantity.to, 2].match?(/\A[.!]/)

        text.quantities.reverse.find { |q| q.to <= quantity.from }&.value == quantity.value
      end

      # "8,500 two people, trained": a row that begins with its number names what it is for.
      def in_name?(text, quantity, stretch)
        return false if text.moments.any? { |m| m.from == stretch.from }
        return false unless quantity.from.between?(stretch.from + 2, stretch.from + 14) && text.string[stretch.from...quantity.from].match?(/\A[£€$]?\d[\d,.]*\s+\z/)

        text.entries.size > 2 && text.entries.any? { |e| e.span.from == stretch.from }
      end

      # "Top five words in our mails: please (812), sorry (640) ...": how many follow.
      def announces?(text, quantity, stretch)
        return false unless quantity.value.between?(3, 20) && text.string[quantity.to...stretch.to].match?(/\A(?: [[:alpha:]]+){1,5}:\s/)

        text.quantities_in(stretch).size == quantity.value + 1
      end

      # "A little over half, £4,700": told again in full.
      def in_full_behind?(text, quantity) = quantity.unit == "%" && quantity.text.match?(/\A[[:alpha:]]/) && text.string[quantity.to, 6].to_s.match?(/\A, (?:or )?[£€$]\d/)

      # "The cake stall and two concerts brought £4,500": how many they are is part of who paid.
      def paying?(text, quantity)
        return false unless quantity.value <= 12 && quantity.text.match?(/\A[[:alpha:]]+\z/) && Units.counted?(quantity.unit)

        deed = text.tokens_after(quantity.to, 5).find(&:finite?) or return false
        text.quantities.any? { |q| paid?(q, deed) || second?(text, q, deed) } && !text.string[quantity.to...deed.from].match?(/[,;:.]/)
      end

      def paid?(quantity, deed) = Units.money?(quantity.unit) && quantity.from.between?(deed.to, deed.to + 2)

      # "Two sisters from Pell were second with 79"
      def second?(text, quantity, deed) = Units::MEASURES.value?(quantity.unit) && quantity.from > deed.to && text.string[deed.to...quantity.from].match?(PLACED)
      PLACED = /\A(?: (?:second|third|next|fourth|last|close behind))? (?:with|at|on) \z/

      # "Got past the first five minutes: 1,480": what stands in the label of a number is part of its name.
      def in_label?(text, quantity, stretch)
        return true if label_of_line?(text, quantity, stretch)

        colon = stretch.text.match(/:\s*[£€$]?\d[\d.,]*(?: ?[[:alpha:]%°]{1,12})?\s*\z/)&.begin(0)
        colon && quantity.to <= stretch.from + colon && !stretch.text[0...colon].include?(":") && stretch.text[0...colon].match?(/[[:alpha:]]{3,}.*\s[[:alpha:]]{3,}.*\s[[:alpha:]]{3,}/)
      end

      # "Still there after six months 147", below "Visits 1,180": where each line ends in its number, a time told in words is part of the name.
      def label_of_line?(text, quantity, stretch)
        return false unless HandedOn::TIME.include?(quantity.unit) && text.entries.size > 2 && stretch.text.match?(ENDS_IN_NUMBER) && quantity.to < stretch.to - 2

        text.string[quantity.to...stretch.to].match?(/\A(?: [[:alpha:]]+)? [£€$]?\d[\d,.]*\z/) && text.entries.all? { |e| e.span.text.match?(ENDS_IN_NUMBER) }
      end
      ENDS_IN_NUMBER = /[[:alpha:]] [£€$]?\d[\d,.]*\z/

      # "The highest of the five hills is Great Ness at 318 metres": how many they are is told of no one.
      def of_which_first?(text, quantity)
        quantity.value <= 12 && quantity.said && text.before(quantity, 24).match?(/\b[[:alpha:]]{2,}est (?:[[:lower:]]+ )?of (?:our|the|all|these|those|its) \z/i)
      end

      # "250 are over sixty", "those over 65 pay 29": the age tells who they are.
      def age_of?(text, quantity)
        return false if quantity.unit != "years" || quantity.said

        before = text.before(quantity, 36)
        before.match?(HandedAges::COUNTED_AGED) || (before.match?(HandedAges::PEOPLE_AGED) && text.string[quantity.to, 8].to_s.match?(GET))
      end
      GET = /\A (?:pays?|paid|gets?|got|needs?|have|had|are|were) /

      # In a list that is led by a colon the first number's words begin after it.
      def first_start(text, stretch, list)
        return stretch.from if list.size < 3 || text.entries.any? { |e| e.span.from == stretch.from }

        # "What people bought: 48 mugs, 31 scarves", but not "Cat owners: 40, dog owners: 35".
        labelled = list.drop(1).any? { |q| text.string[q.from - 2, 2] == ": " }
        colon = text.string[stretch.from...list.first.from].rindex(labelled ? /:\s+\S/ : /:\s+(?:\S|\z)/)
        return stretch.from + colon + 2 if colon

        list.all? { |q| text.string[q.from - 1] == "(" } ? behind_deed(text, stretch.from, list.first.from) : stretch.from
      end

      # "They look at | the opening hours (48 %), the menu (31 %) ...": where the first of a row begins behind what is done.
      # @param from [Integer] where the sentence begins
      # @param to [Integer] where its first number stands
      # @return [Integer] a place
      def behind_deed(text, from, to)
        words = text.tokens_in(text.span(from, to))
        verb = words.index(&:finite?) or return from
        first = words.drop(verb + 1).find { |t| !%w[in to rp].include?(t.tag) && !Runs::PARTICLES.include?(t.low) }
        first&.word? ? first.from : from
      end

      # How little it is, and what leads to it: "Lund with 180, Ottoline, who started in January, 122", "and the children's juice, at 98 grams".
      LIGHTLY = /\A(?:an? (?:brave|mere|proud|modest|good|sad|paltry|solid|full) )?(?:(?:only|just|about|nearly|almost|barely) )*\z/
      LED_TO = /\A(?:(?:only|just|about|nearly|almost|barely) )*(?:(?:at|with) )?\z/

      # "On the bus, and | Ben, who lives over the bakery, is here in"
      TOLD_OF = /(?:[,;.]|\band)\s+(?:and\s+|but\s+)?(?<name>[[:upper:]][[:alpha:]'’-]*(?: [[:upper:]][[:alpha:]'’-]*){0,2}), (?:who|which|whose) [^,;.]{3,60}, [^,;.]{0,24}\z/

      # "2.40 | for clay and firing": what the number is for stands behind it.
      OF_WHAT = /\A (?:(?:are|is|was|were|goes?|went) )?(?:for|on|to|into) /

      # "The children's choir, | to everybody's surprise, | 97": what is put in begins no other thing.
      PUT_IN = /\A(?:[[:lower:]]+(?:ed|wn|ht|lt|en) )?(?:to|in|after|by|despite|in spite of|for|as|of|on|from) (?:[[:lower:]'’]+ ){1,3}?[[:lower:]'’]+,\s+(?:an? [[:lower:]]+ )?(?:(?:only|just|about|nearly|almost|barely) )*\z/

      # Whether a thing is named between the last two breaks.
      def named?(gap, breaks) = gap[breaks[-2].end(0)...breaks.last.begin(0)].match?(/\A(?:the|an?|our|my|his|her) |\A[[:upper:]]/)

      # "From Saltings 168, from Norrick 97, and from the ferry side, over the water, 63": where each is led by the same word, the next begins with it.
      # @return [Integer, nil] places behind the first number
      def led_again(text, one, gap)
        word = text.before(one, 60)[/(?:\A|[,;:.] |\band )(from|for) (?=[^,;:.]*\z)/i, 1] or return nil
        match = gap.match(/\A(?:,|;)? (?:and )?(?=#{word} [^\d]*\z)/i)
        match&.end(0)
      end

      # "£11,000 came out of our savings, | the cake stall and two concerts brought £4,500": of two that an "and" joins both did it.
      # @param from [Integer] where the gap with the breaks begins
      def together?(text, from, breaks)
        comma, last = breaks.last(2)
        return false unless comma[0].match?(/\A,\s+\z/) && last[0].strip == "and"

        named = text.tokens_between(from + comma.end(0), from + last.begin(0))
        did = text.tokens_between(from + last.end(0), from + last.end(0) + 40)
        named.any?(&:noun?) && named.none?(&:finite?) && did.first(4).any?(&:finite?) && text.tokens_between(from, from + comma.begin(0)).any?(&:finite?)
      end

      def breaks(gap)
        going_on, others = Moments.matches(gap, BREAK).partition { |match| gap[match.end(0)..].match?(GOES_ON) }
        # "can we bring the dog 150, who pays for all this 9": there is no other.
        others.empty? ? going_on : others
      end

      # The first stop or semicolon between two numbers, else the last comma or "and".
      def border(text, one, two)
        gap = text.string[one.to...two.from]
        led = led_again(text, one, gap)
        return one.to + led if led

        told_of = gap.match(TOLD_OF)
        return one.to + told_of.begin(:name) if told_of

        breaks = breaks(gap)
        return two.from if breaks.empty?

        # "Stand 5,400, travel and hotel 2,800": both.
        both = gap.match(BOTH)
        return one.to + both.end(0) if both

        # "Cat owners: 40, | dog owners: 35": a label goes with its number.
        breaks.pop if breaks.size > 1 && breaks.last[0].start_with?(":") && breaks.last.end(0) == gap.length
        strong = breaks.find { |b| b[0].match?(/[.;\n]/) }
        # "Lund with 180, Ottoline, who started in January, 122": what is named before the last comma is what that number is of.
        breaks.pop if breaks.size > 1 && !gap.match?(OF_WHAT) && breaks.last[0].match?(/\A,\s+\z/) && gap[breaks.last.end(0)..].match?(named?(gap, breaks) ? LED_TO : LIGHTLY)
        breaks.pop while breaks.size > 1 && gap[breaks.last.end(0)..].match?(PUT_IN)
        breaks.pop if breaks.size > 1 && together?(text, one.to, breaks)
        one.to + (strong || breaks.last).end(0)
      end
    end
  end
end
