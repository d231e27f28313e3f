# frozen_string_literal: true

module Peony
  module Reading
    # Why a passage needs no picture, in words for the person.
    module Silence
      # Words that speak of the pages they stand on.
      PREFACE = /\A(?:(?:in )?what follows(?! (?:when|if|from|is that)\b)|(?:on )?the (?:following|next) pages|(?:in )?this (?:report|leaflet|booklet|newsletter|handout|issue|document|essay|guide|overview|summary|paper|page)\b(?=[^.]*\b(?:looks?|tells?|shows?|describes?|explains?|is (?:written|meant|for|about)|sums?|gives?|was written|will)\b))/i

      # The same in the middle of a short passage: "Last spring … . This is what we found out, for the council and for anyone who swims."
      HERE = /(?:\A|[.!?]\s+)(?:this|here|below) is (?:what|how)\b[^.:]*\.\s*\z/i

      module_function

      # @param text [Reading::Text]
      # @return [Boolean] whether a passage introduces the pages it stands on
      def preface?(text) = text.sentences.size <= 4 && (text.string.match?(PREFACE) || text.string.match?(HERE))

      # @return [Boolean] whether a passage says no more than where one is to be found
      def contact?(text) = text.sentences.size <= 5 && text.string.split.size < (text.series.empty? ? 50 : 25) && text.string.match?(ADDRESS)

      ADDRESS = %r{\S@\S+\.\p{L}|\bhttps?://|\bwww\.}i

      # @param text [Reading::Text]
      # @return [String]
      def reason(text)
        return "Thanks, contacts and small print need no picture." if text.cues[:thanks].positive? || contact?(text)
        return "An introduction to what follows needs no picture." if preface?(text)
        return "A line or two that lead to what follows." if text.string.split.size < 25
        return "No steps, dates, numbers or things side by side in these words." if Scorer.plain?(text) && text.dates.empty? && text.quantities.empty?

        "These words introduce or tell; nothing in them asks for a picture."
      end
    end
  end
end
