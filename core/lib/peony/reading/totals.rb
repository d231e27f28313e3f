# frozen_string_literal: true

module Peony
  module Reading
    # A total and the numbers that are said to make it: "took 190 calls … 61 … 34 … 17 … 48 … 22".
    module Totals
      Total = Struct.new(:whole, :parts, :sum, keyword_init: true) do
        # Rounding is not a contradiction: whole numbers are off by half of one, those with decimals by less.
        # "Just under twenty tonnes" may be nineteen and a half.
        def exact?
          near = whole.quantity.approximate && parts.any? && parts.all? { |m| m.quantity.from > whole.quantity.to } ? 0.04 : 0.005
          (sum - whole.value).abs <= [whole.value * near, parts.all? { |m| m.value.is_a?(Integer) } ? 0.5 : 0.1].max
        end

        def close? = (sum - whole.value).abs <= whole.value * 0.12
      end

      module_function

      # @param text [Reading::Text]
      # @return [Array<Total>] the whole among the first or the last, with at least two parts
      def of(text)
        # "Three in four of you" is no part of anything else.
        ratios = Ratios.direct(text).reject { |r| r.goal || first_of_all?(text, r) }.flat_map { |r| [r.part, r.whole] }
        numbers = amounts(text).reject { |m| m.unit == "%" || besides?(text, m) || ratios.any? { |q| q.equal?(m.quantity) } }
        money = numbers.select { |m| Units.money?(m.unit) }
        measured = numbers.group_by(&:unit).select { |unit, _| Units::MEASURES.value?(unit) && unit != "times" }.values
        counts = numbers - money - measured.flatten
        named = counts.group_by(&:unit).values.reject { |l| l.size == counts.size }
        found = [money, *measured, *named, counts].map { |list| headed(text, list) || total(text, list) }.push(called(text, numbers)).compact.reject { |t| by_chance?(text, t) }
        [found.find(&:exact?) || found.first].compact
      end

      # "6,000 sent, 5,400 delivered, 430 answered, 120 came, 45 joined": what falls from row to row and only nearly makes the first is no sum.
      def by_chance?(text, total)
        rows = [total.whole, *total.parts]
        total.sum != total.whole.value && total.parts.size > 2 && text.tree.size == rows.size && rows.each_cons(2).all? { |a, b| a.quantity.from < b.quantity.from && a.value > b.value }
      end

      # "45 out of 100 pupils walk, 25 cycle, 18 take the bus and 12 are driven": here the first of a ratio is the first of the parts.
      def first_of_all?(text, ratio)
        text.quantities.size > 3 && text.string[ratio.part.to...ratio.whole.from] == " out of " && (text.quantities.sum(&:value) - (2 * ratio.whole.value)).abs < 0.5
      end

      # "1,240 members, up from 1,085": what it was is no part of it.
      EARLIER = /\b(?:(?:up|down) from|compared (?:with|to)) (?:only |about )?\z/i

      # "In the last assembly the Farmers had 27" is of another time, and "5.50 euros for each order" of another whole.
      BEFORE = /\A(?:(?:in|at|under|with) the (?:last|previous|old|former)|last (?:year|season|month|time)|before that|the year before|a year (?:ago|earlier|before))\b/i
      # "Of every ten euros, six go on the roof", behind what was taken in all
      OF_EVERY = /\A(?:out )?of (?:every|each) /i
      # "The waiting list fell from 38 to 21"
      FELL = /#{HandedShares::ROSE_FROM} (?:about |only )?[£€$]?\d/
      FOR_EACH = /\A (?:(?:for|per) (?:each|every)|a piece|apiece)\b/

      def besides?(text, measure)
        from, to = measure.quantity.to_h.values_at(:from, :to)
        # "180 went to the three shops": how many there are of those is no part.
        return true if measure.value <= 12 && text.string[[0, from - 12].max...from].match?(/\b(?:to|by|from|in|at|for|with) (?:the|our|all|its|their) \z/i)
        return true if text.string[[0, from - 16].max...from].match?(EARLIER) || text.string[to, 12].to_s.match?(FOR_EACH)

        # "Fifty at lunch, of which 30 are queue"
        return true if text.before(measure.quantity, 10).match?(/\bof (?:which|whom) \z/) && text.measures.size > 4
        return true if of_one_part?(text, measure.quantity)
        # "A diary of one working week": what it was told of.
        return true if HandedOn::TIME.include?(measure.unit) && measure.quantity.text.match?(/\A(?:one|1|an?)\b/i) && text.string[[0, from - 8].max...from].match?(/\b(?:of|in|over|during) \z/)

        sentence = measure.sentence
        sentence.from.positive? && ([OF_EVERY, BEFORE, FELL].any? { |told| sentence.text.match?(told) } || of_those?(text, sentence))
      end

      # "Of the 480 letters 310 were opened, 120 of them were answered": some of a part.
      def of_one_part?(text, quantity)
        of_them = ->(q) { text.string[q.to, 10].to_s.match?(/\A of (?:them|those|these)\b/) }
        at = of_them[quantity] && text.quantities.index { |q| q.equal?(quantity) }
        before = at && at > 1 && text.quantities[at - 1]
        before && before.value > quantity.value && before.unit == quantity.unit && !of_them[before] && text.string[before.to...quantity.from].match?(/\A[^.;:]{0,40},\s\z/)
      end

      # "Of the 15, nine say that they have no time": behind the parts it tells one of them further.
      def of_those?(text, sentence)
        first = sentence.text.match?(/\Aof (?:the|those|these) (?:\d|#{Numbers::WORD})/io) && text.quantities_in(sentence).first
        first && text.quantities.drop(1).any? { |q| q.to <= sentence.from && q.value == first.value }
      end

      # Half of what was counted is so many of it: "They made it two hundred. Half of those were moths, forty-four footmen, and the rest ...".
      # @return [Array<Measures::Measure>]
      def amounts(text)
        list = in_one_scale(in_one_coin(text.measures))
        whole = list.find { |m| shared?(m.unit) && m.value > 2 && text.moments_in(m.span).none? } or return list
        list.map { |m| fraction?(text, m, whole) ? of_whole(m, whole) : m }
      end

      # Whether half of so many is worth telling in the same unit.
      def shared?(unit) = Units.counted?(unit) || Units.money?(unit) || %w[kg g tonnes litres m² hectares].include?(unit)

      COINS = { "cents" => %w[EUR USD], "pence" => %w[GBP] }.freeze

      # "Of every 10 euros 7.40 go into food, 70 cents into paper": seventy hundredths of one.
      def in_one_coin(list)
        money = list.map(&:unit).find { |unit| Units.money?(unit) } or return list
        list.map { |m| COINS.fetch(m.unit, []).include?(money) ? with(m, m.value / 100.0, money) : m }
      end

      # "Of the three hours an hour and a half goes on rowing, forty minutes on showers": all in the smallest of the units, where these measure the same.
      def in_one_scale(list)
        timed = list.select { |m| HandedOn::TIME.include?(m.unit) && Scales::OF.key?(m.unit) }
        return list if timed.size < 3 || timed.map(&:unit).uniq.one?

        small = timed.map(&:unit).min_by { |unit| Scales::OF[unit].last }
        list.map { |m| timed.include?(m) ? with(m, Scales.told_in(m, small), small) : m }
      end

      # "Half of them", "the district pays half,"
      OF_THOSE = /\A(?:[,;.]| and\b)|\A (?:of (?:them|those|these|that|this|it)\b|(?!(?:of|the|an?|as|our|their|his|her|its|my|your|all)\b)[[:lower:]]+ )/

      def fraction?(text, measure, whole)
        q = measure.quantity
        measure.unit == "%" && !q.text.match?(/\d/) && q.from > whole.quantity.to && text.string[q.to, 16].to_s.match?(OF_THOSE)
      end

      def of_whole(measure, whole)
        value = measure.value * whole.value / 100.0
        value = value.round if (value - value.round).abs < value * 0.002
        with(measure, value, whole.unit)
      end

      # "1,840 hectares. 920 are meadow, 510 wood and 260 fields": a part may be called by what it is, where all make the whole.
      def called(text, list)
        unit = list.first&.unit
        return nil unless list.size > 3 && Units::MEASURES.value?(unit) && list.drop(1).all? { |m| m.unit == unit || Units.counted?(m.unit) } && list.drop(1).any? { |m| m.unit == unit }

        total(text, list.map { |m| with(m, m.value, unit) })&.then { |made| made if made.whole.value == list.first.value && made.exact? }
      end

      def with(measure, value, unit) = measure.dup.tap { |m| m.quantity = m.quantity.dup.tap { |q| q.value = Numbers.plain(value) and q.unit = unit } }

      # "Where the hall's £12,000 goes" over its parts: the whole stands in the heading.
      def headed(text, list)
        return nil if list.size < 3

        sum = list.sum(&:value)
        whole = text.heading_quantities.find { |q| (q.unit == list.first.unit || !Units::MEASURES.value?(q.unit)) && (q.value - sum).abs <= sum * 0.005 } or return nil
        Total.new(whole: Measures::Measure.new(quantity: whole, span: text.span(0, 0), sentence: text.span(0, 0)), parts: list, sum: sum)
      end

      def total(text, list)
        return nil if list.size < 3

        tries = [list[0], list[1], list.last].map do |whole|
          parts = (list - [whole]).select { |m| m.value < whole.value && m.value.positive? }
          without_single(Total.new(whole: whole, parts: parts, sum: parts.sum(&:value)))
        end
        # "5.1 of the 9.8 tonnes", and the others make 4.7: what fits is no slip.
        tries = tries.select(&:exact?) if tries.any? { |t| t.exact? && t.parts.size > 2 && of_list?(t, list) }
        tries.find { |made| of_list?(made, list) && (made.exact? ? (made.parts.size > 2 && !below?(made, list)) || said?(text, made.whole) : slip?(text, made)) }
      end

      # All numbers are parts, but for one or two that stand in front.
      def of_list?(total, list)
        total.parts.size >= 2 && total.parts.size >= list.size - 2 && (list - total.parts - [total.whole]).all? { |m| list.index(m) < 2 }
      end

      # "61 gloves, 34 umbrellas, 19 glasses, 12 hats, 3 teeth": that the last three make the second is chance.
      def below?(total, list) = list.first.value > total.whole.value && [list.first, total.whole].all? { |m| Units.counted?(m.unit) } && list.each_cons(2).all? { |a, b| a.value > b.value }

      # Parts that should make the whole and nearly do. "Of 10,000 guests 6,200 enter the shop, 2,900 pick something up, 1,450 buy, ..." are each of those before.
      def slip?(text, total)
        fewer = total.sum > total.whole.value && total.parts.size > 3 && [total.whole, *total.parts].map(&:value).each_cons(2).all? { |a, b| a > b }
        !fewer && total.close? && said?(text, total.whole, total.parts) && !open?(text, total)
      end

      # "100 voices, one sound: 36 sopranos, 29 altos ...": a single thing besides is no part.
      def without_single(total)
        single = total.parts.find { |m| m.value == 1 }
        single && total.sum - 1 == total.whole.value ? Total.new(whole: total.whole, parts: total.parts - [single], sum: total.sum - 1) : total
      end

      # A total whose last part is a single thing without a number: "five fishermen, four …, two … and the coxswain" of twelve.
      # @return [Total, nil] its sum is one less than the whole
      def lacking(text)
        list = text.measures.reject { |m| m.unit == "%" }
        return nil if list.size < 3

        made = Total.new(whole: list.first, parts: list.drop(1), sum: list.drop(1).sum(&:value))
        made if made.parts.all? { |m| m.value < made.whole.value && m.value.positive? } && made.whole.value - made.sum == 1 && said?(text, made.whole, made.parts) && open?(text, made)
      end

      # A sum that is named before its parts, of which the last is what is left: "Of the £2,400 the tent cost £900, the band £600, and the rest …".
      # @return [Total, nil] its sum is less than the whole
      def leaving(text, rest)
        return nil unless (last = text.sentences.rindex { |s| s.text.match?(rest) })

        list = amounts(text).reject { |m| m.unit == "%" }
        halved = list.size > text.measures.count { |m| m.unit != "%" }
        # "And the rest was odd socks and one whole boot": what it was, not how much.
        list = list.reject { |m| m.value == 1 && m.quantity.from > text.sentences[last].from && Units.counted?(m.unit) && m.unit != list.first.unit }
        return nil if list.size < 3

        made = Total.new(whole: list.first, parts: list.drop(1), sum: list.drop(1).sum(&:value))
        return nil if made.parts.any? { |m| !alike?(m, made) || !m.value.positive? || m.quantity.from > text.sentences[last].to }

        after = text.span(made.parts.last.quantity.to, text.string.length)
        spent = text.string[made.whole.sentence.from...made.whole.quantity.from].match?(/#{AMONG}|#{COST}/o) || halved
        made if made.sum < made.whole.value && spent && text.quantities_in(after).all? { |q| q.value == 1 }
      end

      # "3,412 pieces ... 1,190 were cigarette ends, 640 bottle tops": what is counted may be called by what it is.
      def alike?(measure, total) = measure.unit == total.whole.unit || (total.parts.size > 2 && [measure, total.whole].all? { |m| Units.counted?(m.unit) })

      # Whether further parts are named without a number, so that less than the whole is no wonder.
      def open?(text, total)
        return false if total.sum > total.whole.value

        # "... four in the galley because of the chips. And the cat."
        return true if text.string[total.parts.last.sentence.to..].to_s.match?(/\A\s*And (?:the|a|an|some|one)\b/)

        # "Cake came to £210. The rest went on a new catch."
        return true if total.sum < total.whole.value && text.string[total.parts.last.quantity.to..].match?(CountedParts::REST)

        span = total.parts.last.sentence
        text.string[total.parts.last.quantity.to...span.to].to_s.match?(/,? and (?:the|a|an|some|one)\b|\brest\b|\bothers\b/)
      end

      SAID = /\b(?:in all|altogether|in total|total|that was all|all of (?:it|the)|where all|between them|together|sit on|makes? up|are made up)\b/i
      COST = /\b(?:costs?|spent|raised|picked up|collected|found|counted|has|had|have|received|budget|income|altogether|there (?:are|were)|(?:pocket money|wages?|pay|pension|grant|prize|takings|whole [[:lower:]]+) (?:is|was|are|were))(?: \w+)? \z/i
      AMONG = /\A(?:of|out of) (?:the |our |all |its |every |each |(?:last|this) (?:year|month|week|season)['’]s )*\z|\A(?:every|each) \z/i

      # @return [Boolean] whether the words say that this number is the whole of the parts
      def said?(text, measure, parts = nil)
        q = measure.quantity
        return true if text.string[[0, q.from - 40].max...[q.to + 60, text.string.length].min].match?(SAID) || text.string[measure.sentence.from...q.from].match?(AMONG)

        # "The fair took 1,200 euros: 500 from cakes, 420 …": what stands before a colon is what they make.
        return true if parts && text.string[q.to, 24].to_s.match?(/\A(?: [[:lower:]]+)?: /) && parts.all? { |m| m.quantity.from > q.to && m.sentence.from == measure.sentence.from }

        # "Our five stations took 190 calls", and five numbers follow.
        !parts.nil? && text.quantities.any? { |o| o.to <= q.from && q.from - o.to < 40 && o.value == parts.size && parts.none? { |m| m.quantity.equal?(o) } }
      end
    end
  end
end
