# frozen_string_literal: true

module Peony
  module Figures
    # Which items ask and which are where an answer leads: a question and the items up to the next one.
    module Branches
      Branch = Struct.new(:question, :exits, keyword_init: true)

      ASKS = /\?|\A(?:if|whether|is|are|does|do|did|has|have|can|which|who|what|where|when)\b/i

      private

      # Items without any question go in pairs, so that each has somewhere to lead.
      # @return [Array<Branch>]
      def branches
        @branches ||= begin
          asking = items.select { |i| asks?(i) }
          groups = asking.empty? ? items.each_slice(3).to_a : items.slice_before { |i| asks?(i) }.to_a
          groups.map { |first, *rest| Branch.new(question: first, exits: rest) }
        end
      end

      def asks?(item) = item.title.match?(ASKS) || item.detail.end_with?("?")
    end
  end
end
