# frozen_string_literal: true

module Peony
  module Reading
    # The numbers of a passage that can be set against each other: those of the unit that comes most often, without totals.
    module Ladder
      module_function

      # @param text [Reading::Text]
      # @return [Array<Measures::Measure>] in the order of the text
      def of(text)
        bare = bare(text)
        return bare if bare.any?

        all = Totals.in_one_coin(text.measures.reject { |m| apart?(text, m.quantity) })
        # "Four minutes exactly. Ivo: 190 seconds": where all is told by time, it is told in one unit.
        all = Totals.in_one_scale(all) if all.all? { |m| HandedOn::TIME.include?(m.unit) }
        all = without_times(all)
        all = in_usual_step(all) if text.moments.size >= all.size - 1
        unit, list = all.group_by(&:unit).max_by { |_, l| l.size }
        return [counted(text), fallen(text)].find(&:any?) || [] if list.nil? || list.size < 3

        list = list.reject { |m| whole?(text, m, list) }
        first = list.map { |m| row(text, m) }
        list.each_with_index.reject { |_, i| text.tree.size >= 2 && first.index(first[i]) < i && first[i] }.map(&:first).then { |l| unit.nil? ? [] : l }
      end

      # "140 cm in 1984, two metres ten in 1996": told in the step that most are told in.
      def in_usual_step(list)
        usual, often = list.map(&:unit).tally.max_by(&:last)
        return list unless often.to_i > 2 && Scales::OF.key?(usual) && !HandedOn::TIME.include?(usual)

        list.map { |m| m.unit != usual && Scales.alike?(m.unit, usual) ? Totals.with(m, Scales.told_in(m, usual), usual) : m }
      end

      # What stands in no row with others: few and rough, a limit, what could be had, part of another.
      def apart?(text, quantity) = (quantity.approximate && quantity.value < 3) || limit?(text, quantity) || out_of?(text, quantity) || some_of?(text, quantity) || told_of_it?(text, quantity)

      # "It made 230,000, on seven kilometres of track": on what.
      def on_what?(text, quantity) = text.before(quantity, 8).match?(/, (?:on|along|over) \z/) && text.string[quantity.to, 40].to_s.match?(/\A [[:lower:]]+ of [[:lower:]]+[,.]/)

      # "A ten-euro ticket", "on seven kilometres of track": of what sort it is, and on what.
      def told_of_it?(text, quantity) = of_what_sort?(text, quantity) || on_what?(text, quantity)

      # "A ten-euro ticket": what sort it is.
      def of_what_sort?(text, quantity) = Units.money?(quantity.unit) && text.string[quantity.to] == "-"

      # "Which flooded twice": how often is not what is ranked, unless all is told so.
      def without_times(list) = list.count { |m| m.unit == "times" } >= 3 ? list : list.reject { |m| m.unit == "times" }

      # "Above 65 nobody can telephone", "between 6 and 25": no value of its own.
      def limit?(text, quantity)
        before = text.before(quantity, 24)
        before.match?(/(?:\A|[.!?] )(?:above|below|beyond) \z/i) || before.match?(/\bbetween \z/i) || before.match?(/\bbetween \d[\d.,]* and \z/i)
      end

      # "8.4 points out of ten": what could be had is not set against what was.
      def out_of?(text, quantity) = text.before(quantity, 8).end_with?("out of ")

      # "152, though two of those are only painted": part of a number that was told is not set against the others.
      def some_of?(text, quantity)
        before = text.before(quantity, 18)
        # "Kitchen: 9, of which 7 are mugs"
        return true if before.match?(/,\s+of which (?:only |just )?\z/) || Turned.aside?(text, quantity)
        # "Twenty-nine, eleven of which were the same book"
        return true if before.match?(/,\s+\z/) && text.string[quantity.to, 9].to_s.match?(/\A of wh(?:ich|om)\b/)

        Turned.some_of?(text, quantity) && before.match?(/,\s+(?:though|but|of which|if)\s+(?:only |just )?\z/)
      end

      # Entries with one plain number each: whatever the words beside it seem to count, all count the same.
      def bare(text)
        return [] if text.tree.size < 3 || text.tree.any? { |n| n.children.any? }

        found = text.tree.map { |n| text.measures.select { |m| n.span.from <= m.quantity.from && m.quantity.to <= n.span.to } }
        # One of them may name what all count: "Sourdough: 2,150 loaves", "Rye: 1,480".
        said = found.flatten.select { |m| m.quantity.said }
        return [] unless found.all? { |l| l.size == 1 } && said.size <= 1 && said.all? { |m| Units.counted?(m.unit) }

        list = found.flatten
        list.map(&:unit).uniq.size > 1 ? list : []
      end

      # "We sold | 48 mugs", "there were | 48"
      LED_IN = /\A.{0,4}\z|\A(?:We|I|They|You|There|It|She|He)(?: (?:have|had|has))? [[:lower:]]+ \z/m
      # "640 starlings, 212 rooks, 97 gulls": different things, each led by its number, that only rise or only fall.
      def counted(text)
        list = text.measures.select { |m| Units.counted?(m.unit) && text.string[m.span.from...m.quantity.from].match?(LED_IN) && m.quantity.text.match?(/\A\d/) }
        values = list.map(&:value)
        steady = values.each_cons(2).all? { |a, b| a >= b } || values.each_cons(2).all? { |a, b| a <= b }
        list.size >= 3 && list.map(&:unit).uniq.size == list.size && list.size >= text.measures.size - 1 && steady && list.map(&:sentence).uniq.size == 1 ? list : []
      end

      # "412 limes, planes come next with 287, there are 94 birches": counts of all sorts that only fall, where an order is told.
      def fallen(text)
        list = text.measures.select { |m| Units.counted?(m.unit) || m.unit == "times" }
        list.size >= 3 && list.size == text.measures.size && text.cues[:rank].positive? && list.map(&:value).each_cons(2).all? { |a, b| a >= b } ? list : []
      end

      # Only one number of a row counts.
      def row(text, measure) = text.tree.index { |n| n.span.from <= measure.quantity.from && measure.quantity.to <= n.span.to }

      def whole?(text, measure, list)
        return true if text.moments.size < list.size && text.totals.any? { |t| t.whole.quantity.equal?(measure.quantity) && t.parts.size >= 3 }

        others = list - [measure]
        sum = others.sum(&:value)
        measure.value >= others.map(&:value).max && others.size >= 2 && ((measure.value - sum).abs <= measure.value * 0.12) && Totals.said?(text, measure)
      end
    end
  end
end
