# frozen_string_literal: true

module Peony
  module Reading
    # Bare numbers that are ages: "people under 25", "the oldest of them is 91".
    module HandedAges
      BEASTS = "tortoise|dog|cat|horse|mare|parrot|donkey|elephant|cow"
      PERSONS = "lad|boy|girl|child|man|woman|lady|gentleman|daughter|son"
      AGED = /\b(?:aged?|age of|(?:#{BEASTS}|#{PERSONS}) of|lived to(?: be)?|turned|under|over|(?:man|woman|boy|girl|who|he|she|one of (?:them|whom)) (?:is|was)|(?:oldest|youngest|eldest)\b(?: of (?:them|us|all))?(?:[^.;:!?\d]{0,28} (?:is|was))?)\s+\z/i
      # "Tickets bought by people under 25": an age, whatever is counted beside it.
      PEOPLE_AGED = /\b(?:all of them|most of them|nobody|no one|people|those|anyone|everyone|somebody|someone|anybody|everybody|customers|guests|children|adults|men|women|boys|girls|pupils|students|visitors|members|readers|young) (?:aged )?(?:under|over|below|above) \z/i
      # "Since I was | nineteen."
      SINCE_AGED = /\b(?:when|since|until|till|after|before|if) (?:i|he|she|they|you|we) (?:was|were|turned|are|is|am) \z/i
      # "She's | eighty-four.", "our only mechanic is | sixty-four and says no", "Are you under | twelve?"
      ONE_IS = /(?:\b(?:who|he|she)['’]s|\b(?:mechanic|teacher|baker|warden|keeper|captain|clerk|miller|founder|farmer|smith|nurse|doctor|driver|priest|vicar|widow|aunt|uncle|sister|brother|mother|father|gran(?:ny|ma|dmother|dfather|dad)?|cook|organist|conductor|gardener|man|woman)
                \b(?!['’])[^.;:!?\d]{0,60}\ (?:is|was)|\b(?:are\ you|is\ (?:he|she|your\ child)|are\ they)\ (?:under|over|above|below)|
                \b(?:had|has|have|who|that)\ turned)\ (?:now\ |nearly\ |only\ |about\ |just\ )?\z/ix
      ENDS = /\A(?:[.,;:)?]|\z| and [[:lower:]])/
      # "The bridge is | two hundred | this year"
      IS = /\b(?:is|are|was|were|turns|turned) \z/
      THIS_YEAR = /\A (?:this|next|last) (?:year|month|week|spring|summer|autumn|winter)\b/
      # "(Max, | 11)"
      IN_BRACKETS = /\([[:upper:]][[:lower:]]+, \z/
      # "Learning the tuba at | fifty-one."
      LEARNT_AT = /\b[[:lower:]]+ing\b[^.;:\d]{0,30} at \z/
      # "No one in it under | sixty."
      NO_ONE_UNDER = /\b(?:no one|nobody|any(?:one|body)|every(?:one|body)|some(?:one|body)|people|children|adults|those|members|men|women)\b[^.;,\d]{0,30} (?:under|over|above|below) (?:the age of )?\z/i
      # "Reading age, class 4B, September to June: Noor 8.1", not "age groups: under 18, 14"
      AGES_OF = /\A(?:(?:the|our|[[:alpha:]]+) )?ages?\b(?! (?:groups?|class|classes|bands?|and|limits?))[^.:\n]{0,60}:/i
      NAMED_OR_TURNED = /(?:[;,:.] |\n)[[:upper:]][[:alpha:]]+,? \z|→ \z/
      # "250 are over sixty", "480 are between 14 and 60"
      COUNTED_AGED = /(?:\d|\b(?:half|thirds?|quarters?|fifths?|tenths?))(?: %| per cent)?(?: of (?:the |our |all )?[[:alpha:]]+)? (?:are|were) (?:aged |under |over |above |between |from )+(?:\d+ (?:and|to) )?\z/i
      SOMEBODY = /#{BEASTS}|#{PERSONS}|oldest|youngest|eldest|one of (?:them|whom)|age|lived|\b(?:had|has|have) turned|\b(?:who|he|she) (?:is|was)/i

      OLDER = /\b(?:older|age|ages|aged|ageing|growing up|years old|life)\b/i

      # "A girl called Tove, about nine."
      CALLED = /\b(?:boy|girl|child|man|woman|lad|daughter|son|pupil|called|named)\b[^.;:\d]{0,24}, (?:about |nearly |just |not quite )?\z/

      # "Ines, 34, hears about us"
      NAMED = /(?:\A|[.!?] |\n)[[:upper:]][[:lower:]]+(?: [[:upper:]][[:lower:]]+)?, \z/

      private

      def aged
        ages = @list.select { |q| (q.unit.empty? || deed?(q)) && q.value.between?(1, 110) }
        @list.first(1).each { |q| q.unit = "years" if this_year?(q) }
        ages.each { |q| q.unit = "years" if called?(q) || named?(q) || one_is?(q) }
        at_ages(ages)
        ages.each { |q| q.unit = "years" if told_aged?(q) || beyond_age?(q) || since_aged?(q) }
        ages.each { |q| q.unit = "years" if q.unit.empty? && text.before(q, 24).match?(NAMED_OR_TURNED) } if text.string.match?(AGES_OF)
        @aged = ages.select { |q| q.unit == "years" }
      end

      # "Nobody under fifteen | touches it": what they do is not counted.
      def deed?(quantity)
        return false unless text.before(quantity, 36).match?(PEOPLE_AGED)

        text.tokens_after(quantity.to, 1).first&.then { |t| t.low == quantity.unit && (t.finite? || Tokens.deed?(t.low)) }
      end

      # "From people under ten. There were | 95": no ages.
      def age_told?(quantity) = @aged.any? { |q| q.equal?(quantity) }
      def there_were?(quantity) = text.before(quantity, 20).match?(/\bthere (?:were|are|was|is) (?:only |just |about )?\z/i)

      def since_aged?(quantity) = quantity.value >= 3 && text.before(quantity, 24).match?(SINCE_AGED) && text.string[quantity.to, 1].to_s.match?(/\A[.,;:)]?\z/)
      def beyond_age?(quantity) = quantity.value >= 10 && text.before(quantity, 60).match?(NO_ONE_UNDER) && text.string[quantity.to, 1].to_s.match?(/\A[.,;:)]?\z/)

      def told_aged?(quantity) = text.before(quantity, 36).then { |before| before.match?(PEOPLE_AGED) || before.match?(COUNTED_AGED) }
      def this_year?(quantity) = quantity.unit.empty? && text.before(quantity, 8).match?(IS) && text.string[quantity.to, 14].to_s.match?(THIS_YEAR)

      def one_is?(quantity)
        before = text.before(quantity, 90)
        behind = text.string[quantity.to, 8].to_s
        return true if before.match?(IN_BRACKETS) && behind.start_with?(")") && quantity.value.between?(3, 110)
        return quantity.text.include?("-") && behind.match?(/\A[.,;]/) if before.match?(LEARNT_AT) && quantity.value > 20

        quantity.value.between?(3, 110) && before.match?(ONE_IS) && behind.match?(ENDS)
      end

      def called?(quantity) = text.string[quantity.to, 1].to_s.match?(/\A[.,;]?\z/) && text.before(quantity, 60).match?(CALLED)
      def named?(quantity) = quantity.value >= 5 && text.before(quantity, 40).match?(NAMED) && text.string[quantity.to, 24].to_s.match?(/\A, (?!and\b|then\b)[[:lower:]]+s\b(?!,)/)

      # "At 20 most people hear up to 18,000 hertz, at 40 up to 14,000 ...", where it is told of growing older.
      def at_ages(ages)
        at = ages.select { |q| q.value.is_a?(Integer) && text.before(q, 4).match?(/\bat \z/i) }
        return unless at.size >= 3 && at.map(&:value).each_cons(2).all? { |a, b| a < b } && "#{text.passage.heading} #{text.string}".match?(OLDER)

        at.each { |q| q.unit = "years" }
      end

      def age?(quantity, before, last)
        before.match?(AGED) && quantity.value.between?(1, 110) && quantity.value.is_a?(Integer) && !(last && (last.unit == "%" || Units.money?(last.unit))) && before.match?(SOMEBODY)
      end
    end
  end
end
