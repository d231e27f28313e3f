# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Questions whose answers branch to different outcomes.
      class Decision < Finder
        family "decision"

        SPLIT = /(?<=[?])\s+|;\s+(?:and |but )?|:\s+|\s*→\s*|,\s+(?:and |but )?(?=if\b|unless\b|otherwise\b|whether\b|without\b)|\.\s+/
        IF = /\b(?:if|whether|unless|when|otherwise|depends|provided)\b|\?/i

        def find
          items = branches.map { |s| item(s) }
          return nil if items.size < 3 || items.size > 14

          finding([0.12 * (text.cues[:if_then] + text.cues[:yes_no] + text.string.count("?")), 0.9].min, "#{count(items.count { |i| "#{i.title} #{i.detail}".match?(IF) }, 'question')} that lead to different ends", items)
        end

        private

        def branches
          units = nodes.size >= 2 ? nodes.flat_map { |n| [n.span, *n.children.map(&:span), *n.body] } : text.sentences
          units.flat_map { |s| parts(s) }.select { |s| s.text.split.size >= 2 && !s.text.match?(/\A(?:yes|no|neither)\W*\z/i) }
        end

        # Condition and consequence are two: "If it has none, it goes to the sales table".
        def parts(span)
          Sentences.clauses(span, SPLIT).flat_map do |clause|
            match = clause.text.match(/\A(?:but |and )?(?:if|when|where|without|with|unless)\b[^,]{3,70},\s+(?:then )?/i)
            next [clause] unless match && outcome?(clause.text[match.end(0)..])

            question?(match[0]) ? [text.span(clause.from, clause.from + match.end(0)), text.span(clause.from + match.end(0), clause.to)] : [clause]
          end
        end

        def outcome?(words) = words.split.size >= 2
        def question?(_words) = false
      end
    end
  end
end
