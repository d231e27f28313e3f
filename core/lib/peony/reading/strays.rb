# frozen_string_literal: true

module Peony
  module Reading
    # Tells sentences that carry an item from introductions, asides and remarks at the end.
    # A logistic regression over the signs below; its weights are fitted by training/fit.rb.
    module Strays
      FRAME = /:\s*\z|\b(?:ask|asked|here goes|here['’]s|so here|we asked|you want to know|people ask|is simple|this way|as follows|in order|let me|i['’]ll|you['’]d think|like this|the following|can i|some numbers|nobody knows|everyone had|everything|all of it|no single reason|put it down)\b/i
      ASIDE = /\b(?:by the way|incidentally|mind you|thank|thanks|sorry|regret|prefers?|promised|expected|welcome|likes?|disputed|officially|fondly|of course|no doubt|glad|moaning|officious|nobody mentioned|will be looked|being (?:repaired|handled)|provided by|crossword|for sale|on sale|may stay|frightens?|never|replaced|recycled|should have|vote on|someone left|we are keeping|best|contempt)\b/i
      BACK = /\A(?:it|they|he|she|this|that|these|those|such|its|their|there)\b/i
      # Turns of sentences that speak of the whole.
      GENERAL = /\b(?:everybody|everyone|everything|anyone|people|all|often|usually|always|nobody|no one|most|many|more than|not (?:only|simply|just)|simple|tale|story|who|what|how|why)\b/i
      AND = /\A(?:but|and|so|or|yet|nor|well|still|meanwhile)\b/i

      module_function

      # @param text [Reading::Text]
      # @param spans [Array<Span>] sentences in order
      # @param family [String] read as which family
      # @return [Array<Float>] 0..1 for each: how likely it carries an item of its own
      def chances(text, spans, family = "list")
        text.once(:strays, *spans.flat_map { |s| [s.from, s.to] }) { signs(text, spans) }.each_with_index.map do |sign, i|
          Weights.chance(sign, Weights.read_as("strays", family, place(i, spans.size)))
        end
      end

      # Where a sentence stands among the others.
      def place(index, size)
        return :opens if index.zero?

        index == size - 1 ? :closes : :within
      end

      # @param place [Symbol] as told by {place}
      # @return [Hash{String => Numeric}] the signs, and the same once more for the family and for the place, as they are fitted
      def owned(signs, family, place)
        told = signs.reject { |_, v| v == 0 }.transform_keys(&:to_s)
        told.merge(told.transform_keys { |name| "#{family}/#{name}" }, told.transform_keys { |name| "#{place}/#{name}" })
      end

      # @return [Array<Hash{Symbol => Numeric}>] for each sentence
      def signs(text, spans)
        words = spans.map { |s| content(text, s) }
        middle = text.middle
        tense = spans.map { |s| past?(text, s) }
        main = tense.compact.tally.max_by(&:last)&.first
        modes = spans.map { |s| mode(text, s) }
        leads = spans.map { |s| lead(text, s) }
        lengths = spans.map { |s| s.text.split.size }
        spans.each_index.map do |i|
          odd = one(!tense[i].nil? && tense[i] != main)
          sentence(text, spans, i, words, middle).merge(apart(spans, i, modes), shape(spans, i, leads, lengths), clause(text, spans, i), handed(text, spans, i), headed(text, spans, i),
                                                        tense: odd, tense_first: i.zero? ? odd : 0, tense_last: i == spans.size - 1 ? odd : 0)
        end
      end

      # What one sentence shows by itself; several families come by with the same.
      def alone(text, span)
        low = span.text.downcase
        count = span.text.split.size
        { short: one(count < 6), long: one(count > 22), brief: count < 12, terse: count < 9, question: one(low.include?("?")), frame: one(low.match?(FRAME)), aside: one(low.match?(ASIDE)),
          back: one(low.match?(BACK)), and: one(low.match?(AND)), first_person: one(low.match?(/\b(?:i|me|my|we|us)\b/)), name: one(span.text.match?(/\b(?:Mr|Mrs|Ms|Miss|Dr) /)),
          not: one(low.match?(/\b(?:not|never|nobody|no one|nothing)\b|n['’]t\b/)), future: one(low.match?(/\b(?:will|going to|next (?:year|week|spring|month))\b/)),
          colon: one(low.match?(/:\s/)), verb: one(text.tokens_in(span).any?(&:finite?)), imperative: one(text.told?(span)), order: one(low.match?(Words::ORDER)),
          none: one(low.match?(/\A(?:none|nobody|no one|nothing|all of|everything|that (?:is|was)|this is)\b/)), they: one(low.match?(/\A(?:they|it|he|she)\b/)),
          exclaim: one(low.end_with?("!")), announces: one(low.match?(Cues::ALL[:announced])), low: low, middle: Vectors.middle(content(text, span)) }
      end

      def sentence(text, spans, index, words, middle)
        own = text.once(:alone, spans[index].from, spans[index].to) { alone(text, spans[index]) }
        low, brief = own.values_at(:low, :brief)
        others = without(words, index).flatten
        first = index.zero?
        last = index == spans.size - 1
        own.except(:low, :brief, :terse, :middle).merge(
          bias: 1, first: one(first), last: one(last), first_short: one(first && brief), last_short: one(last && brief),
          frame_first: first ? own[:frame] : 0, aside_last: last ? own[:aside] : 0, back_short: own[:terse] ? own[:back] : 0,
          near: Vectors.cosine(own[:middle], middle), repeats: [(words[index] & others).size, 3].min / 3.0, few: one(spans.size < 4),
          there_first: one(first && low.match?(/\bthere (?:is|are|was)|more than|\ball\b|\beverything\b|\bask\b/)),
          we_last: one(last && low.match?(/\b(?:we|our|us|i)\b/)), new_last: one(last && !words[index].intersect?(others))
        )
      end

      # How a sentence differs from the others in the way it speaks, and in how it begins.
      def apart(spans, index, modes)
        others = without(modes, index)
        usual = others.tally.max_by(&:last)
        odd = usual && usual.last >= others.size * 0.6 && usual.first != modes[index]
        lead = spans[index].text[/\A[[:alpha:]'’]+/].to_s.downcase
        last = index == spans.size - 1
        {
          odd: one(odd), odd_first: one(odd && index.zero?), odd_last: one(odd && last),
          same_lead: one(spans.each_with_index.any? { |s, i| i != index && s.text[/\A[[:alpha:]'’]+/].to_s.downcase == lead }),
          being: one(modes[index] == :being), being_first: one(modes[index] == :being && index.zero?), being_last: one(modes[index] == :being && last),
          last_but_one: one(index == spans.size - 2 && spans.size > 4), many: one(spans.size > 6), many_first: one(spans.size > 6 && index.zero?), many_last: one(spans.size > 6 && last),
          modal_last: one(last && spans[index].text.match?(/\b(?:may|must|should|can|could|would|might)\b/)),
          says: one(spans[index].text.match?(/\b(?:says|said|tells|told|reckons|swears|claims|admits)\b/)),
          still: one(last && spans[index].text.match?(/\b(?:still|since|already|meanwhile|however|though|even|too|away|yet)\b/))
        }
      end

      def without(list, index) = list.first(index).concat(list.drop(index + 1))

      # Items of one passage begin alike and are about as long as each other.
      def shape(spans, index, leads, lengths)
        others = without(leads, index)
        middle = lengths.sort[lengths.size / 2]
        last = index == spans.size - 1
        words = spans[index].text
        alike = others.empty? ? 0.0 : others.count(leads[index]).to_f / others.size
        brief = lengths[index] < middle * 0.6
        {
          alike: alike, alike_first: index.zero? ? alike : 0, alike_last: last ? alike : 0, brief: one(brief), brief_first: one(brief && index.zero?), brief_last: one(brief && last),
          lengthy: one(lengths[index] > middle * 1.5), lengthy_first: one(index.zero? && lengths[index] > middle * 1.5),
          ends: one(last && words.match?(/\A(?:and|even|finally|at last|last of all|then|in the end|or|plus|also)\b/i)),
          the_last: one(last && leads[index] == :the), name_last: one(last && leads[index] == :name), pronoun_last: one(last && leads[index] == :pronoun),
          when: one(leads[index] == :when), when_first: one(leads[index] == :when && index.zero?), when_last: one(leads[index] == :when && last),
          before_pronoun: one(leads[index + 1] == :pronoun), before_pronoun_first: one(index.zero? && leads[1] == :pronoun),
          all_of: one(words.match?(GENERAL)),
          all_of_first: one(index.zero? && words.match?(GENERAL)),
          after_one: one(index == 1), inner: one(index.positive? && !last)
        }
      end

      # Part of a sentence.
      def clause(text, spans, index)
        part = text.sentences.none? { |s| s.from == spans[index].from && s.to == spans[index].to }
        { clause: one(part), clause_last: one(part && index == spans.size - 1), clause_verbless: one(part && text.tokens_in(spans[index]).none?(&:finite?)),
          condition: one(spans[index].text.match?(Seams::IF)) }
      end

      # Under a heading the first sentence need not say what the passage is about, unless it says it again.
      def headed(text, spans, index)
        heading = text.once(:heading_stems) { text.passage.heading.to_s.downcase.scan(/[[:alpha:]]{4,}/).map { |w| w[0, 5] } }
        again = content(text, spans[index]).any? { |w| heading.include?(w[0, 5]) }
        first = index.zero? && heading.any?
        { first_headed: one(first), first_headed_short: one(first && spans[index].text.split.size < 12), first_again: one(first && again), again: one(again && !first),
          headed: one(heading.any?), last_headed: one(heading.any? && index == spans.size - 1) }
      end

      # Links of a chain take up what the one before them ends with, and hand on what the next begins with.
      def handed(text, spans, index)
        head, tail = Flow.halves(text, spans[index])
        before = index.positive? ? Flow.halves(text, spans[index - 1]).flatten : []
        after = spans[index + 1] ? Flow.halves(text, spans[index + 1]).first : []
        first = index.zero?
        last = index == spans.size - 1
        low = spans[index].text.downcase
        { takes: one(head.intersect?(before)), hands: one(tail.intersect?(after)), hands_first: one(first && tail.intersect?(after)), takes_last: one(last && head.intersect?(before)),
          closes: one(last && (head + tail).intersect?(Flow.halves(text, spans.first).flatten)), whole_first: one(first && low.match?(WHOLE)), not_first: one(first && low.match?(NOT)),
          not_last: one(last && low.match?(NOT)), we_first: one(first && low.match?(/\b(?:i|we|you|me|us|our|my)\b/)) }
      end

      NOT = /\b(?:not|never|no|nobody|nothing|none|without)\b|n['’]t\b/
      # Words for what is told as a whole.
      WHOLE = /\b(?:reasons?|causes?|roots?|consequences?|effects?|things?|ways?|steps?|stages?|rhythm|affair|round|business|tale|story|history|rest|secret|recipe|credit|fault|blame|same|own)\b/

      def lead(text, span)
        first = text.tokens_in(span).first
        return :none unless first
        return :pronoun if first.low.match?(/\A(?:it|they|he|she|this|that|these|those|its|their|his|her)\z/)
        return :person if first.low.match?(/\A(?:i|we|you|our|my|your)\z/)
        return :when if first.low.match?(/\A(?:in|by|on|at|after|when|once|before|during|from|with|as|until|next|then|first|later|last)\z/)
        return :the if first.low.match?(/\A(?:the|a|an|there)\z/)
        return :joined if first.low.match?(/\A(?:and|but|so|or|yet|even|also)\z/)

        first.noun? ? :name : :other
      end

      # Whether a sentence tells somebody to do something, says what something is, speaks of "I", or tells what happens.
      def mode(text, span)
        return :told if text.told?(span)

        verb = text.tokens_in(span).find(&:finite?)
        return :none unless verb
        return :being if verb.low.match?(/\A(?:is|are|was|were|has|have|had|['’]s|['’]re)\z/)

        span.text.match?(/\A(?:I|we|you)\b/i) ? :person : :deed
      end

      def one(value) = value ? 1 : 0

      # Words with a meaning of their own.
      def content(text, span) = text.once(:content, span.from, span.to) { words_of(text, span) }

      def words_of(text, span) = text.tokens_in(span).select { |t| (t.noun? || t.verb? || t.tag.start_with?("jj")) && !Words::STOP.include?(t.low) }.map(&:low)

      def past?(text, span)
        verb = text.tokens_in(span).find(&:finite?)
        verb && verb.tag == "vbd"
      end
    end
  end
end
