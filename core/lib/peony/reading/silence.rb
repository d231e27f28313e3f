# frozen_string_literal: true

module Peony
  module Reading
    # Why a passage needs no picture, in words for the person.
    module Silence
      module_function

      # @param text [Reading::Text]
      # @param all [Array<Finding>] what the finders saw
      # @return [String]
      def reason(text, all)
        return "Thanks, contacts and small print need no picture." if text.cues[:thanks].positive?
        return "A line or two that lead to what follows." if text.string.split.size < 25
        return "No steps, dates, numbers or things side by side in these words." if all.empty?

        "These words introduce or tell; nothing in them asks for a picture."
      end
    end
  end
end
