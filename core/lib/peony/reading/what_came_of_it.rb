# frozen_string_literal: true

module Peony
  module Reading
    # What the causes lead to, in the words in which it is asked or told: "Why did nobody come to the open day?", "the bread ran out on Sunday".
    module WhatCameOfIt
      # Longer than this, it heads no figure.
      WORDS = 14
      WHY = /\b(?<words>why(?: (?:did|does|do|is|are|was|were|has|have|had|can['’]t|won['’]t|don['’]t|didn['’]t)|['’]s) [^?:;.]{3,80}\?)/i
      WHY_TOLD = /\A(?:so|ok|okay|well|right|here['’]s)?,? ?(?<words>why (?!not\b)[^:?;.]{3,70})(?=:|\?| [–—] )/i
      WHY_INSIDE = /\b(?:wonder(?:ed|s)?|asks?|asked|know|explain|tell|show|find out|found out|learn|understand|reasons?) (?<words>why (?!not\b)[^:;?.,]{8,80})(?=[.,:])/i
      FAULT = /\bfault (?:alone )?that (?<words>[^,;.]{6,70})/i
      REASONS = /\A(?:there (?:are|were) )?(?:\w+ )?(?:reasons?|causes?|things?) (?:why|behind|for|of) (?<words>[^,;:.?]{4,60})(?=:)/i
      FOR_REASONS = /\A(?<words>[^,;:.]{6,70}?),? (?:and )?for (?:#{Numbers::WORD}|\d|several|many|a number of) (?:good |bad |simple )?reasons\b/i

      module_function

      # @param sentences [Array<Span>]
      # @return [String, nil] words of the passage
      def of(sentences)
        sentences.first(3).each do |sentence|
          words = [WHY, WHY_TOLD, WHY_INSIDE, FAULT, REASONS, FOR_REASONS].lazy.filter_map { |turn| sentence.text[turn, :words] }.first
          return Titles.capital(words.strip) if words && words.split.size.between?(2, WORDS)
        end
        nil
      end
    end
  end
end
