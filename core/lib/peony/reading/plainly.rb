# frozen_string_literal: true

module Peony
  module Reading
    # What a passage makes as a family that all of its words speak for, though none of them tells it as its finder knows it: the points of the words as they come, or their numbers.
    # Part of {Finder}; a finder that can do better has a {Finder#closer} look of its own.
    module Plainly
      # How strong such a reading is by itself: what it is worth, the words as a whole decide.
      STRENGTH = 0.1
      # How a person is told so.
      FAR = "as far as the words tell"

      # How many points of words make a figure of the family.
      POINTS = { "list" => 2..12, "sequence" => 3..12, "cycle" => 3..9, "comparison" => 2..5, "opposition" => 2..12, "overlap" => 3..5, "hierarchy" => 2..8, "quadrant" => 4..4,
                 "cause" => 2..9, "hub" => 3..12, "decision" => 2..6, "journey" => 3..9, "timeline" => 3..12 }.freeze
      # How many points with a number each.
      VALUED = { "parts" => 2..9, "ranking" => 3..15, "funnel" => 3..8, "trend" => 3..15 }.freeze

      # What each family is, in plain words.
      WORDS = { "list" => "things side by side", "sequence" => "one step after the other", "cycle" => "steps that come round", "comparison" => "things set side by side",
                "opposition" => "two sides set against each other", "overlap" => "what some have alone and what they share", "hierarchy" => "a whole and its parts", "quadrant" => "four boxes",
                "cause" => "causes of one thing", "hub" => "things around one in the middle", "decision" => "cases that lead to different ends", "journey" => "stages that somebody goes through",
                "timeline" => "what happened when", "parts" => "amounts of one whole", "ranking" => "amounts set against each other", "funnel" => "amounts, each of those before it",
                "trend" => "amounts at points in time" }.freeze

      # @return [Finding, nil]
      def plainly
        family = self.class.name_of_family
        items = if POINTS.key?(family) then plain_points(family)
                elsif VALUED.key?(family) then plain_values(family)
                end
        finding(STRENGTH, "#{WORDS.fetch(family)}, #{FAR}", items) if items&.any?
      end

      private

      def plain_points(family)
        return nil if text.sentences.size > Finder::GUESSED && nodes.size < 2

        items = alike
        items = told_of_each if family == "overlap" && items.size == 2 && nodes.size < 2
        return nil unless POINTS[family].cover?(items.size)

        case family
        when "opposition" then two_sides(items)
        when "hierarchy" then items.map { |i| branched(i) }.then { |all| all if all.count { |i| i.children.any? } >= 2 }
        else items
        end
      end

      # "Some buy plants, some come for courses. Those who do both are few": two sentences, of which the first tells of each.
      def told_of_each = text.sentences.flat_map { |s| s == text.sentences.last ? [s] : Sentences.clauses(s, /[,;]\s+(?:and |but |while )?/) }.map { |s| item(s) }

      # Points with a number each, where most have one.
      def plain_values(family)
        # Rows of several numbers are a table, and none of them is the number of its row.
        return nil if text.quantities.size < VALUED[family].begin || (nodes.size >= 2 && nodes.count { |n| text.quantities_in(n.span).size > 1 } * 2 > nodes.size)

        all = nodes.size >= 2 ? nodes.map { |n| Points::Point.new(span: n.span, more: []) } : text.points(family)
        all = all.select { |p| p.spans.any? { |s| text.moments_in(s).any? } } if family == "trend"
        items = all.first(VALUED[family].end).map { |p| valued(p) }
        told = items.select(&:value)
        told if VALUED[family].cover?(told.size) && told.size * 3 >= items.size * 2
      end

      # Two points are two sides; of more, the first and the others part where they are least alike.
      def two_sides(items)
        return items if items.size == 2

        words = items.map { |i| i.spans.flat_map { |s| Manner.content(text, s) } }
        at = (1...items.size).min_by { |i| Vectors.cosine(Vectors.middle(words.first(i).flatten), Vectors.middle(words.drop(i).flatten)) }
        [items.first(at), items.drop(at)].map { |list| list.size == 1 ? list.first : item(list.first.spans.first).tap { |i| grow(i, list) } }
      end

      def grow(side, list)
        side.spans = list.flat_map(&:spans)
        side.children = list
      end

      # What a point enumerates stands below it.
      def branched(item)
        return item if item.children.any?

        row = text.series.find { |parts| item.spans.any? { |s| s.from <= parts.first.from && parts.last.to <= s.to } }
        item.children = row.map { |s| self.item(s) } if row && item.spans.first.from < row.first.from
        item
      end
    end
  end
end
