# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Groups that share something.
      class Overlap < Finder
        include SharedLists
        include WhatIsShared

        family "overlap"

        BOTH = /\b(?:both|shared?s?|in common|the two of them|each other|the same|between them|all three|either|use both|do both|belongs? as much|meet|use the same|all year|everyone (?:up there|here))\b/i

        # "Only hers has treacle. Only his has the mustard. What's in both is the ginger": what each has alone, then what they share.
        ALONE = /\b(?:only|alone|nobody else|by itself|of (?:its|his|her|their) own|own|belongs? to|privilege)\b/i
        SHARED = /\b(?:both|in common|share[sd]?|common to|all three|the two of them|between them|all of them|overlap|where they meet)\b/i

        MEET = /\bwhere (?<all>.+?) (?:meets?|overlaps?|come together|coincide)(?<more>(?: with)? [^.;]+)?(?=[.;]|\z)/i

        MUTUAL = /\b(?:both|shared?s?|in common|each other|all three|each of (?:them|the two)|either|between them|alike|same|together|all of them|every (?:single )?one)\b/

        LED_BY_BOTH = /\A(?:and |but |still,? )?(?:both\b|they (?:both|share)|what (?:they|both|the two)\b|in both\b|the two of them\b)/i

        # "The day crew and the night crew share a galley."
        SHARE_FIRST = /\A[^,;.]{2,40} and [^,;.]{2,40} share\b/i

        THEN_BOTH = /\A(?:but |and |yet |still,? )?(?:both\b|they (?:both|share)|we(?:['’]ve| have)? both|(?:those|the few|people|some|few|a few|many)(?: of (?:them|us|our [[:lower:]]+))? (?:who )?(?:do|like|have|are|want|use|play|need) both|what (?:they|we) share|in common|the two of (?:them|us)|each of (?:them|the two))/i

        # Longer sentences hold more than one thought.
        LONGEST = 400
        COUNTED = /\b(?:both|the two of them|the two at once|(?:that|which|who) (?:is|are|do|does) also|one of each|some of each|together|have the two|(?:do|manage|have|play) (?:all|both) of (?:it|them|these)|(?:#{Numbers::WORD}|\d+) of them (?:do|can|speak|have|are|use|play|took)|two of them|either|of (?:these|them) (?:[[:lower:]]+ ){1,3}(?:as well|too)|one and the other|who (?:can |could |do |have |had |eat |want |like )(?:have |eat |do |like )?neither)\b/i

        # "Of our guides | speak German", "in our house people | knit", "them | do both": who they are is the same for all.
        WHO = /\A(?:on (?:of them |(?=there (?:are|is) |you find ))(?:there (?:are|is) |you find )?)?(?:(?:of|in|among|from) (?:us|(?:our|the|my|this|these|those) [[:lower:]]+),? )?(?:(?:of )?(?:us|them|these|those|people|families|members|children|pupils) )?(?=[[:lower:]])/i

        # "come to the toy library | and"
        HANGS = /,?\s+(?:and|but|while)\z/

        # Parts a sentence that tells of each by itself.
        EACH = /;\s+|,\s+(?:and|while|but)\s+|,\s+(?=(?:some|others) |the [[:lower:]]+(?: [[:lower:]]+)? (?:has|have|is|are)\b)/
        IN_BOTH = /\A(?:(?:in |for )?(?:both|either)|shared|all|together|the two|in common|use both|what (?:they|both|the two) (?:share|have)|common to both)\b/i

        def find
          items = of_nodes || of_lists || of_some || of_counts || of_prose || of_points
          return nil unless items && items.size.between?(2, 8)

          finding(@strength, "#{count(@groups || (items.size - 1), 'group')} and what they share", items)
        end

        WHAT_THEY_SHARE = /\A(?:and |but )?what (?:they|both|the two|all three)(?: all)? (?:share|have in common)(?: above all| most)?,? (?:is|are) (?<what>[^.;:]+)/i

        private

        def of_nodes
          return nil unless nodes.size.between?(2, 8)

          heads = nodes.map { |n| n.span.text }
          both = heads.count { |h| h.match?(IN_BOTH) || h.match?(/\b(?:use|do|in|for) both\b/i) }
          only = heads.count { |h| h.match?(/\A(?:only|just)\b|\A[^:]{2,40}\b(?:only|alone)\b/i) }
          return nil if nodes.size > 5 && only < 2

          both = 1 if both.zero? && (only >= 2 ? joined?(heads) : named_both?(heads))
          @strength = both == 1 || (both.positive? && only >= 2) ? 0.9 : 0.1
          nodes.map { |n| node_item(n) } if both.positive?
        end

        # "Maths only: ... Art only: ... Maths and art: ...": one label names two of the others.
        def joined?(heads)
          labels = heads.map { |h| h[/\A[^:–—]+/].to_s.downcase.scan(/[[:alpha:]]{3,}/) - %w[only just alone and with] }
          labels.any? { |words| words.size >= 2 && labels.count { |other| other != words && words.intersect?(other) } >= 2 }
        end

        # "Poems: … Songs: … Poems and songs alike: …": the last of three names both of the others.
        def named_both?(heads)
          return false unless heads.size == 3

          one, two, both = heads.map { |h| h[/\A[^:–—]+/].to_s.downcase.scan(/[[:alpha:]]{3,}/).map { |w| w.delete_suffix("s") } }
          [one, two].all? { |words| words.size.between?(1, 3) && (words - both).empty? } && !one.intersect?(two)
        end

        # Something is shared, in words that tell nothing of who shares it.
        def of_points
          points = text.all_words.match?(MUTUAL) || text.all_words.scan(ALONE).size >= 2 ? guessed(3..8) : nil
          @strength = 0.05
          points&.map { |p| point_item(p) }
        end

        # "34 belong to the club and 21 to the astronomers; nine are in both."
        def of_counts
          list = text.measures.reject { |m| m.unit == "%" || repeated_by?(m) }
          both = of_whole(list)
          both ||= list.last if list.size == 3 && list.last.span.text.match?(/\A[^:.]{0,24}\bboth: \d/i)
          both ||= list.reverse.find { |m| (m.span.text + text.string[m.span.to...[m.span.to + 40, m.sentence.to].min].to_s).match?(COUNTED) } || of_each(list)
          return nil if both.nil?

          groups = list.first(list.index(both)).select { |m| m.value > both.value }.last(2)
          return nil if groups.size != 2 || [*groups, both].any? { |m| Units::MEASURES.value?(m.unit) && m.unit != both.unit }

          @strength = 0.85
          [*groups, both].map { |m| counted(m) }
        end

        # "Children, two, both collected", "two of them": those two again, and no further count.
        def repeated_by?(measure)
          after = text.string[measure.quantity.to, 10].to_s
          after.match?(/\A, both\b/) || (measure.value <= 3 && after.match?(/\A of them/) && !measure.sentence.text.match?(/\b(?:either|both)\b/i))
        end

        # "41 members: 26 sing, 21 ring, six do either": two groups make up the whole once those who are in both are taken off.
        def of_whole(list)
          list = list.select { |m| m.value.is_a?(Integer) }.first(6)
          list.each_cons(3).filter_map do |one, two, both|
            whole = one.value + two.value - both.value
            both if both.value.positive? && both.value < [one.value, two.value].min && (list - [one, two, both]).any? { |m| m.value == whole }
          end.first
        end

        # "52 have a garden, 47 have a pet and 31 have a garden and a pet": the last says what both of the others do.
        def of_each(list)
          return nil unless list.size == 3

          one, two, both = list.map { |m| Manner.stems(text, m.span).uniq }
          list.last if (one - two).intersect?(both) && (two - one).intersect?(both)
        end

        def counted(measure)
          span = measure.span
          words = without(span, measure.quantity)
          named = words.sub(WHO, "").sub(HANGS, "")
          Item.new(title: Titles.capital(Titles.of(named.empty? ? words : named).first), detail: words, spans: [span], value: measure.value, unit: measure.unit,
                   children: [], aspects: [])
        end

        def of_prose
          return nil if nodes.size >= 2

          among = InCommon.among(text)
          members = InCommon.members(text) unless among && InCommon.subjects(text)
          among = nil if members
          @groups = [InCommon.groups(text).size, 3].max if among
          told = shown(0.8, members) || with_shared(shown(0.6, among)) || labelled || shown(0.5, InCommon.in_turn(text)) ||
                 shown(0.4, InCommon.two_first(text)) || apart || meeting || each_then_both
          return told if told

          of_words if text.cues[:both] >= 2
        end

        # The groups, and behind them what they share.
        def with_shared(items)
          items && (items.first(@groups).each { |group| group.naming { |i| i.title = Titles.capital(i.title.sub(/\A(?:the|an?) /i, "")) } } + items.drop(@groups).map { |i| shared(i) })
        end

        # @param list [Array<Array<Span>>, nil] for each item its stretches
        def shown(strength, list)
          @strength = strength if list
          list&.map { |first, *more| further(item(first), more) }
        end

        # "What they share is the kettle, the stairs and Mrs Orrin": all of it, where that is short.
        def item(span, **more)
          what = span.text[WHAT_THEY_SHARE, :what]&.sub(/,? (?:who|which|that)\b.*/m, "")
          return super unless what && what.split.size.between?(1, 9)

          # "Who locks up" is all that is left to say.
          made(what.sub(/\A(?:the|an?) /, ""), span.text[(span.text.index(what) + what.length)..].sub(/\A[\s,;:]+/, "").sub(/[\s.;]+\z/, ""), [span], **more)
        end

        # Sentences with words of sharing.
        def of_words
          groups = InCommon.groups(text)

          @strength = [0.15 * text.cues[:both], 0.6].min
          spans = Points.candidates(text).flat_map { |s| s.text.match?(BOTH) ? [s] : parted(s) }.select { |s| s.text.match?(BOTH) || s.text.match?(/\b(?:only|own|alone|has|some|others?)\b/i) }
          spans = groups.any? ? groups + spans.drop(1).select { |s| s.text.match?(BOTH) && !s.text.match?(/\b(?:only|alone)\b/i) } : spans.drop(1) if spans.size > 3 && introduces?(spans.first)
          spans = without_pronoun(spans, groups) if groups.any?
          spans.map { |s| item(s) } if spans.size.between?(2, 8)
        end

        # "They borrow from each other all day" only leads to what is shared between whom.
        def without_pronoun(spans, groups)
          rest = spans.reject { |s| s.text.match?(/\A(?:well,? |and |but )?they\b/i) }
          rest.size >= groups.size + 2 ? rest : spans
        end

        # "Flowers for both bees and moths: ... Bees alone: ... Moths alone: ...": what they share may come first.
        def labelled
          rows = text.sentences.select { |s| s.text.match?(Tree::LABEL) || s.text.match?(/\A[^:.]{2,60}:\s/) }
          return nil unless rows.size.between?(3, 5) && rows.size >= text.sentences.size - 1

          heads = rows.map { |s| s.text[/\A[^:]+/] }
          return nil unless heads.count { |h| h.match?(ALONE) } >= 2 && heads.one? { |h| h.match?(SHARED) }

          @strength = 0.9
          rows.map { |s| item(s) }
        end

        def apart
          parts = text.sentences.flat_map { |s| Sentences.clauses(s, /;\s+(?:and |but )?|,\s+(?:and |but )?(?=only\b|from the\b|what\b|both\b)/) }
          alone = parts.select { |s| s.text.match?(ALONE) && !s.text.match?(SHARED) }
          alone = from_each(parts) if alone.size < 2
          return both_and_each(parts, alone) if alone.size == 2

          shared = parts.select { |s| s.text.match?(SHARED) && (alone.empty? || s.from > alone.first.from) }
          shown(0.7, (alone + shared).sort_by(&:from).map { |s| [s] }) if alone.size == 3 && shared.size.between?(1, 4)
        end

        # "Both live off barley; both start early. The brewery has time to itself. The bakery alone …": all that both have is one.
        def both_and_each(parts, alone)
          shared = parts.select { |s| s.text.match?(SHARED) && (s.from > alone.first.from || s.text.match?(LED_BY_BOTH) || s.text.match?(SHARE_FIRST)) }
          shown(0.7, [*alone.map { |s| [s] }, shared].sort_by { |list| list.first.from }) if shared.size.between?(1, 4)
        end

        # "… lies where what you love, what you can do and what somebody pays for meet"; "where what children enjoy meets what teachers can use".
        def meeting
          sentence = text.sentences.find { |s| s.text.length < LONGEST && s.text.match?(MEET) } or return nil
          match = sentence.text.match(MEET)
          from = sentence.from + match.begin(:all)
          whole = text.span(from, sentence.from + match.end(0))
          parts = Sentences.clauses(whole, /,\s+(?:and\s+)?|\s+(?:meets?|overlaps?)(?: with)?\s+|\s+and\s+(?=what\b|the\b|a\b|our\b|my\b|your\b|those\b|[a-z]+ing\b|being\b)/)
          parts = parts.map { |s| text.span(s.from, s.from + s.text.sub(/\s+(?:meet|overlap|come together|coincide)s?\s*\z/i, "").length) }
          shared = text.span(sentence.from, sentence.from + match.begin(0))
          return nil unless parts.size.between?(2, 4) && shared.text.split.size >= 2

          @strength = 0.75
          [*parts, shared].map { |s| item(s) }
        end

        # "The shop sells paint and rope, and the chandler charts and rope. Both cut keys": each by itself, then both.
        def each_then_both
          at = text.sentences.index { |s| s.text.match?(THEN_BOTH) }
          return nil unless at&.positive? && text.sentences.drop(at).size <= 2

          each = text.sentences.first(at).flat_map { |s| Sentences.clauses(s, EACH) }.select { |s| Series.subject_verb?(text, s) }
          # "The library and the youth club have more in common than their front door."
          each = each.drop(1) if each.size == 3 && each.first.text.match?(/\b(?:more|much|a lot|something|little) in common\b/i)
          # "A librarian spends the day with books, a barman with bottles": the verb is said once.
          each = Sentences.clauses(text.sentences.first, /,\s+(?:and |but )?(?=(?:the|an?) )/) if each.size < 2 && at == 1
          # "Two bands share our cellar. The Low Tides ...; Brass Monday ...": so many are announced, and told of then.
          each = each.drop(1) if each.size == 3 && each.first.text.match?(/\A(?:the )?two\b/i)
          # Short sentences the tagger may misread: "Frogs jump and shout."
          each = text.sentences.first(at) unless each.size.between?(2, 3)
          return nil unless each.size.between?(2, 3)

          @strength = 0.6
          [*each, text.sentences[at]].map { |s| item(s) }
        end

        # "From the teacher comes knowing when to stop; from the actor, knowing when to start."
        def from_each(parts) = parts.select { |s| s.text.match?(/\A(?:and |but )?from (?:the|his|her|its|a)\b/i) }

        # "Art and physics have more in common than either admits": names the groups and says nothing of them yet.
        def introduces?(span) = span.from == text.sentences.first.from && (span.text.match?(/\?\z|\band\b/) || span.text.match?(/circles/))

        def parted(span)
          parts = Sentences.clauses(span, /,\s+(?:and\s+)?(?=only\b)|;\s+/)
          parts.size > 1 ? parts : [span]
        end
      end
    end
  end
end
