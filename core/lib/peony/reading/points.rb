# frozen_string_literal: true

module Peony
  module Reading
    # What running text says one after the other: its sentences, parted where two items meet, without introductions and asides.
    module Points
      # +spans+: the sentence that carries the point and those that go on about it.
      Point = Struct.new(:span, :more, :chance, keyword_init: true) do
        def spans = [span, *more]
        def text = spans.map(&:text).join(" ")
      end

      PARTED = /;\s+(?:and |but )?|(?<=[?!])\s+/

      module_function

      # @param text [Reading::Text]
      # @return [Array<Span>] sentences and their long clauses
      def candidates(text) = text.sentences.flat_map { |s| parted(text, s) }

      # "Wood is chopped again, the lamp is never left alone, and what you carried up you carry down": three statements in a row.
      def statements(text, sentence)
        parts = Sentences.clauses(sentence, /,\s+(?:and\s+|but\s+)?/)
        parts.size >= 3 && parts.all? { |p| text.count_in(p) >= 4 && Series.subject_verb?(text, p) && !p.text.match?(SUBORDINATE) } ? parts : [sentence]
      end

      SUBORDINATE = /\A(?:which|who|that|whose|where|when|because|since|as|if|so|although|though|while|until|after|before|or)\b/i

      def parted(text, sentence)
        parts = Sentences.clauses(sentence, PARTED)
        parts.size > 1 && parts.all? { |p| text.count_in(p) >= 3 } ? parts : statements(text, sentence)
      end

      # @param text [Reading::Text]
      # @param family [String] what a sentence holds differs by family: see Seams
      # @return [Array<Point>]
      def of(text, family)
        # Where the first sentence says how many follow, and so many do, each of them is one.
        spans = so_many?(text) ? text.sentences : Seams.parts(text, family)
        chances = Strays.chances(text, spans, family)
        faint = faint(text, family, spans, chances)
        kept = Counts.kept(chances + faint.map(&:chance), text.once(:announced) { Counts.announced(text) })
        kept |= [0] if orders?(text, spans)
        kept |= linked(text, spans, kept) if family == "cause"
        kept -= led(text, family, spans) + none_of_them(text, family, spans)
        cuts = faint.values_at(*kept.filter_map { |i| i - spans.size if i >= spans.size })
        spans = [unled(text, spans.first), *spans.drop(1)] if spans.size > 2
        spans.each_with_index.with_object([]) do |(span, i), points|
          if kept.include?(i) then points.concat(cut(text, span, cuts).map { |part| Point.new(span: part, more: [], chance: chances[i]) })
          elsif points.any? && goes_on?(span) then points.last.more << span
          end
        end
      end

      # "Low water brought the weed, | and the weed is what has stopped the boat": what one that carries an item leads to does so too.
      def linked(text, spans, kept) = spans.each_index.select { |i| i.positive? && kept.include?(i - 1) && text.string[spans[i - 1].to, 60].to_s.match?(/\A#{Seams::LINK}/o) }

      # Which of them say of themselves that they are none of the others.
      def none_of_them(text, family, spans)
        last = spans.size - 1
        spans.each_index.select do |i|
          words = spans[i].text
          next true if family == "cause" && (words.match?(NO_CAUSE) || (i < 3 && words.match?(SO_MANY_CAUSES)))
          next true if (i > 1 && words.match?(ALL_TOLD)) || (i == last && i > 3 && words.match?(BUT_NOT))

          [0, last].include?(i) && (of_another_time?(text, spans, i) || beside_labels?(text, spans, i))
        end
      end

      def so_many?(text) = text.once(:so_many) { !Strays.so_many(text.sentences).nil? }

      # "Breakfast, on the other hand, has to be paid for.": none of what was listed.
      BUT_NOT = /\A(?!(?:the|those|some|one)\b)[^,;.]{3,24}, (?:on the other hand|by contrast|alas), /i

      # "Rain had nothing to do with it."
      NO_CAUSE = /\A(?:the )?(?:trouble|reason|cause|fault|culprit) (?:is|was) not\b|\b(?:ha(?:s|d|ve) (?:had )?nothing to do with (?:it|this|that|them)|(?:is|are|was|were) not (?:to blame|the (?:cause|reason))|can be ruled out|can(?:not|['’]t| not) be blamed|no one (?:[[:lower:]]+ )?(?:is|was) to blame)\b|\Ait (?:is|was) not (?:the|for|because)\b/i

      # "The engineer named two.", "Mr Ipsley blamed two things."
      SO_MANY_CAUSES = /\A[^,;:]{3,40} (?:blamed?s?|names?|named|finds?|found|sees?|saw|gives?|gave|lists?|listed|there (?:are|were)|had|has) (?:two|three|four|five|six|\d)(?: (?:of them|things|causes|reasons|culprits|faults|roots|troubles|answers))?\.\z|\A(?:the|our|an?) [^,;:.]{3,30} (?:has |have |had )?(?:named|found|said|told us|looked into|looked at) what (?:went|goes|is|was|had gone|has gone) wrong\.\z/i

      # "Put together, these things have cost us forty students."
      ALL_TOLD = /\A(?:all of this |all )?(?:put|taken|added|all) together,? |\Aall in all,? |\Aaltogether,? (?:these|this|they)\b/i

      # The spans at the beginning that only lead to the others.
      def led(text, family, spans)
        middle = family == "hub" ? told_of_all(text, spans) : []
        middle.any? || !leads?(text, family, spans) ? middle : [0]
      end

      # "Hanne runs the office, | and everything passes over her desk. | ...": what leads up to three others or more.
      def told_of_all(text, spans)
        at = spans.first(2).each_index.select { |i| spans[i].text.match?(ALL_OF_IT) }
        at.any? && spans.size > 3 && spans[at.first].to <= text.sentences.first.to ? (0..[at.last, spans.size - 4].min).to_a : []
      end

      def leads?(text, family, spans) = (family != "cycle" && asked?(text, spans)) || run_in?(text, spans) || (family == "hub" && of_middle?(text, spans))

      # "Boil the water. Warm the pot. Wait four minutes. | Mr Teal brought cake.": what happened once, beside what is to be done, and of nothing else in it.
      def of_another_time?(text, spans, index)
        others = spans.dup.tap { |list| list.delete_at(index) }
        return false unless others.size > 2 && Manner.past?(text, spans[index]) && !text.tokens_in(spans[index]).first.verb? && others.all? { |s| text.told?(s) || s.text.match?(Seams::IF) }

        own = Manner.stems(text, spans[index])
        others.none? { |s| Manner.stems(text, s).intersect?(own) }
      end

      # "By bike: free. By bus: 3 euros. By boat: ask Bo. | Mr Teal brought cake.": where all the others have a label.
      def beside_labels?(text, spans, index)
        others = spans.dup.tap { |list| list.delete_at(index) }
        others.size > 2 && others.all? { |s| s.text.match?(Tree::LABEL) } && !spans[index].text.match?(/[:?]/) && !text.told?(spans[index])
      end

      # "Before you borrow the trailer. | The left light needs a tap. ...": half a sentence, which all the others end.
      HALF = /\A(?:before|when|if|once|after|while|until) (?:you|we|the|it|they|he|she|i)\b[^,;:?!]{3,50}\.\z/i

      # "The way in which people come to love the marshes is always the same."
      ALWAYS_SO = /\b(?:is|are|was|were|has been) (?:always |much |ever )?the same\b|\bthrough the same [[:lower:] ]{0,16}(?:hands|stages|steps|weather|order|path)\b|\bin (?:always )?the same order\b/i

      # "Giving blood at the hall, as it appears to those who lie down for the first time. | You queue behind people who joke. ...": nothing is said yet.
      def titled?(text, spans)
        head = spans.first
        return false unless text.sentences.first.to == head.to && (match = head.text.match(TITLED))

        words = text.tokens_in(text.span(head.from, head.from + match.end(:what)))
        words.drop(1).none?(&:verb?) && (words.first.tag == "vbg" || !words.first.verb?) && !text.told?(head)
      end
      TITLED = /\A(?<what>(?:[[:alpha:]'’-]+ ){2,}[[:alpha:]'’-]+), (?:for (?:any|every|those|all|people)|as (?:it|told|seen|one)|since every|in case|told|from one)[^,;:]*\.\z/i

      # "Lifting. Stand close to the load. ...": a word or two that head what follows.
      def run_in?(text, spans)
        head = spans.first
        return true if spans.size > 3 && (titled?(text, spans) || (head.to == text.sentences.first.to && head.text.match?(ALWAYS_SO)))
        return true if spans.size > 3 && head.text.match?(HALF)
        return false unless spans.size > 3 && head.text.match?(/\A[[:upper:]][^.:!?,]{2,24}[.:]\z/) && text.tokens_in(head).none?(&:finite?) && !text.told?(head)

        head.text.split.one? || (head.text.split.size <= 3 && text.told?(spans[1]))
      end

      # "Around the depot. The depot has become a small town. ...": what the heading names stands in the middle.
      def of_middle?(text, spans)
        led = spans.size > 3 && spans.map { |s| Rivals.subject(text, s) } or return false
        Rivals.headed(text).include?(led.first) && led.count(led.first) == 1
      end

      ALL_OF_IT = /\A(?:(?:[[:upper:]]|and )[^.;]*? )?(?:everything|everyone|everybody)(?: [[:lower:]]+){0,4} (?:passes|goes|runs|comes|hangs|depends|turns|meets?|happens|ends up|starts?|begins?|leads?|needs|asks|knows)\b/i

      # "How a road was built: | surveyors marked the line": what it is about leads to the first.
      def unled(text, span)
        lead = span.text[/\A(?:how|why|what|here is how|this is how) [^:.?]{3,60}:\s+/i]
        lead ? text.span(span.from + lead.length, span.to) : span
      end

      # "Fold the sheet in half. Bring the corners to the middle. ...": where all tell what to do, the first one does too.
      def orders?(text, spans) = spans.size > 2 && spans.all? { |s| text.told?(s) }

      # "What could go wrong? The price may rise. ...": what is asked once, at the beginning, is what all the others answer.
      def asked?(text, spans) = spans.size > 3 && spans.first.text.end_with?("?") && text.string.count("?") == 1

      # Where a part that carries a point may hold another one.
      def faint(text, family, spans, chances)
        return [] if so_many?(text)

        Seams.faint(text, family).filter_map do |joint|
          at = spans.bsearch_index { |s| s.to > joint.to } or next
          Seams::Joint.new(**joint.to_h, chance: joint.chance * chances[at]) if spans[at].from < joint.from && chances[at] >= 0.5
        end
      end

      def cut(text, span, joints)
        return [span] if joints.empty?

        start = span.from
        joints.select { |j| j.from.between?(span.from, span.to) }.sort_by(&:from).map { |j| text.span(start, j.from).tap { start = j.to } } << text.span(start, span.to)
      end

      # A sentence that speaks on about what was just named.
      def goes_on?(span) = span.text.match?(Strays::BACK) && !span.text.match?(Strays::ASIDE)
    end
  end
end
