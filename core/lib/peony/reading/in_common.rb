# frozen_string_literal: true

module Peony
  module Reading
    # Running text that tells of two or more by themselves and of what they share: which stretches belong to whom, and which to several.
    module InCommon
      ALL = /\b(?:all (?:three|four)|(?:for|of|in) the whole (?:house|lot|landing|building|stall|yard|place|floor|family|hut|street)|everyone (?:up|down|in|on) (?:there|here)|every(?:body|one) in the [[:lower:]]+|(?:none|not one|each) of the (?:three|four)|(?:none|(?:not )?one) of (?:them all|the three)|the three of them|each of the three|all of them|every one of them|what (?:everyone|they all))\b/i
      # "Only the bakers have ovens", "the ovens are for the bakers only", "the veils nobody else would wear"
      ONLY = /\A(?:only|nobody)\b|\bfor (?:the )?[[:alpha:]]+ (?:only|alone)\b|\bnobody else\b/i
      TOGETHER = /\b(?:both|share[sd]?|in common|each other|either|neither|between them|the same|all the same|together)\b/i
      CLAUSES = /;\s+(?:and |but )?|,\s+(?:while|whereas|but|and) (?=the |in |both |they|[[:upper:]])/
      # "The paint shop | at the Oddlamp Theatre"
      WHERE = / (?:at|of|in|on|from) .*\z/
      # What several do together, which the tagger may take for a thing.
      TOGETHER_DO = /\A(?:shares?|live|work|meet|sit|keep|use|want|need)\z/

      # "It surprises newcomers that | the ringers, the band and the crew share one hut", "what | the midwife, the vet and the ferryman have in common"
      LED_BY = /\A(?:it [[:lower:]]+ (?:[[:lower:]]+ ){0,3}?(?:that|why|how)|(?:people|newcomers|visitors) (?:often )?(?:ask|wonder|are told) (?:us )?(?:that|why|how|what)|what|why|how) /i

      module_function

      # "Weavers, basket makers and thatchers share one barn": three or more that are named first, then each sentence that names two of them, or all.
      # @param text [Reading::Text]
      # @return [Array<Array<Span>>, nil] the groups, then what they share
      def among(text)
        named = groups(text)
        return TwoByTwo.of(text) unless named.size.between?(3, 4)

        own = own_words(named)
        shared = [*all_of_them(text, named.last), *text.sentences.drop_while { |s| s.from < named.last.to }.select { |s| shared?(s, own) }]
        [*named, *shared].map { |s| [s] } if shared.size.between?(2, 5) && own.none?(&:empty?)
      end

      # "Bell-ringers" are ringers.
      def own_words(named)
        words = named.map { |g| g.text.sub(WHERE, "").downcase.scan(/\p{L}{3,}/) - %w[the our and his her its their] }
        words.map { |list| list.select { |w| words.one? { |other| other.any? { |o| o[0, 5] == w[0, 5] } } } }
      end

      # "Frogs, toads and newts | all start as eggs in a pond"; not where the sentence goes on about something else.
      def all_of_them(text, last)
        return [] if text.sentences.first.text.match?(LED_BY)

        rest = text.span(last.to, text.sentences.first.to)
        [rest] if rest.text.match?(/\A *all (?!(?:of )?(?:share|have))/) && !rest.text.match?(/[,;]/)
      end

      # "In the chess club are Ada, Ben and Cleo. The film club has Cleo and Dora. Cleo goes to both": who is in each, then who is in both.
      # @param text [Reading::Text]
      # @return [Array<Array<Span>>, nil] the sentences about each, then about both
      def members(text)
        rows = text.series.select { |parts| parts.size > 2 }.group_by { |parts| text.sentence_of(parts.first, parts.last) }.except(nil)
        one, other = rows.values.map { |lists| lists.first.map { |p| p.text.downcase[/[[:alpha:]]+\z/] } }
        return nil unless rows.size == 2 && one.intersect?(other)

        both = text.sentences.select { |s| s.from > rows.keys.last.from && s.text.match?(TOGETHER) }
        [*rows.keys.map { |sentence| [sentence] }, both] if both.any?
      end

      TWO = /\A(?:both )?(?:(?:an?|the|most|many|good|every) ){0,2}(?<one>[[:alpha:]-]{3,}) and (?:(?:an?|the|most|many|good|every) ){0,2}(?<two>[[:alpha:]-]{3,}) (?=[[:lower:]]+)/i
      # "Hedgehogs and bats sleep through the winter. But while the hedgehog does it alone, the bat does it by the thousand": what two do, and then each by itself.
      # @param text [Reading::Text]
      # @return [Array<Array<Span>>, nil] what they share, then what each does
      def two_first(text)
        first, *rest = text.sentences
        names = first && rest.size.between?(1, 3) && first.text.match(TWO)&.captures&.map { |word| word.downcase.delete_suffix("s").delete_suffix("e") }
        return nil unless names && text.tokens_in(first).any?(&:finite?)

        spans = rest.flat_map { |s| Sentences.clauses(s, /[,;]\s+(?:and |but )?(?=(?:the|an?) )|(?<=\bBut) (?=while )/) }
        tells = ->(s, name) { s.text.downcase.match?(/\b#{Regexp.escape(name)}/) }
        own = names.map { |name| spans.select { |s| tells[s, name] && (names - [name]).none? { |other| tells[s, other] } } }
        [[first], *own.sort_by { |list| list.first.from }] if own.all? { |list| list.size.between?(1, 3) } && names.uniq.size == 2
      end

      # One of its clauses tells of two groups or of all; or it says that they have it together, and names one.
      def shared?(sentence, own)
        return true if sentence.text.match?(ALL)

        told = sentence.text.downcase.split(/[,;:]\s/).map { |clause| clause.scan(/\p{L}{3,}/).then { |words| own.count { |list| NamedGroups.told?(list, words) } } }
        return false if sentence.text.match?(ONLY) && told.max < 2
        return true if told.max >= 2 && !sentence.text.match?(/\A(?:only|nobody)\b/i)

        told.sum == 1 && sentence.text.match?(TOGETHER) && sentence.text.match?(/\b(?:they|them|he|she|it|we|us)\b/i)
      end

      # @param text [Reading::Text]
      # @return [Array<Span>] the groups, where the first sentence names at least three
      def groups(text)
        text.once(:named_groups) { led_in(text) || subjects(text) || NamedGroups.of(text) || text.series.find { |parts| text.sentences.any? && parts.first.from < text.sentences.first.to } || [] }
      end

      # "It was the insurance that asked why | the potter, the baker and the charcoal burner | had one policy": words that lead to the first of them are no part of its name.
      def led_in(text)
        told = subjects(text)
        named = NamedGroups.of(text)
        named if told && named && told.size == named.size && told.first.from < named.first.from && named.first.from < told.first.to
      end

      # "Weavers, basket makers and thatchers | share one barn, and people wonder": what stands before the first verb.
      def subjects(text)
        first = text.sentences.first
        return nil unless first

        from = first.from + first.text[LED_BY].to_s.length
        tokens = text.tokens_between(from, first.to)
        # "The canoe club, the anglers and the swimmers | all use one landing stage"
        all_do = tokens.each_cons(2).find { |t, all| t.noun? && all.low == "all" }&.last
        [tokens.find { |t| t.finite? || t.low.match?(TOGETHER_DO) }, all_do].compact.lazy.filter_map do |verb|
          led = tokens.take_while { |t| t.from < verb.from }.last
          parts = Series.split(text.span(from, led&.low == "all" ? led.from : verb.from))
          parts if parts.size >= 3 && parts.all? { |p| p.text.sub(WHERE, "").split.size <= 5 }
        end.first
      end

      # "Folk has no drums. Rock is loud. Both tell stories": two subjects that are told of by themselves, and what they share, in any order.
      # @param text [Reading::Text]
      # @return [Array<Array<Span>>, nil] the stretches about each, and those about both, in the order of the text
      def in_turn(text)
        return nil unless text.sentences.size.between?(2, Finder::GUESSED)

        spans = text.sentences.flat_map { |s| Sentences.clauses(s, CLAUSES) }
        names = subjects_in_turn(text, spans) or return nil
        # What names both in front only introduces them.
        spans = spans.drop(1) if spans.size > 3 && (names - Rivals.names(text, spans.first)).empty?
        shared, own = spans.partition { |s| s.text.match?(TOGETHER) }
        lists = [*names.map { |name| own.select { |s| about?(text, s, name, names) } }, shared]
        lists.sort_by { |list| list.first.from } if lists.none?(&:empty?)
      end

      # The two that later sentences begin with, best those that the first one names.
      def subjects_in_turn(text, spans)
        first = text.sentences.first.text.downcase
        heads = spans.map { |s| Rivals.subject(text, s) }
        [heads.drop(1), heads].map { |list| list.compact.uniq }.flat_map { |list| [list.select { |name| first.include?(name) }, list] }.find { |list| list.size == 2 }
      end

      def about?(text, span, name, names) = Rivals.subject(text, span) == name && (Rivals.names(text, span) & names).one?
    end
  end
end
