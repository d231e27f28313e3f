# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Causes and effects: what leads to one thing, or a chain of them.
      class Cause < Finder
        family "cause"

        def find
          # "So few apples, so dear cider": one leads to the next.
          later((text.cues[:because] + (text.all_words.scan(/[,;] (?:and )?so /).size >= 2 ? 2 : 0)).clamp(0, 4) * 0.2, 2..) do
            items = without_when(alike(series: text.sentences.size <= 2))
            [items, "#{count(items.size, 'cause')} and what comes of them"]
          end
        end

        private

        # "When the school closes, | families move away, the shop loses customers": what they come of is none of them.
        def without_when(items)
          items.size > 3 && text.sentences.size == 1 && items.first.spans.first.text.match?(/\A(?:when|if|because|as soon as|since|once)\b/i) ? items.drop(1) : items
        end
      end
    end
  end
end
