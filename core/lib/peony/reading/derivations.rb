# frozen_string_literal: true

module Peony
  module Reading
    # Numbers that are not in the words but follow from them: what each of the likely families would want to show.
    module Derivations
      FAMILIES = { "parts" => :parts, "ranking" => :ranking, "trend" => :trend, "funnel" => :funnel, "overlap" => :overlap, "headline" => :rates, "comparison" => :comparison }.freeze
      LIKELY = 3
      # What a family that is hardly likely would show follows from nothing that was meant.
      SURE = 0.05
      # Families in which two numbers of one kind are one that changed.
      CHANGING = %w[change comparison headline opposition ratio].freeze

      module_function

      # @param text [Reading::Text]
      # @param findings [Array<Finding>] best first
      # @return [Array<Derived>]
      def of(text, findings)
        likely = findings.first(LIKELY).select.with_index { |f, i| i.zero? || f.fit >= SURE }
        by_family = likely.filter_map { |f| FAMILIES[f.family] && send(FAMILIES[f.family], text, f) }.flatten
        [*ratios(text), *(changes(text) if changing?(findings)), *by_family]
      end

      def changing?(findings) = findings.any? && (CHANGING.include?(findings.first.family) || findings.first(LIKELY).any? { |f| f.family == "change" && f.fit >= 0.1 })

      # The share, and for a goal what is still missing.
      def ratios(text)
        Ratios.of(text).flat_map { |r| [Arithmetic.share(r.part, r.whole), (Arithmetic.difference(r.part, r.whole) if r.goal || (r.part.unit == r.whole.unit && r.whole.value > 12))].compact }
      end

      # The change in per cent and the difference.
      def changes(text)
        text.changes.flat_map do |pair|
          one, two = Scales.common(pair.one, pair.two)
          one.value.zero? ? [] : [change(one, two), Arithmetic.difference(one, two)].compact
        end
      end

      # What is left to 100 %, or the share of each count in its total.
      def parts(text, finding)
        # A share that was itself worked out as what is left is no part of the working.
        values = finding.items.filter_map { |i| i.value if i.unit == "%" && i.spans.any? { |s| told?(text, text.quantities_in(s), i.value) } }
        if values.size >= 2 && values.size >= finding.items.size - 1
          sum = values.sum
          return [] unless sum.between?(20, 98.9)

          return [Derived.new(value: Numbers.plain((100 - sum).round(1)), unit: "%", working: "100 − #{values.map { |v| Arithmetic.show(v) }.join(' − ')}", from: 0, to: text.string.length)]
        end
        total = text.totals.first
        total ? total.parts.map { |m| Arithmetic.share(m.quantity, total.whole.quantity) } : by_sum(finding)
      end

      # In so many words, or as "one in five".
      def told?(text, list, share) = (list + Ratios.in_hundred(text, list)).any? { |q| q.value == share }

      # "three parts heather, two parts bramble": the share of each in their sum.
      def by_sum(finding)
        values = finding.items.filter_map(&:value)
        sum = values.sum.to_f
        return [] if sum.zero? || values.size < 2 || values.size < finding.items.size

        finding.items.map do |i|
          Derived.new(value: Numbers.plain((100.0 * i.value / sum).round(1)), unit: "%", working: "#{Arithmetic.show(i.value)} ÷ #{Arithmetic.show(sum)}",
                      from: i.spans.first.from, to: i.spans.first.to)
        end
      end

      # The sum, where no total is named.
      def ranking(text, _finding)
        list = text.ladder.map(&:quantity)
        return [] if list.size < 3 || list.first.unit == "%"

        sum = list.sum(&:value)
        [Derived.new(value: Numbers.plain(sum.round(2)), unit: list.first.unit, working: list.map { |q| Arithmetic.show(q.value) }.join(" + ").to_s, from: list.first.from, to: list.last.to)]
      end

      # From the first to the last point; the yearly growth where the points are years.
      def trend(text, finding)
        list = quantities(finding)
        return [] if list.size < 3

        first = list.first
        last = list.last
        [Arithmetic.difference(first, last), (change(first, last) unless first.value.zero?), *growth(finding, first, last), *ranking(text, finding)].compact
      end

      # @return [Derived, nil] nil on a scale without a zero
      def change(one, two)
        return nil unless Units.ratio?(one.unit)

        Arithmetic.derive((100.0 * (two.value - one.value) / one.value).abs, "%", "(#{Arithmetic.show(two.value)} − #{Arithmetic.show(one.value)}) ÷ #{Arithmetic.show(one.value)}", one, two)
      end

      # Compound annual growth: (last / first) ^ (1 / years) − 1.
      def growth(finding, first, last)
        sorts = finding.items.filter_map(&:sort)
        years = sorts.size >= 3 ? (sorts.last - sorts.first).round : 0
        # From 2100 on they only stand in order: "this spring" has no year.
        return [] unless years >= 2 && sorts.first > 1000 && sorts.last < 2100 && first.value.positive? && last.value.positive?

        rate = (((last.value.to_f / first.value)**(1.0 / years)) - 1) * 100
        [Arithmetic.derive(rate.abs, "% a year", "(#{Arithmetic.show(last.value)} ÷ #{Arithmetic.show(first.value)}) ^ (1 ÷ #{years}) − 1", first, last)]
      end

      def quantities(finding)
        finding.items.select(&:value).map { |i| Quantity.new(value: i.value, unit: i.unit.to_s, from: i.spans.first.from, to: i.spans.first.to) }
      end

      # How many of one stage reach the next, and of the first the last.
      def funnel(_text, finding)
        stages = quantities(finding)
        stages.each_cons(2).map { |a, b| Arithmetic.share(b, a) } + (stages.size > 2 ? [Arithmetic.share(stages.last, stages.first), Arithmetic.share(stages.last, stages[1])] : [])
      end

      # Each group without those in both, and all together; where the groups are said to be "only" in one, they just add up.
      def overlap(text, finding)
        values = finding.items.select(&:value)
        return [] unless values.size == 3

        one, two, both = quantities(finding)
        plus = [one, two, both].map { |q| Arithmetic.show(q.value) }
        return [Arithmetic.derive([one, two, both].sum(&:value), one.unit, plus.join(" + "), one, both)] if text.all_words.match?(/\b(?:only|alone)\b/)
        return [] unless both.value < [one.value, two.value].min

        all = Arithmetic.derive(one.value + two.value - both.value, one.unit, "#{plus[0]} + #{plus[1]} − #{plus[2]}", one, both)
        [Arithmetic.difference(one, both), Arithmetic.difference(two, both), all]
      end

      # How many times one number goes into another where a rate is spoken of: "46 Saturdays ... each time".
      def rates(text, _finding)
        text.string.match?(/\b(?:each time|on average|apiece|every time|a (?:day|week|night))\b/i) ? Contradictions.rates(text).filter_map(&:right) : []
      end

      def comparison(text, _finding)
        text.quantities.group_by(&:unit).values.select { |l| l.size == 2 && Units.money?(l.first.unit) }.map { |a, b| Arithmetic.difference(a, b) }
      end
    end
  end
end
