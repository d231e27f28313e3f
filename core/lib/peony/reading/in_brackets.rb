# frozen_string_literal: true

module Peony
  module Reading
    # Parts whose own parts stand behind a colon or in brackets: "Wood: saws (hand, jig, band), planes". Part of the finder of hierarchies.
    module InBrackets
      # "minerals (quartz, ores)"
      GROUP = /(?<name>[^(),;]{2,40}?)\s*\((?<rest>[^()]+)\)/

      private

      def bracketed
        rows = text.sentences.flat_map { |s| (Series.after_colon(s) || s).then { |b| Series.split(b) } }.select { |s| s.text.match?(/\A[^(]{2,40}\([^)]+\)/) }
        rows.count { |s| s.text.match?(/\([^)]+,[^)]+\)/) } >= 2 ? rows : []
      end

      # "Ground floor: minerals (quartz, ores), fossils (ferns, fish)": parts with parts of their own.
      def grouped(span)
        label = span.text.match(/\A(?<name>[^:(]{2,48}):\s+/) or return nil
        at = label.end(0)
        groups = []
        while (match = span.text.match(GROUP, at))
          at = match.end(0)
          groups << %i[name rest].map { |part| text.span(span.from + match.begin(part), span.from + match.end(part)) }
        end
        return nil if groups.size < 2

        made(label[:name].strip, "", [span]).tap do |i|
          i.children = groups.map { |name, rest| item(text.span(name.from + name.text[/\A\s*(?:and\s+)?/].length, name.to)).tap { |c| c.children = Series.split(rest).map { |s| item(s) } } }
        end
      end

      # "Wood: saws (hand, jig, band), planes, clamps": some of the parts have parts of their own.
      def with_kinds(span)
        label = span.text.match(/\A(?<name>[^:(]{2,48}):\s+(?=[^,]*(?:\(|,))/) or return nil
        return nil unless span.text.match?(/\([^()]+,[^()]+\)/)

        parts = Sentences.clauses(text.span(span.from + label.end(0), span.to), /,\s+(?:and\s+)?(?![^()]*\))/)
        return nil if parts.size < 2

        made(label[:name].strip, "", [span]).tap do |i|
          i.children = parts.map do |part|
            own = part.text.match(/\A(?<name>[^()]+?)\s*\((?<rest>[^()]+)\)/) or next item(part)
            item(text.span(part.from, part.from + own.end(:name))).tap { |c| c.children = Series.split(text.span(part.from + own.begin(:rest), part.from + own.end(:rest))).map { |s| item(s) } }
          end
        end
      end

      def branch(span)
        told = grouped(span) || with_kinds(span)
        return told if told

        match = span.text.match(/\A(?<name>[^:(–—]{2,48}?)\s*[:(–—]\s*(?<rest>[^)]+)\)?\.?\z/m)
        return item(span) unless match

        # "Top: sweet (jam, honey, syrup)": what stands in brackets is below.
        inner = match[:rest].index(/(?<=\()[^()]+,[^()]+\z/) || 0
        body = text.span(span.from + match.begin(:rest) + inner, span.from + match.end(:rest))
        made(match[:name].strip, "", [span]).tap { |i| i.children = Series.split(body).map { |s| item(s) } }
      end
    end
  end
end
