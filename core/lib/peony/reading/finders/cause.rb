# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Causes and effects: what leads to one thing, or a chain of them.
      class Cause < Finder
        family "cause"

        # "Late edition: | copy late; then a jam in the press."
        LABELLED = /\A[^:;.]{3,48}:\s+/
        RESULT = /\A(?:the )?(?:results?|outcome|effects?|consequences?|in the end)\s*:/i

        def find
          # "So few apples, so dear cider": one leads to the next.
          (of_result || told)&.tap { |f| f.heading = WhatCameOfIt.of(text.sentences) if passage_heading.empty? }
        end

        private

        def passage_heading = text.passage.heading.to_s

        def told
          later((text.cues[:because] + (text.all_words.scan(/[,;] (?:and )?so /).size >= 2 ? 2 : 0)).clamp(0, 4) * 0.2, 2..) do
            items = without_when(alike(series: text.sentences.size <= 2))
            [items, "#{count(items.size, 'cause')} and what comes of them"]
          end
        end

        # "Late edition: copy late; then a jam in the press. Result: 900 readers without a paper."
        def of_result
          return nil unless nodes.size == 2 && nodes.last.span.text.match?(RESULT)

          first = nodes.first.span
          from = first.text[LABELLED]&.length or return nil
          parts = Sentences.clauses(text.span(first.from + from, first.to), /[;,]\s+(?:and )?(?:then )?/)
          finding(0.8, "#{count(parts.size, 'cause')} and what comes of them", parts.map { |s| item(s) }) if parts.size > 1
        end

        # "When the school closes, | families move away, the shop loses customers": what they come of is none of them.
        def without_when(items)
          items.size > 3 && text.sentences.size == 1 && items.first.spans.first.text.match?(/\A(?:when|if|because|as soon as|since|once)\b/i) ? items.drop(1) : items
        end
      end
    end
  end
end
