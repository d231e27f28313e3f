# frozen_string_literal: true

module Peony
  module Reading
    # Where one sentence holds several items, the seams between them: "Rain soaks into the moss | and the moss lets it down | and the burn carries it off".
    # Every joint of a sentence (a comma, a semicolon, "and") is weighed by a logistic regression over the signs below, fitted by training/fit.rb;
    # what a joint means differs by family, so every sign counts once more for the family that a passage is read as.
    module Seams
      JOINT = /(?<semicolon>;\s+(?:and |but |or )?)|(?<colon>:\s+)|(?<dash>\s+[–—]\s+)|(?<then>,?\s+(?:and\s+)?then\s+)|(?<question>(?<=[?!])\s+)|
               ,\s+(?:(?<comma_and>and)\s+|(?<comma_but>but|yet)\s+|(?<comma_so>so)\s+|(?<comma_or>or|nor)\s+|(?<comma_who>(?=(?:who|which|where)\b))|(?<comma>))|
               \s+(?:(?<and>and)\s+|(?<so>so)\s+(?!that\b|\w+\s+that\b)|(?<but>but)\s+|(?<who>(?=(?:who|which)\b)))/x
      KINDS = JOINT.names.map(&:to_sym).freeze
      LEAST = 0.4
      # The steps of a round stand two in a sentence more often than not.
      LEAST_OF = { "cycle" => 0.15 }.freeze
      # A joint that is no seam may be one yet, where that makes the number of points likelier: see Points.
      FAINT = 0.1
      # A sentence with more joints than this is no sentence; what is behind them is not parted.
      MOST = 60
      Joint = Struct.new(:kind, :from, :to, :chance, keyword_init: true)

      module_function

      # @param sentence [Span]
      # @return [Array<Joint>] places where it could be parted, with at least two words on both sides
      def joints(sentence)
        found = []
        at = 0
        last = 0
        while found.size < MOST && (match = sentence.text.match(JOINT, at))
          at = [match.end(0), match.begin(0) + 1].max
          kind = KINDS.find { |k| match[k] }
          next if sentence.text[last...match.begin(0)].split.size < 2 && !%i[question semicolon].include?(kind)
          next if sentence.text[match.end(0)..].split.size < 2

          found << Joint.new(kind: kind, from: sentence.from + match.begin(0), to: sentence.from + match.end(0))
          last = match.end(0)
        end
        found
      end

      # @param text [Reading::Text]
      # @param family [String] read as which family
      # @return [Array<Span>] the sentences, parted where two items meet
      def parts(text, family)
        spans = text.sentences.flat_map { |s| part(text, s, family) }
        family == "cause" ? spans.flat_map { |s| Sentences.clauses(s, LINK) } : spans
      end
      # "Low water brought the weed, | and the weed is what has stopped the boat"
      LINK = /,\s+and\s+(?=(?:the |an? )?(?!(?:that|this|it)\b)[[:lower:]]+ (?:is|was|are|were) (?:what|why|how)\b)/

      def part(text, sentence, family)
        start = sentence.from
        weighed(text, sentence, family).first.map { |joint| text.span(start, joint.from).tap { start = joint.to } } << text.span(start, sentence.to)
      end

      # @return [Array<Joint>] joints of all sentences that are likely to be seams, but less so than those at which they are parted
      def faint(text, family)
        text.sentences.flat_map { |sentence| weighed(text, sentence, family).last }
      end

      def least(family) = LEAST_OF.fetch(family, LEAST)

      # @return [Array(Array<Joint>, Array<Joint>)] the seams of a sentence, and the joints that may be seams yet, each with its chance
      def weighed(text, sentence, family)
        text.once([:seams, family, sentence.from, sentence.to]) do
          weights = Weights.read_as("seams", family)
          least = least(family)
          faint = []
          seams = walk(text, sentence) do |signs, joint|
            chance = Weights.chance(signs, weights)
            faint << Joint.new(**joint.to_h, chance: chance) if chance.between?(FAINT, least)
            chance >= least
          end
          [seams, faint]
        end
      end

      # Goes along the joints; each is seen from the last seam before it.
      # @yieldparam signs [Hash{Symbol => Numeric}]
      # @yieldreturn [Boolean] whether there is a seam
      # @return [Array<Joint>] the seams
      def walk(text, sentence)
        all = text.at(:joints, sentence.from, sentence.to) { joints(sentence) }
        start = sentence.from
        all.each_with_index.select do |joint, i|
          # Several families come by here, mostly from the same seam.
          signs = text.at(:seam, start, joint.from) { signs(text, sentence, all, i, text.span(start, joint.from), text.span(joint.to, all[i + 1]&.from || sentence.to)) }
          seam = yield(signs, joint)
          start = joint.to if seam
          seam
        end.map(&:first)
      end

      # @return [Hash{String => Numeric}] the signs, and the same once more for the family, as they are fitted
      def owned(signs, family) = signs.transform_keys(&:to_s).then { |told| told.merge(told.transform_keys { |name| "#{family}/#{name}" }) }

      # @return [Hash{Symbol => Numeric}] those that are not 0
      def signs(text, sentence, all, index, before, after)
        left, right = [before, after].map { |s| text.at(:side, s.from, s.to) { side(text, s) } }
        joint = all[index]
        found = text.at(:behind, sentence.from, joint.from) { behind(text, sentence, all, index, after, right) }.dup
        sizes = [left[:size], right[:size]]
        both_say = left[:says] && right[:says]
        found[:even] = sizes.min.to_f / sizes.max
        found[SAYING[joint.kind]] = 1 if both_say && SAYING.key?(joint.kind)
        Signs.note(found, both_say: both_say, none_say: !left[:says] && !right[:says], both_told: left[:told] && right[:told],
                          repeats: left[:stems].intersect?(right[:stems]), dated_both: left[:dated] && right[:dated], numbered_both: left[:numbered] && right[:numbered],
                          both_long: sizes.min >= 5, same_lead: left[:lead] == right[:lead], says_before: left[:says], told_before: left[:told],
                          dated_before: left[:dated], short_before: sizes.first < 4,
                          long_before: sizes.first >= 8, when_before: left[:lead] == :when, sub_before: left[:sub],
                          condition_before: left[:condition], asked_before: left[:asked], phrase_before: left[:phrase])
        found
      end

      # Joints between two that say something count by their kind once more.
      SAYING = { comma_and: :comma_and_says, and: :and_says, comma: :comma_says }.freeze

      SUB = /\A(?:and |but )?(?:when|once|while|as|because|since|although|though|until|before|after|where|whenever|wherever|without|with|so that|that|unless)\b/i
      IF = /\A(?:and |but |so )?(?:if|whether|otherwise|unless|else|yes|no|in which case|those (?:who|that)|provided)\b/i

      # What one side of a joint says: a subject with its verb, an order, a condition; its words; how it begins.
      def side(text, span)
        { says: Series.subject_verb?(text, span), told: text.told?(span), stems: Manner.stems(text, span), dated: text.dates_in(span).any?,
          numbered: text.quantities_in(span).any?, size: text.count_in(span), lead: Manner.lead(text, span), sub: span.text.match?(SUB),
          condition: span.text.match?(IF), asked: span.text.end_with?("?"), phrase: span.text.match?(/\A(?:in|on|at|by|from|with|for|of|under|over|behind|along)\b/i) }
      end

      # What does not depend on where the last seam was: the joint, where it stands, what is behind it, and what the sentence has said by then.
      def behind(text, sentence, all, index, after, right)
        found = { bias: 1, all[index].kind => 1 }
        Signs.note(found, says_after: right[:says], told_after: right[:told], short_after: right[:size] < 4, long_after: right[:size] >= 8,
                          sub_after: right[:sub], condition_after: right[:condition])
        Signs.note(found, begun(text, after))
        Signs.note(found, place(text, sentence, all, index))
        Signs.note(found, verbs(text.tokens_between(sentence.from, all[index].from), text.tokens_between(all[index].to, sentence.to)))
        count = text.sentences.size
        alike = all.count { |j| j.kind == all[index].kind } - 1
        found[:sentences] = [count, 10].min / 10.0
        found[:alike] = [alike, 4].min / 4.0 if alike.positive?
        found
      end

      # What the words behind a joint begin with and speak of.
      def begun(text, after)
        first, second = text.tokens_in(after)
        lead = Manner.lead(text, after)
        words = after.text
        {
          # "... and wait", "... and check before locking everything": a deed without a thing.
          bare_after: first && (second.nil? || %w[in to rb rp wrb].include?(second.tag) || !Runs.word?(second)),
          verb_after: first&.finite? || first&.tag == "vbn", ing_after: first&.tag == "vbg", the_after: lead == :the, pronoun_after: lead == :pronoun,
          person_after: lead == :person, when_after: lead == :when, name_after: lead == :name,
          passive_after: text.tokens_in(after).first(5).each_cons(2).any? { |a, b| b.tag == "vbn" && a.low.match?(/\A(?:is|are|was|were)\z/) },
          to_after: words.match?(/\Ato\b/i), again_after: words.match?(/\b(?:again|once more|back)\b/i), which_after: words.match?(/\A(?:who|which|where|that|whose)\b/i),
          not_after: words.match?(/\b(?:not|never|no)\b/i), it_after: words.match?(/\b(?:it|them|they|her|him)\b/i),
          aside_after: words.match?(/\A(?:by the way|of course|for example|such as|like|naturally|usually|mostly|please|thank|or so|i)\b/i)
        }
      end

      # Where the joint stands: alone or in a row of others, in a text of few sentences, which hold several items each, or of many.
      def place(text, sentence, all, index)
        count = text.sentences.size
        {
          one_sentence: count == 1, two_sentences: count <= 2, few_sentences: count <= 3, four_sentences: count.between?(3, 4), many_sentences: count >= 6, seven_sentences: count >= 7,
          alone: all.size == 1, many: all.size >= 4, last: index == all.size - 1, first: index.zero?, in_series: between?(text, all[index]),
          colon_before: all.first(index).any? { |j| j.kind == :colon }, opening: sentence.equal?(text.sentences.first), closing: sentence.equal?(text.sentences.last),
          wordy: text.count_in(sentence) > 24
        }
      end

      # Whether the sentence has said something by the joint and says something behind it, in the same tense and the same way.
      # @param sides [Array<Array<Tokens::Token>>]
      def verbs(*sides)
        told = sides.map { |tokens| tokens.find(&:finite)&.tag }
        { finite_before: told[0], finite_after: told[1], same_tense: told[0] && told.uniq.one?, same_start: sides.map { |tokens| tokens.first(2).map(&:tag) }.uniq.one? }
      end

      # Whether a joint lies between two parts of an enumeration.
      def between?(text, joint)
        text.series.any? { |parts| parts.each_cons(2).any? { |a, b| a.to <= joint.to && joint.from <= b.from && a.to >= joint.from - 1 && b.from <= joint.to + 1 } }
      end
    end
  end
end
