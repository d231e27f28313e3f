# frozen_string_literal: true

module Peony
  module Figures
    # For forms that show a whole with parts that have parts. Flat items hang below the figure's heading, or stand side by side.
    module Forest
      # A box of the tree: its item, its place, its level and the boxes below it.
      Box = Struct.new(:item, :level, :below, :label, :x, :y, :w, :h, keyword_init: true) do
        def walk(&block)
          yield self
          below.each { |b| b.walk(&block) }
        end

        def leaves = below.empty? ? 1 : below.sum(&:leaves)
      end

      MOST_LEAVES = 20

      private

      # @return [Array<Box>] the tops of the trees
      def trees
        @trees ||= items.map { |item| box(item, 0) }.tap do |list|
          refuse("These are #{list.sum(&:leaves)} boxes side by side; this form holds at most #{MOST_LEAVES}.") if list.sum(&:leaves) > MOST_LEAVES
        end
      end

      def box(item, level) = Box.new(item: item, level: level, below: item.children.map { |child| box(child, level + 1) })

      def boxes = trees.flat_map { |t| [].tap { |list| t.walk { |b| list << b } } }

      def levels = boxes.map(&:level).max + 1

      # A box and its words; deeper levels are lighter.
      def put_box(box, pad, anchor: :start)
        paint = area(box.item, (0.9 - (0.4 * box.level)).clamp(0.04, 1.0))
        pen.rect(box.x, box.y, box.w, box.h, radius: [radius, box.h / 4].min, **paint.paint)
        x = anchor == :middle ? box.x + (box.w / 2) : box.x + pad
        put(box.label, x, box.y + ((box.h - box.label.height) / 2), item: box.item, anchor: anchor, ground: paint.ground)
      end

      # Groups everything of a top item together.
      def each_tree
        trees.each { |tree| pen.group("item", item: tree.item.id) { yield tree } }
      end
    end
  end
end
