# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Two quantities measured together, how one goes with the other.
      class Relation < Finder
        family "relation"

        def find
          pairs = rows.filter_map { |span| pair(span) }
          return nil if pairs.size < 3

          finding(0.4 + (0.08 * [pairs.size, 5].min) + (cue?(:more_the) ? 0.2 : 0), "two quantities measured together at #{count(pairs.size, 'point')}", pairs)
        end

        private

        def rows
          return nodes.map(&:span) if nodes.size >= 3

          text.sentences.flat_map { |s| split(s) }
        end

        # A sentence with several pairs is parted so that each part holds two numbers.
        def split(sentence)
          list = text.quantities_in(sentence)
          return [sentence] if list.size < 4

          clauses = Sentences.clauses(sentence, /;\s+(?:and )?|,\s+(?:and |with |at |then )?|:\s+|\s+and\s+(?=at\b|with\b|eight|\w+ with)/)
          clauses.each_with_object([]) do |clause, parts|
            if parts.any? && text.quantities_in(parts.last).size < 2 then parts[-1] = text.span(parts.last.from, clause.to)
            else
              parts << clause
            end
          end
        end

        def pair(span)
          list = text.quantities_in(span).reject { |q| q.unit == "times" && list_has_other?(span) }
          return nil if list.size < 2

          one, two = list.first(2)
          return nil if (one.unit == two.unit && !repeated?) || text.string[one.to...two.from].match?(/\A\s*(?:to|in|out of|of)\s/)

          title = Titles.of(label(span, one)).first
          Item.new(title: Titles.capital(title), detail: span.text.strip.chomp("."), spans: [span], value: two.value, unit: two.unit, children: [],
                   aspects: [[one.unit.empty? ? "first" : one.unit, one.text], [two.unit.empty? || two.unit == one.unit ? "second" : two.unit, two.text]])
        end

        def list_has_other?(_span) = false
        def repeated? = nodes.size >= 3

        def label(span, one)
          lead = span.text[0...(one.from - span.from)].strip.sub(/[:,–—-]\z/, "")
          lead.match?(/[[:alpha:]]{3}/) ? lead : span.text[(one.from - span.from)..]
        end
      end
    end
  end
end
