# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Causes and effects: what leads to one thing, or a chain of them.
      class Cause < Finder
        family "cause"

        def find
          items = two_roots || alike
          return nil if items.size < 2

          finding(text.cues[:because].clamp(0, 4) * 0.2, "#{count(items.size, 'cause')} and what comes of them", items)
        end

        private

        # "It has two roots. One is …, the other is …"
        def two_roots
          return nil if nodes.size >= 2

          one = text.sentences.find { |s| s.text.match?(/\AOne (?:is|was|of)\b/) }
          one && nil
        end
      end
    end
  end
end
