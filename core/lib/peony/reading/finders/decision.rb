# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Questions whose answers branch to different outcomes.
      class Decision < Finder
        family "decision"

        SPLIT = /(?<=[?])\s+|;\s+(?:and |but )?|\s*→\s*|,\s+(?:and |but )?(?=if\b|unless\b|otherwise\b)|\.\s+|(?<=yes|Yes|no|No|isn't|isn’t):\s+/
        FRAME = /\b(?:depends? on (?:two|three|your|age)|ask(?:s|ed)? which|the same way|people ask|comes to the office|is easy)\b/i
        IF = /\b(?:if|whether|unless|when|otherwise|depends|provided)\b|\?/i

        # One "if" is a condition; a branch says what happens otherwise.
        TURN = /\b(?:if not|if so|otherwise|unless|depends? on|neither|yes|no|those who|isn['’]t|aren['’]t|in which case|above that|anything else)\b/

        def find
          items = branches.map { |s| item(s) }
          return nil if items.size < 3 || items.size > 14

          turns = text.all_words.scan(TURN).size
          finding([(0.18 * [turns, text.string.count("?")].sum) + (0.05 * text.cues[:if_then]), 0.9].min,
                  "#{count(items.count { |i| i.spans.first.text.match?(/\?|\A(?:but |and )?(?:if|whether)\b/i) }, 'question')} that lead to different ends", items)
        end

        private

        def branches
          units = nodes.size >= 2 ? nodes.flat_map { |n| [n.span, *n.children.map(&:span), *n.body] } : text.sentences
          list = units.flat_map { |s| parts(s) }.reject { |s| s.text.match?(/\A(?:if )?(?:yes|no|not|so|neither|above|below)\W*\z/i) || s.text.split.empty? }
          list.size > 3 && frame?(list.first) ? list.drop(1) : list
        end

        # An introduction asks nothing and tells nobody to do anything.
        def frame?(span) = span.text.match?(FRAME) || (nodes.empty? && !span.text.match?(IF) && !Words.imperative?(span.text) && !span.text.match?(/:/))

        def parts(span) = Sentences.clauses(span, SPLIT)
      end
    end
  end
end
