# frozen_string_literal: true

module Peony
  module Reading
    # What lies in the middle of a text that tells of things around one: "Nothing at the festival works without | the white tent".
    module Middles
      NAME = "(?:the|our|my|its|that one|one|an?(?! (?:lot|good deal|great deal)\\b)|[[:upper:]][[:alpha:]'’]+)(?: [[:alpha:]'’-]+){0,4}?"
      STOP = "(?=[,.;:?!]|\\z| (?:and|in|of|at|on|under|with|which|that|who|whom|can|before|besides|could|would|ever|has|have|had|is|was|since|do|from|for|runs|keeps|to|there|when|if|because|" \
             "behind|above)\\b)"
      # Leads to it.
      LED = "(?:without|round|around|hangs? (?:up)?on|leans? on|to rest on|runs? off|in the end, to|goes? on under|by way of|in sight of|within sight of|start(?:s|ed)? with|stands? by|watch|" \
            "(?:you|they|we) (?:ask|need)|everyone (?:[[:alpha:]]+ ){0,3}needs|took away|(?:ever )?lose|be sent to|pointed to|turns? (?:on|round|around)|revolves? around|held together by|" \
            "got from|house in [[:alpha:] ]+ but|knows? (?:that )?it is|it is|it['’]s|whose is|what is|draw [[:alpha:] ]+ with|end up with|something of)"
      FOUND = /\b#{LED} (?<words>#{NAME})#{STOP}/
      FOR = /\A[Ww]hat(?:['’]s| is)? (?<words>(?:the|our) (?:[[:alpha:]'’-]+ ){0,3}?[[:alpha:]'’-]+) (?:is )?for\b/
      OPENS = /\A(?:(?:[Hh]onestly|OK|Ok|[Ww]ell|[Rr]ight),? )?(?<words>(?:[Tt]he|[Oo]ur|[Oo]ne|[Tt]hat|[Tt]his|[Mm]y|[[:upper:]][[:alpha:]]+['’]s?) (?:[[:alpha:]'’-]+ ){0,4}?[[:alpha:]'’-]+)(?=,? (?:is|was|has|have|runs|keeps|hangs|holds|needs|of|at|in|between|would|could|had)\b)/
      NO_MIDDLE = /\A(?:it|they|he|she|we|you|there|nobody|everybody|everyone|nothing|something|one of|a (?:lot|good deal|great deal)|the (?:end|middle|first|same|whole)|what)\b/i

      module_function

      # @param sentences [Array<Span>]
      # @return [String, nil] words of the passage
      def of(sentences)
        first = sentences.first&.text or return nil
        found = [FOUND, FOR, OPENS].lazy.filter_map { |turn| first[turn, :words] }.find { |words| !words.match?(NO_MIDDLE) }
        found && Titles.capital(found.strip)
      end
    end
  end
end
