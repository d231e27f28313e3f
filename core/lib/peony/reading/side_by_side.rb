# frozen_string_literal: true

module Peony
  module Reading
    # What a passage names or tells one after the other, as the items of a finder: entries, rows of things within a sentence, points of running text.
    module SideBySide
      # More points of running text than this make no figure.
      MOST = 12

      # What leads to a row of things, and what adds to it.
      NAMES = /\b(?:reasons?|causes?|factors?|aims?|goals?|benefits?|advantages?|tasks?|duties|tools?|ingredients?|things)\b[^,.;:]{0,30}(?:\b(?:is|are|was|were|includes?|included)|:)\s*\z|
                 \b(?:contains?|includes?|comes?\ with|consists?\ of|made\ up\ of|ha(?:s|ve)|lends?|offers?|hires\ out)\s+(?:(?:an?|the|two|some)\s+)?\z/xi
      ALSO = /\b(?:also|another|further|as well|too|in addition|besides|finally|on top of (?:that|this))\b/i

      private

      # What stands side by side: nodes, or the longest series where it holds most of the words, or the points of running text.
      # @return [Array<Item>]
      def alike(series: true)
        return nodes.map { |n| node_item(n) } if nodes.size >= 2

        parts = enumerated
        return parts.map { |s| item(s) } if parts

        parts = series ? text.series.first : nil
        return parts.map { |s| item(s) } if parts && series_rules?(parts)

        text.points(self.class.name_of_family).map { |p| point_item(p) }
      end

      # "The main reasons were the cold spring, longer hours and the new ovens. A faulty valve also …": what is named in a row, and what comes to it.
      # @return [Array<Span>, nil]
      def enumerated
        text.once(:enumerated) do
          parts = text.sentences.size.between?(2, Finder::GUESSED) ? text.series.first : nil
          sentence = parts && text.sentence_of(parts.first, parts.last)
          # "Smoking, a fatty diet and stress all raise the risk. It also runs in families."
          next nil unless sentence && (text.string[parts.last.to...sentence.to].match?(Series::DEED) || text.string[sentence.from...parts.first.from].match?(NAMES))

          further = text.points.map(&:span).select { |s| (s.to <= sentence.from || s.from >= sentence.to) && s.text.match?(ALSO) }
          [*parts, *further].sort_by(&:from) if further.any?
        end
      end

      # What running text says one after the other, where that is more than was found: what was found keeps its place among it.
      # @param items [Array<Item>]
      # @yieldparam point [Points::Point] one that was not found
      # @yieldreturn [Item]
      # @return [Array<Item>]
      def framed(items)
        points = nodes.size >= 2 ? [] : without_whole(text.points(self.class.name_of_family))
        return items if points.size <= items.size || points.size > MOST

        homes = items.group_by { |i| home(i, points) }
        return items if homes.values.any? { |list| list.size > 1 } && !tell_more?(points, homes)

        points.map { |p| homes[p]&.then { |list| list.size == 1 ? list.first : nil } || yield(p) }
      end

      # "We served 31,200 guests", where all the others make that sum: no further one of them.
      def without_whole(points)
        total = text.totals.find { |t| t.exact? && t.parts.size >= [points.size - 1, 3].max }
        total ? points.reject { |p| total.whole.quantity.equal?(amount(p)) } : points
      end

      # The point that tells the number of an item, else the one that it shares most with.
      def home(item, points)
        span = item.spans.first
        number = item.value && text.quantities_in(span).find { |q| q.value == item.value }
        points.find { |p| number && p.spans.any? { |s| s.from <= number.from && number.to <= s.to } } || points.max_by { |p| p.spans.sum { |s| shared(s, span) } }
      end

      # Two in one point, and none in two others that have a number each: the points tell it better, but for an introduction.
      def tell_more?(points, homes)
        introduced = homes[points.first].nil? && points.first.span.from == text.sentences.first.from
        points.size >= homes.size + 2 && !introduced && points.all? { |p| amount(p) }
      end

      # How many characters two stretches share.
      def shared(one, other) = [[one.to, other.to].min - [one.from, other.from].max, 0].max

      # What a family would hold where its own words do not tell: the learned points of running text, for the scorer to weigh.
      # @param sizes [Range]
      # @return [Array<Points::Point>, nil]
      def guessed(sizes)
        points = nodes.size >= 2 || text.sentences.size > Finder::GUESSED ? [] : text.points(self.class.name_of_family)
        points if sizes.cover?(points.size)
      end

      # A point with its number as its value.
      def valued(point) = amount(point).then { |number| point_item(point, value: number&.value, unit: number&.unit) }

      # The number of a point: of the unit that comes most often, else the first.
      # @return [Quantity, nil]
      def amount(point)
        list = point.spans.flat_map { |s| text.quantities_in(s) }.reject { |q| Measures.again?(text, q) || lapse?(q) }
        @usual ||= text.quantities.map(&:unit).tally.max_by(&:last)&.first
        list.find { |q| q.unit == @usual } || (@usual == "%" && Ratios.in_hundred(text, list).first) || list.first
      end

      # "It was worse two years on": when it was.
      def lapse?(quantity) = HandedOn.passing?(text, quantity) && text.quantities.any? { |q| !HandedOn::TIME.include?(q.unit) }

      # Whether a series says more than the sentences around it.
      def series_rules?(parts)
        sentence = text.sentence_of(parts.first, parts.last)
        others = text.points.count { |p| sentence.nil? || p.span.from < sentence.from || p.span.from >= sentence.to }
        others <= 1 || parts.size > others + 2
      end
    end
  end
end
