# frozen_string_literal: true

module Peony
  module Reading
    # What the things are called that a passage tells of in turn: the names in a stretch, what it is about, and what tells things of one kind apart. Part of {Rivals}.
    module RivalNames
      # What a sentence may begin with before its subject.
      LEADING = (Words::BEFORE_SUBJECT + %w[the a an]).to_set.freeze
      # "Half of those take a bottle home"
      SOME_OF_THEM = /\A(?:half|some|most|many|few|none|all|one) of (?:them|those|these|us)\b/i
      # Names that stand for no thing of their own.
      COUNTED = /\A(?:two|three|both|four|several|some|many)\z/
      EMPTY = %w[third end beginning anything everything hers his theirs
                 nobody everybody somebody anybody everyone someone one thing way people year day night week morning hour minute half side lot other both time].to_set.freeze

      # The nouns of a stretch, and its names.
      def names(text, span)
        kinds = kinds(text)
        text.tokens_in(span).flat_map { |t| [(stem(t) if name?(t)), (t.low[0, 6] if kinds.include?(t.low))] }.compact.uniq
      end

      # The first noun before the verb.
      def subject(text, span)
        return nil if span.text.match?(SOME_OF_THEM)

        # "It hums."
        return nil if span.text.match?(/\A(?:it|they|he|she) [[:lower:]]+[.;!?]?\z/i)

        tokens = text.tokens_in(span).drop_while { |t| LEADING.include?(t.low) }
        # "There is only one queen": she is what it is about.
        tokens = tokens.drop(2) if tokens.first&.tag == "ex" && tokens[1]&.finite?
        verb = tokens.index(&:finite?) || [tokens.size, 5].min
        tokens = tokens.first([verb, 5].min + 1)
        told = tokens.find { |t| name?(t) && !EMPTY.include?(t.low) && !EMPTY.include?(t.low.delete_suffix("s")) }
        # "Two roofers have been up the tower" names neither.
        return nil if told && tokens.first.low.match?(COUNTED)

        kind = tokens.find { |t| kinds(text).include?(t.low) }
        kind ? kind.low[0, 6] : told && stem(told)
      end

      # "The northern path … The southern one", "a hot desert … a cold desert", "Team North … Team South": what tells things of one kind apart.
      # @return [Array<String>] words in lower case
      def kinds(text)
        text.once(:kinds_of_one) do
          ones = text.tokens.each_cons(2).select { |a, b| b.low == "one" && a.tag.start_with?("jj") && !Words::STOP.include?(a.low) }.map { |a, _| a.low }
          pairs = leading_pairs(text)
          plain = pairs.select { |first, second| (first.tag == "jj" || (first.noun? && first.text == first.low)) && second.noun? }
          named = pairs.select { |first, second| first.noun? && second.text.match?(/\A(?:[[:upper:]][[:lower:]]*|\d+)\z/) }
          (apart(plain, 1, 0) + apart(named, 0, 1) + owned(text) + (ones.any? ? ones + plain.map { |first, _| first.low } : [])).uniq
        end
      end

      # "Hollin wool … Tarn wool"
      # @return [Array<String>] the names, in lower case
      def owned(text)
        text.once(:owned_kinds) do
          pairs = leading_pairs(text).select { |first, second| first.noun? && second.noun? && first.text.match?(/\A[[:upper:]][[:lower:]]+\z/) && second.text.match?(/\A[[:lower:]]/) }
          apart(pairs, 1, 0)
        end
      end

      # "A hot desert … a cold desert", "Team North … Team South": where one word is shared, the other tells them apart.
      def apart(pairs, shared, own)
        pairs.group_by { |pair| stem(pair[shared]) }.values.map { |list| list.map { |pair| pair[own].low }.uniq }.select { |list| list.size.between?(2, 3) }.flatten
      end

      # The two words that each sentence begins with.
      def leading_pairs(text)
        text.sentences.filter_map { |s| text.tokens_in(s).drop_while { |t| LEADING.include?(t.low) }.first(2).then { |list| list if list.size == 2 } }
      end

      # "Ours costs 1.99": a thing like the others.
      OWN = %w[ours mine].freeze

      def name?(token)
        return OWN.include?(token.low) if token.tag.start_with?("prp") || Words::STOP.include?(token.low) || token.low.length < 3

        token.noun? || token.text.match?(/\A[[:upper:]][[:lower:]]{2,}/)
      end

      def stem(token) = token.low.delete_suffix("'s").delete_suffix("s")[0, 6]

      # The name as it stands, with what belongs to it.
      def called(text, span, name)
        tokens = text.tokens_in(span)
        at = tokens.index { |t| name?(t) && stem(t) == name } || tokens.index { |t| t.low.start_with?(name) && kinds(text).include?(t.low) } or return Titles.of(span.text).first
        first = at
        first -= 1 while first.positive? && (tokens[first - 1].noun? || tokens[first - 1].tag.match?(/\A(?:jj|vbn|vbg)/))
        last = at
        # "Photosynthesis | carbon dioxide is used" under "Photosynthesis and respiration": the heading says how it is called.
        alone = tokens[at - 1]&.tag == "in" && headed(text).include?(stem(tokens[at]))
        # "Linen creases at once": a plural behind it is a verb, unless a verb follows.
        last += 1 while !alone && tokens[last + 1]&.noun? && !EMPTY.include?(tokens[last + 1].low) && last - first < 4 && (tokens[last + 1].tag != "nns" || tokens[last + 2]&.finite?)
        last += 2 if joined?(tokens, at, last)
        text.string[tokens[first].from...tokens[last].to]
      end

      # "Kiln and Clay is cheaper": one name.
      def joined?(tokens, from, last)
        one, other, verb = tokens.values_at(from, last + 2, last + 3)
        tokens[last + 1]&.low == "and" && [one, other].all? { |t| t&.tag == "nnp" } && verb&.tag == "vbz"
      end
    end
  end
end
