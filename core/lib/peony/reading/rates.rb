# frozen_string_literal: true

module Peony
  module Reading
    # How often something happened in so many, then and now: "missed visits, once one in eight, are one in twenty now" went from 12.5 % to 5 %.
    module Rates
      OLD = /\b(?:before|once|used to|was|were|had been|formerly|last year|in the old days)\b/i
      NEW = /\b(?:after|now|today|these days|nowadays|since|this year|is|are)\b/i
      # What leads from the one to the other stands between them.
      FAR = 90

      module_function

      # @param text [Reading::Text]
      # @return [Array<Pairs::Pair>]
      def turned(text)
        Ratios.direct(text).reject(&:goal).each_cons(2).filter_map do |one, two|
          sentence = text.sentence_of(one.part, two.whole) || of_two(text, one, two)
          next unless sentence && two.part.from - one.whole.to <= FAR && turned?(text, sentence, one, two)

          Pairs::Pair.new(one: share(one), two: share(two), name: ChangeNames.of(text, sentence, one.part), from: sentence.from, to: sentence.to)
        end
      end

      # "Before we moved the sign, one in nine looked up. After it was moved it was one in three."
      # @return [Span, nil] both sentences
      def of_two(text, one, two)
        before, after = [one.part, two.part].map { |q| text.sentence_of(q) }
        text.span(before.from, after.to) if before && after && before.text.match?(BEFORE) && after.text.match?(AFTER) && before.to < after.from
      end
      BEFORE = /\A(?:before|until|in the old days|last year|once)\b/i
      AFTER = /\A(?:and |but )?(?:after|since|now|today|these days|this year)\b/i

      def turned?(text, sentence, one, two)
        lead = text.string[sentence.from...one.part.from]
        gap = text.string[one.whole.to...two.part.from]
        (lead + gap).match?(OLD) && (gap + text.string[two.whole.to, 24].to_s[/\A[^.;!?]*/]).match?(NEW)
      end

      # @return [Quantity] in per cent
      def share(ratio)
        from = ratio.part.from
        to = ratio.whole.to
        value = Numbers.plain((100.0 * ratio.part.value / ratio.whole.value).round(1))
        Quantity.new(value: value, unit: "%", text: "#{Arithmetic.show(value)} %", from: from, to: to, said: true)
      end
    end
  end
end
