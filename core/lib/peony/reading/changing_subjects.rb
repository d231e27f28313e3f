# frozen_string_literal: true

module Peony
  module Reading
    # Things that running text tells of one after the other: sentences and clauses whose subjects change. Part of the finder of comparisons.
    module ChangingSubjects
      LEADING = (Words::BEFORE_SUBJECT + %w[out over up down]).to_set.freeze

      # "The third, by the station, is the cheapest", "in the new one"
      NAMELESS = ["one", *Dates::ORDINALS.first(5)].freeze

      NAMING = %w[det jj cd vbn vbg pos].freeze
      NO_NAME = /\A(?:it|they|he|she|this|that|these|its|their|you|we|i|but|and|there|both|people|nobody|some)\z/

      private

      # Sentences and clauses whose subjects change; those that go on with "it" belong to the thing before.
      def of_subjects
        return nil if text.entries.any?

        groups = Points.candidates(text).each_with_object([]) do |span, list|
          name = head(span) unless list.any? && answers?(list.last[:spans].last, span)
          same = name && list.find { |g| g[:name] && (g[:name] == name) }
          if same then same[:spans] << span
          elsif name then list << { name: name, spans: [span] }
          elsif list.any? then list.last[:spans] << span
          end
        end
        groups = without_remark(folded(merged(groups)))
        return nil if !groups.size.between?(2, 4) || (groups.size == 2 && groups.any? { |g| g[:spans].one? && row?(g[:spans].first) })

        @strength = 0.2 + (cue?(:than, :comparative, :choose) ? 0.15 : 0)
        groups.map { |g| portrait(g[:spans]) }
      end

      # "The bread? | A good deal softer.", "The Fell is stiff; | rain runs off it"
      def answers?(before, span) = before.text.match?(/\A[^?]{2,30}\?\z/) || Rivals.of_last?(text, span)

      # "Tadpoles pay 12 euros, Frogs 18 and Otters 30": three things, and none of them is a side.
      def row?(span) = text.quantities_in(span).map(&:unit).tally.values.any? { |count| count > 2 } && span.text.count(",").positive?

      # "Dr Finch explains … Ms Oyelaran starts … With Dr Finch I": who is told of again is no third. "Grey and common seals" names both of those that follow.
      def folded(groups)
        groups.each_with_object([]) do |group, list|
          known = list.select { |g| kin?(g[:name], group[:name], list) }
          known.one? && list.size > 1 ? known.first[:spans].concat(group[:spans]) : list << group
        end.then { |list| list.size > 2 && list.drop(1).count { |g| kin?(g[:name], list.first[:name], list.drop(1)) } >= 2 ? list.drop(1) : list }
      end

      # Whether two names share a word that tells one thing from the others.
      def kin?(one, two, groups)
        shared = stems(one) & stems(two)
        shared.any? { |w| groups.one? { |g| stems(g[:name]).include?(w) } }
      end

      def stems(name) = name.split.map { |w| w.delete_suffix("'s").delete_suffix("s")[0, 6] } - %w[one]

      # The phrase that a sentence begins with, where that names a thing: "the printed guide", "Class 4", "in the new one".
      def head(span)
        tokens = begun(span)
        phrase = tokens.empty? || tokens.first.low.match?(NO_NAME) ? [] : naming(tokens)
        words = phrase.reject { |t| %w[det pos].include?(t.tag) }.map { |t| t.low.delete_suffix("s") }
        words.join(" ") if words.any? && !time?(phrase) && (phrase.any? { |t| t.noun? || named?(tokens, t) } || NAMELESS.include?(words.last))
      end

      # "In its upper course a river is fast": the course is no other thing of one that was named.
      def begun(span)
        tokens = text.tokens_in(span)
        own = tokens.drop_while { |t| LEADING.include?(t.low) }
        own.size < tokens.size && own.first&.low&.match?(/\A(?:its|their)\z/) ? own.drop(1) : own
      end

      # "The drove road": whatever stands between an article and a noun belongs to the name.
      def naming(tokens)
        inner = tokens[1] if tokens.first.tag == "det" && tokens[2]&.noun?
        phrase = tokens.take_while { |t| t.equal?(inner) || t.noun? || NAMING.include?(t.tag) || t.low == "one" || named?(tokens, t) }.first(5)
        up_to_article(phrase)
      end

      # "In the middle course | the valley is wider"; not "printer A".
      def up_to_article(tokens) = tokens.first((1...tokens.size).find { |i| tokens[i - 1].noun? && tokens[i].tag == "det" && tokens[i].text == tokens[i].low } || tokens.size)

      # "After five years it is 30": when it is, not what.
      def time?(phrase) = phrase.size > 1 && phrase.first.tag == "cd" && HandedOn::TIME.include?(Units::MEASURES[phrase.last.low])

      # "The Fell weighs 620 g": a word in capitals after an article is a name, whatever else it may mean.
      def named?(tokens, token) = token != tokens.first && token.text.match?(/\A[A-Z]/)

      # A last sentence about something else, which the strays know, is not a thing either.
      def without_remark(groups)
        last = groups.last
        return groups unless groups.size > 2 && last[:spans].size == 1

        # "The quarry path", "the sheep path", "the ridge path": all of one kind.
        return groups if groups.map { |g| g[:name].split.last }.uniq.one?

        announced = text.all_words[/\bthere are (two|three|four) \w+/, 1]
        return groups.first(Numbers.spelled(announced)) if announced && groups.size > Numbers.spelled(announced)
        return groups if text.points.any? { |p| p.span.from == last[:spans].first.from && p.chance > 0.65 }

        groups[0..-2]
      end

      # An introduction that names none of the things is not one of them.
      def merged(groups)
        if groups.size > 2 && groups.first[:spans].size == 1 &&
           groups.first[:spans].first.text.match?(/\b(?:two|three|looked at|compar|ask me|whether|which|alike|differ\w*|mix(?:es)? up|both|either|apart|confuse\w*)\b|\bor\b[^.]*\?/i)
          groups.drop(1)
        else
          groups
        end
      end
    end
  end
end
