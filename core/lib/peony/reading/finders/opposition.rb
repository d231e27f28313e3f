# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Two sides: for and against, do and don't, myth and fact, before and after without numbers.
      class Opposition < Finder
        include DosAndDonts
        include SidesTold
        include Speakers

        family "opposition"

        SPEAKS_FOR = "advantages?|benefits?|upsides?|pros|strong (?:points|sides)|good (?:points|sides|things)|allowed|permitted|for (?:the |it|this)[^,;:]{0,24} speaks?"
        SPEAKS_AGAINST = "disadvantages?|drawbacks?|downsides?|cons|weak (?:points|sides)|bad (?:points|sides|things)|forbidden|not allowed|prohibited|against (?:it|the|this)"
        ANSWERS = [/\Ayes\b[,:]|\A(?:the |its )?(?:#{SPEAKS_FOR})\b/i, /\Ano\b[,:]|\A(?:but )?(?:the |its )?(?:#{SPEAKS_AGAINST})\b/i].freeze

        SIDES = %w[myth fact before after then now do don't false true wrong right old new].each_slice(2).to_a.freeze
        BOTH_SIDES = SIDES.to_h { |pair| [pair, /\A#{pair[0]}\b.*\b#{pair[1]}\b/im] }.freeze
        LED_BY_SIDES = SIDES.to_h { |pair| [pair, pair.map { |side| /\A#{side}\b/i }] }.freeze
        SAYING = /\A(?:they|people|some|everyone|everybody|it is|many|most)\b[^.]{0,24}\b(?:say|says|said|think|thinks|believe|believes|swear)\b/i

        PAIRS = [
          [/\A(?:what .{0,20}\b(?:likes?|loved?|works?)|do|dos|goes in\w*|yes|right|good|works)\b/i, /\A(?:don['’]?ts?|do not|never|avoid|stays out|no|wrong|bad|does not|not)\b/i],
          [/\A(?:pros?|for\b|in favou?r|supporters|agree|advantages?|benefits?|strengths|plus\w*|arguments for|reasons for|upsides?|gains?)\b/i,
           /\A(?:cons?|against|opposed|opponents|disagree|disadvantages?|drawbacks?|weaknesses|minus\w*|arguments against|reasons against|downsides?|costs?|risks?)\b/i],
          [/\A\+\z/, /\A[–−-]\z/],
          [/\A(?:myths?|people (?:say|think)|belief)\b/i, /\A(?:facts?|truth|in truth|really)\b/i], [/\A(?:before|then|old|was|past|used to|until)\b/i, /\A(?:after|now|new|today|since)\b/i]
        ].freeze
        TWO = /\b(?:two (?:schools|camps|sides|views|minds|parties|opinions|answers|kinds|sorts)|divides?|divided|disagree\w*|(?:cannot|never|hardly|do not) agree|argu\w+|split over|depends whom you ask)\b/i
        FOR = /\Afor (?:[[:lower:]]+ ){1,3}?(?:there|speaks?)\b|\b(?:love|(?:those|people|many|some|members) who (?:want|support|favou?r|like|agree|are for|back)|gains?|you should(?! not)|begin with|be sure to|make sure|remember to|always|spoke (?:up )?for|would (?:save|bring|spare)|welcome[sd]?|friends|supporters|advocates|those keen|in favou?r|yes, say|for it|liked|arguments for|easy to list|good|in the old|pros?|on the one|one side|speaks for|party argued|argue(?:d|s)? (?:that|for)|praise|advantages?|before|they stop|do fill|pleases?|pleased|delighted|used to (?:believe|think)|helps|do)\b/i
        FRIENDS = /\A(?:its|the|their) (?:friends|supporters|fans|advocates|defenders)\b|\A(?:those|people|some|many) who\b|\Asome\b/i
        OTHERS = /\A(?:those|people|others|the others|its (?:critics|enemies|opponents)|critics|opponents)\b/i
        TURN = /\A(?:avoid|(?:those|people|many|some|others|members) who (?:do not|don['’]t|are against|oppose|disagree|reject|doubt)|you (?:should|must|may|can) not|you (?:shouldn|mustn)['’]t|it (?:does not|doesn['’]t|should not|must not)|(?:he|she|they|you|it) (?:loses?|lost|gives? up)|since then|ever since|what (?:i|we|they|people) (?:do not|don['’]t|hate|miss)|it would also (?:cost|spoil|ruin|mean losing)|to (?:the others?|others|some|many)\b|these days|bad:|the minus|it is (?:quite )?(?:a different|another|different)|all that|not any ?more|elsewhere|meanwhile|behind the|against|but|others?|the others|no|now|never|its critics|critics|opponents|on the other|what speaks against|don['’]t|do not\b|sceptics|the opposing|opponents|today|nowadays|bad\b|in the new|what .{0,24}\bnot)\b/i
        AGAINST = /\b(?:avoid|(?:those|people|many|some|others|members) who (?:do not|don['’]t|are against|oppose|disagree|reject|doubt)|you (?:should|must) not|would(?:n['’]t| not) (?:have|hear of) it|have none of it|spoke against|(?:don['’]t|do not) (?:love|like)|would also (?:cost|spoil|ruin)|less (?:keen|happy|sure|fond|taken|pleased|certain|impressed)|not so (?:keen|sure|happy)|disagree\w*|complain\w*|object(?:s|ed)?|different place|not any ?more|no longer|can['’]t stand|hate[sd]?|worry|worried|against|opposing side|opponents list|did not like|bad|critics|opponents|sceptics|others (?:would|thought|say|fear)|the others|no, say|cons|on the other|the other side|its critics|other hand|disadvantages?|drawbacks?|now|never|don['’]t|do not|but those|(?:is|are) (?:angry|annoyed|unhappy|furious|upset)|do(?:es)? not help|neither do(?:es)?)\b/i

        TALK = /\A(?:there (?:has been|is|was)|we have had|for [[:lower:] ]{3,20}) (?:much|a good deal of|a lot of|some|long)? ?(?:talk|argument|debate|discussion)\b/i

        # "Mr Teal, who speaks for the others, would keep the marks."
        FOR_OTHERS = /\A[^,.;]{3,30}, who speaks? for (?:the )?(?:others?|rest|opposition)\b/i

        class << self
          # @param heads [Array<String>] of two sides
          # @return [Boolean] whether they are called as two that stand against each other are
          def paired?(heads) = PAIRS.any? { |one, other| [heads, heads.reverse].any? { |a, b| a.match?(one) && b.match?(other) } } || heads.last.match?(/\b(?:not|never|no)\b|n['’]t\b/i)

          # @param nodes [Array<Tree::Node>]
          # @return [Boolean] whether two entries are plain ones: "Hold a hand on the stairs", "Whisper"
          def no_sides?(nodes)
            nodes.none? { |n| n.children.any? || n.body.any? || n.span.text.match?(/[:–—,;]/) || n.span.text.split.size > 7 } && !paired?(nodes.map { |n| n.span.text })
          end
        end

        def find
          items = of_answered || of_sayings || of_nodes || of_answers || of_repeated || of_labels || of_standpoints || of_two_labels || of_orders || of_prose
          items ||= of_two_speakers || of_rivals || of_speakers || of_halves
          return nil unless items

          finding(@strength, items.sum { |i| i.children.size } >= 4 ? "two sides, #{items.map { |i| i.children.size }.join(' against ')}" : "two sides set against each other", items)
        end

        def closer = orders_in_clauses&.then { |items| finding(0.1, "two sides set against each other", items) }

        private

        def of_nodes
          return nil unless nodes.size == 2

          return nil if Opposition.no_sides?(nodes) || nodes.last.span.text.match?(Cause::RESULT)

          @strength = Opposition.paired?(nodes.map { |n| n.span.text }) ? 0.95 : 0.45
          nodes.map { |n| sided(node_item(n), n.span) }
        end

        # "Yes, because the roof leaks. No, because we were all married in it." "Advantages are the price and the view; the disadvantage is the wind."
        def of_answers
          return nil if nodes.size >= 2

          parts = text.sentences.flat_map { |s| Sentences.clauses(s, /;\s+/) }
          yes, no = ANSWERS.map { |said| parts.select { |s| s.text.match?(said) } }
          return nil unless yes.one? && no.one? && text.sentences.size <= 4

          @strength = 0.9
          [*yes, *no].sort_by(&:from).map { |s| item(s) }
        end

        # "Do: … Do: … Don't: … Don't: …": two labels that come again and again.
        def of_repeated
          return nil if nodes.size < 4

          labels = nodes.group_by { |n| n.span.text[/\A([^:–—]{2,24})(?::|\s[–—])\s/, 1] }
          # "About the move: rumour and truth. Rumour: ...": what leads the rows is none.
          labels.delete_if { |_, list| list.one? && list.first.equal?(nodes.first) } if labels.size == 3
          return nil unless labels.size == 2 && labels.none? { |label, list| label.nil? || list.size < 2 }

          @strength = 0.9
          labels.map do |label, list|
            bodies = list.map { |n| text.span(n.span.from + n.span.text.match(/(?::|\s[–—])\s+/).end(0), n.span.to) }
            made(label.strip, bodies.map { |s| s.text.chomp(".") }.join("; "), list.map(&:span)).tap { |i| i.children = bodies.map { |s| item(s) } }
          end
        end

        # "A poster that works: one picture, ten words": the parts after the label are the side's points.
        def sided(item, span)
          return item if item.children.any?

          match = span.text.match(/:\s+(?<body>.+)\z/m)
          item.children = Series.split(text.span(span.from + match.begin(:body), span.to)).map { |s| self.item(s) } if match
          item
        end

        # One line for the myth, the next for the fact, and again.
        def of_turns(rows)
          return nil unless rows.size >= 4 && rows.size.even?

          one, other = SIDES.find { |pair| rows.each_slice(2).all? { |both| both.zip(LED_BY_SIDES[pair]).all? { |row, led| row.text.match?(led) } } }
          return nil unless one

          @strength = 0.95
          rows.each_slice(2).to_a.transpose.zip([one, other]).map do |spans, name|
            bodies = spans.map { |s| (m = s.text.match(/\A[^:–—]{2,16}[:–—]\s+/)) ? text.span(s.from + m.end(0), s.to) : s }
            made(spans.first.text[/\A#{name}/i], bodies.map(&:text).join(" "), bodies).tap { |i| i.children = bodies.map { |s| item(s) } }
          end
        end

        # "Myth: … Fact: …" line by line.
        def of_labels
          rows = nodes.map(&:span)
          return nil if rows.size < 2

          told = of_turns(rows)
          return told if told

          sides = SIDES.find { |pair| rows.count { |r| r.text.match?(BOTH_SIDES[pair]) } >= 2 }
          return nil unless sides

          @strength = 0.95
          one, other = sides
          pairs = rows.filter_map { |r| (m = r.text.match(/\A#{one}\s*[:–—-]\s*(.+?)\s*#{other}\s*[:–—-]\s*(.+)\z/im)) && [r, m] }
          return nil if pairs.empty?

          [[1, one], [2, other]].map do |group, name|
            spans = pairs.map { |r, m| text.span(r.from + m.begin(group), r.from + m.end(group)) }
            label = pairs.first[0].text[/#{name}/i]
            made(label, spans.map(&:text).join(" "), spans).tap { |i| i.children = spans.map { |s| item(s) } }
          end
        end

        # "What I like: … What I can't stand: …" within running text.
        def of_two_labels
          return nil if nodes.size >= 2

          told = text.sentences.select { |s| s.text.match?(Tree::LABEL) }
          return nil unless told.size == 2 && Opposition.paired?(told.map { |s| s.text[/\A[^:]+/] })

          @strength = 0.85
          told.map { |s| sided(made(Titles.of(s.text[/\A[^:]+/]).first, s.text[/:\s+(.+)\z/m, 1].to_s, [s]), s) }
        end

        # Two of whom it is told where they stand: see {Standpoints}.
        def of_standpoints
          sides = nodes.size >= 2 ? nil : Standpoints.of(text)
          return nil unless sides

          @strength = 0.5
          sides.map do |side|
            name = side.name.text[/\b(?:in favou?r|against)\z/i] || (side.name.text.split.size > 7 ? Titles.of(side.name.text).first : side.name.text)
            made(name, side.spans.map(&:text).join(" "), side.spans).tap { |i| i.children = side.points.map { |s| item(s) } }
          end
        end

        def of_prose
          return nil if nodes.size >= 2

          list = unled(text.sentences)
          at = turn(list) || (1 if text.sentences.first&.text.to_s.match?(TWO) && list.size >= 2)
          return nil unless at

          @strength = list[0..at].any? { |s| s.text.match?(FOR) } && list[at].text.match?(AGAINST) ? 0.7 : 0.3
          kept = list[at].text.match?(OTHER_HAND) && !list.first.text.match?(TWO)
          first = list[0...at].drop_while { |s| !kept && at > 1 && !s.text.match?(FOR) && !takes_side?(s) && !speaker(s) && s != list[at - 1] }
          [side(first), side(list[at..])]
        end

        # "There has been much talk about marks. | The music teachers are against them. ... Mr Teal, who speaks for the others, would keep them."
        def talk?(list) = list.size > 3 && list.first.text.match?(TALK) && (2...list.size).any? { |i| list[i].text.match?(FOR_OTHERS) || wish(list[i]) }

        # Without what only leads to the two sides.
        def unled(list)
          list = list.drop(1) if list.size > 2 && (list.first.text.match?(TWO) || asked?(list) || talk?(list))
          # "The survey could not have been clearer. Its friends save an hour. Those who would rather come in miss the talk."
          list.size == 3 && !speaker(list.first) && camps?(*list.drop(1)) ? list.drop(1) : list
        end

        # "Should school begin at nine? Those who say yes point to ...": what is asked once, at the beginning, is on neither side.
        def asked?(list) = list.first.text.end_with?("?") && list.drop(1).none? { |s| s.text.end_with?("?") } && !list[1].text.match?(/\A(?:yes|no)\b/i)

        # "They say owls are wise. A crow learns faster. They say ...": what is believed, and after each what is so.
        def of_sayings
          list = text.stretches.flat_map { |s| Sentences.of(text.string, s.from, s.to) }
          at = list.each_index.select { |i| list[i].text.match?(SAYING) }
          return nil if at.size < 2 || at.last == list.size - 1 || at.each_cons(2).any? { |a, b| b == a + 1 }

          said = at.map { |i| list[i] }
          so = list[at.first..] - said
          @strength = 0.8
          [side(said), side(so)]
        end

        # Those who like it, and those who do not.
        def camps?(one, other) = one.text.match?(FRIENDS) && other.text.match?(OTHERS)

        # The sentence in which the other side begins.
        def turn(list)
          return 1 if list.size == 2 && camps?(*list)

          (1...list.size).find { |i| list[i].text.match?(TURN) || list[i].text.match?(FOR_OTHERS) } || (1...list.size).find { |i| list[i].text.match?(AGAINST) }
        end
      end
    end
  end
end
