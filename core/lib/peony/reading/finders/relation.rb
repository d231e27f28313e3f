# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Two quantities measured together, how one goes with the other.
      class Relation < Finder
        family "relation"

        # "None: 0 °C. 10 g: −1 °C": none of what the others have.
        NOTHING = /\A(?:new|fresh|none|nothing|no \w+|without|surface|at the surface|sea level|ground(?: level)?|at the door)\s*[:–—]/i

        # "None: 7.9", "two: 6.4": how many, in words, and what was measured.
        LABELLED = /\A(?<count>none|no|nothing|zero|\d+|#{Numbers::WORD})(?: [[:lower:]]+)?\s*[:–—]\s*[£€$]?\d/i

        # "Those who learned for | two hours", "When the punnet cost | 2 euros": a point that is told by its first number alone.
        BY_NUMBER = /\A(?:and )?(?:(?:those |the ones )?with(?:in)?|at|for|after|in|from|beyond|above|below|over|under|those within)\z|\A(?:we|i|they|you) [[:lower:]]+\z|\A(?:[[:alpha:]]+ ){0,2}(?:who|whoever|when|if) [^,;.]{3,40}\z/i
        ABOUT = /(?:less than|more than|under|over|about|up to|at least|at most) \z/i

        # "2 Bft – 310 kg": what stands before the dash.
        ROW = /\A(?<label>[^:–—]{1,24}?)\s*(?::|\s[–—-])\s/

        # "10 / 14"
        TWO = %r{\A\d[\d.,]*(?: [[:lower:]%°]+)? [/|–] \d[\d.,]*(?: [[:lower:]%°]+)?\z}

        SIGNED = /\A[£€$]|[%°]\z/
        # "20 cm", "£4", "half an hour"
        TOLD_WITH_UNIT = /\A[£€$]?\d[\d.,]* ?[[:alpha:]°%]|\A[£€$]|\A(?:an? )?[[:alpha:]]+ (?:an?|of)\b/
        # "In the week", "we went up", "the one": names nothing.
        NAMELESS = /\A(?:and |but )?(?:(?:in|on|for|at|by) the (?:day|week|month|year|night|morning|evening|afternoon|spring|summer|one)s?|the (?:one|day|week|group|others)|with [[:lower:]]+|on the \w+day it (?:didn['’]t|did not|was|had been)|(?:we|they|it|he|she|you|i) (?:was |were |is )?(?!had\b)[[:lower:]]+(?: up| down| on)?(?: to)?|so that .*)\z/i

        def find
          # Of money alone nothing is measured against anything else.
          return nil if text.quantities.size < 3 || text.quantities.all? { |q| q.said && Units.money?(q.unit) }

          # "Class 4 read 402 books, Class 3 377": books are not measured against books.
          couples = levelled(rows || Couples.of(text, text.quantities).reject { |c| alike?(c) })
          found = couples.size < 3 ? [] : items(couples)
          # Where every number is one of a couple, there is nothing else to tell.
          found = framed(found) { |p| half?(p, couples) ? point_item(p) : valued(p) }.select(&:value) if found.empty? || !all_told?(found)
          return nil if found.size < 3

          numbers = text.quantities.size
          finding((0.7 * [2.0 * couples.size / numbers, 1].min) + (cue?(:more_the) ? 0.3 : 0), "two quantities measured together at #{count(found.size, 'point')}", found)
        end

        private

        # "Five minutes … half an hour": each side in the unit of most, or half an hour would stand below a minute.
        def levelled(couples)
          couples.map { |c| Couples::Couple.new(one: c.one.dup, two: c.two.dup) }.tap { |list| [list.map(&:one), list.map(&:two)].each { |side| Scales.level(side) } }
        end

        # Where there are four points, a number that goes with none is a remark.
        def all_told?(found) = (text.quantities.count { |q| !Couples.all_of?(text, q) && !Ladder.out_of?(text, q) } - (found.size * 2)).between?(0, found.size > 3 ? 1 : 0)

        def alike?(couple)
          one, two = [couple.one, couple.two].sort_by(&:from)
          one.unit == two.unit && one.said && Units.counted?(one.unit) && text.string[one.to...two.from].match?(/[,;.]/)
        end

        # Half of a couple is no point of its own, where nearly all couples stand in one point each.
        def half?(point, couples)
          parted = ->(c, spans) { [c.one, c.two].one? { |q| spans.any? { |s| s.from <= q.from && q.to <= s.to } } }
          couples.any? { |c| parted[c, point.spans] } && couples.one? { |c| text.points("relation").any? { |p| parted[c, p.spans] } }
        end

        # Every entry has its two numbers.
        def rows
          return nil if nodes.size < 3

          # "5 g: 0 of 10": out of how many is the same for all.
          found = nodes.map { |n| text.quantities_in(n.span).reject { |q| text.before(q, 4).end_with?(" of ") } }
          return labelled if found.all? { |l| l.size.between?(1, 2) } && found.any?(&:one?) && nodes.all? { |n| n.span.text.match?(LABELLED) }

          found = found.each_with_index.map { |l, i| l.size == 1 && nodes[i].span.text.match?(NOTHING) ? [nothing(nodes[i], found), l.first] : l }
          # One of several may say something more.
          found = found.map { |l| l.first(2) } if found.count { |l| l.size == 2 } >= found.size * 0.7
          paired?(found) ? found.map { |a, b| Couples::Couple.new(one: a, two: b) } : []
        end

        # Two in each row, in two units, or behind a label.
        def paired?(rows)
          return false unless rows.all? { |l| l.size == 2 } && rows.map { |a, b| [a.unit, b.unit] }.uniq.size <= 2

          rows.all? { |a, b| a.unit != b.unit } || nodes.all? { |n| n.span.text.include?(":") || n.span.text.match?(TWO) }
        end

        def nothing(node, rows)
          word = node.span.text[/\A[[:alpha:]]+/]
          Quantity.new(value: 0, unit: rows.find { |l| l.size > 1 }&.first&.unit.to_s, text: word, from: node.span.from, to: node.span.from + word.length)
        end

        def labelled
          nodes.map do |n|
            count = n.span.text.match(LABELLED)[:count]
            label = Quantity.new(value: Numbers.count(count) || 0, unit: "", text: count, from: n.span.from, to: n.span.from + count.length)
            Couples::Couple.new(one: label, two: text.quantities_in(n.span).last)
          end
        end

        def items(couples)
          return couples.map { |c| made_couple(c, stretch(c.one)) } if nodes.size >= 3

          starts = couples.each_with_index.map { |c, i| i.zero? ? start(c) : Measures.border(text, couples[i - 1].two, c.one) }
          couples.each_with_index.map do |c, i|
            ending = i + 1 < couples.size ? starts[i + 1] : stretch(c.two).to
            made_couple(c, text.span(starts[i], [ending, c.two.to].max))
          end
        end

        def made_couple(couple, span)
          words = span.text.strip.sub(/[\s,;.:]*(?:\band|\bbut)?\s*\z/, "")
          Item.new(title: Titles.capital(label(span, couple)), detail: words, spans: [span], value: couple.two.value, unit: couple.two.unit, children: [],
                   aspects: [couple.one, couple.two].each_with_index.map { |q, i| [name(q, i), figure(q)] })
        end

        # "At minus | five", "eleven", "1.2 million", "18 litres": the bare figure, since what heads its column says of what; "£5", "6 %" and "17°" keep their sign.
        def figure(quantity)
          told = quantity.text.match?(SIGNED) && quantity.text.delete(",\u2009")[/\d+(?:\.\d+)?/]&.to_f == quantity.value
          told ? quantity.text : Arithmetic.show(quantity.value)
        end

        # "On the day of the power cut they waited for | half an hour": where the words before a number name nothing, it names its point itself.
        def by_number(quantity)
          return quantity.text if quantity.value.positive? && quantity.text.match?(TOLD_WITH_UNIT)

          # Only in words of the passage.
          unit = [quantity.value == 1 ? quantity.unit.delete_suffix("s") : nil, quantity.unit].compact.find { |word| !Units.money?(word) && text.all_words.match?(/\b#{Regexp.escape(word)}\b/i) }
          [("minus" if quantity.value.negative? && !quantity.text.match?(/\A[−-]/)), quantity.text, unit].compact.reject(&:empty?).join(" ")
        end

        # The unit, else the head of its column, else what the words above the rows call it: "Distance from the door and colour of the crust (1 pale, 10 black)".
        def name(quantity, place) = quantity.unit.empty? ? column(quantity) || heads[place] || %w[first second][place] : quantity.unit

        # "Rye: Places 12, Taken 12"
        def column(quantity) = (text.string[stretch(quantity).from...quantity.from][/[:,]\s+(\p{L}[^,:]*?)\s[£€$]?\z/, 1]&.downcase if text.table?)

        def heads
          @heads ||= begin
            above = text.sentences.find { |s| nodes.size > 2 && s.to <= nodes.first.span.from }&.text || text.passage.heading.to_s
            above[/\A[^(:.]+/].to_s.strip.match(%r{\A(?:the )?(?<one>[^,;]{3,40}?)(?: and | / )(?:the )?(?<two>[^,;]{3,40})\z}i)&.captures.to_a
          end
        end

        # "two | hours", where the words of the number end before it.
        def own_unit(quantity)
          return "" unless quantity.text.match?(/\d|\A[[:alpha:]-]+\z/)

          words = text.string[quantity.to, 20].to_s[/\A[ -][[:alpha:]]+\b/].to_s
          unit = Units::MEASURES[words[1..].to_s.downcase]
          words.match?(/\A[ -]#{Regexp.escape(quantity.unit.delete_suffix('s'))}s?\z/) || (unit && [unit, Units::SHORT[unit]].include?(quantity.unit)) ? words : ""
        end

        def stretch(quantity) = (nodes.map(&:span) + text.sentences).find { |s| s.from <= quantity.from && quantity.to <= s.to } || text.span(quantity.from, quantity.to)

        # From the colon, or the beginning of the sentence.
        def start(couple)
          from = stretch(couple.one).from
          colon = text.string[from...couple.one.from].rindex(/:\s+\S/)
          colon && nodes.size < 3 ? from + colon + 2 : from
        end

        def label(span, couple)
          row = nodes.size >= 3 && span.text[ROW, :label]
          return row if row && couple.one.to <= span.from + row.length

          before = text.string[span.from...couple.one.from].sub(Titles::AMONG, "")
          # "Price and tickets sold, last five concerts: | €5, 140": what heads all of them names none.
          return by_number(couple.one) if before.match?(/\A[^:]{25,}:\s*\z/)

          lead = before.strip.sub(/[:,–—-]\z/, "").sub(/\Aplus\z/i, "").strip
          # "On the morning after minus | five"
          return by_number(couple.one) if lead.match?(/\bminus\z/i)

          # "At site 1 the river was", "At site 4, near the bridge, it was"
          place = lead[/\A(?:at|in|on) ((?:[[:alpha:]]+ )?[[:alpha:]]+ \d+)\b/i, 1]
          return place if place
          return before[ABOUT].to_s + text.string[couple.one.from...couple.one.to] + own_unit(couple.one) if lead.match?(BY_NUMBER) && nodes.size < 3

          lead = lead.sub(/,? (?:it|they|he|she|we) (?:is|are|was|were|had|has|took|gave|came to)\z/i, "").sub(/(?<=\S)(?:, at|, with|,? (?:has|had|have|is|was|were|with|at))+\z/i, "")
          # "Apple crumble, which holds | 14 grams"
          lead = lead.sub(/(?<=\S),? (?:which|who|that) [[:lower:]]+\z/, "")
          named = Titles.of(lead).first
          return by_number(couple.one) if named.to_s.match?(NAMELESS)
          return named if lead.split.any? { |w| w.match?(/\A[[:alpha:]]{3}/) && !Words::STOP.include?(w.downcase) }

          text.string[span.from...couple.one.to].strip + (nodes.size < 3 ? own_unit(couple.one)[/\A .*/].to_s : "")
        end
      end
    end
  end
end
