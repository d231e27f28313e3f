# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Things set against each other by one number.
      class Ranking < Finder
        family "ranking"

        # "Hardly anybody does | the peat road: 96"
        HARDLY_ANYBODY = /\A\s*(?:(?:and|but)\ )?(?:(?:hardly|almost|nearly)\ )?(?:any|no|every|some)(?:body|\ ?one)\ [[:lower:]]+s
                          \ (?<what>(?:the|our)\ [[:lower:]-]+?(?:\ [[:lower:]-]+)??)(?:\ any\ (?:longer|more))?(?::|,|\ \()\ ?\z/xi

        # "The next most often sent back were | lentils, with 288": who it is stands behind the verb.
        PLACED = /\b(?:most|least|next|second|third|fourth|best|worst|last)\b[^,;:]* (?:is|are|was|were|comes?|came) (?<what>(?:the )?[[:alpha:]'’-]+(?: [[:alpha:]'’-]+)?), (?:with|at) (?:only |just |about )?[£€$]?\z/i

        # "That is a good deal, but | the grey works tram | has more: 655,000", "the horse tram, as far as one can tell, 48,000"
        HAS_MORE = /(?:\A|[,;.]\s+)(?:(?:and|but|while)\s+)?(?<what>(?:the|our|an?) [^,;:.]{2,30}?)(?: (?:has|had|have|made|did|got|took|managed|beats|beat)\b[^,;:.]{0,24}:|, as (?:far|near) as [^,;:.]{3,24},) [£€$]?\z/i

        # "The horse tram, | as far as one can tell, 48,000": who it is stands before the comma.
        AS_FAR = /\A[\s,]*as (?:far|near) as /i
        # "Gorse Hill was climbed by 3,100, and | the Bishop's Path | , which is steep, by 470": the verb is said once.
        BY_AS_WELL = /[,;]\s+(?:and |while )?(?<what>(?:the|our) [^,;:.]{2,30}?)(?:, (?:which|who|where) [^,;:.]{3,60})?, by (?:only |just |about )?\z/i
        # "Winner by miles: | the queue"
        WINNER = /\A(?:(?:and|the|our|a) )*(?:clear |outright )?(?:winner|loser|champion|favourite|runner-up)\b[^:]{0,20}:\s+(?=\S)/i

        def find
          list = text.ladder
          return nil if list.size < 3 || list.size > 20

          falling = list.each_cons(2).count { |a, b| a.value >= b.value }.to_f / (list.size - 1)
          items = framed(list.map { |m| ranked(m) }) { |p| valued(p) }.select { |i| i.value && !(list.size >= 4 && list.map(&:unit).uniq.one? && other?(i, list)) }
          items = of_one_kind(items)
          return nil if items.map(&:title).uniq.size < items.size * 0.6

          # "Oskar needs 45 minutes. For Mina it's half an hour"
          Scales.level(items)

          items.each { |i| i.unit = "" } if counts_itself?(items, list.first.unit)
          finding(0.3 + (0.3 * [falling, 1 - falling].max) + (cue?(:rank) ? 0.2 : 0), "#{count(items.size, 'thing')} compared by one number", items)
        end

        private

        def of_one_kind(items)
          # "Benches €640, vests €210, cocoa €95. The town paid half of it.": a share is no amount among them.
          items = items.reject { |i| i.unit == "%" } if items.count { |i| Units.money?(i.unit) } > 2
          # "104 kilos; thirty children had watered it": not they are weighed.
          measured = items.map(&:unit).tally.any? { |unit, often| often > 2 && Units::MEASURES.value?(unit) && unit != "times" }
          measured ? items.reject { |i| Units.counted?(i.unit) } : items
        end

        # "Umbrellas 131, gloves 88": gloves are no umbrellas. "Sparrows won with 61. There were 34 tits, 19 blackbirds": each is counted as what it is.
        def counts_itself?(items, unit)
          own = items.count { |i| i.title.casecmp?(i.unit) }
          return true if own * 2 > items.size && own < items.size

          items.map(&:unit).uniq.one? && Units.counted?(unit) && items.first.title.casecmp?(unit)
        end

        # "Varn 420 pints. Brool has only forty people": people are not ranked among pints.
        def other?(item, list)
          usual = list.first.unit
          before = item.spans.first.from < list.first.span.from && [item.unit, usual].all? { |u| Units::MEASURES.value?(u) }
          item.unit != usual && (before || item.spans.first.from > list.last.quantity.to) && item.spans.flat_map { |s| text.quantities_in(s) }.any? { |q| q.said && q.unit == item.unit }
        end

        def ranked(measure)
          node = nodes.size >= 2 && nodes.find { |n| n.span.from <= measure.quantity.from && measure.quantity.to <= n.span.to }
          head = nodes.size >= 2 && !node && nodes.find { |n| n.body.any? { |s| s.from <= measure.quantity.from && measure.quantity.to <= s.to } }
          return below(head, measure) if head

          span = node ? node.span : measure.span
          title = node ? Titles.of(without(span, measure.quantity)).first : whom(measure) || subject(measure)
          title = title.sub(/(?<=\S),\s+(?:which|who|whose)\b.*\z/m, "").sub(WINNER, "")
          Item.new(title: Titles.capital(title.sub(/\A(?:the|a|an)\s+(?=\S)/i, "")), detail: rest(span, title), spans: [span], value: measure.value, unit: measure.unit, children: [], aspects: [])
        end

        # "The Long Hedge", and below it "39 loans, 2 complaints".
        def below(head, measure)
          node_item(head).tap do |made|
            made.value = measure.value
            made.unit = measure.unit
          end
        end

        def whom(measure)
          lead = text.string[measure.span.from...measure.quantity.from]
          told = lead[HARDLY_ANYBODY, :what] || lead[PLACED, :what] || lead[HAS_MORE, :what]
          return told if told

          whole = text.string[measure.sentence.from...measure.quantity.from]
          lead.match?(AS_FAR) ? whole[HAS_MORE, :what] : whole[BY_AS_WELL, :what]
        end

        # What stands behind the title; where that is not what the stretch begins with, all of it.
        def rest(span, title)
          led = [span.text.sub(/\A\s*(?:(?:and|but|from|the|an?)\s+)*/i, ""), span.text].find { |words| words[0, title.length].casecmp?(title) }
          words = led ? led[title.length..].sub(/,\s+[£€$]?\d[\d.,]*\s*\z/, "") : Titles.capital(span.text.strip)
          words.sub(/\A(?:['’]s\b)?[\s,:;–—-]+/, "").sub(/[\s.;,]+\z/, "")
        end
      end
    end
  end
end
