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
        text.sentences.flat_map { |s| part(text, s, family) }
      end

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
        kind = all[index].kind
        both_say = left[:says] & right[:says]
        KINDS.to_h { |k| [k, k == kind ? 1 : 0] }.merge(
          bias: 1, comma_and_says: kind == :comma_and ? both_say : 0, and_says: kind == :and ? both_say : 0, comma_says: kind == :comma ? both_say : 0,
          says_before: left[:says], says_after: right[:says], both_say: both_say, none_say: 1 - (left[:says] | right[:says]),
          told_before: left[:told], told_after: right[:told], both_told: left[:told] & right[:told],
          repeats: one(left[:stems].intersect?(right[:stems])), dated_before: left[:dated], dated_both: left[:dated] & right[:dated], numbered_both: left[:numbered] & right[:numbered],
          short_before: one(left[:size] < 4), short_after: one(right[:size] < 4), long_before: one(left[:size] >= 8), long_after: one(right[:size] >= 8),
          even: [left[:size], right[:size]].min.to_f / [left[:size], right[:size]].max, both_long: one([left[:size], right[:size]].min >= 5),
          same_lead: one(left[:lead] == right[:lead]), when_before: one(left[:lead] == :when), sub_before: left[:sub], sub_after: right[:sub],
          condition_before: left[:condition], condition_after: right[:condition], asked_before: left[:asked], phrase_before: left[:phrase],
          **text.at(:behind, after.from, after.to) { behind(text, after) }, **place(text, sentence, all, index),
          **text.at(:verbs, sentence.from, all[index].from) { verbs(text, Span.new(from: sentence.from, to: all[index].from), Span.new(from: all[index].to, to: sentence.to)) }
        ).delete_if { |_, v| v == 0 }
      end

      SUB = /\A(?:and |but )?(?:when|once|while|as|because|since|although|though|until|before|after|where|whenever|wherever|without|with|so that|that|unless)\b/i
      IF = /\A(?:and |but |so )?(?:if|whether|otherwise|unless|else|yes|no|in which case|those (?:who|that)|provided)\b/i

      # What one side of a joint says: a subject with its verb, an order, a condition; its words; how it begins.
      def side(text, span)
        { says: one(Series.subject_verb?(text, span)), told: one(text.told?(span)), stems: Manner.stems(text, span), dated: one(text.dates_in(span).any?),
          numbered: one(text.quantities_in(span).any?), size: text.count_in(span), lead: Manner.lead(text, span), sub: one(span.text.match?(SUB)),
          condition: one(span.text.match?(IF)), asked: one(span.text.end_with?("?")), phrase: one(span.text.match?(/\A(?:in|on|at|by|from|with|for|of|under|over|behind|along)\b/i)) }
      end

      # What the words behind a joint begin with and speak of.
      def behind(text, after)
        first, second = text.tokens_in(after)
        lead = Manner.lead(text, after)
        words = after.text
        {
          # "... and wait", "... and check before locking everything": a deed without a thing.
          bare_after: one(first && (second.nil? || %w[in to rb rp wrb].include?(second.tag) || !Runs.word?(second))),
          verb_after: one(first&.finite? || first&.tag == "vbn"), ing_after: one(first&.tag == "vbg"), the_after: one(lead == :the), pronoun_after: one(lead == :pronoun),
          person_after: one(lead == :person), when_after: one(lead == :when), name_after: one(lead == :name),
          passive_after: one(text.tokens_in(after).first(5).each_cons(2).any? { |a, b| a.low.match?(/\A(?:is|are|was|were)\z/) && b.tag == "vbn" }),
          to_after: one(words.match?(/\Ato\b/i)), again_after: one(words.match?(/\b(?:again|once more|back)\b/i)), which_after: one(words.match?(/\A(?:who|which|where|that|whose)\b/i)),
          not_after: one(words.match?(/\b(?:not|never|no)\b/i)), it_after: one(words.match?(/\b(?:it|them|they|her|him)\b/i)),
          aside_after: one(words.match?(/\A(?:by the way|of course|for example|such as|like|naturally|usually|mostly|please|thank|or so|i)\b/i))
        }
      end

      # Where the joint stands: alone or in a row of others, in a text of few sentences, which hold several items each, or of many.
      def place(text, sentence, all, index)
        kind = all[index].kind
        count = text.sentences.size
        {
          one_sentence: one(count == 1), two_sentences: one(count <= 2), few_sentences: one(count <= 3), four_sentences: one(count.between?(3, 4)), many_sentences: one(count >= 6),
          seven_sentences: one(count >= 7), sentences: [count, 10].min / 10.0,
          alone: one(all.size == 1), alike: [all.count { |j| j.kind == kind } - 1, 4].min / 4.0, many: one(all.size >= 4), last: one(index == all.size - 1),
          first: one(index.zero?), in_series: one(between?(text, all[index])), colon_before: one(all.first(index).any? { |j| j.kind == :colon }),
          opening: one(sentence.equal?(text.sentences.first)), closing: one(sentence.equal?(text.sentences.last)), wordy: one(text.count_in(sentence) > 24)
        }
      end

      # Whether the sentence has said something by the joint and says something behind it, in the same tense and the same way.
      def verbs(text, before, after)
        sides = [before, after].map { |s| text.tokens_in(s) }
        told = sides.map { |tokens| tokens.find(&:finite?)&.tag }
        { finite_before: one(told[0]), finite_after: one(told[1]), same_tense: one(told[0] && told.uniq.one?), same_start: one(sides.map { |tokens| tokens.first(2).map(&:tag) }.uniq.one?) }
      end

      # Whether a joint lies between two parts of an enumeration.
      def between?(text, joint)
        text.series.any? { |parts| parts.each_cons(2).any? { |a, b| a.to <= joint.to && joint.from <= b.from && a.to >= joint.from - 1 && b.from <= joint.to + 1 } }
      end

      def one(value) = value ? 1 : 0
    end
  end
end
