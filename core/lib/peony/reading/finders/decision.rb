# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Questions whose answers branch to different outcomes.
      class Decision < Finder
        family "decision"

        # "No chip? Look at the collar": the answer to the question before it leads what is done then.
        ANSWER = /\A(?:and |but )?(?:no|not) (?:an? )?[[:alpha:]'’-]+\?\z/i

        SPLIT = /(?<=[?])\s+|;\s+(?:and |but )?|\s*→\s*|,\s+(?:and |but )?(?=if\b|unless\b|otherwise\b|in which case\b|without (?:one|it)\b|one with\b|those (?:who|that|with)\b|for (?:less|more|fewer|others)\b|over (?:£|€|\d))|\.\s+|(?<=yes|Yes|no|No|isn't|isn’t):\s+|:\s+(?=an?\s[^,;.]{2,40}\bmeans\b|for (?:the|more|less|those)\b|more than\b|less than\b|if\b|those\b)/
        FRAME = /\b(?:depends? on (?:two|three|your|age)|ask(?:s|ed)? which|the same way|people ask|comes to the office|is easy)\b/i
        IF = /\b(?:if|whether|unless|when|otherwise|depends|provided|one that|those (?:who|that|with)|the others?)\b|\?/i

        # One "if" is a condition; a branch says what happens otherwise.
        TURN = /\b(?:if not|if so|otherwise|unless|depends? on|neither|yes|no|those who|isn['’]t|aren['’]t|in which case|above that|anything else)\b/

        # Says no more than that one goes on.
        ON = /\A(?:(?:right|ok|okay|depends|it depends)\W*\z)|\A(?:if (?:yes|not?|so),? )?(?:yes|no|not|so|neither|above|below|go on|carry on|read on|(?:go to )?(?:the )?next question)\W*\z/i
        # "Chick on the path?" names the case; it is no question that branches.
        CASE = /\A(?!(?:is|are|was|were|do|does|did|has|have|had|can|could|will|would|should|which|who|what|where|when|how|why|may|shall|am|if|any|still|does)\b)[^?]{3,60}\?\z/i

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
          list = units.flat_map { |s| parts(s) }.reject { |s| s.text.match?(ON) || s.text.match?(/\Aif (?:yes|not?|so)\W*\z/i) || s.text.split.empty? }
          list = with_answers(list)
          list = list[0..-2] if list.size > 3 && nodes.size < 2 && remark?(list.last)
          list.size > 3 && frame?(list[0], list[1]) ? list.drop(1) : list
        end

        def with_answers(list)
          list.each_with_object([]) { |s, all| all.last&.text&.match?(ANSWER) ? all[-1] = text.span(all.last.from, s.to) : all << s }
        end

        # A last sentence without a condition, which the strays take for an aside.
        def remark?(span)
          !span.text.match?(IF) && (span.text.match?(/\Aand (?:don['’]t|do not|please|never|carry on|keep)\b/i) || text.points.none? { |p| p.span.from < span.to && span.from < p.span.to })
        end

        # An introduction asks nothing and tells nobody to do anything.
        def frame?(span, following)
          # "Cloud over half the sky? If yes, show films": that is asked.
          return false if text.string[[0, following.from - 10].max...following.from].match?(/\bif (?:yes|not?|so),? ?\z/i) || following.text.match?(/\A(?:if )?(?:yes|no)\b/i)
          return Words.imperative?(following.text) || following.text.match?(/\Adon['’]t\b/i) if span.text.match?(CASE)

          span.text.match?(FRAME) || (nodes.empty? && !span.text.match?(IF) && !Words.imperative?(span.text) && !span.text.match?(/:|\bare asked (?:what|whether|how)\b/))
        end

        def parts(span) = Sentences.clauses(span, SPLIT)
      end
    end
  end
end
