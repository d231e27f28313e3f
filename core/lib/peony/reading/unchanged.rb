# frozen_string_literal: true

module Peony
  module Reading
    # Beside what changed, what did not: "Life members: 7 before, 7 now", "marrow unchanged at 55 %".
    module Unchanged
      SAME = /\b(?:unchanged|(?:does|do|did|has|have) not (?:change|move)d?|no change|(?:stay|remain)(?:s|ed)? at)\b/i
      STILL = /\A[^.;:!?\d]{0,16}(?:\bto\b|\bstill\b|\bnow\b|\bthen\b|\bwas\b|\bso far\b|[→–(])[^.;:!?\d]{0,8}\z/
      NOW = /\A ?(?:\w+ )?now\b/
      CLAUSES = /[;:]\s+(?=[[:alpha:]])|,\s+(?:and\s+)?(?=[[:alpha:]][^,;.\d]{2,}\d)/

      module_function

      # @param text [Reading::Text]
      # @param taken [Array<Quantity>] values that changed
      # @return [Array<Pairs::Pair>] one for each entry or clause whose two values are the same, or whose one value is said to be
      def in(text, taken)
        spans = text.tree.size >= 2 ? text.tree.map(&:span) : text.sentences.flat_map { |s| Sentences.clauses(s, CLAUSES) }
        spans.filter_map do |span|
          one, two, *more = text.quantities_in(span)
          next if one.nil? || more.any? || [one, two].intersect?(taken)

          Pairs::Pair.new(one: one, two: two || one, name: ChangeNames.of(text, span, one), from: span.from, to: span.to) if two ? same?(text, one, two) : span.text.match?(SAME)
        end
      end

      def same?(text, one, two)
        return false unless one.value == two.value && (one.unit == two.unit || !two.said)

        text.string[one.to...two.from].match?(STILL) || text.string[two.to, 8].to_s.match?(NOW)
      end
    end
  end
end
