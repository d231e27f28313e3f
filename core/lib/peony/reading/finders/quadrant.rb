# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Four boxes from two aspects, or four named heads of an assessment.
      class Quadrant < Finder
        family "quadrant"

        AXES = /\b(?:two (?:questions|things|counts|aspects|measures)|neither|nor|by \w+ and (?:by )?\w+|how (?:much|hard|often|likely|long|many)\b.{3,60}\band how|whether\b.{3,60}\band whether|by how .{3,40} and how|is it \w+, (?:and )?is it)\b/

        # Everything is held against two questions: "by two things only: do we know it, and does it bring the house down".
        ASKS = /(?:whether|how|would|could|can|do|does|did|is|are|will)/
        JUDGED = /\b(?:judged?|sort(?:ed)?|ask(?:ed|ing)?|held|put|went through|questions?|things|tests?|counts|each|every\w*)\b[^.;]{0,80}?\b#{ASKS}\b[^.?;]{4,60}(?:,|\?| and)\s+(?:and )?#{ASKS}\b/

        # "Two columns: one says what an animal eats, the other how many people come because of it", "heavy or light one way, fragile or tough the other"
        ONE_AND_OTHER = /\bone (?:says?|tells?|shows?|for|is|asks?|holds?)\b[^.;]{3,60},? (?:and )?the other\b|\b[[:lower:]]+ or [[:lower:]]+ one way, (?:and )?[[:lower:]]+ or [[:lower:]]+ the other\b/

        HEADS = /\A(?:[SWOT](?=:)|strengths?|weakness(?:es)?|opportunit(?:y|ies)|threats?|keep|stop|start|change|what (?:went|surprised|we)|went|liked|lacked|longed(?: for)?|learned|lessons|to do|next)\b/i

        ASSESSED = [/\bstrong\b|\bstrengths?\b|\bgood at\b|\bwell\b/i, /\bweak(?:ness|nesses)?\b|\bbad(?:ly)? at\b|\bbadly\b|\bpoor at\b/i,
                    /\bchances?\b|\bopportunit|\bcould\b|\bmight\b|\bhelp\b|\bhopes?\b/i,
                    /\bdangers?\b|\bthreat|\brisks?\b|\bsink\b|\bfears?\b|\bafraid\b|\bworr(?:y|ies)\b|\bharm\b|\blose\b|\b(?:do|be the end) for (?:it|us|me|them)\b/i].freeze

        PAIR = /\A(?<name>[[:alpha:]-]+(?:,| and| but) [[:alpha:]-]+)(?::|(?:, [^,:]+,)? (?:is|are|was|were)) (?<rest>\S.*)\z/m

        FOUR = /\bfour (?:kinds|sorts|lots|groups|heaps|ways|boxes|piles|baskets|drawers|shelves)\b/
        FRAME = /\A[^.]*\b(?:how|what|whether|of each|is it|does it|asked|judge|sort\w*|which|by how|two|four|napkin|state of|put each|fall into)\b/i
        BOX = /\b(?:both|neither|nor|but|not|without|top|bottom|easy|hard|dear|cheap|costly|little|power|strengths|weak|chance|threat\w*|opportunit\w*|chance|sun|shade|dry|wet|long|short|urgent|matters?|can|wants?|welcome|notice)\b/i

        # From this chance on a last sentence is one of the four.
        SURELY = 0.6

        LED = /\A(?<name>(?<one>[[:alpha:]]+) (?:and|but) (?<two>[[:alpha:]]+)) (?<rest>\S.*)\z/m

        def find
          items = [of_table, of_nodes, of_prose].find { |list| list&.size == 4 } || of_points
          return nil unless items

          finding(@strength, nodes.size.between?(4, 5) ? "four heads of one assessment" : "four boxes from two questions", items)
        end

        private

        # A table of two rows and two columns of words: each cell is a box.
        def of_table
          rows = nodes.size == 2 ? nodes.filter_map { |n| Crossed.row(text, n) } : []
          columns = rows.size == 2 && rows.all? { |_, cells| cells.size == 2 } && Crossed.columns(rows.map(&:last)) or return nil
          return nil if columns.any? { |c| c.values.any? { |v| Crossed.kind(v) != "words" } }

          @strength = 0.8
          rows.each_with_index.flat_map { |(row, cells), i| columns.each_with_index.map { |c, j| made(c.values[i], "#{row}, #{c.name}", [cells[j]]) } }
        end

        def of_nodes
          # "Pool: what helps and what does not", and then four heads.
          heads = nodes.map { |n| n.span.text }
          led = heads.size == 5 && (heads.drop(1).all? { |h| h.match?(HEADS) } || crossed?(heads.drop(1)))
          boxes, heads = [nodes, heads].map { |list| led ? list.drop(1) : list }
          return nil unless boxes.size == 4

          @strength = if heads.count { |h| h.match?(HEADS) } >= 3 then 0.97
                      elsif crossed?(heads) then 0.9
                      elsif judged? && heads.last.match?(/\A(?:neither|none|the rest|all others?)\b/i) then 0.92
                      else 0.2
                      end
          boxes.map { |n| node_item(n) }
        end

        # "Cheap and good, cheap and poor, dear and good, dear and poor": two words, each with two others.
        def crossed?(heads)
          pairs = heads.map { |h| h[/\A[^:–—]+/].to_s.downcase.split(/\s+(?:and|but)\s+|,\s*/) }
          pairs.all? { |p| p.size == 2 } && pairs.map(&:first).uniq.size == 2 && pairs.map(&:last).uniq.size == 2
        end

        def of_prose
          return nil if nodes.size >= 2

          told = of_led || of_pairs || of_some
          return told if told

          short = text.sentences.select { |s| s.text.match?(/\A[^:.]{4,40}:\s/) && !s.text.end_with?("?") }
          return boxed(short, crossed?(short.map(&:text)) ? 0.95 : 0.5) if short.size == 4

          list = axes? ? boxes : []
          return boxed(list, told_by_axes) if list.size == 4

          assessed.then { |heads| boxed(heads, 0.4) if heads }
        end

        # "Likely and bad: ice on the ramp. ... Unlikely and harmless, and top of everyone's list, are wasps": two words each, and what is so.
        def of_pairs
          rows = text.sentences.filter_map { |s| (m = s.text.match(PAIR)) && [s, m] }
          return of_joined unless rows.size == 4 && crossed?(rows.map { |_, m| "#{m[:name]}:" })

          @strength = 0.95
          rows.map { |s, m| made(m[:name], m[:rest].sub(/[.;,]+\z/, ""), [s]) }
        end

        # "The strong and handsome are sold. Those that are strong but plain go to the hedge. ...": two words joined in each of four, crossed.
        def of_joined
          told = text.sentences.map { |s| [s, s.text.scan(/\b([[:lower:]]{3,}) (and|but) ([[:lower:]]{3,})\b/).first(2)] }.reject { |_, joined| joined.empty? }.first(6)
          four = told.combination(4).lazy.flat_map { |rows| rows.map(&:last).then { |first, *others| first.product(*others) }.map { |pairs| rows.map(&:first).zip(pairs) } }
                     .find { |rows| two_by_two?(rows.map { |_, (a, _, b)| [a, b] }) }
          return nil unless four

          @strength = 0.85
          four.map { |s, words| made(words.join(" "), s.text.chomp("."), [s]) }
        end

        # "Cheap and useful goes on the door. ... Dear and useful needs the governors, and dear and useless has been bought": two crossed pairs, some of them in one sentence.
        def of_led
          spans = text.sentences.flat_map { |s| Sentences.clauses(s, /[,;]\s+(?:and |but |while )?(?=[[:lower:]]+ (?:and|but) [[:lower:]]+ )/) }
          rows = spans.filter_map { |s| (m = s.text.match(LED)) && [s, m] }
          return nil unless rows.size == 4 && two_by_two?(rows.map { |_, m| [m[:one].downcase, m[:two].downcase] })

          @strength = 0.9
          rows.map { |s, m| made(m[:name], m[:rest].sub(/[.;,]+\z/, ""), [s]) }
        end

        # "Strong and handsome", "strong but plain", "weak and pretty", "weak and plain": in other words as well.
        def two_by_two?(pairs)
          pairs.group_by(&:first).values.then { |groups| groups.map(&:size) == [2, 2] && groups.all? { |list| list.uniq.size == 2 } } && pairs.map(&:last).uniq.size < 4
        end

        # "Some pay and come, some pay and stay away, some come without paying, and some do neither."
        def of_some
          parts = text.sentences.flat_map { |s| Sentences.clauses(s, /[,;]\s+(?:and |or )?(?=(?:some|others)\b)/) }
          parts = parts.map { |s| text.span(s.from + s.text[/\A[^,;]{0,40}?(?=\bsome\b)/i].to_s.length, s.to) }
          return nil unless parts.size == 4 && parts.all? { |s| s.text.match?(/\A(?:some|others)\b/i) }
          return nil unless parts.last.text.match?(/\b(?:neither|none of (?:these|it))\b/) || parts.all? { |s| s.text.match?(/ (?:and|but) /) }

          boxed(parts, 0.6)
        end

        def told_by_axes
          return 0.85 if judged?

          cue?(:two_axes) ? 0.6 : 0.3
        end

        # An assessment told in prose: what is strong, what is weak, what could help, what could harm, each in a sentence of its own and in this order.
        def assessed
          at = -1
          ASSESSED.map do |pattern|
            index = text.sentences.each_index.find { |i| i > at && text.sentences[i].text.match?(pattern) } or return nil
            text.sentences[at = index]
          end
        end

        # The four statements of running text that most likely say something of their own.
        def of_points
          points = guessed(4..6) or return nil
          # "Sift the flour. Add the milk. Stir the batter. Heat the pan."
          return nil if points.all? { |p| text.told?(p.span) } && !axes?

          @strength = judged? && 0.5
          @strength ||= axes? || text.all_words.match?(FOUR) ? 0.2 : 0.05
          points.max_by(4, &:chance).sort_by { |p| p.span.from }.map { |p| point_item(p) }
        end

        # Two questions are asked of everything, or something is told by "neither ... nor".
        def axes? = cue?(:two_axes, :swot) || judged? || text.all_words.match?(AXES)

        def judged? = @judged ||= text.sentences.first(2).any? { |s| s.text[0, 400].downcase.then { |words| words.match?(JUDGED) || words.match?(ONE_AND_OTHER) } }

        def boxed(spans, strength)
          @strength = strength
          spans.map { |s| item(s) }
        end

        # Sentences after the two questions, parted where one holds two boxes.
        def boxes
          whole = without_frame(answered(text.sentences.reject { |s| s.text.match?(/\?\z/) }))
          return whole if whole.size == 4 && whole.count { |s| s.text.match?(BOX) } >= 2

          return whole.first(4) if whole.size == 5 && whole.size < text.sentences.size && remark?(whole.last)

          spans = without_frame(Points.candidates(text).reject { |s| s.text.match?(/\?\z/) })
          return spans if spans.size == 4

          spans = spans.drop(1) if spans.size > 1 && spans.first.text.match?(FRAME)
          spans.size == 4 ? spans : told(spans.select { |s| s.text.match?(BOX) && s.text.split.size > 3 })
        end

        # What the strays take for a remark, or nearly.
        def remark?(span) = text.points("quadrant").none? { |p| p.chance >= SURELY && shared(p.span, span).positive? }

        # "Only nobody could say who would want one. Maybe one wet day.": a few words without a verb say what becomes of what was told.
        def answered(sentences)
          sentences.each_with_object([]) do |s, list|
            brief = list.size > 1 && s.text.split.size <= 4 && !Manner.verb(text, s) && !s.text.match?(/\Athank/i)
            brief ? list[-1] = text.span(list.last.from, s.to) : list << s
          end
        end

        def without_frame(spans)
          spans = spans.drop(1) while spans.size > 4 && spans.first.text.match?(FRAME)
          spans
        end

        # The four that most speak of boxes, or fewer parted into four.
        def told(spans)
          return spans.max_by(4) { |s| s.text.scan(BOX).size }.sort_by(&:from) if spans.size > 4

          spans = split(spans) while spans.size.between?(2, 3) && split(spans).size > spans.size
          spans.size == 4 ? spans : []
        end

        # The longest sentence in its boxes: "one who can but won't ..., one who wants to ..., and for the few who ...".
        def split(spans)
          longest = spans.max_by { |s| s.text.length }
          spans.flat_map { |s| s == longest ? halves(s, 5 - spans.size) : [s] }
        end

        def halves(span, most)
          parts = Sentences.clauses(span, /,\s+(?:and\s+)?(?=one\b|for\b|those\b|the\b)/)
          parts.size > most ? [*parts.first(most - 1), text.span(parts[most - 1].from, span.to)] : parts
        end
      end
    end
  end
end
