# frozen_string_literal: true

module Peony
  module Reading
    # The unit of a bare number that tells of something once more: so many as were told of before, so much a month, an average. Part of {HandedOn}.
    module HandedAgain
      # "Its test average was 71": of nothing that is counted.
      AVERAGE = /\b(?:average|mean|median|score|mark|grade|(?:heart|pulse) rate|pulse)\b[^.;,\d]{0,16} (?:was|is|were|came to|rose to|fell to|(?:has|have|had) (?:gone|fallen|risen|come)(?: down| up)? from) (?:about |only |just |nearly )?\z/i
      # "€90 a month": what is paid, driven or used so often is told in one unit.
      RATE = /\A a (?:day|week|month|year)\b/
      # "We telephone forty of them … and write to the | forty"
      THE_SAME = /\b(?:the|those|these|all) \z/i
      WITH = /\bwith (?:only |just |about |nearly )?\z/
      AT = /(?:\A|[.!?;:,] (?:and |but )?)at \z/i

      private

      def told_again(quantity, lead, behind)
        return averaged if lead.match?(AVERAGE)

        the_same(quantity, lead, behind) || at_the_rate(quantity, behind) || so_often_with(quantity, lead)
      end

      def the_same(quantity, lead, behind)
        return nil unless lead.match?(THE_SAME) && behind.match?(/\A(?:[.,;:)]|\z| (?:and|who|that|which|were|are)\b)/)

        @list.find { |q| q.to <= quantity.from && q.value == quantity.value && Units.counted?(q.unit) }&.unit
      end

      def at_the_rate(quantity, behind)
        rate = behind[RATE] or return nil
        earlier = @list.take_while { |q| q.from < quantity.from }.reverse.find { |q| text.string[q.to, rate.length + 1].to_s.match?(/\A#{rate}\b/) }
        earlier.unit if earlier && !earlier.said && earlier.unit.empty?
      end

      # Where an average was told in a unit, another one is told in the same.
      def averaged = @said.find { |q| q.said && text.before(q, 60).match?(/\b(?:average|mean|median)\b[^.;]*\z/i) }&.unit.to_s

      # "At Mill Lane it was pressed 611 times. The hospital came next with | 540"
      def so_often_with(quantity, lead)
        return nil unless lead.match?(WITH) && text.string[quantity.to, 5].to_s.match?(/\A(?:[.,;]|\z| and\b)/)

        counted = @list.take_while { |q| q.from < quantity.from }.select { |q| q.said && q.value > 12 }
        "times" if counted.any? && counted.all? { |q| q.unit == "times" }
      end

      # "At 16 degrees there were nine. At 26, there were fifty": the same is told of again.
      def at_as_before(quantity, lead)
        return nil unless lead.match?(AT) && text.string[quantity.to, 1].to_s.match?(/\A[, ]/)

        earlier = @said.reverse.find { |q| q.from < quantity.from && Units::MEASURES.value?(q.unit) && text.before(q, 4).match?(/\bat \z/i) }
        earlier.unit if earlier && !HandedOn::TIME.include?(earlier.unit)
      end
    end
  end
end
