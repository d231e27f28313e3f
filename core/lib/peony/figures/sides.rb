# frozen_string_literal: true

module Peony
  module Figures
    # For forms with two sides: each has a head and its points one below the other.
    module Sides
      # A side set: head and points, each a {Labels::Label} with what it says.
      Side = Struct.new(:item, :head, :points, keyword_init: true)

      private

      # @param boxes [Array<Array(Numeric, Numeric)>] width and height for each side
      # @param indent [Numeric] px before a point's words
      # @return [Array<Side>] at the largest size at which all sides fit
      def fit_sides(boxes, most:, indent:)
        Scale.down([most, 42 * job.least / 13.0].min, from: [13, job.least].max).each do |size|
          sides = items.each_with_index.map { |item, i| side(item, *boxes[i], size, indent, hard: false) }
          return sides if sides.all?
        end
        least = [13, job.least].max
        items.each_with_index.map { |item, i| side(item, *boxes[i], least, indent, hard: true) || refuse("There is too little room for “#{item.title}”.") }
      end

      def side(item, w, h, size, indent, hard:)
        head = Type::Composing.text(item.title, house.font("title"), size * 1.25, w, leading: 1.18, hard: hard)
        return nil if head.nil? || head.height > h

        left = h - head.height - gap(16)
        parts = points_of(item)
        parts = [Nesting.part(item, item.detail)] if parts.empty? && !item.detail.empty?
        points = set_points(parts, w - indent, left, size, hard)
        points && Side.new(item: item, head: head, points: points)
      end

      # What stands one below the other.
      # @return [Array<Item>]
      def points_of(item) = Nesting.parts(item)

      def set_points(parts, w, room, size, hard)
        small = Scale.below(size, job.least)
        points = []
        parts.each do |part|
          words = Nesting.line(part)
          set = Type::Composing.text(words, house.font("body"), small, w, leading: 1.34, hard: hard)
          return nil if set.nil?

          if set.height > room
            return nil unless hard

            set = Type::Composing.cut(words, house.font("body"), small, w, (room / (small * 1.34)).floor, leading: 1.34)
            return points << set if set.lines.any?

            @cuts << part.id
            return points
          end
          room -= set.height + point_gap(small)
          points << set
        end
        points
      end

      def point_gap(size) = size * 0.55

      # @yieldparam y [Float] where a point's mark goes; its size follows
      def put_side(side, x, y, indent, ground:, head_ink: nil)
        pen.text(side.head, x, y, fill: head_ink || house.ink(ground), part: "title")
        y += side.head.height + gap(16)
        side.points.each do |set|
          @cuts << side.item.id if set.cut
          yield(y + (((set.size * 1.34) - set.size) / 2), set.size) if block_given? && indent.positive?
          pen.text(set, x + indent, y, fill: house.ink(ground, role: "ink-2"), part: "detail")
          y += set.height + point_gap(set.size)
        end
        y
      end

      def side_height(side) = side.head.height + gap(16) + side.points.sum { |s| s.height + point_gap(s.size) }
    end
  end
end
