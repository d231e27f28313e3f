# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Causes and effects: what leads to one thing, or a chain of them.
      class Cause < Finder
        family "cause"

        def find
          items = alike(series: text.sentences.size <= 2)
          return nil if items.size < 2

          finding(text.cues[:because].clamp(0, 4) * 0.2, "#{count(items.size, 'cause')} and what comes of them", items)
        end
      end
    end
  end
end
