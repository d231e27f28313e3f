# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Stages, each with fewer than the one before.
      class Funnel < Finder
        family "funnel"

        # "Two were shown the flat. One took it": a single one is no count, and yet the last stage.
        ONE = /(?:\A|,\s+(?:and )?|;\s+|\band )(?:perhaps |only |just |the (?=one who\b))?one(?! of (?:them|these|those) (?:has|in|into|on|onto|at|with|from|under|over|to)\b| came back| was (?:returned|sent back)| changed)(?: of (?:them|these|those|the \w+))?,? (?!(?:of|by|or|to|way|day|must|can|could|may(?! be an? )|might|would|should|having|being|is|was|had)\b)/i

        # "Eleven are in. The other six wait": those who fell away are no stage of their own.
        OTHERS = /\b(?:(?:the )?(?:other|remaining|rest of the)|hoped for|give back perhaps|last year it was) \z/i

        FLOWS = /\b(?:sends?|sent|receives?|received|reach(?:es|ed)?|arrives?|arrived|left|remains?|remained|ends? up|comes out|lost|got through|of it)\b/

        # "The boat needs eight.", "Three of those are cousins."
        WANTED = /\b(?:needs|wants|seeks|will (?:have|need)) (?:only |just |about )?\z/
        WHO_THEY_ARE = /\A (?:were|was|turned out|proved) (?:found )?to be\b|\A of (?:them|these|those),? (?:[^.;!?]{0,20}, )?(?:wants? to (?:be|become)\b|(?:are|were|is|was) (?:(?:an?|my|our|the|his|her|their) )?(?![[:lower:]]+(?:ed|en|ing)\b|still\b|left\b|now\b|in\b|here\b|back\b)[[:lower:]]+[.!])/

        LOST = /\b(?:laughed|thr[eo]w|thrown|rejected|refused|lost|died|failed|left out|(?:put|set) aside|dropped|sent back|turned down|struck|taken out|fell out)\b/
        # "(some eleven thousand crickets)", but not "(33)"
        OPENED = /\([^()]*\z/
        CLOSED = /\A[^()]*\)/

        # "It was | used once | by seventy of them, mostly to get home", "the form was opened by 610"
        DONE_BY = /\A\W*(?:(?:and|but|then) )?(?:(?:it|they) (?:was|were|is|are) )?(?<what>(?:[^\s,;:.]+ ){1,5}?)by (?:about |only |just |some )?\z/i
        WITH_SO_MANY = /\A\s*(?:with|after|for)\s*\z/i

        OF_THE = leading("of the")

        def find
          stages = falling
          # Numbers that make up the first one exactly are its parts, however they fall.
          return nil if stages.size < 3 || remainder?(stages) || below_others?(stages) || text.totals.any? { |t| t.exact? && t.parts.size >= 3 } || Totals.leaving(text, CountedParts::REST)

          items = stages.map { |m| stage(m) } + [last_one(stages.last)].compact
          # "Orders 212", "Orders 97": a column of a table.
          return nil if items.size > 2 && items.all? { |i| i.title.downcase == i.unit }

          cover = stages.size.to_f / counts.size
          # Numbers that happen to fall, without a word that some went on and some stayed, hardly are stages.
          apart = text.cues[:stages_left].zero? ? 0.4 : 1.0
          finding(((cover**2) * 0.8 * apart) + (text.cues[:stages_left] >= 2 ? 0.2 : 0), "#{count(items.size, 'stage')}, each with fewer than the one before", items)
        end

        private

        def last_one(stage)
          return nil unless nodes.size < 2 && stage.value > 1

          rest = text.sentences.select { |s| s.to > stage.quantity.to }.first(2).filter_map do |s|
            at = s.text.index(ONE, [stage.quantity.to - s.from, 0].max)
            text.span(s.from + at + s.text[at..][/\A[,;]?\s*(?:and )?/].length, s.to) if at
          end
          rest.first && item(rest.first, value: 1, unit: stage.unit)
        end

        # "Accounts: 84", "Studio: 132", "Sales: 51": rows of which a later one is the largest are no stages.
        def below_others?(stages) = nodes.size >= 3 && text.entries.any? && nodes.first.span.to < stages.first.span.from && text.quantities_in(nodes.first.span).one?

        # The longest run of counts that only fall, from the largest on.
        def falling
          list = counts
          return [] if list.empty?

          start = list.index(list.max_by(&:value))
          longest(list.drop(start))
        end

        # "Places: 120. Booked: 78. Still free: 42": two that make up the first.
        def remainder?(stages) = stages.size == 3 && stages[1].value + stages[2].value == stages[0].value

        def counts
          @counts ||= entries || without_lost(without_some(text.measures.select { |m| stage?(m) && !holds?(m) })).then { |list| list.empty? && flows? ? measured : list }
        end

        # "151 were on the bus. The bus holds 140.": how many could be, and no stage.
        def holds?(measure) = text.before(measure.quantity, 20).match?(/\b(?:holds|seats|has room for) (?:only |just |about )?\z/)

        # "20 were offered a stage; three of these were the same people, and in the end 14 choirs stood there": what is more behind it goes on from the whole.
        # "210 drawings. The weavers laughed at 130 and let 80 pass.": those who fell away and those who went on make the stage before them.
        def without_lost(list) = list - list.each_cons(3).filter_map { |whole, gone, left| gone if gone.value + left.value == whole.value && lost?(gone, left) }
        def lost?(gone, left) = gone.sentence.from == left.sentence.from && text.string[gone.sentence.from...left.quantity.from].match?(LOST)

        def without_some(list) = list.reject.with_index { |m, i| m.value < 10 && list[i + 1]&.then { |following| following.value > m.value } && Turned.some_of?(text, m.quantity) }

        # "Trial days: 9": beside the label of an entry it counts, whatever it seems to measure.
        def entries
          return nil if nodes.size < 3

          # "240 with five stamps": what leads each row.
          leading = nodes.map { |n| text.measures.find { |m| m.quantity.from == n.span.from } }
          return leading if leading.all?

          found = nodes.map { |n| text.measures.select { |m| n.span.from <= m.quantity.from && m.quantity.to <= n.span.to } }
          # "17 finished (and one goat)"
          found = found.map { |l| l.size > 1 ? l.reject { |m| text.before(m.quantity, 6).match?(/\((?:and |plus )?\z/) } : l }
          found.flatten if found.all? { |l| l.one? && (!l.first.quantity.said || things?(l.first)) }
        end

        def others?(quantity) = text.before(quantity, 20).then { |before| before.match?(OTHERS) || (quantity.value < 10 && before.match?(/,\s+of whom \z/)) }

        # "1,860 were laid, forty having been stolen for gardens"
        def fell_away?(quantity)
          behind = text.string[quantity.to, 60].to_s
          return true if text.before(quantity, 2) == ", " && behind.match?(/\A (?:[[:lower:]]+ )?having\b/)

          # "Ten were printed, which is four | in a hundred"
          return true if behind.match?(/\A (?:in|out of) (?:an? |every )?(?:ten|hundred|thousand|\d+)\b/)
          return true if quantity.value < 10 && text.before(quantity, 16).match?(/\b(?:because|since|as) (?:only )?\z/)

          # "The boat needs eight.", "Three of those are cousins.": what is wanted, and who they are.
          text.before(quantity, 20).match?(WANTED) || behind.match?(WHO_THEY_ARE)
        end

        # A single one that is told of beside is no stage; of more it may be meant that they did the same: "eight stood still, three of these for a minute".
        def stage?(measure)
          return false if in_brackets?(measure.quantity)

          (things?(measure) || measure.unit == "times") && !others?(measure.quantity) && !fell_away?(measure.quantity) && !(measure.value == 1 && Turned.aside?(text, measure.quantity))
        end

        # "After a week of crickets (some eleven thousand crickets) there were fifty-one"
        def in_brackets?(quantity)
          return false if text.before(quantity, 1) == "(" && text.string[quantity.to] == ")"

          text.before(quantity, 60).match?(OPENED) && text.string[quantity.to, 60].to_s.match?(CLOSED)
        end

        # Winters and summers only go by.
        def things?(measure) = measure.unit.empty? || (Units.counted?(measure.unit) && (nodes.size >= 2 || !measure.unit.match?(/\A(?:winter|summer|season|night)s\z/)))

        # Water, flour or light that is lost on its way.
        def flows? = text.all_words.scan(FLOWS).size >= 2

        def measured = text.measures.reject { |m| m.unit == "%" || HandedOn::TIME.include?(m.unit) }.then { |list| list.map(&:unit).uniq.one? ? list : [] }

        def longest(list)
          best = Array.new(list.size) { |i| [i] }
          list.each_index do |i|
            (0...i).each { |j| best[i] = best[j] + [i] if best[j].first.zero? && list[j].value > list[i].value && best[j].size + 1 > best[i].size }
          end
          run = best.select { |b| b.first.zero? }.max_by { |b| [b.size, -list[b.last].value] } || []
          run.map { |i| list[i] }
        end

        def stage(measure)
          span = measure.span
          title = subject_or_deed(measure)
          Item.new(title: Titles.capital(title), detail: without(span, measure.quantity).delete_prefix("Of "), spans: [span], value: measure.value, unit: measure.unit, children: [], aspects: [])
        end

        # What happened at the stage: the words after the number, without "of them".
        def subject_or_deed(measure)
          done = text.string[measure.span.from...measure.quantity.from][DONE_BY, :what]
          return tidy(done) if done

          after = behind(measure, OF_THE).sub(/\A\s*(?:of (?:them|those|these|whom|which|us|you)\s*)/, "").strip.sub(/\A[,:–—]\s*/, "")
          # "The handwriting of 112 and | liked the sound of forty".
          words = after.match?(/[[:alpha:]]{3}/) && !after.match?(/\A(?:and|but|or|then)\z/i) ? after : text.string[measure.span.from...measure.quantity.from]
          # "240 | with five stamps": a second number of a row tells which.
          row = words.match?(WITH_SO_MANY) && text.span(measure.quantity.to, measure.sentence.to).text
          row && row.split.size <= Titles::MOST ? row.strip.chomp(".") : tidy(words)
        end
      end
    end
  end
end
