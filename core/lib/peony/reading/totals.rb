# frozen_string_literal: true

module Peony
  module Reading
    # A total and the numbers that are said to make it: "took 190 calls … 61 … 34 … 17 … 48 … 22".
    module Totals
      Total = Struct.new(:whole, :parts, :sum, keyword_init: true) do
        # Rounding is not a contradiction.
        def exact? = (sum - whole.value).abs <= [whole.value * 0.005, 0.5].max
        def close? = (sum - whole.value).abs <= whole.value * 0.12
      end

      module_function

      # @param text [Reading::Text]
      # @return [Array<Total>] the whole first or last, with at least three parts of its unit
      def of(text)
        groups(text).filter_map { |list| total(text, list) }
      end

      def groups(text) = text.measures.reject { |m| m.unit == "%" }.group_by { |m| m.unit.match?(/\A[A-Z]{3}\z/) ? m.unit : "#{Units::MEASURES.value?(m.unit) ? m.unit : 'count'}" }.values

      def total(text, list)
        return nil if list.size < 4 && !(list.size == 3 && said?(text, list.first))

        [[list.first, list.drop(1)], [list.last, list[0..-2]]].each do |whole, others|
          parts = others.select { |m| m.value < whole.value && m.value.positive? }
          sum = parts.sum(&:value)
          made = Total.new(whole: whole, parts: parts, sum: sum)
          return made if parts.size >= 2 && parts.size == others.size && (made.exact? || (said?(text, whole) && made.close?))
        end
        nil
      end

      SAID = /\b(?:in all|altogether|in total|total|all of|of (?:the|our|all)|took|between them|together|that was all|where all|sit on|make[s]? up)\b/i

      def said?(text, measure)
        q = measure.quantity
        text.string[[0, q.from - 40].max...[q.to + 50, text.string.length].min].match?(SAID)
      end
    end
  end
end
