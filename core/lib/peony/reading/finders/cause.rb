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
            items = alike(series: text.sentences.size <= 2)
            [items, "#{count(items.size, 'cause')} and what comes of them"]
          end
        end
      end
    end
  end
end
