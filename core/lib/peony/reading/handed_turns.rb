# frozen_string_literal: true

module Peony
  module Reading
    # A bare number that has the unit of the one right before it, for that became this, or was told as often. Part of {HandedOn}.
    module HandedTurns
      OTHER = /where [[:alpha:] ]{3,20} (?:takes?|took|needs?|has|had|costs?|is|was)/
      TURNED = /\A[^.!?\n]{0,40}\b(?:to|now(?: [a-z]+){0,2}|then|become|became|(?:is|are|takes?|took) more like|(?:is|are) (?:over|done|finished|through) in|instead of|against|(?:up|down) from|compared (?:with|to)|#{OTHER})\s+(?:about |around |only |just )?[£€$]?\z/
      # "46 days of waiting for a popular title has shrunk to nineteen"
      SHRUNK = /\A[^.!?;,\d\n]{0,70}\b(?:has|have|had) (?:shrunk|grown|fallen|risen|dropped|climbed|come (?:down|up)|gone (?:down|up)) to (?:only |just |about )?\z/
      # "One hour a day, was | three"
      WAS = /\A(?: [[:lower:]]+)?(?: (?:an?|per) [[:lower:]]+)?(?:, | \()(?:was|were|used to be|formerly) (?:only |about )?\z/
      # "31 per cent came back, and it is | 12 now"
      AND_IT_IS = /\A[^.;:\d]{0,30}, (?:and|but) (?:it|that) (?:is|was)(?: now)? (?:only |just |about )?\z/
      # "Two drivers fewer are needed: it was | eleven"
      IT_WAS = /\A[^:.;]*: (?:it|they) (?:was|were) \z/
      # "The wait fell to seven minutes, and those who gave up to 12 | in a hundred"
      IN_A_HUNDRED = /\A in (?:a|every|each) (?:hundred|thousand)\b/

      LED_BY = [TURNED, SHRUNK, Turned::ARROW, LaterFirst::NOT_SO, WAS, AND_IT_IS, IT_WAS].freeze

      private

      # "from 31 hours to 19", "9 people, now 3"
      def turned(quantity, before, index)
        # "40 came twice → 33 finished": not 33 times.
        return nil if index.zero? || before.text.match?(/\A(?:once|twice|thrice)\z/i)
        return nil if before.unit.empty? || passing?(before) || (!Units.counted?(before.unit) && text.string[quantity.to, 16].to_s.match?(IN_A_HUNDRED))
        # "One bottle in three"
        return before.unit if so_many_in?(before, quantity)
        # "Visits rose by 18% to 46,200"
        return nil if before.unit == "%" && text.before(before, 4).match?(/\bby \z/)

        return nil if before.unit == "%" && no_share?(quantity)

        gap = text.string[before.to...quantity.from]
        # "Down to 12 minutes (was 25), passengers per day up from 310"
        return nil if gap.match?(/\A\), [[:lower:]]+s\b/)
        return nil if HandedOn::TIME.include?(before.unit) && gap.match?(/\A brought (?:it|that|this|them) (?:up |down )?to \z/)

        before.unit if LED_BY.any? { |led| gap.match?(led) } || led_on?(before, gap, quantity) || Turned.did_and_does?(text, before, gap)
      end

      # "We used to lose 14 hours a month to wind and it's | five now": within a sentence.
      def led_on?(before, gap, quantity) = !gap.match?(/[.!?]\s/) && LedOn.is?(text.before(before, 60), gap, text.string[quantity.to, 16].to_s)

      def so_many_in?(one, all)
        one.said && Units.counted?(one.unit) && one.value <= 10 && one.value < all.value && text.string[one.to...all.from].match?(/\A [[:alpha:]-]+ in \z/)
      end

      def so_often?(quantity, before, last)
        earlier = @list.take_while { |q| q.from < quantity.from }
        return true if in_row_of_times?(earlier.last, quantity) || how_often?(earlier, quantity)
        return false if last.nil? || Units.counted?(last.unit)

        often = earlier.last
        often&.unit == "times" && (!often.said || before.match?(/[.;] [[:upper:]][[:lower:]]+,? \z/))
      end

      # "Parking 88 times, noise 61, the website | 34"
      def in_row_of_times?(before, quantity)
        return false unless before&.unit == "times" && !before.text.match?(/\A[[:alpha:]]+\z/) && text.string[quantity.to, 2].to_s.match?(/\A(?:[,.;]|\z)/)

        text.string[before.to...quantity.from].match?(/\A, (?:and )?(?:the |our )?[^\d,.;:]{2,24} \z/)
      end

      # "Counted how often he woke up. It was seven times. At the mill he put down | eleven", but not "with | thirty boats it was twelve times".
      def how_often?(earlier, quantity)
        at = earlier.index { |q| q.unit == "times" && q.said }
        return false unless at && text.string[0...earlier[at].from].match?(/\bhow often\b/) && !text.before(quantity, 12).match?(/\b(?:with|at|after|on|in) (?:the )?\z/i)

        earlier.drop(at).all? { |q| q.unit == "times" || !q.said || q.value == 1 || passing?(q) }
      end
    end
  end
end
