# frozen_string_literal: true

module Peony
  module Reading
    # Three groups that are only told of two by two: "What the fishermen and the farmers write … The farmers and the incomers … Incomers, like fishermen, …".
    module TwoByTwo
      OF_THREE = /\b(?:all three|(?:every|each|none|not one) (?:one )?of the three|the three of them|all of them|every one of them)\b/i
      SHARED = (3..5)

      module_function

      # @param text [Reading::Text]
      # @return [Array<Array<Span>>, nil] the groups, then what they share
      def of(text)
        return nil unless text.sentences.size.between?(3, 8) && text.sentences.any? { |s| s.text.match?(OF_THREE) }

        held = text.sentences.map { |s| text.tokens_in(s).select { |t| (t.noun? && Words.plural?(t.low)) || t.tag == "nns" }.uniq(&:low) }
        trio = trio(text, held) or return nil
        shared = text.sentences.zip(held).select { |s, tokens| (tokens.map(&:low) & trio.map(&:low)).size > 1 || s.text.match?(OF_THREE) }.map(&:first)
        [*trio.map { |t| text.span(t.from, t.to) }, *shared].map { |s| [s] } if SHARED.cover?(shared.size)
      end

      # @param held [Array<Array<Tokens::Token>>] the plurals of each sentence
      # @return [Array<Tokens::Token>, nil] three that stand before a verb somewhere, of which each two share a sentence
      def trio(text, held)
        led = text.sentences.flat_map { |s| text.tokens_in(s).take_while { |t| !t.finite? }.map(&:low) }
        often = held.flatten.group_by(&:low).select { |name, tokens| tokens.size > 1 && led.include?(name) }
        names = often.keys.combination(3).find { |three| three.combination(2).all? { |two| held.any? { |tokens| (tokens.map(&:low) & three).sort == two.sort } } }
        names&.map { |name| often[name].first }&.sort_by(&:from)
      end
    end
  end
end
