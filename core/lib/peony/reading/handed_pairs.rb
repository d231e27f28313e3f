# frozen_string_literal: true

module Peony
  module Reading
    # The unit of a bare number where two quantities go together again and again.
    module HandedPairs
      LINK = %r{\A\s*(?:to|by|–|-|in|of every|in every|out of|out of every|of|or|and|,|,? and|/|→|->)\s*(?:every\s+|the\s+|our\s+|my\s+|their\s+|its\s+|[£€$])?\z}

      # "Hours practised and wrong notes at the concert: Ida 2 and 31"
      FIRST_OF_TWO = /(?:\A|\n|[.:] )(?<noun>[[:alpha:]]{3,})\b[^.:\d\n]{0,60} and [^.:\d\n]{3,60}:/
      # "Wilf counted the slugs", "the fewer the moths"
      FEWER = /\bthe (?:more|fewer) (?:the )?([[:lower:]]+s|people|children)\b|\b(?:count|track|a record) of [^.;\d]{3,70},? and of the (?:[[:lower:]]+ )?([[:lower:]]+s)\b/
      AFTER = /\bafter \z/i
      # "Counted both the seconds for which he laughed and the foragers that left the hive"
      COUNTED_BOTH = /\b(?:counted|noted|measured|recorded|wrote down|kept count of) (?:both )?(?:the|how) [^.;]{3,70} and (?:the |how many )([[:lower:]]+s)\b/
      SECOND = /\band (?:[[:lower:]]+ )?([[:lower:]]+s)(?: (?:sold|made|lent|given|taken|bought|counted|seen|caught|read))?(?: (?:a|an|per|each|every|in|on|at) [^:.;\d]{2,20})?(?:, [^:.;\d]{2,24})?:/

      private

      # Where two quantities go together, each takes the unit of its place.
      def coupled
        couples = Couples.of(text, @list)
        %i[one two].each do |side|
          unit = written(couples, side) || (side == :two ? told_before(couples) || named_second(couples) || counted_second(couples) : named_first(couples)) || nil
          couples.map(&side).each { |q| q.unit = unit if q.unit.empty? && unit && !(unit == "%" && no_share?(q)) }
        end
        @other_side = other_side(couples)
        # "It cost 2 euros and we sold 140, at 3 only 75": what is counted beside money is no money.
        @bare = couples.map(&:two).select { |q| q.unit.empty? && Units.money?(couples.first.one.unit) }
      end

      # "200 metres away, got 14. Children at 900 metres had 15": the second is told in no unit.
      def only_one_measured?(couples)
        ones = couples.map(&:one)
        return false if @list.any? { |q| q.said && q.unit == ones.first&.unit && ones.none? { |one| one.equal?(q) } }

        ones.count(&:said) > 2 && Units::MEASURES.value?(ones.first.unit) && Couples.main(couples.map(&:two)).nil?
      end

      # As it is written: "4 grams", and then grams.
      def written(couples, side)
        unit = Couples.main(couples.map(&side))
        return couples.map(&side).find { |q| Couples.said(q) == unit }.unit if unit

        "times" if couples.first&.[](side)&.unit == "times"
      end

      # "We gave them none and measured 71 decibels. With ten biscuits it was 76": the second is what was measured right before.
      def told_before(couples)
        first = couples.first&.one or return nil
        before = @list.take_while { |q| q.from < first.from }.last
        return nil unless before&.said && first.said && first.from - before.to < Couples::NEAR

        before.unit if Units::MEASURES.value?(before.unit) && !HandedOn::TIME.include?(before.unit) && first.unit != before.unit
      end

      # "Age of the ewe and lambs a year, Pound Farm: 1 year, 1; 2 years, 2": the second is named in the line that leads them.
      def named_second(couples)
        first = couples.first&.one or return nil
        named = !first.said && named_first(couples)
        return nil unless first.said || named

        word = above(first)[SECOND, 1] || text.string[0...first.from][COUNTED_BOTH, 1]
        word if word && Words.plural?(word) && (named ? named != word : !HandedOn::TIME.include?(word) && !Units.measure?(word))
      end

      # "Hours practised and wrong notes at the concert: Ida 2 and 31, Tom 5 and 22": the first are hours.
      def named_first(couples)
        first = couples.first&.one or return nil
        return nil if first.said || couples.any? { |c| c.one.said }

        word = above(first)[FIRST_OF_TWO, :noun].to_s.downcase
        return "years" if %w[age ages].include?(word)

        Units::MEASURES[word] || (word if Words.plural?(word) && !HandedOn::VAGUE.include?(word) && !word.match?(HandedColumns::MEASURED))
      end

      def above(quantity) = "#{text.passage.heading}: #{text.before(quantity, 90)}"

      # "Wilf counted the slugs and read the rain gauge", "the fewer the moths", and then "with 5 mm there were nineteen".
      def counted_second(couples)
        first = couples.first&.one
        return nil unless first && Units::MEASURES.value?(couples.map { |c| c.one.unit }.find { |unit| unit != "" }) && couples.none? { |c| c.two.said }

        word = [HandedPlurals::HOW_MANY, FEWER].flat_map { |told| text.string[0...first.from].match(told)&.captures.to_a }.compact.first
        word if word && Words.plural?(word) && !HandedOn::VAGUE.include?(word)
      end

      # "After three months there were 340, after six 800": six months, and then 800.
      def lapsed
        @list.each_cons(2) do |q, following|
          next unless q.unit.empty? && text.string[q.to...following.from] == " " && text.before(q, 6).match?(AFTER)

          unit = @list.find { |o| o.from < q.from && HandedOn::TIME.include?(o.unit) && text.before(o, 6).match?(AFTER) }&.unit
          q.unit = unit if unit
        end
      end

      # "The old one hummed at 51 decibels and used 1.5 kWh; its successor manages with 34 and 0.4": in the same order.
      def in_turn
        ThenNow.old_and_new(text).each do |clauses|
          old, new = clauses.map { |s| @list.select { |q| q.from >= s.from && q.to <= s.to } }
          new.zip(old) { |q, before| q.unit = before.unit } if old.size > 1 && old.size == new.size && new.none?(&:said)
        end
      end

      # What is told of one side is not what the other side counts.
      def other_side(couples)
        mains = %i[one two].map { |side| Couples.main(couples.map(&side)) }
        return couples.each_with_object({}.compare_by_identity) { |c, all| all[c.two] = written(couples, :one) } if only_one_measured?(couples)

        # Only where nearly all numbers stand in couples, and one side is measured.
        return {} if mains.uniq.size < 2 || @list.size - (2 * couples.size) > 1 || mains.compact.any? { |unit| Units.counted?(unit) }

        couples.each_with_object({}.compare_by_identity) { |c, all| all.update(c.one => mains[1], c.two => mains[0]) }
      end

      # "10 to 15 km", "one in eight hives", "45, 30 and 20 %": a number without a unit takes that of the next.
      def linked
        @list.each_with_index.reverse_each do |q, i|
          following = @list[i + 1]
          # "To 93, one and a half times as many": by how much.
          next unless q.unit.empty? && following && following.unit != "" && !(following.unit == "times" && text.string[q.to, 2] == ", ")

          gap = text.string[q.to...following.from]
          q.unit = following.unit if gap.match?(LINK) && !alone?(q, following, gap)
        end
        @list.each_cons(2) { |one, other| other.unit = one.unit if other.unit.empty? && as_before?(one, text.string[one.to...other.from]) }
      end

      # "It rained for 19 hours | out of the | 72", "nothing costs between one euro | and | nine"
      def as_before?(one, gap)
        gap.match?(/\A out of (?:the )?\z/) || (one.said && Units.money?(one.unit) && gap.match?(/\A(?: [[:alpha:]]+)? and \z/) && text.before(one, 8).end_with?("between "))
      end

      # "3.9, and half of that": a fraction in words hands nothing on; nor does a single thing: "it was minus 7, and one glove was lost".
      def alone?(quantity, following, gap)
        # "An hour a day brought 34, three hours 39": the second of them leads a number of its own.
        return true if gap == ", " && text.string[following.to, 5].to_s.match?(/\A \d+\b/)
        # "Room for 80, €250": the mark of a currency stands before its own number.
        return true if gap == ", " && following.text.match?(/\A[£€$]/)
        # "Sixty, a third of them asleep"
        return true if following.unit == "%" && gap == ", " && text.string[following.to, 9].to_s.match?(/\A of (?:them|what|those|these|the)\b/)

        (following.unit == "%" && quantity.text.match?(/\d/) && following.text.match?(/\A\D+\z/)) || (following.value == 1 && following.text.match?(/\Aone\b/i) && gap.include?(","))
      end

      # "20 m and 84 loaves. With 55 m it was 110": where two units go together, the second number of a sentence has the other one.
      def paired(quantity, last)
        sentences = text.sentences
        at = sentences.index { |s| s.from <= quantity.from && quantity.to <= s.to }
        return nil if at.nil? || last.from < sentences[at].from || !(@said.include?(last) || led_by?(last, sentences[at])) || text.string[last.to...quantity.from].match?(/\b(?:to|from|now)\b/)

        earlier = @said.select { |q| q.to <= sentences[at].from && goes_with?(q) }
        together = sentences.first(at).map { |s| earlier.select { |q| q.from >= s.from && q.to <= s.to }.map(&:unit).uniq }
                            .find { |units| units.size == 2 && units.any? { |u| same?(u, last.unit) } }
        together&.find { |u| !same?(u, last.unit) }
      end

      def goes_with?(quantity) = quantity.unit != "%" && !passing?(quantity) && !how_many?(quantity)

      # "The longest of our four rivers": how many there are goes with nothing.
      def how_many?(quantity) = quantity.value <= 12 && text.before(quantity, 10).match?(/\bof (?:our|the|all|these|those|its) \z/)

      # "With six of them it took 35": two numbers that say no unit, the first of them counting what others counted in that place.
      def led_by?(last, sentence)
        told = @list.select { |q| q.from >= sentence.from && q.to <= sentence.to }
        told.size == 2 && told.first.equal?(last) && text.string[sentence.from...last.from].match?(/\A(?:and |but )?(?:with|for|at|from|when|after) (?:\w+ )?\z/i)
      end

      def same?(one, other) = (Units::SHORT[one] || one) == (Units::SHORT[other] || other)
    end
  end
end
