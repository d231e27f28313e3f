# frozen_string_literal: true

module Peony
  module Reading
    # Tells sentences that carry an item from introductions, asides and remarks at the end.
    # A logistic regression over the signs below; its weights are fitted by training/fit.rb. Each sign counts once more for the family
    # that a passage is read as, and for the place of the sentence: what opens a passage is judged otherwise than what closes it.
    module Strays
      FRAME = /:\s*\z|\b(?:ask|asked|here goes|here['’]s|so here|we asked|you want to know|people ask|is simple|this way|as follows|in order|let me|i['’]ll|you['’]d think|like this|the following|can i|some numbers|nobody knows|everyone had|everything|all of it|no single reason|put it down)\b/i
      ASIDE = /\b(?:by the way|incidentally|mind you|thank|thanks|sorry|regret|prefers?|promised|expected|welcome|likes?|disputed|officially|fondly|of course|no doubt|glad|moaning|officious|nobody mentioned|will be looked|being (?:repaired|handled)|provided by|crossword|for sale|on sale|may stay|frightens?|never|replaced|recycled|should have|vote on|someone left|we are keeping|best|contempt)\b/i
      BACK = /\A(?:it|they|he|she|this|that|these|those|such|its|their|there)\b/i

      ANNOUNCES = /\A(?:there\ (?:are|were)|here\ are|these\ are|we\ (?:found|have|had|see)|it\ has)\ (?:#{Numbers::WORD}|several|many|a\ (?:number|few|couple)(?:\ of)?|some|various|different|lots\ of|plenty\ of)
                   (?:\ [[:alpha:]]+){0,2}?\ (?:reasons?|causes?|factors|ways|steps|stages|phases|things|kinds|types|sorts|
                   options|choices|rules|points|parts|problems|effects|consequences|results|tasks|jobs)\b[^:;]*\z/xi
      SO_MANY = /(?<!\bin |\bfor |\bof |\bon |\bat |\bby |\bfrom |\bafter |\bwith )\b(two|three|four|five|six|seven|eight) (?:[[:alpha:]'’-]+ ){0,2}[[:alpha:]]+s\b[^,;:]{0,24}\z/i
      PREFACE = 0.15

      # What is sought in a sentence in lower case.
      PHRASES = {
        question: /\?/, frame: FRAME, aside: ASIDE, back: BACK, and: /\A(?:but|and|so|or|yet|nor|well|still|meanwhile)\b/, first_person: /\b(?:i|me|my|we|us)\b/,
        we: /\b(?:we|our|us|i)\b/, you_we: /\b(?:i|we|you|me|us|our|my)\b/, not: /\b(?:not|never|nobody|no one|nothing)\b|n['’]t\b/, none_of: /\b(?:not|never|no|nobody|nothing|none|without)\b|n['’]t\b/,
        future: /\b(?:will|going to|next (?:year|week|spring|month))\b/, colon: /:\s/, order: Words::ORDER, none: /\A(?:none|nobody|no one|nothing|all of|everything|that (?:is|was)|this is)\b/,
        sums_up: /\A(?:none of (?:this|these|it|them|us)|all (?:of )?(?:this|these|that|it|them)|that(?:['’]s| is| was) (?:all|it|that)|so much for|nothing (?:else|of this)|everything (?:was|goes|else))\b/,
        they: /\A(?:they|it|he|she)\b/, exclaim: /!\z/, announces: Cues::ALL[:announced], there: /\bthere (?:is|are|was)|more than|\ball\b|\beverything\b|\bask\b/,
        modal: /\b(?:may|must|should|can|could|would|might)\b/, says: /\b(?:says|said|tells|told|reckons|swears|claims|admits)\b/,
        still: /\b(?:still|since|already|meanwhile|however|though|even|too|away|yet)\b/, ends: /\A(?:and|even|finally|at last|last of all|then|in the end|or|plus|also)\b/,
        general: /\b(?:everybody|everyone|everything|anyone|people|all|often|usually|always|nobody|no one|most|many|more than|not (?:only|simply|just)|simple|tale|story|who|what|how|why)\b/,
        whole: /\b(?:reasons?|causes?|roots?|consequences?|effects?|things?|ways?|steps?|stages?|rhythm|affair|round|business|tale|story|history|rest|secret|recipe|credit|fault|blame|same|own)\b/
      }.freeze
      SOUGHT = Phrases.new(PHRASES)

      # Signs that are seen from the next sentence and from the one before, by their names there.
      SEEN_ACROSS = %i[back frame they imperative question odd alike order condition short first_person when the named pronoun].freeze
      BEFORE, BEHIND = %w[before behind].map { |side| SEEN_ACROSS.to_h { |name| [name, :"#{side}_#{name}"] }.freeze }

      PLACES = %i[opens within closes].freeze

      # A sentence by itself: +signs+, and what is compared with the others.
      Seen = Struct.new(:signs, :content, :lead, :mood, :past, :length, :first, :middle, :head, :tail, keyword_init: true)

      module_function

      # @param text [Reading::Text]
      # @param spans [Array<Span>] sentences in order
      # @param family [String] read as which family
      # @return [Array<Float>] 0..1 for each: how likely it carries an item of its own
      def chances(text, spans, family = "list")
        signs, announced = text.once([:strays, *spans.flat_map { |s| [s.from, s.to] }]) { [signs(text, spans), announces?(spans)] }
        weights = PLACES.to_h { |place| [place, Weights.read_as("strays", family, place)] }
        chances = signs.each_with_index.map { |sign, i| Weights.chance(sign, weights[place(i, spans.size)]) }
        chances[0] *= PREFACE if announced
        chances
      end

      # "There are several reasons why Ternby floods so often": says that something follows, and nothing of it.
      def announces?(spans)
        return false unless spans.size > 2
        return true if spans.size > 3 && spans.first.text.match?(ANNOUNCES)

        so_many?(spans)
      end

      # "The site has four sections.", and four follow.
      # @param spans [Array<Span>]
      def so_many?(spans)
        count = spans.size > 2 && spans.first.text.split.size <= 10 && spans.first.text[SO_MANY, 1]
        count ? Numbers.spelled(count) == spans.size - 1 : false
      end

      # Where a sentence stands among the others.
      def place(index, size)
        return :opens if index.zero?

        index == size - 1 ? :closes : :within
      end

      # @param place [Symbol] as told by {place}
      # @return [Hash{String => Numeric}] the signs, and the same once more for the family and for the place, as they are fitted
      def owned(signs, family, place)
        told = signs.transform_keys(&:to_s)
        told.merge(told.transform_keys { |name| "#{family}/#{name}" }, told.transform_keys { |name| "#{place}/#{name}" })
      end

      # @return [Array<Hash{Symbol => Numeric}>] for each sentence those that are not 0
      def signs(text, spans)
        seen = spans.map { |s| text.at(:seen, s.from, s.to) { see(text, s) } }
        usual = usual(seen)
        # Several families weigh them: what does not stand is left out once.
        all = seen.each_index.map { |i| seen[i].signs.merge(beside(text, seen, i, usual), handed(seen, i), headed(text, spans[i], i)).delete_if { |_, v| v == 0 } }
        # In place: what is seen from the next sentence has a name of its own.
        all.each_index { |i| all[i].merge!(neighbours(i.positive? ? all[i - 1] : nil, BEFORE), neighbours(all[i + 1], BEHIND)) }
      end

      # What stands before and behind a sentence tells of it too: who goes on with "it" goes on about something.
      def neighbours(signs, names)
        names.each_with_object({}) { |(name, here), found| found[here] = signs[name] if signs&.key?(name) }
      end

      # What one sentence shows by itself; several families come by with the same.
      def see(text, span)
        low = span.text.downcase
        count = span.text.split.size
        lead = Manner.lead(text, span)
        mood = Manner.mood(text, span)
        signs = { bias: 1, short: one(count < 6), long: one(count > 22), few_words: one(count < 12), name: one(span.text.match?(/\b(?:Mr|Mrs|Ms|Miss|Dr) /)),
                  verb: one(Manner.verb(text, span)), imperative: one(mood == :told), being: one(mood == :being), when: one(lead == :when), the: one(lead == :the), named: one(lead == :name),
                  pronoun: one(lead == :pronoun), condition: one(span.text.match?(Seams::IF)), **parted(text, span), **shape(text, span) }
        SOUGHT.standing(low).each_key { |name| signs[name] = 1 }
        signs[:back_short] = 1 if count < 9 && signs[:back]
        head, tail = Flow.halves(text, span)
        Seen.new(signs: signs.delete_if { |_, v| v == 0 }, content: Manner.content(text, span), lead: lead, mood: mood, past: Manner.past?(text, span), length: count,
                 first: low[/\A[[:alpha:]'’]+/].to_s, middle: Vectors.middle(Manner.content(text, span)), head: head, tail: tail)
      end

      # How much a sentence holds: things, statements, names, numbers, dates.
      def shape(text, span)
        tokens = text.tokens_in(span)
        { nouns: [tokens.count(&:noun?), 6].min / 6.0, statements: [tokens.count(&:finite?), 4].min / 4.0, commas: [span.text.count(","), 4].min / 4.0,
          names: [tokens.drop(1).count { |t| t.text.match?(/\A[A-Z]/) }, 3].min / 3.0, numbered: one(text.quantities_in(span).any?), dated: one(text.moments_in(span).any?),
          passive: one(tokens.each_cons(2).any? { |a, b| b.tag == "vbn" && a.low.match?(BEING) }) }
      end

      BEING = /\A(?:is|are|was|were|be|been|gets?|got)\z/

      # Part of a sentence.
      def parted(text, span)
        part = text.sentences.none? { |s| s.from == span.from && s.to == span.to }
        { clause: one(part), clause_verbless: one(part && !Manner.verb(text, span)) }
      end

      # What most of the sentences have.
      def usual(seen)
        { past: seen.map(&:past).compact.tally.max_by(&:last)&.first, length: seen.map(&:length).sort[seen.size / 2], words: seen.flat_map { |s| s.content.uniq }.tally,
          firsts: seen.map(&:first).tally, leads: seen.map(&:lead).tally, moods: seen.map(&:mood).tally,
          numbered: seen.count { |s| s.signs.key?(:numbered) } * 2 > seen.size }
      end

      # How a sentence differs from the others: in words, mood, tense, length, and in how it begins.
      def beside(text, seen, index, usual)
        own = seen[index]
        others = seen.size - 1
        shared = own.content.uniq.count { |w| usual[:words][w] > 1 }
        mood, often = usual[:moods].map { |m, count| [m, m == own.mood ? count - 1 : count] }.max_by(&:last)
        {
          near: Vectors.cosine(own.middle, text.middle), repeats: [shared, 3].min / 3.0, new: one(shared.zero?),
          few: one(seen.size < 4), many: one(seen.size > 6), eight: one(seen.size >= 8), sentences: [seen.size, 12].min / 12.0, other_numbered: one(own.signs.key?(:numbered) != usual[:numbered]),
          odd: one(others.positive? && often >= others * 0.6 && mood != own.mood), tense: one(!own.past.nil? && own.past != usual[:past]), same_lead: one(usual[:firsts][own.first] > 1),
          alike: others.zero? ? 0.0 : (usual[:leads][own.lead] - 1).to_f / others, brief: one(own.length < usual[:length] * 0.6), lengthy: one(own.length > usual[:length] * 1.5),
          before_pronoun: one(seen[index + 1]&.lead == :pronoun), after_one: one(index == 1), last_but_one: one(index == seen.size - 2 && seen.size > 4)
        }
      end

      # Links of a chain take up what the one before them ends with, and hand on what the next begins with.
      def handed(seen, index)
        own = seen[index]
        before = index.positive? ? seen[index - 1].head + seen[index - 1].tail : []
        after = seen[index + 1]&.head || []
        last = index == seen.size - 1
        { takes: one(own.head.intersect?(before)), hands: one(own.tail.intersect?(after)), closes: one(last && (own.head + own.tail).intersect?(seen.first.head + seen.first.tail)) }
      end

      # Under a heading the first sentence need not say what the passage is about, unless it says it again.
      def headed(text, span, index)
        heading = text.once(:heading_stems) { text.passage.heading.to_s.downcase.scan(/[[:alpha:]]{4,}/).map { |w| w[0, 5] } }
        again = Manner.stems(text, span).any? { |w| heading.include?(w) }
        { headed: one(heading.any?), again: one(again), headed_short: one(heading.any? && index.zero? && span.text.split.size < 12) }
      end

      def one(value) = value ? 1 : 0
    end
  end
end
