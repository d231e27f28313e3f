# frozen_string_literal: true

module Peony
  module Reading
    # Things of one kind that are told of in a sentence each: "The camel goes two weeks without water. The fennec fox hears beetles. The scorpion glows."
    module EachOfAKind
      # How near the names of things of one kind lie to each other.
      AKIN = 0.28

      private

      # @return [Array<Item>, nil] one for each sentence, where all begin with another thing
      def of_each
        spans = text.entries.any? ? [] : text.sentences
        return nil unless spans.size.between?(3, 6) && spans.none? { |s| text.told?(s) }

        heads = spans.map { |s| head(s) }
        return nil unless heads.all? && apart?(heads.map { |h| stems(h) }) && spans.map { |s| %w[det in].index(text.tokens_in(s).first.tag) }.uniq.size == 1 && akin?(heads)
        return nil if spans.last.text.match?(Rivals::COMPARED) || spans.any? { |s| s.text.match?(/\b(?:them|these|those)\b/i) }

        @strength = 0.3
        shared = shared(heads)
        spans.map { |s| portrait([s]).tap { |i| i.title = Titles.capital(called(s, shared)) } }
      end

      # The name that a sentence begins with, as it stands there.
      def called(span, shared)
        phrase = naming(begun(span)).drop_while { |t| t.tag == "det" }
        # "Spelt bread | tastes of nuts"
        at = shared && phrase.index { |t| t.low.delete_suffix("s").end_with?(shared) }
        phrase = phrase.first(at + 1) if at
        text.string[phrase.first.from...phrase.last.to]
      end

      # None is named again by another: "the Lark ... the Lark costs £140".
      def apart?(heads) = heads.combination(2).none? { |one, other| (one - other).empty? || (other - one).empty? || one.last == "one" }

      # @return [String, nil] the word that several names end in
      def shared(heads) = heads.map { |h| h.split.last }.tally.max_by(&:last).then { |word, often| word if often > 1 }

      # "The ripsaw, the tenon saw, the coping saw": all share a word, or all mean something near each other.
      def akin?(heads)
        shared = shared(heads)
        return heads.all? { |h| h.split.any? { |w| w.end_with?(shared) } } if shared

        words = heads.map { |h| h.split.last }
        known = words.filter_map { |w| Vectors.middle([w]) || Vectors.middle(["#{w}s"]) }
        near = known.combination(2).map { |one, other| Vectors.cosine(one, other) }
        known.size * 3 >= words.size * 2 && near.any? && near.sum / near.size >= AKIN
      end
    end
  end
end
