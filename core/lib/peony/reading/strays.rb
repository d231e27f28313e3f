# frozen_string_literal: true

module Peony
  module Reading
    # Tells sentences that carry an item from introductions, asides and remarks at the end.
    # A logistic regression over the signs below; its weights are fitted by training/fit.rb. Each sign counts once more for the family
    # that a passage is read as, and for the place of the sentence: what opens a passage is judged otherwise than what closes it.
    # Where it is in doubt, trees are asked, which weigh the signs together (see {Trees}).
    module Strays
      FRAME = /:\s*\z|\b(?:ask|asked|here goes|here['’]s|so here|we asked|you want to know|people ask|is simple|this way|as follows|in order|let me|i['’]ll|you['’]d think|like this|the following|can i|some numbers|nobody knows|everyone had|everything|all of it|no single reason|put it down)\b/i
      ASIDE = /\b(?:by the way|incidentally|mind you|thank|thanks|sorry|regret|prefers?|promised|expected|welcome|likes?|disputed|officially|fondly|of course|no doubt|glad|moaning|officious|nobody mentioned|will be looked|being (?:repaired|handled)|provided by|crossword|for sale|on sale|may stay|frightens?|never|replaced|recycled|should have|vote on|someone left|we are keeping|best|contempt)\b/i
      BACK = /\A(?:it|they|he|she|this|that|these|those|such|its|their|there)\b/i

      ANNOUNCES = /\A(?:there\ (?:are|were)|here\ are|these\ are|we\ (?:found|have|had|see)|it\ has)\ (?:#{Numbers::WORD}|several|many|a\ (?:number|few|couple)(?:\ of)?|some|various|different|lots\ of|plenty\ of)
                   (?:\ [[:alpha:]]+){0,2}?\ (?:reasons?|causes?|factors|ways|steps|stages|phases|things|kinds|types|sorts|
                   options|choices|rules|points|parts|problems|effects|consequences|results|tasks|jobs)\b[^:;]*\z/xi
      SO_MANY = /(?<!\bin |\bfor |\bof |\bon |\bat |\bby |\bfrom |\bafter |\bwith )\b(two|three|four|five|six|seven|eight) (?:[[:alpha:]'’-]+ ){0,2}[[:alpha:]]+s\b[^,;:]{0,40}\z/i
      PREFACE = 0.15
      # Likelihoods at which the regression is hardly ever wrong lie outside; asking the trees there too changed no sentence in a thousand.
      DOUBT = (0.1..0.95)

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
        chances = signs.each_with_index.map do |sign, i|
          chance = Weights.chance(sign, weights[place(i, spans.size)])
          DOUBT.cover?(chance) ? Trees.strays.chance(placed(sign, family, i, spans.size)) : chance
        end
        chances[0] *= PREFACE if announced
        chances[-1] *= PREFACE if announced && so_many(spans) && spans.last.text.match?(OF_ALL)
        chances
      end

      # "There are several reasons why Ternby floods so often": says that something follows, and nothing of it.
      def announces?(spans)
        return false unless spans.size > 2
        return true if spans.size > 3 && spans.first.text.match?(ANNOUNCES)

        !so_many(spans).nil?
      end

      # "The site has four sections.", and four follow, and at most a sentence about all of them.
      # @param spans [Array<Span>]
      # @return [Integer, nil] how many are announced
      def so_many(spans)
        count = spans.size > 2 && spans.first.text.split.size <= 10 && spans.first.text[SO_MANY, 1]
        told = count && Numbers.spelled(count)
        told if told && (told == spans.size - 1 || (told == spans.size - 2 && spans.last.text.match?(OF_ALL)))
      end
      OF_ALL = /\A(?:each|all|every|none|both|together|these|between them)\b/i

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

      # @return [Hash{Symbol => Numeric}] the signs with what a passage is read as and where the sentence stands, counted from both ends, as the trees are asked
      def placed(signs, family, index, size) = signs.merge("as_#{family}": 1, from_first: index, from_last: size - 1 - index, of: size)

      # @return [Array<Hash{Symbol => Numeric}>] for each sentence those that are not 0
      def signs(text, spans)
        seen = spans.map { |s| text.at(:seen, s.from, s.to) { see(text, s) } }
        usual = usual(seen)
        all = seen.each_index.map do |i|
          seen[i].signs.dup.tap do |signs|
            beside(signs, text, seen, i, usual)
            handed(signs, seen, i)
            headed(signs, text, spans[i], i)
          end
        end
        # In place: what is seen from the next sentence has a name of its own.
        all.each_index do |i|
          across(all[i], all[i - 1], BEFORE) if i.positive?
          across(all[i], all[i + 1], BEHIND) if all[i + 1]
        end
      end

      # What stands before and behind a sentence tells of it too: who goes on with "it" goes on about something.
      def across(signs, other, names)
        names.each { |name, here| (value = other[name]) && (signs[here] = value) }
      end

      # What one sentence shows by itself; several families come by with the same.
      def see(text, span)
        low = span.text.downcase
        count = text.count_in(span)
        lead = Manner.lead(text, span)
        mood = Manner.mood(text, span)
        content = Manner.content(text, span)
        signs = SOUGHT.standing(low).transform_values { 1 }
        Signs.note(signs, bias: true, short: count < 6, long: count > 22, few_words: count < 12, name: span.text.match?(/\b(?:Mr|Mrs|Ms|Miss|Dr) /), verb: Manner.verb(text, span),
                          imperative: mood == :told, being: mood == :being, when: lead == :when, the: lead == :the, named: lead == :name, pronoun: lead == :pronoun, condition: span.text.match?(Seams::IF),
                          back_short: count < 9 && signs[:back])
        parted(signs, text, span)
        shape(signs, text, span)
        head, tail = Flow.halves(text, span)
        Seen.new(signs: signs, content: content, lead: lead, mood: mood, past: Manner.past?(text, span), length: count, first: low[/\A[[:alpha:]'’]+/].to_s, middle: Vectors.middle(content),
                 head: head, tail: tail)
      end

      # Only what stands is noted.
      def mark(signs, name, stands) = stands && (signs[name] = 1)

      # A share of the most that counts.
      def measure(signs, name, count, most) = count.positive? && (signs[name] = [count, most].min / most)

      # How much a sentence holds: things, statements, names, numbers, dates.
      def shape(signs, text, span)
        nouns = statements = names = 0
        before = passive = nil
        text.tokens_in(span).each do |token|
          nouns += 1 if token.noun
          statements += 1 if token.finite
          names += 1 if before && CAPITALS.cover?(token.text.getbyte(0))
          passive ||= token.tag == "vbn" && before&.low&.match?(BEING)
          before = token
        end
        measure(signs, :words, text.count_in(span), 40.0)
        measure(signs, :nouns, nouns, 6.0)
        measure(signs, :statements, statements, 4.0)
        measure(signs, :commas, span.text.count(","), 4.0)
        measure(signs, :names, names, 3.0)
        Signs.note(signs, numbered: text.quantities_in(span).any?, dated: text.moments_in(span).any?, passive: passive)
      end

      # Bytes of capital letters.
      CAPITALS = (65..90)
      BEING = /\A(?:is|are|was|were|be|been|gets?|got)\z/

      # Part of a sentence.
      def parted(signs, text, span)
        return if text.sentences.any? { |s| s.from == span.from && s.to == span.to }

        signs[:clause] = 1
        mark(signs, :clause_verbless, !Manner.verb(text, span))
      end

      # What most of the sentences have.
      def usual(seen)
        { past: seen.map(&:past).compact.tally.max_by(&:last)&.first, length: seen.map(&:length).sort[seen.size / 2], words: seen.flat_map { |s| s.content.uniq }.tally,
          firsts: seen.map(&:first).tally, leads: seen.map(&:lead).tally, moods: seen.map(&:mood).tally,
          numbered: seen.count { |s| s.signs.key?(:numbered) } * 2 > seen.size }
      end

      # How a sentence differs from the others: in words, mood, tense, length, and in how it begins.
      def beside(signs, text, seen, index, usual)
        own = seen[index]
        others = seen.size - 1
        shared = own.content.uniq.count { |w| usual[:words][w] > 1 }
        mood, often = usual[:moods].map { |m, count| [m, m == own.mood ? count - 1 : count] }.max_by(&:last)
        near = Vectors.cosine(own.middle, text.middle)
        signs[:near] = near unless near.zero?
        measure(signs, :repeats, shared, 3.0)
        measure(signs, :sentences, seen.size, 12.0)
        alike = usual[:leads][own.lead] - 1
        signs[:alike] = alike.to_f / others if alike.positive?
        Signs.note(signs, new: shared.zero?, few: seen.size < 4, many: seen.size > 6, eight: seen.size >= 8, other_numbered: own.signs.key?(:numbered) != usual[:numbered],
                          odd: others.positive? && often >= others * 0.6 && mood != own.mood, tense: !own.past.nil? && own.past != usual[:past], same_lead: usual[:firsts][own.first] > 1,
                          brief: own.length < usual[:length] * 0.6, lengthy: own.length > usual[:length] * 1.5, before_pronoun: seen[index + 1]&.lead == :pronoun, after_one: index == 1,
                          last_but_one: index == seen.size - 2 && seen.size > 4)
      end

      # Links of a chain take up what the one before them ends with, and hand on what the next begins with.
      def handed(signs, seen, index)
        own = seen[index]
        mark(signs, :takes, index.positive? && (own.head.intersect?(seen[index - 1].head) || own.head.intersect?(seen[index - 1].tail)))
        mark(signs, :hands, index + 1 < seen.size && own.tail.intersect?(seen[index + 1].head))
        mark(signs, :closes, index == seen.size - 1 && (own.head + own.tail).intersect?(seen.first.head + seen.first.tail))
      end

      # Under a heading the first sentence need not say what the passage is about, unless it says it again.
      def headed(signs, text, span, index)
        heading = text.once(:heading_stems) { text.passage.heading.to_s.downcase.scan(/[[:alpha:]]{4,}/).map { |w| w[0, 5] } }
        return if heading.empty?

        signs[:headed] = 1
        mark(signs, :again, Manner.stems(text, span).any? { |w| heading.include?(w) })
        mark(signs, :headed_short, index.zero? && text.count_in(span) < 12)
      end
    end
  end
end
