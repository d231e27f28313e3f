# frozen_string_literal: true

module Peony
  module Reading
    # Two values of one quantity: "from 14 minutes to 5", "48 kg a week … 30 kg", "9 people, now 3".
    module Pairs
      Pair = Struct.new(:one, :two, :name, :from, :to, keyword_init: true)

      CLAUSES = /;\s+|,\s+(?:and|while|whereas|but)\s+|,\s+(?=[^,;.]{2,40}\sfrom\b)|,\s+(?=[^,;.\d]{3,40}\d[^,;.]{0,24}\binstead of\b)|,\s+(?=[^,;.\d]{3,40} [£€$]?\d[\d,.]*(?: of \d+)? \((?:was|were|formerly) )|:\s+|\.\s+|\s+and\s+(?=[^,;.\d]{3,40}\bfrom\b)/

      module_function

      # @param text [Reading::Text]
      # @return [Array<Pair>] each with what changed
      def changes(text)
        found = groups(text).filter_map { |stretch, list| pair(text, stretch, list) }
        found = (across(text) + since_then(text)).uniq { |p| [p.one, p.two] }.reject { |p| found.any? { |f| [f.one, f.two].intersect?([p.one, p.two]) } } + found
        found += Rates.turned(text).reject { |p| found.any? { |f| f.one.from < p.two.to && p.one.from < f.two.to } }
        found += further(text, found) if found.any?
        found += Unchanged.in(text, found.flat_map { |p| [p.one, p.two] }) if found.any?
        found.sort_by(&:from)
      end

      # Without a change that is said outright, all numbers must come in twos, and something must tell that time has gone by.
      # @return [Array<Pair>]
      def implied(text)
        return [] if text.cues.values_at(:before_now, :rose_fell).sum.zero?

        pairs = further(text, [])
        pairs.size * 2 < numbers(text, text.span(0, text.string.length)).size - 1 ? [] : pairs
      end

      # Two alike numbers of one sentence, or one each of two that follow each other: beside a change that is said they are another.
      def further(text, found)
        return [] if text.tree.size >= 2

        taken = found.flat_map { |p| [p.one, p.two] }
        lists = text.sentences.map { |s| [s, numbers(text, s)] }.map { |s, list| [s, list.intersect?(taken) ? [] : list] }
        pairs = []
        lists.each_with_index do |(sentence, list), i|
          following, after = lists[i + 1]
          two = list.size == 1 && after&.size == 1 ? [list[0], after[0]] : list
          next unless two.size == 2 && alike?(*two) && same_measure?(*two) && two.none? { |q| Turned.some_of?(text, q) }

          gap = text.string[two[0].to...two[1].from]
          next if gap.match?(WITHIN) || Turned.how_long_and_when?(gap, *two)

          pairs << made(text, *two, ChangeNames.of(text, sentence, two[0]), sentence.from, (list.size == 1 ? following : sentence).to)
          lists[i + 1] = [following, []] if list.size == 1
        end
        pairs
      end

      # "£3.20, or £2.90 if you pay for the month", "7 in 10 children": one or the other, or so many of so many.
      def choice?(text, pair)
        one, two = [pair.one, pair.two].sort_by(&:from)
        text.string[one.to...two.from].match?(/\A(?:,? or (?:only |just )?[£€$]?| in | out of )\z/)
      end

      # "Three in seven", "300 metres in the first 8 km"
      WITHIN = /#{Ratios::IN}|\bin the (?:first|last|next) \z/

      # What is counted or measured in a stretch: no time that goes by, no fraction in words, no small rough number.
      def numbers(text, span)
        text.quantities_in(span).reject { |q| Turned.no_value?(text, q) || (q.approximate && q.value < 3) || (q.unit == "%" && !q.text.match?(/\d/)) || HandedOn.passing?(text, q) }
      end

      # Quantities of one entry, or of one clause group of a sentence.
      def groups(text)
        spans = text.tree.size >= 2 ? text.tree.map(&:span) : text.sentences.flat_map { |s| parted(text, s) }
        spans.map { |s| [s, text.quantities_in(s).reject { |q| (q.approximate && q.value < 3) || Turned.no_value?(text, q) || ago?(text, q) }] }
      end

      # "Told two winters ago to do something": when it was.
      def ago?(text, quantity) = HandedOn.passing?(text, quantity) && text.string[quantity.to, 16].to_s.match?(/\A(?: [[:lower:]]+)? ago\b/)

      # "22 children to 37, and the number of books lost fell from 19 to 12": a break is one that leaves two values on each side.
      def parted(text, sentence)
        rows = TurnedRows.of(text)
        text.clauses(sentence, rows.size >= 2 ? /;\s+|,\s+(?:and\s+)?|:\s+/ : CLAUSES) do |before, clause|
          [before, clause].all? { |s| rows.any? { |q| s.from <= q.from && q.to <= s.to } || text.quantities_in(s).count { |q| q.unit != "%" } >= 2 }
        end
      end

      def pair(text, stretch, list)
        ends = text.tree.size >= 2 && list.size > 2 ? dated_ends(text, list) : nil
        return made(text, *ends, ChangeNames.of(text, stretch, ends.first), stretch.from, stretch.to) if ends

        ends = of_wholes(text, list)
        return made(text, *ends, ChangeNames.of(text, stretch, ends.last), stretch.from, stretch.to) if ends

        one, two = list.combination(2).find { |a, b| (alike?(a, b) || so_often?(text, a, b)) && Turned.is?(text, stretch, a, b) }
        return nil unless one

        two = last_of_run(text, two, list)
        first = begun(text, one)
        stretch = text.span(text.sentences.find { |s| s.to >= first.to }.from, stretch.to) and one = first if first
        made(text, one, two, ChangeNames.of(text, stretch, one), stretch.from, stretch.to)
      end

      # "88 of 96 (was 51 of 90)": what became of so many, and not of how many.
      # @return [Array(Quantity, Quantity), nil] the earlier and the later one
      def of_wholes(text, list)
        list.each_cons(4) do |now, whole, before, other|
          gaps = [now, whole, before, other].each_cons(2).map { |a, b| text.string[a.to...b.from] }
          return [before, now] if gaps[0] == " of " && gaps[2] == " of " && gaps[1].match?(WAS_OF)
        end
        nil
      end
      WAS_OF = /\A(?: [[:lower:]]+)?(?:, | \()(?:was|were|formerly|before) \z/

      # "It was 6 per cent, then 9, 14, 22 and last year 28": what it has become is told last.
      def last_of_run(text, two, list)
        run = [two, *list.drop_while { |q| q.from <= two.from }].slice_when { |a, b| a.unit != b.unit || !text.string[a.to...b.from].match?(GOES_ON) }.first
        run.size > 2 ? run.last : two
      end

      GOES_ON = /\A(?:,|,? and)(?: then)? (?:(?:last|this) [[:lower:]]+ )?\z/

      # "A visitor asked the way 3.4 times; | it is 0.7 times now"
      IT_IS = /\A(?: times)?[;,.] (?:and |but )?(?:it|they|that) (?:is|are) (?:only |just |now )?\z/

      # "We posted 22 times instead of 30", "went out 1,240 times, up from 980", "They complained forty times a year; last year it was three times"
      def so_often?(text, one, two)
        return false unless one.unit == "times" && ["times", ""].include?(two.unit)

        gap = text.string[one.to...two.from]
        Turned.by_gap?(gap) || gap.match?(IT_IS) || text.string[one.to, 16].to_s.match?(/\A(?: times)? an? (?:day|week|month|year|season)\b/)
      end

      # "Trout: 2005 120, 2015 90, 2025 140": from the first year to the last.
      def dated_ends(text, list)
        dates = list.map { |q| text.moments.find { |d| (q.from - d.to).between?(0, 3) } }
        list.values_at(0, -1) if dates.all? && list.map(&:unit).uniq.one? && dates.map(&:sort).each_cons(2).all? { |a, b| a < b }
      end

      # The two values in the order of time, whichever is told first.
      def made(text, one, two, name, from, to)
        one, two = two, one if LaterFirst.is?(text, text.string[one.to...two.from], one, two)
        Pair.new(one: one, two: two, name: name, from: from, to: to)
      end

      def alike?(one, two)
        return false unless Scales.alike?(one.unit, two.unit) || [one, two].any? { |q| q.unit.empty? }
        return false if one.unit == "times" || [one, two].one? { |q| q.unit == "%" } || (one.unit == two.unit && one.value == two.value && one.text == two.text)

        # Two shares that make a hundred are parts.
        one.unit != "%" || (one.value + two.value - 100).abs >= 0.1
      end

      # "It rises at 1,240 metres. For the first 30 km": what changed from one sentence to the next is told in one measure, unless it is time.
      def same_measure?(one, two) = one.unit == two.unit || [one, two].any? { |q| q.unit.empty? } || [one, two].all? { |q| HandedOn::TIME.include?(q.unit) || Units.counted?(q.unit) }

      # "Half of them", "eleven out of twenty", "2,100 more than last year": nothing that was one value and became another.
      def no_value?(text, quantity)
        (quantity.unit == "%" && !quantity.text.match?(/\d/)) || Turned.no_value?(text, quantity) || text.before(quantity, 8).match?(/\bout of \z/)
      end

      # The first value stands in one sentence, the second in the next.
      def across(text)
        return [] if text.tree.size >= 2

        values(text).each_cons(2).filter_map do |a, b|
          next unless (alike?(a, b) || so_often_then?(text, a, b)) && later?(text, a, b) && !Turned.how_long_and_when?(text.string[a.to...b.from], a, b)

          from = text.sentences.reverse.find { |s| s.from <= a.from }&.from || 0
          to = text.sentences.find { |s| s.to >= b.to }&.to || b.to
          made(text, a, b, ChangeNames.of(text, text.span(from, to), a), from, to)
        end.then { |list| list.size > 2 ? [] : list }
      end

      # What may have become something else: no time, unless all is told in it.
      def values(text)
        timed = text.quantities.all? { |q| HandedOn::TIME.include?(q.unit) }
        text.quantities.reject { |q| (HandedOn::TIME.include?(q.unit) && !timed) || no_value?(text, q) || since?(text, q) || of_ratio?(text, q) || ago?(text, q) }
      end

      # "One bottle in three": neither number became another.
      def of_ratio?(text, quantity) = in_ratios(text).any? { |q| q.equal?(quantity) }

      def in_ratios(text)
        text.once(:in_ratios) do
          told = Ratios.direct(text).select { |r| !r.goal && text.string[r.part.to...r.whole.from].match?(/\A(?: [[:alpha:]-]+)? in \z/) }
          (told + Ratios.among(text) + Ratios.reversed(text)).flat_map { |r| [r.part, r.whole] }
        end
      end

      # "Since the two desks were put together": what was done, not how much it became.
      def since?(text, quantity)
        sentence = text.sentence_of(quantity)
        sentence && Units.counted?(quantity.unit) && text.string[sentence.from...quantity.from].match?(/\A(?:since|when|after) (?:the |our |their )?\z/i) && text.quantities_in(sentence).size > 1
      end

      # "A caller waited for seven minutes. Since the desks were put together it has been under three": also of time, which elsewhere only goes by.
      def since_then(text)
        text.sentences.each_cons(2).filter_map do |before, after|
          two = text.quantities_in(after).last
          next unless two && text.string[after.from...two.from].match?(OF_BEFORE)

          one = text.quantities_in(before).select { |q| q.said && q.unit == two.unit && q.value != two.value }
          made(text, one.first, two, ChangeNames.of(text, before, one.first), before.from, after.to) if one.one?
        end
      end

      OF_BEFORE = Regexp.union(HandedWords::SINCE_IT_IS, HandedWords::NOW_IT_IS)

      LATER = /\b(?:when (?:he|she|they|we|it|the [[:lower:]]+) [^.;\d]{3,40}, (?:it|there|we|they) (?:had|was|were)\b|(?:so far|until now|till now|up to now),? (?:it|they) (?:was|were|cost|took)|since (?:then|the|our|their)|since we changed|this time|yesterday|in the last one|(?:at|by|towards) the end|the first one since|last (?:week|month|night|spring|summer|autumn|winter|year)|now|today|this (?:year|may|spring|summer)|after|then|came in|later|do \d|they came|as of|last \w+day|in the (?:#{Dates::ORDINALS.drop(1).join('|')}|last)(?: [[:lower:]]+)?,? (?:it|there) (?:was|were|had))\b/i

      NOW = /\b(?:now|today|these days|nowadays)\b/i

      # Two dates stand with the values, or a word says that the second is later.
      def later?(text, one, two)
        gap = text.string[one.to...two.from]
        range = [one.from - 40, 0].max..two.from
        # Two shares are hardly one that changed, unless each has a date of its own before it and "it" goes on about it.
        dated = gap.match?(/\bit (?:was|is|stood|came|had)\b/) && text.dates.count { |d| range.cover?(d.from) } >= 2
        return false if gap.match?(Turned::NEXT) || gap.length >= 220 || gap.scan(/[.!?]\s/).size > 2
        return false if Turned.some_of?(text, two) || (one.unit == "%" && !dated && !gap.match?(NOW) && !text.string[two.to, 24].to_s.match?(NOW))

        text.dates.count { |d| range.cover?(d.from) } >= 2 || (gap + text.string[two.to, 24].to_s[/\A[^.!?]*/]).match?(LATER) || told_back?(text, one, gap)
      end

      def so_often_then?(text, one, two) = [one, two].all? { |q| q.unit == "times" } && one.value != two.value && used_to?(text, one, text.string[one.to...two.from])
      def told_back?(text, one, gap) = used_to?(text, one, gap) || LaterFirst.old_one?(text, gap, one) || gap.match?(LaterFirst::HAD)
      def used_to?(text, one, gap) = text.before(one, 90).match?(USED_TO) && gap.match?(THESE_DAYS)
      # "They used to be asked 200 times. Last week they were asked 31 times", "before it, people rang 4.2 times. Now it's 1.3"
      USED_TO = /\b(?:used to|[Bb]efore (?:it|that|them|then|the [[:lower:]]+),)[^.!?]*\z/
      THESE_DAYS = /\. (?:And |But )?(?:(?:It|They|That)(?:['’]s|['’]re| is| are| takes?)(?: only| just)? \z|Now|Today|Last (?:week|month|year|term|season)|This (?:week|month|year|term|season)|These days)\b/

      # "It used 412,000 kWh in 2023. In 2024 it was 356,000, and last year 318,000": it began with the value in the sentence before.
      # @return [Quantity, nil]
      def begun(text, one)
        return nil unless text.tree.size < 2

        at = text.sentences.index { |s| s.from <= one.from && one.to <= s.to } or return nil
        return nil if at.zero? || !text.string[text.sentences[at].from...one.from].match?(/\b(?:it|this|that) (?:was|had|came|stood|fell|rose|dropped|went)\b[^,.;]*\z/)

        before = text.sentences[at - 1]
        list = text.quantities_in(before).select { |q| Scales.alike?(q.unit, one.unit) && q.said }
        list.first if list.one? && text.moments_in(before).any?
      end
    end
  end
end
