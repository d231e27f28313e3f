# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # One or a few striking numbers, each by itself.
      class Headline < Finder
        family "headline"

        # "£980 in the box and one proposal": the last two of a row.
        AND = /\s+and\s+(?=(?:\d|#{Numbers::WORD}\b))/

        # "The night bell rang 640 times, which is too often": what is said about it is not what it is.
        ABOUT = /\A(?:(?:most|some|many|half|all|none) of (?:them|these|those)|which|who|whom|whose|where|of (?:which|whom)|or (?:about|so|nearly|roughly)|by the same|and|but|because)\b/i
        # "Two days old", "nine metres long": only how it is measured.
        MEASURED = /\A(?:[[:lower:]°]+ )?(?:old|long|high|wide|deep|away|off|each)\z|\A(?:an?|per|every) (?:second|minute|hour|day|night|week|month|year)(?:,? on average)?\z/
        # "12,000 litres | a day from | 14 farms", "18 months and"
        LEADS_ON = /(?:[\s,]+(?:and|but|from|within|on|in|to|by|of|over|about|only|nearly|than|more than|less than|the|an?|our|its|their))+\z/
        # "The rope walk is 212 metres long | and"
        LED_ON = /(?:,?\s+(?:and|but|while))?[\s.,;]*\z/
        # "Visits to the website | rose from 3,100 to"
        ROSE = / (?:has |have |had )?#{HandedShares::ROSE_FROM} (?:about |only |nearly )?[£€$]?\d[\d.,]*(?: ?%| [[:lower:]]+)? to (?:about |only |nearly )?\z/
        # "You asked for one page on it, and here it is."
        HERE_IT_IS = /\bhere (?:it|they) (?:is|are)\b|\bthis is for (?:those|people|anyone|everyone) who\b|\bhere['’]s\b/i
        # "27 schools with a van | that does | 80 km/h", "31,400 people, | of whom a good | third came for the café"
        THAT_DOES = /,\s+of (?:whom|which) [[:lower:] ]{0,24}\z|\b(?:that|which|who) (?:does|do|can|holds?|has|have|costs?|weighs?|is|are|was|were|goes|runs?|takes?) (?:about |only |nearly )?\z/
        # "214 clocks, 52 | times each", "126 mornings, at 28 °C | on most of them"
        OF_ALL = /\A(?: times)? each\b|\A[^.;,]{0,12} (?:on|in|for|at) (?:most|some|all|many|half) of (?:them|these|those)\b/
        # "The largest group, 41 per cent, is between 30 and 45"
        AMID = /\A(?: ?%| per ?cent)?, (?=(?:is|are|was|were|has|have|had|comes?|came) )/
        LEADING_ON = /(?: (?:#{HandedShares::ROSE_FROM}|up|was|were|is|are|came|comes?|amounts?|amounted|adds? up|added up|ran|rose|for|of|to|at|by|in|cost|took|weighed|only|about|nearly|over|just))+\z/i

        def find
          items = one_each(units.flat_map { |s| numbers(s) }.compact.uniq { |i| [i.value, i.unit, i.date] })
          items = of_heading if items.empty?
          return nil if items.empty? || items.size > 12

          # Rows of numbers are there to be compared.
          rows = nodes.size >= 2 && nodes.all? { |n| text.quantities_in(n.span).size >= 2 }
          finding((cue?(:numbers_talk) ? 0.4 : 0.2) + (items.map(&:unit).uniq.size > items.size / 2 && !rows ? 0.3 : 0),
                  items.size == 1 ? "one number that stands by itself" : "#{count(items.size, 'number')}, each by itself", items.first(8))
        end

        private

        def units
          return nodes.flat_map { |n| [n.span, *led_too(n)] } if nodes.size >= 2

          list = text.sentences.size > 3 && text.sentences.first.text.match?(HERE_IT_IS) ? text.sentences.drop(1) : text.sentences
          # "It fetched four people; it got 23 cats down."
          list.flat_map { |s| Sentences.clauses(s, /;\s+(?:and |but )?/).then { |halves| halves.all? { |h| text.quantities_in(h).any? } ? halves : [s] } }
        end

        # "6 hours of overtime", in a line of its own below "2,150 km": a number like those that head the others.
        def led_too(node) = nodes.all? { |n| led?(n.span) } ? node.body.select { |s| led?(s) } : []
        def led?(span) = text.quantities_in(span).first&.from == span.from

        # "1,000,000" above a sentence that says of what.
        def of_heading
          number = text.heading_quantities.first
          told = text.sentences.first
          return [] unless number && told && text.passage.heading.to_s.delete("^[:alpha:]").length < 12

          [item(told, value: number.value, unit: number.unit)]
        end

        # The striking number of a sentence; several where it is a row of them: "64 runners, 38 marshals, 900 bananas".
        def numbers(sentence)
          list = text.quantities_in(sentence).reject { |q| text.string[q.to, 14].to_s.match?(/\A[- ]?(?:years?)?[- ]olds\b/) }
          # "Their year can be told in four numbers."
          list = list.reject { |q| HandedOn::VAGUE.include?(q.unit) && q.value < 13 }
          return [] if list.empty?

          list = list.reject { |q| of_another?(list, q) } if list.size > 1
          # "Rose by 200 to 850"
          list = list.reject { |q| Turned.by?(text, q) }.then { |values| values.any? ? values : list }

          each = each_counted(sentence, list)
          return each if each

          row = text.series.find { |parts| parts.first.from >= sentence.from && parts.last.to <= sentence.to }
          told = row.to_a.flat_map { |p| Sentences.clauses(p, AND) }.select { |p| list.include?(text.quantities_in(p).first) }
          return told.map { |p| number(p, text.quantities_in(p).first) } if told.size >= 2

          apart(sentence, list).map { |span, q| number(span, q) }
        end

        # "128 helpers, 0 falls": one after the other, each of things of its own.
        def each_counted(sentence, list)
          each = Sentences.clauses(sentence, /,\s+(?:and )?/).map { |p| [p, list.find { |q| q.from == p.from }] }
          each.map { |p, q| number(p, q) } if each.size > 1 && each.all? { |_, q| q && Units.counted?(q.unit) } && each.map { |_, q| q.unit }.uniq.size == each.size
        end

        # Whether a number only says more of another one in its sentence.
        def of_another?(list, quantity)
          before = text.before(quantity, 12)
          # "It rained for 19 hours out of the 72"
          return true if before.match?(/ out of (?:the )?\z/)
          # "2.3 million pages, a tenth of them scanned": an entry tells one thing.
          return true if nodes.size >= 2 && text.string[quantity.to, 10].to_s.match?(/\A of (?:them|these|those|which|whom)\b/)

          # "Two thirds of which we used twice"
          return true if quantity.text.match?(/\A(?:once|twice|thrice)\z/i) && !quantity.equal?(list.first)

          # "27 schools with a van that does 80 km/h"
          return true if !quantity.equal?(list.first) && (text.before(quantity, 28).match?(THAT_DOES) || text.string[quantity.to, 40].to_s.match?(OF_ALL))

          !quantity.equal?(list.first) && Turned.aside?(text, quantity)
        end

        # "2,300 bags, working 46 Saturdays, or about seventy each time": numbers of different kinds count by themselves.
        def apart(sentence, list)
          ratio = list.each_cons(2).find { |a, b| so_many?(a, b) }
          return [[sentence, ratio.first]] if ratio

          own = text.measures.select { |m| m.sentence.from == sentence.from && list.include?(m.quantity) }
          strong = own.select { |m| weight(m.quantity) >= 1 }
          strong = own if strong.size == 1 && own.size == 2 && paired?(*own.map(&:quantity))
          strong = strong.uniq(&:unit)
          return [[sentence, list.max_by { |q| weight(q) }]] if strong.size < 2

          strong.map { |m| [m.span, m.quantity] }
        end

        # "11,000 programmes and 2 double basses": one after the other, each of a thing of its own.
        def paired?(one, two)
          [one, two].all? { |q| q.said && Units.counted?(q.unit) } && one.unit != two.unit && text.string[one.to...two.from].match?(/\A[^.;:!?,]{2,30},? and (?:only |just )?\z/)
        end

        # Where running text makes fewer points than it tells numbers, each point keeps its most striking one and remarks keep none.
        def one_each(items)
          return items if items.size < 2
          # "112 shouts. 9 dogs. 0 hurt.": no words but the numbers' own.
          return items if nodes.size < 2 && text.sentences.count { |s| s.text.split.size < 8 && text.quantities_in(s).any? } >= 3

          points = nodes.size >= 2 ? [] : text.points("headline")
          return items unless points.size.between?(1, items.size - 1)

          homes = items.group_by { |i| points.index { |p| p.spans.any? { |s| shared(s, i.spans.first).positive? } } }
          kept = homes.except(nil).values.map { |list| list.max_by { |i| i.value.to_f.abs } }
          kept.size == points.size ? kept : items
        end

        # Large numbers, shares and money strike; small counts do not.
        def weight(quantity)
          return 2 if quantity.unit == "%" || Units.money?(quantity.unit)
          return 0.5 if quantity.value < 10 && quantity.value.is_a?(Integer) && quantity.unit != "times"

          1 + (Math.log10(quantity.value.abs + 1) / 10)
        end

        def number(span, quantity)
          ratio = text.quantities.each_cons(2).find { |a, b| a.equal?(quantity) && so_many?(a, b) }
          words = tail(span, ratio ? ratio.last : quantity)
          below = below(span)
          words, below = of_what(below) if words == span.text && !below.empty?
          detail = said_already?(span, words, quantity) ? "" : span.text.strip.sub(LED_ON, "")
          Item.new(title: words, detail: below.empty? ? detail : below, spans: [span], value: quantity.value, unit: quantity.unit,
                   date: ratio ? "#{Arithmetic.show(ratio[0].value)} in #{Arithmetic.show(ratio[1].value)}" : nil, children: [], aspects: [])
        end

        # What stands under the line of a number.
        def below(span)
          node = nodes.size >= 2 && nodes.find { |n| n.span.from == span.from } or return ""
          (node.body - led_too(node)).map(&:text).join(" ")
        end

        # "2,150 km", and below it "That is how far the paper would reach, sheet to sheet."
        def of_what(below)
          said = below.sub(/\A(?:that|this|it)(?: is|['’]s) (?=\S)/i, "")
          first = said[/\A[^,;:.!?]+/].to_s.strip
          return Titles.of(said) unless first.split.size.between?(1, 7)

          [Titles.capital(first), said[first.length..].sub(/\A[\s,;:.!?]+/, "").sub(/[\s.]+\z/, "")]
        end

        # "One in five", not "7,300 coats in eleven countries".
        def so_many?(one, two) = one.value < two.value && text.string[one.to...two.from].match?(Ratios::STRICT)

        def before_next(words, quantity)
          at = words.index(quantity.text)
          cut = at && words[0...at].index(/\s+(?:and|but)\s/)
          cut ? words[0...cut] : words
        end

        # A detail that would only repeat number and title is left out.
        def said_already?(span, words, quantity)
          span.text.sub(words, "").sub(quantity.text, "").sub(/\A(?:and )?(?:among (?:them|these)|of (?:them|these|which|whom)) /i, "").scan(/[[:alpha:]]/).size < 4
        end

        # "We cut our energy use by 14 %, sent nothing to landfill": where the number ends what was done, the next is another deed.
        def done_so_much(span, quantity)
          return nil unless span.text[(quantity.to - span.from)..].to_s.match?(/\A,\s/)

          lead = span.text[0...(quantity.from - span.from)][/\A(.+?) (?:by|to|at) (?:only |just |about |nearly |over |more than )?\z/m, 1]
          lead = lead.sub(LEADING_ON, "") if lead
          lead if lead && lead.split.size.between?(3, 12) && text.tokens_in(text.span(span.from, quantity.from)).any?(&:finite?)
        end

        # "The largest group, 41 per cent, is between 30 and 45": who it is, and what it does, around the number.
        def around(span, quantity)
          lead = span.text[0...(quantity.from - span.from)][/\A(.+),\s\z/m, 1]
          ending = text.sentence_of(quantity)&.to || span.to
          rest = text.string[quantity.to...ending]
          told = "#{lead} #{rest.sub(AMID, '').split(/[,;:]\s/).first}".sub(/[\s.;,]+\z/, "") if lead && rest.match?(AMID)
          told if told && told.split.size <= 12
        end

        # "Range 70 km with one battery", line by line: a word or two before the number say what it is.
        def headed_by(span, quantity)
          return nil unless nodes.size >= 2

          lead = span.text[0...(quantity.from - span.from)].strip
          lead if lead.match?(/\A[[:upper:]][[:lower:]]+(?: [[:lower:]]+)?\z/) && text.tokens_in(text.span(span.from, quantity.from)).all?(&:noun?)
        end

        # "Delivery took ten days | and nobody answered questions", "sold 8,640 tickets | and lost one tuba"
        def without_deed(span, quantity, rest)
          return rest unless rest.start_with?("#{quantity.unit} and ") && rest[quantity.unit.length..].match?(/\A and \S+ \S+/)

          had = span.text[0...(quantity.from - span.from)].match?(/\b(?:was|were|is|are|had|has|have) \z/)
          Units.counted?(quantity.unit) && !had ? quantity.unit : ""
        end

        # What the number says: the words that follow it, else those before.
        def tail(span, quantity)
          deed = done_so_much(span, quantity) || headed_by(span, quantity) || around(span, quantity)
          return deed if deed

          rest = span.text[(quantity.to - span.from)..].to_s.sub(/\A[\s,:–—-]+/, "").sub(/[.!,;\s]+\z/, "").sub(LEADS_ON, "")
          rest = rest.split(/[;:]\s/).first.to_s
          # "198 steps | , and nobody had to be carried down"
          rest = rest.sub(/,\s+(?:and|but) (?:not|nobody|no one|everybody|everyone|it|they|we|he|she|that|there)\b.*\z/m, "")
          # "14 gates, | of which one has been stolen", "620 people came, | most of them on purpose"
          rest = rest.sub(/,\s+(?:of (?:which|whom)|(?:most|some|many|half|all|none|one|two|several) of (?:them|these|those|which|whom))\b.*\z/m, "")
          # "14 kg | of CO2", "Sick days fell from 11 | to 8"
          rest = rest.sub(/\Aof (?!(?:them|these|those|us|it|the|our)\b)/, "") if Units.measure?(quantity.unit) && quantity.unit != "%"
          # "It rained for 19 hours | out of the 72"
          rest = "" if rest.match?(/\Ato (?:only |about )?(?:\d|#{Numbers::WORD}\b)|\Aout(?: of(?: the)?(?: \d[\d,.]*)?)?\z/io)
          rest = without_deed(span, quantity, rest)
          # "Six weeks, a queen up to five years": what is told of the next number is not told of this one.
          following = text.quantities_in(span).find { |q| q.from > quantity.to }
          rest = rest.split(/,\s+/).first.to_s if following
          # "640 new customers | and lost 95"
          rest = before_next(rest, following) if following
          rest = "" if Units.measure?(rest.downcase) || rest.match?(/\A(?:last|this|every|each|in the last|since) (?:year|month|week|season|summer|winter|spring|autumn)\b/)
          first = quantity.from == span.from && rest.match?(/\Awho/)
          return rest if rest.split.size.between?(1, 18) && (first || !rest.match?(ABOUT)) && !rest.match?(MEASURED)

          lead = span.text[0...(quantity.from - span.from)].sub(ROSE, "").sub(/[\s:–—-]+\z/, "").split(/[:;]\s+/).last.to_s.sub(LEADING_ON, "").sub(/\A(?:and|but) (?=\S+ \S)/i, "")
          lead.split.size.between?(1, 12) && !lead.match?(/\A(?:it|they|he|she|we|this|that)\z/i) ? lead : span.text.sub(/[.!]+\z/, "")
        end
      end
    end
  end
end
