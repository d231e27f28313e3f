# frozen_string_literal: true

module Peony
  module Reading
    # What a person put right in a reading, laid over what Peony reads: a family that comes first, items in place of those it found.
    module Correction
      REASON = "as you put it right"

      module_function

      # @param result [Result]
      # @param corrections [Array<Hash>] as kept in a piece
      # @return [Result] the same where nothing was put right
      def apply(result, corrections)
        correction = of(result.passage, corrections)
        return result unless correction

        base = (correction["family"] && result.finding(correction["family"])) || result.best
        family = correction["family"] || base&.family || "list"
        items = correction["items"] ? correction["items"].map { |i| item(i, result.passage) } : base&.items
        return result if items.nil? || items.empty?

        first = Finding.new(family: family, fit: 1.0, reason: "#{items.size} #{items.size == 1 ? 'item' : 'items'}, #{REASON}", items: items)
        rest = result.findings.reject { |f| f.family == family }
        Result.new(**result.to_h, findings: [first, *rest], silence: nil)
      end

      # @return [Hash, nil] the correction of this passage: it holds the block that the correction begins with
      def of(passage, corrections)
        ids = passage.blocks.map(&:id)
        (corrections || []).find { |c| ids.include?(c["blocks"].first) }
      end

      # A kept item as an item of the reading, its threads counted in the passage again.
      def item(kept, passage)
        spans = (kept["refs"] || []).filter_map do |ref|
          stretch = passage.stretches.find { |s| s.block.id == ref["block"] }
          next unless stretch

          from = (stretch.from + ref["start"]).clamp(stretch.from, stretch.to)
          to = (stretch.from + ref["end"]).clamp(from, stretch.to)
          Span.new(passage.text[from...to], from, to)
        end
        Item.new(title: kept["title"], detail: kept["detail"].to_s, spans: spans, value: kept["value"], unit: kept["unit"], date: kept["date"], aspects: kept["aspects"] || [],
                 children: (kept["children"] || []).map { |c| item(c, passage) })
      end
    end
  end
end
