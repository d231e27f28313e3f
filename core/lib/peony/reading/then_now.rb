# frozen_string_literal: true

module Peony
  module Reading
    # One quantity long ago and today, each in its own words: "used to lose sixty cubic metres a week … The loss is now four".
    module ThenNow
      OLD = /\b(?:then(?=:)|before(?=:)|used to|ago|formerly|once|before|(?:last|the) (?:year|spring|summer|autumn|winter|season) before|in the old days|was|were|had)\b/i
      NEW = /\b(?:now|today|nowadays|these days|this (?:year|spring|summer|autumn|winter|season|month|week|morning)|last (?:week|month|night|#{Dates::DAYS.join('|')})|since(?: \w+)?)\b/i

      # "A loaf was one twenty when I started. It's two sixty-five."
      IS = /\A(?:(?:it|they|that)(?:['’]s|['’]re| is| are)|is|are)\b/i

      # "She has got it down to four"
      DOWN = /\b(?:got|brought|cut|driven|had|have) (?:it|that|this|them) (?:down|up) to\b/i
      STATE = /\bit (?:takes|is|costs|needs|has|lasts|brings)\b|#{NEW}/i

      module_function

      # @param text [Reading::Text]
      # @return [Array<Pairs::Pair>] one, or none
      def changes(text)
        row = text.tree.size > 2 ? [] : [*row(text), *labelled(text), *grouped(text)]
        return row if row.any? || text.tree.size >= 2

        one, two = two(text)
        before, after = [one, two].map { |q| q && text.sentence_of(q) }
        one, two, before, after = two, one, after, before if after&.text.to_s.match?(AGO)
        before && after && told?(text, before, after, one, two) ? [Pairs::Pair.new(one: one, two: two, name: "", from: [before, after].map(&:from).min, to: [before, after].map(&:to).max)] : []
      end

      # "We use 4,800 sheets a month. Two years ago we used 9,000."
      AGO = /\A(?:only |but )?(?:\d+|an?|#{Numbers::WORD}) (?:years?|months?|weeks?|seasons?) ago\b/i

      # "Before: 60 visitors. After: 145 visitors": two entries that are two times.
      def labelled(text)
        entries = text.tree
        return [] unless entries.size == 2 && text.quantities.size == 2 && (entries.zip(LABELS).all? { |e, label| e.span.text.match?(label) } || dated?(text, entries))

        one, two = entries.map { |e| text.quantities_in(e.span) }.select(&:one?).flatten
        return [] unless two && alike?(one, two)

        [Pairs::Pair.new(one: one, two: two, name: counted(text, entries, one), from: entries[0].span.from, to: entries[1].span.to)]
      end

      # "Last year" over "84 members" and "19 boats", "This year" over "131 members" and "22 boats"
      def grouped(text)
        then_, now = text.tree
        return [] unless text.tree.size == 2 && [then_, now].zip(LABELS).all? { |n, label| n.span.text.match?(label) }

        lists = [then_, now].map { |n| n.children.map { |c| text.quantities_in(c.span) } }
        return [] unless lists.map(&:size).uniq.one? && lists.flatten(1).all?(&:one?)

        lists.map(&:flatten).transpose.select { |a, b| a.unit == b.unit && a.value != b.value }.map { |a, b| Pairs::Pair.new(one: a, two: b, name: a.unit, from: then_.span.from, to: now.spans.map(&:to).max) }
      end

      # "2022: 9,000 sheets a month. 2024: 4,800.", "Pupils 1998: 412. Pupils 2024: 655."
      def dated?(text, entries)
        dates = entries.map { |e| text.dates_in(e.span).then { |list| list.first if list.one? && e.span.text[(list.first.to - e.span.from)..].match?(/\A\)?:\s/) } }
        return false unless dates.all? && dates[0].sort < dates[1].sort

        entries.zip(dates).map { |e, d| text.string[e.span.from...d.from].strip.downcase }.uniq.one?
      end

      # "kinds of butterfly", where both entries end with the same words
      def counted(text, entries, one)
        told = both_name(text, entries)
        return told if told && !(one.said && Units.counted?(one.unit))
        return "" unless one.said && Units.counted?(one.unit)

        behind = entries.map { |e| text.string[text.quantities_in(e.span).first.to...e.span.to].to_s[/\A [^,;:.()]{3,40}/].to_s.strip }.uniq
        behind.one? && behind.first.include?(" ") ? behind.first : one.unit
      end

      # "Old price" and "new price", "members then" and "members now": what both labels name.
      # @return [String, nil]
      def both_name(text, entries)
        names = entries.map { |e| e.span.text[/\A[^:]+(?=:)/].to_s.downcase.sub(WHEN, "") }.uniq
        text.string[entries[0].span.from, 60][/#{Regexp.escape(names.first)}/i] if names.one? && names.first.match?(/[[:alpha:]]{3}/)
      end

      PERIOD = "(?:year|season|month|week|term)"
      THEN = "(?:before|without)(?: the [[:lower:] ]{2,24})?|then|once|old(?: [[:lower:]]+)?|formerly|last #{PERIOD}|[[:alpha:] ]{3,24} (?:then|before|earlier|last #{PERIOD})".freeze
      SINCE = "(?:after|since|with|behind)(?: (?:it|them|that|this))?|afterwards|now|today|new(?: [[:lower:]]+)?|this #{PERIOD}|" \
              "[[:alpha:] ]{3,24} (?:now|today|after|afterwards|this #{PERIOD})".freeze
      WHEN = /\A(?:old|new|last #{PERIOD}|this #{PERIOD}) | (?:then|now|before|after|earlier|today|last #{PERIOD}|this #{PERIOD})\z/
      LABELS = [THEN, SINCE].map { |words| /\A(?:#{words})(?:: |\z)/i }.freeze

      # @return [Array<Quantity>] the two that are told, or none
      def two(text)
        timed = text.quantities.all? { |q| HandedOn::TIME.include?(q.unit) }
        list = text.quantities.reject { |q| q.approximate || Turned.difference?(text, q) || (HandedOn::TIME.include?(q.unit) && !timed) || (q.value <= 2 && q.value.is_a?(Integer)) }
        list = list.reject { |q| text.string[q.to, 16].match?(/\A\s*[[:alpha:]]+ ago\b/) }.uniq(&:value)
        list.size == 2 ? list : used(text)
      end

      # "Two years ago it sold 340 loaves and threw away fifty. Now it sells 410 and throws away six": as many numbers then as now.
      def row(text) = text.once(:then_now) { told_in_row(text) }

      def told_in_row(text)
        [*text.sentences.each_cons(2), *old_and_new(text)].each do |before, after|
          next unless (before.text.match?(OLD) && !before.text.match?(NEW) && after.text.match?(NEW)) || before.text.match?(OLD_ONE)

          pairs = numbers(text, before).zip(numbers(text, after))
          least = before.text.match?(OLD_ONE) && after.text.match?(NEW_ONE) ? 1 : 2
          in_order = pairs.size.between?(least, 4) && pairs.size == numbers(text, after).size && pairs.all? { |a, b| alike?(a, b) }
          pairs = of_one_unit(numbers(text, before), numbers(text, after)) unless in_order
          next if pairs.empty?

          return pairs.map { |a, b| Pairs::Pair.new(one: a, two: in_unit_of(a, b), name: called(text, a), from: before.from, to: after.to) }
        end
        []
      end

      # "The old fridge hummed at 51 decibels and used 1.5 kWh a day; its successor manages with 34 and 0.4": the clauses of one sentence.
      def old_and_new(text)
        text.sentences.flat_map { |s| Sentences.clauses(s, /;\s+|,\s+(?=(?:the new|its successor|our new)\b)/).each_cons(2).select { |a, b| a.text.match?(OLD_ONE) && b.text.match?(NEW_ONE) } }
      end
      OLD_ONE = /\A(?:the|our|my|its) (?:old|former|last|previous) /i
      NEW_ONE = /\A(?:(?:the|our|my) new\b|(?:the|its|their) (?:successor|replacement)\b)/i

      SUCCESSOR = /\A(?:its|their|the|our) (?:successor|replacement)\b/i
      ON_THE_NEW = /\A(?:on|in|with|by) the new\b/i

      # "With three addresses it took nine days, and one in five never came. Now two days": what is measured once then and once now.
      def of_one_unit(before, after)
        before.group_by(&:unit).filter_map do |unit, (a, *more)|
          b, *others = after.select { |q| q.unit == unit }
          [a, b] if HandedOn::TIME.include?(unit) && b && [*more, *others].empty? && [a, b].all?(&:said) && a.value != b.value
        end
      end

      # "34 in a class and one cupboard. Today we are at 22, with eleven cupboards": 22 stands where 34 did.
      def in_unit_of(one, two) = two.said || two.unit == one.unit ? two : two.dup.tap { |q| q.unit = one.unit }

      # "One cupboard", "34 | in a class"
      def called(text, quantity)
        counted = ChangeNames.counted(text, quantity) if quantity.said || text.tree.any?
        counted.to_s.empty? ? text.string[quantity.to, 30].to_s[/\A (?:in|on|at|to) (?:an?|the|each|every) [[:lower:]]+/].to_s.strip : counted
      end

      # What is counted in a sentence: no rough numbers, no "half of them", no "two years ago".
      def numbers(text, sentence)
        text.quantities_in(sentence).reject do |q|
          some = q.value.between?(0, 1) && !q.text.match?(/\d\.\d/) && !(q.said && Units.counted?(q.unit))
          q.approximate || some || (q.unit == "%" && !q.text.match?(/\d/)) || text.string[q.to, 16].match?(/\A\s*[[:alpha:]]+ ago\b/)
        end
      end

      def alike?(one, two) = one.value != two.value && (one.unit == two.unit || !one.said || !two.said)

      # "It used to take 25 minutes. With two hatches it takes 11": the first of its unit, and the next one in a later sentence.
      def used(text)
        old = text.sentences.find { |s| s.text.match?(/\bused to\b/i) } or return []
        first = text.quantities_in(old).first or return []
        later = text.quantities.find { |q| q.from > old.to && (q.unit == first.unit || !q.said) && text.sentence_of(q)&.text.to_s.match?(STATE) }
        later ? [first, later] : []
      end

      def told?(text, before, after, one, two)
        return false if before.from == after.from || one.value == two.value

        old = (before.text.match?(OLD) || text.dates_in(before).any? { |d| d.kind == :year }) && !before.text.match?(NEW)
        later = after.text.match?(NEW) || after.text.match?(IS) || before.text.match?(/\bused to\b/i)
        told = before.text.match?(AGO) || [DOWN, SUCCESSOR].any? { |words| after.text.match?(words) } || (before.text.match?(/\bold\b/) && after.text.match?(ON_THE_NEW)) || (old && later)
        told && (one.unit == two.unit || two.said == false || two.unit.empty?)
      end
    end
  end
end
