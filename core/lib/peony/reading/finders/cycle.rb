# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Steps whose last leads back to the first.
      class Cycle < Finder
        family "cycle"

        BACK = /\b(?:again|once more|back (?:to|into|they go|in)|start again|round we go|return|over and over|begin anew|and so (?:to|on)|wait for|for the next|by next)\b/i

        # By its stem, it is told again as "it".
        SOMETHING = %w[somet someb anyth].freeze

        FURTHER = /\b(?:furth(?:er)?|still more|even (?:more|fewer|less))\b/

        TAKES_UP = /\A(?:which|and so|so|and that|and with that|about which|of which|on which|at which|over which)\b/i

        def find
          told = circle
          return finding(0.95, "each leads to the next, and the last back to the first", told) if told

          later((closes? ? 0.5 : 0) + (text.cues[:loop].positive? ? 0.3 : 0), 3..10) { round.then { |items| [items, "#{count(items.size, 'step')}, and the last leads back to the first"] } }
        end

        private

        # What goes round for sure; where several sentences do, as they are parted elsewhere.
        def circle
          steps = Circle.of(text) or return nil
          return steps.map { |s| item(s) } if the_more?(steps) || steps.drop(1).none? { |s| text.sentences.any? { |whole| whole.from == s.from } }

          points = alike(series: false)
          points.size > 2 && points.size >= steps.size ? points : steps.map { |s| item(s) }
        end

        # "The more guests come, the more we bake.": each sentence is one.
        def the_more?(steps) = steps.all? { |s| s.text.match?(/\A(?:and )?the (?:more|less|fewer|[[:lower:]]+er)\b[^,]*, the (?:more|less|fewer|[[:lower:]]+er)\b/i) }

        def round
          items = closed(chain || alike(series: text.sentences.size <= 2))
          items.size > 3 && (only_back?(items.last, items.first) || further?(items.last, items.first) || come_back?(items.last, items.first)) ? in_halves(items[0..-2]) : items
        end

        # "Rain falls, rivers run, | seas warm and clouds form": two steps, where each of the others says something in two words.
        def in_halves(items)
          spans = items.map { |i| i.spans.first }
          halves = spans.map { |s| s.text.match?(/\A\S+ \S+ and \S+ \S+\z/) ? Sentences.clauses(s, / and /) : [s] }
          halves.sum(&:size) > spans.size && halves.flatten.all? { |s| text.count_in(s) == 2 } ? halves.flatten.map { |s| item(s) } : items
        end

        # One sentence that goes round: "the baker tells the postman, who tells the gate, who tell the baker".
        def chain
          return nil if nodes.size >= 2

          sentence = text.sentences.max_by { |s| s.text.scan(/;|, who\b|, which\b/).size }
          return nil if sentence.nil? || sentence.text.scan(/;|, who\b|, which\b/).size < 2

          body = Series.after_colon(sentence) || sentence
          Sentences.clauses(body, /;\s+(?:and )?|,\s+(?=who\b|which\b|tells?\b)/).map { |s| item(s) }
        end

        # What stands behind the sentence that leads back is a remark.
        def closed(items)
          at = items.each_index.select { |i| i >= 2 && items[i].spans.first.text.match?(/\b(?:again|once more|round we go|anew)\b/i) }.last
          return items if at.nil? || items.size < 4 || nodes.size >= 2

          kept = items.first(at + 1)
          kept.size >= 3 && kept.size >= items.size - 2 ? kept : items
        end

        # "The bees are back", "out again, when it next rains".
        def come_back?(last, first)
          # "September: departments ask ... and in September they ask again"
          months = [first, last].map { |i| text.moments_in(i.spans.first).first&.text.to_s[/[[:upper:]][[:lower:]]+\z/] }
          return true if months.first && months.uniq.size == 1 && first.spans.first.text.start_with?(months.first) && last.spans.first.text.match?(/\bagain\b/)

          one, two = [first, last].map { |i| i.spans.first.text.downcase.sub(/\A(?:and |so )?(?:the |a )?/, "") }
          head = two[/\A[[:alpha:]]+(?= (?:is|are|was|were) back\b| again\b)/]
          head && two.split.size <= 7 && one.match?(/\b#{head}\b/)
        end

        # "Takings are down", "takings go down further": the first, and more of it.
        def further?(last, first)
          words = last.spans.first.text.downcase
          words.match?(FURTHER) && words.split.size <= 7 && (stems(last.spans.first) - stems(first.spans.first)).all? { |w| FURTHER.match?(w) }
        end

        # "and so to new Moon again" says nothing of its own.
        def only_back?(last, first)
          words = last.spans.first.text.downcase
          said = stems(last.spans.first) - ["again"]
          return true if nodes.size >= 2 && first_again?(last, words, said, stems(first.spans.first))

          # An entry that somebody wrote is one, unless it only repeats.
          return false if words.split.size > (nodes.size >= 2 && !words.match?(/\A(?:and|then|so|back)\b/) ? 3 : 8)

          return true if said.any? && said.size <= 2 && !told_more?(last) && (said - stems(first.spans.first)).empty? && words.split.size <= 3

          (words.match?(/\A(?:and|then|so|back|until|which|who)\b/) && (words.match?(BACK) || said.size <= 2) && said.intersect?(stems(first.spans.first))) || (said.size >= 2 &&
            (said - stems(first.spans.first)).empty?)
        end

        # "Ines makes a new list", "Lund says it in the bar": an entry that says the first once more.
        def first_again?(last, words, said, first)
          return false if (said - first).any?

          (said.any? && words.split.size <= 6 && words.match?(/\b(?:new|next|another|again)\b/)) || (said.size > 1 && (first - said - SOMETHING).empty? && !told_more?(last))
        end

        # "Tape it", and below it what is done then.
        def told_more?(item) = nodes.any? { |n| n.span.from == item.spans.first.from && n.body.any? }

        def closes?
          ends = nodes.size >= 2 ? [nodes.first.span, nodes.last.span] : [text.sentences.first, text.sentences.last]
          return false if ends.any?(&:nil?)

          ends.last.text.match?(BACK) || (stems(ends.first) & stems(ends.last)).size - all_along(nodes.size) >= 2 || taken_up?
        end

        # "They say moths eat clothes. … They say moths are brown.": words of every entry lead back to none.
        def all_along(count) = count < 3 ? 0 : nodes.map { |n| stems(n.span) }.inject(:&).size

        # "Somebody complains about lunch. … | Which somebody then complains about. | Six years it has gone like this."
        def taken_up?
          list = nodes.size >= 2 ? [] : text.sentences
          list.size > 4 && list.last(2).any? { |s| s.text.match?(TAKES_UP) && list.first(3).any? { |first| (stems(first) & stems(s)).size >= 2 } }
        end

        def stems(span) = text.stems_in(span)
      end
    end
  end
end
