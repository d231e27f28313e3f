# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Causes and effects: what leads to one thing, or a chain of them.
      class Cause < Finder
        family "cause"

        def find
          later(text.cues[:because].clamp(0, 4) * 0.2, 2..) do
            items = alike(series: text.sentences.size <= 2)
            [items, "#{count(items.size, 'cause')} and what comes of them"]
          end
        end
      end
    end
  end
end
