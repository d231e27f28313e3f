# frozen_string_literal: true

module Peony
  module Figures
    # Which items ask and which are where an answer leads: a question and the items up to the next one.
    module Branches
      Branch = Struct.new(:question, :exits, keyword_init: true)

      ASKS = /\?|\A(?:if|whether|is|are|does|do|did|has|have|can|which|who|what|where|when)\b/i

      # "Look at the flag", "ask if they have the jar": what is looked at or asked parts the way like a question.
      CHECKS = /\b(?:(?:asks?|wonders?|sees?|knows?|decides?|is|thing|question)(?: \S+sel(?:f|ves))? (?:if|whether)|knows? (?:which|what|how|when|where|who)|asks? (?:if|whether|how|what|when|where|which|who)|(?:find|see) out (?:if|whether|how|what)|depends? on|looks? (?:at|for|whether)|checks? (?:if|whether|the|for)|weighs? it|counts? (?:the|how)|holds? it up)\b/i

      class << self
        # @param items [Array<Item>]
        # @return [Boolean] whether any of them asks: cases that stand side by side ("If you are fit, ...") do not lead from one to the next
        def asked?(items) = items.any? { |item| asks?(item) }

        def asks?(item) = item.title.match?(ASKS) || item.detail.end_with?("?") || "#{item.title} #{item.detail}".match?(CHECKS)
      end

      # A case of so many words stands at the way to its end.
      LONGEST = 9

      private

      # "With a note", above "Half is paid back": what leads to an end, and does not only say more of it.
      # @return [String, nil]
      def case_of(item)
        led = item.detail
        led if led.match?(/\A[[:upper:]]/) && led.split.size <= LONGEST && !led.match?(/\?\z/) && !led.downcase.include?(item.title.downcase)
      end

      # A case is lettered as what it belongs to, and is part of its words.
      def over_title = { font: "body", part: "detail", small: true }

      # Items without any question go in threes, so that each has somewhere to lead.
      # @return [Array<Branch>]
      def branches
        @branches ||= (Branches.asked?(items) ? items.slice_before { |i| Branches.asks?(i) } : items.each_slice(3)).map { |first, *rest| Branch.new(question: first, exits: rest) }
      end
    end
  end
end
