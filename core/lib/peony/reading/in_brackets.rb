# frozen_string_literal: true

module Peony
  module Reading
    # Parts whose own parts stand behind a colon or in brackets: "Wood: saws (hand, jig, band), planes". Part of the finder of hierarchies.
    module InBrackets
      DASHED = /\A[^–—;:,\d]{2,40} [–—] [^;,–—]+, [^;–—]+\z/

      private

      def bracketed
        rows = text.sentences.flat_map { |s| (Series.after_colon(s) || s).then { |b| Series.split(b) } }.select { |s| s.text.match?(/\A[^(]{2,40}\([^)]+\)/) }
        rows.count { |s| s.text.match?(/\([^)]+,[^)]+\)/) } >= 2 ? rows : []
      end

      # "Knots: (1) stoppers – figure eight, overhand; (2) loops – bowline, butterfly": each with its own behind a dash.
      def dashed
        rows = text.sentences.map do |s|
          numbered = Enumerated.parts(s)
          body = Series.after_colon(s) || s
          numbered.any? ? numbered : Sentences.clauses(body, /;\s+(?:and\s+)?/)
        end.max_by(&:size).to_a
        rows.size > 1 && rows.all? { |s| s.text.match?(DASHED) } ? rows : []
      end

      # "Wood: saws (hand, jig, band), planes, clamps", "Ground floor: minerals (quartz, ores) and fossils (ferns, fish)": parts of which some have parts of their own.
      def grouped(span)
        label = span.text.match(/\A(?<name>[^:(]{2,48}):\s+/) or return nil
        parts = Sentences.clauses(text.span(span.from + label.end(0), span.to), /(?:[,;]\s+(?:and\s+)?|\s+and\s+)(?![^()]{0,200}\))/)
        own = parts.map { |part| part.text.match(/\A(?<name>[^()]{2,40}?)\s*\((?<rest>[^()]+)\)/) }
        return nil unless parts.size > 1 && (own.compact.size > 1 || own.compact.any? { |m| m[:rest].include?(",") })

        made(label[:name].strip, "", [span]).tap do |i|
          i.children = parts.zip(own).map do |part, match|
            next item(part) unless match

            inner = Series.split(part.group(match, :rest))
            item(text.span(part.from, part.from + match.end(:name))).tap { |c| c.children = inner.map { |s| item(s) } }
          end
        end
      end

      def branch(span)
        told = grouped(span)
        return told if told

        match = span.text.match(/\A(?<name>[^:(–—→]{2,48}?)\s*[:(–—→]\s*(?<rest>[^)]+)\)?\.?\z/m)
        return item(span) unless match

        # "Top: sweet (jam, honey, syrup)": what stands in brackets is below.
        inner = match[:rest].index(/(?<=\()[^()]+,[^()]+\z/) || 0
        body = text.span(span.from + match.begin(:rest) + inner, span.from + match.end(:rest))
        made(match[:name].strip, "", [span]).tap { |i| i.children = Series.split(body).map { |s| item(s) } }
      end
    end
  end
end
