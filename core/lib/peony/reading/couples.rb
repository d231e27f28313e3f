# frozen_string_literal: true

module Peony
  module Reading
    # Two quantities that are told together again and again: "20 m ... 84 loaves. With 55 m it was 110 ..." Numbers are taken two by two in
    # order; those that name their unit must agree with the others in their place.
    module Couples
      Couple = Struct.new(:one, :two, keyword_init: true)

      LEAST = 3
      # Numbers of one couple stand close together.
      NEAR = 110

      module_function

      # @param text [Reading::Text]
      # @param list [Array<Quantity>] in order; a unit that was not said may be empty
      # @return [Array<Couple>] at least three, or none
      def of(text, list)
        return [] if list.size < LEAST * 2

        list = list.reject { |q| (q.approximate && q.value < 2) || all_of?(text, q) || Ladder.out_of?(text, q) || (HandedOn.passing?(text, q) && !aged?(text, q)) }
        found = [list.reject { |q| HandedOn.passing?(text, q) }, list].uniq.flat_map { |l| tries(l) }.filter_map { |part| couples(text, part) }
        found.max_by.with_index { |couples, i| [couples.size, -torn(text, couples), -i] } || []
      end

      # How many of the couples a stop or a comma parts: of two ways to couple them the one that parts fewer is meant, and a stop parts more than a comma ("€5, 140; €8, 122").
      def torn(text, couples)
        couples.sum do |c|
          gap = text.string[c.one.to...c.two.from]
          next 2 if gap.match?(/[.!?;]\s/)

          gap.match?(/,\s/) ? 1 : 0
        end
      end

      # "Two in the one planted thirty years ago": how old it is goes with what it has.
      def aged?(text, quantity) = text.string[quantity.to, 12].to_s.match?(/\A(?: years)? ago\b/) && text.before(quantity, 14).match?(BEGUN)
      BEGUN = /\b(?:planted|built|bought|born|laid|made|sown|opened|founded) (?:about |some )?\z/

      # One or two numbers in front of the couples, or one behind them, may be no half of one.
      def tries(list) = (0..[2, list.size].min).to_a.product([0, 1]).map { |skip, cut| list[skip..].to_a[0..-(cut + 1)].to_a }

      # "14 litres from the nine of them": how many there are is told besides.
      def all_of?(text, quantity)
        return false unless text.before(quantity, 4) == "the "

        behind = text.string[quantity.to, 9].to_s
        # "The two from the outer farm, with 3,400 metres, scored 19"
        behind.match?(/\A of (?:them|us)\b/) || (quantity.text.match?(/\A[[:alpha:]]+\z/) && behind.match?(/\A (?:from|in|at|who) /))
      end

      def couples(text, list)
        list = list[0..-2] if list.size.odd?
        return nil if list.size < LEAST * 2

        pairs = list.each_slice(2).to_a
        return nil unless pairs.all? { |a, b| near?(text, a, b) }

        pairs.map { |a, b| Couple.new(one: a, two: b) } if told_apart?(text, pairs) || interleaved?(text, pairs) || regular?(text, pairs) || by_sentence?(text, pairs)
      end

      # Each side keeps to one unit, at least one of them says so often enough, and neither takes the other's.
      def told_apart?(text, pairs)
        sides = [pairs.map(&:first), pairs.map(&:last)]
        return false unless close?(text, pairs)
        return true if measured_and_counted?(sides)
        return false unless sides.all? { |side| agree?(side) } && (often_said?(sides, pairs.size) || once_for_all?(text, pairs))

        one, two = sides.map { |side| side.filter_map { |q| kind(q) }.tally.max_by(&:last)&.first }
        one != two && pairs.none? { |a, b| (two && kind(a) == two) || (one && kind(b) == one) }
      end

      def often_said?(sides, size) = sides.map { |side| side.count { |q| said(q) } }.max >= [2, size / 2.0].max

      # "16 degrees, and there were nine people. At 18 came 21, at twenty thirty-four": every one is measured alike, and every other counts.
      def measured_and_counted?(sides)
        measured, counted = sides.sort_by { |side| side.count { |q| Units.counted?(q.unit) } }
        measured.map(&:unit).uniq.one? && Units::MEASURES.value?(measured.first.unit) && counted.all? { |q| Units.counted?(q.unit) } && sides.all? { |side| side.any? { |q| said(q) } }
      end

      # "Two cooks took 40 minutes. Three needed 28 and four 22": the first couple says both units, and no other says one.
      # "Six moved away, four found the pay too low": what a comma parts is no couple.
      def once_for_all?(text, pairs)
        pairs.first.all? { |q| said(q) } && pairs.drop(1).all? { |a, b| [a, b].none? { |q| said(q) } && !text.string[a.to...b.from].include?(", ") }
      end

      # Most couples stand in one sentence.
      def close?(text, pairs) = pairs.count { |a, b| !text.string[a.to...b.from].match?(/[.!?]\s/) } >= pairs.size * 0.7

      # Units are hardly said, but both sides only rise or only fall: "with 1 trap 40, with 3 traps 22, with 6 traps 9".
      def interleaved?(text, pairs)
        sides = [pairs.map(&:first), pairs.map(&:last)]
        units = sides.map { |side| side.filter_map { |q| said(q) }.uniq }
        # What only falls is a ranking.
        return false if steady?(pairs.flatten.map(&:value))

        # "Halm 97, Brool 31. Brool has only forty people": what is told behind the row is no half of a couple.
        return false if pairs.any? { |a, b| text.string[a.to...b.from].match?(/[.!?]\s/) }

        units.sum(&:size).positive? && !units[0].intersect?(units[1]) && units.all? { |u| u.size <= 1 } && sides.all? { |side| steady?(side.map(&:value)) }
      end

      # "Released at 2 m it ran for 11 m. From 4 m it ran 19": one unit on both sides, but a couple in each sentence, and both only rise or fall.
      def by_sentence?(text, pairs)
        sides = [pairs.map(&:first), pairs.map(&:last)]
        return false unless sides.all? { |side| agree?(side) && steady?(side.map(&:value)) && side.map(&:value).uniq.size == side.size }

        clauses = text.sentences.flat_map { |s| Sentences.clauses(s, /,\s+(?:and|but) /) }
        pairs.all? { |a, b| clauses.any? { |s| s.from <= a.from && b.to <= s.to && text.string[a.to...b.from].match?(/\b[a-z]+(?:ed|s|t|n|d)?\b/) } } &&
          pairs.flatten.map { |q| clauses.index { |s| s.from <= q.from && q.to <= s.to } }.uniq.size == pairs.size
      end

      # "Ida 2 and 31, Tom 5 and 22, Wen 9 and 12": a name and its two numbers, again and again, under a head that says what both are.
      def regular?(text, pairs)
        inner = pairs.map { |a, b| text.string[a.to...b.from] }.uniq
        between = pairs.each_cons(2).map { |(_, b), (c, _)| text.string[b.to...c.from] }
        inner.one? && inner.first.match?(%r{\A(?: and |, | / )\z}) && between.all? { |gap| gap.match?(/\A[,;.]\s+(?:and )?[[:upper:]][^\d.;]{1,24}\z/) }
      end

      def steady?(values) = values.uniq.size >= values.size - 1 && [values, values.reverse].any? { |v| v.each_cons(2).all? { |a, b| a <= b } }

      # One sentence, or two short ones; not "from … to" and not "one in six".
      def near?(text, one, two)
        gap = text.string[one.to...two.from]
        gap.length <= NEAR && gap.scan(/[.!?]\s/).size <= 1 && !gap.include?("\n") && !gap.match?(/\A\s*(?:to|by|in|out of|of the|of every)\s+\S*\z/)
      end

      def agree?(side) = side.filter_map { |q| kind(q) }.then { |units| units.empty? || units.tally.values.max >= units.size * 0.7 }
      LENGTHS = %w[m km cm mm miles yards feet].freeze

      # Metres and kilometres measure alike.
      def kind(quantity)
        unit = said(quantity)
        return "length" if LENGTHS.include?(unit)

        %w[seconds minutes hours].include?(unit) ? "time" : unit
      end

      def main(side) = side.filter_map { |q| said(q) }.tally.max_by(&:last)&.first
      def said(quantity) = quantity.said && !["", "times", "things"].include?(quantity.unit) ? (Units::SHORT[quantity.unit] || quantity.unit) : nil
    end
  end
end
