# frozen_string_literal: true

module Peony
  module Reading
    # Tells sentences that carry an item from introductions, asides and remarks at the end.
    # A logistic regression over the signs below; its weights are fitted by training/fit.rb.
    module Strays
      FRAME = /:\s*\z|\b(?:ask|asked|here goes|here['’]s|so here|we asked|you want to know|people ask|is simple|this way|as follows|in order|let me|i['’]ll|you['’]d think|like this|the following|can i|some numbers|nobody knows|everyone had|everything|all of it|no single reason|put it down)\b/i
      ASIDE = /\b(?:by the way|incidentally|mind you|thank|thanks|sorry|regret|prefers?|promised|expected|welcome|likes?|disputed|officially|fondly|of course|no doubt|glad|moaning|officious|nobody mentioned|will be looked|being (?:repaired|handled)|provided by|crossword|for sale|on sale|may stay|frightens?|never|replaced|recycled|should have|vote on|someone left|we are keeping|best|contempt)\b/i
      BACK = /\A(?:it|they|he|she|this|that|these|those|such|its|their|there)\b/i
      AND = /\A(?:but|and|so|or|yet|nor|well|still|meanwhile)\b/i

      module_function

      # @param text [Reading::Text]
      # @param spans [Array<Span>] sentences in order
      # @return [Array<Float>] 0..1 for each: how likely it carries an item of its own
      def chances(text, spans)
        weights = Weights.strays
        signs(text, spans).map { |sign| Weights.logistic(sign.sum { |name, value| (weights[name.to_s] || 0) * value }) }
      end

      # @return [Array<Hash{Symbol => Numeric}>] for each sentence
      def signs(text, spans)
        words = spans.map { |s| content(text, s) }
        middle = Vectors.middle(words.flatten)
        tense = spans.map { |s| past?(text, s) }
        main = tense.compact.tally.max_by(&:last)&.first
        spans.each_index.map { |i| sentence(text, spans, i, words, middle).merge(tense: !tense[i].nil? && tense[i] != main ? 1 : 0) }
      end

      def sentence(text, spans, index, words, middle)
        span = spans[index]
        low = span.text.downcase
        count = span.text.split.size
        others = words.each_with_index.reject { |_, i| i == index }.flat_map(&:first)
        {
          bias: 1,
          first: one(index.zero?),
          first_short: one(index.zero? && count < 12),
          last: one(index == spans.size - 1),
          last_short: one(index == spans.size - 1 && count < 12),
          short: one(count < 6),
          long: one(count > 22),
          question: one(low.include?("?")),
          frame: one(low.match?(FRAME)),
          frame_first: one(index.zero? && low.match?(FRAME)),
          aside: one(low.match?(ASIDE)),
          aside_last: one(index == spans.size - 1 && low.match?(ASIDE)),
          back: one(low.match?(BACK)),
          back_short: one(low.match?(BACK) && count < 9),
          and: one(low.match?(AND)),
          first_person: one(low.match?(/\b(?:i|me|my|we|us)\b/)),
          name: one(span.text.match?(/\b(?:Mr|Mrs|Ms|Miss|Dr) /)),
          not: one(low.match?(/\b(?:not|never|nobody|no one|nothing)\b|n['’]t\b/)),
          future: one(low.match?(/\b(?:will|going to|next (?:year|week|spring|month))\b/)),
          colon: one(low.match?(/:\s/)),
          verb: one(text.tokens_in(span).any?(&:finite?)),
          imperative: one(Words.imperative?(span.text)),
          near: Vectors.cosine(Vectors.middle(words[index]), middle),
          repeats: [(words[index] & others).size, 3].min / 3.0,
          few: one(spans.size < 4),
          order: one(low.match?(Words::ORDER)),
          none: one(low.match?(/\A(?:none|nobody|no one|nothing|all of|everything|that (?:is|was)|this is)\b/)),
          there_first: one(index.zero? && low.match?(/\bthere (?:is|are|was)|more than|\ball\b|\beverything\b|\bask\b/)),
          they: one(low.match?(/\A(?:they|it|he|she)\b/)),
          we_last: one(index == spans.size - 1 && low.match?(/\b(?:we|our|us|i)\b/)),
          new_last: one(index == spans.size - 1 && !words[index].intersect?(others)),
          exclaim: one(low.end_with?("!")), announces: one(low.match?(Cues::ALL[:announced]))
        }
      end

      def one(value) = value ? 1 : 0

      # Words with a meaning of their own.
      def content(text, span) = text.tokens_in(span).select { |t| (t.noun? || t.verb? || t.tag.start_with?("jj")) && !Words::STOP.include?(t.low) }.map(&:low)

      def past?(text, span)
        verb = text.tokens_in(span).find(&:finite?)
        verb && verb.tag == "vbd"
      end
    end
  end
end
