# frozen_string_literal: true

module Peony
  module Reading
    # What two or more share, told by lists that name some of the same, or by "some ..., some ..., and some both". Part of the finder of overlaps.
    module SharedLists
      private

      # "Rowers: boat, breath, practice. Singers: hall, breath, practice.": two lists that name some of the same.
      def of_lists
        rows = (nodes.size == 2 ? nodes.map(&:span) : text.sentences).select { |s| s.text.match?(/\A[^:,.]{2,40}: [^:]+\z/) }
        return nil unless rows.size == 2 && text.sentences.size <= 4

        lists = rows.map { |s| Series.split(text.span(s.from + s.text.index(": ") + 2, s.to)) }
        words = lists.map { |parts| parts.map { |s| s.text.downcase.chomp(".").strip } }
        both = words.reduce(:&)
        return nil unless both.any? && words.all? { |list| list.size.between?(2, 8) && (list - both).any? }

        @strength = 0.6
        @groups = 2
        shared = lists.last.select.with_index { |_, i| both.include?(words.last[i]) }
        [*rows.map { |s| item(s) }, further(item(shared.first), shared.drop(1).map { |s| text.span(s.from, s.to - s.text[/[.\s]*\z/].length) }, ", ")]
      end

      # "Some guests come for the food, some for the view, and some, the best, for both."
      def of_some
        return nil if nodes.size >= 2

        text.sentences.each do |s|
          parts = Sentences.clauses(s, /[,;]\s+(?:and |but )?(?=(?:some|others|a few)\b)/)
          next unless parts.size == 3 && parts.all? { |p| p.text.match?(/\b(?:some|others|a few)\b/i) } && parts.last.text.match?(/\bboth\b/)

          @strength = 0.85
          return parts.map { |p| item(p) }
        end
        nil
      end
    end
  end
end
