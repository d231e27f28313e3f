# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Boxes that hold the boxes of their parts.
      class NestedBoxes < Form
        form "nested-boxes", title: "Nested boxes", family: "hierarchy", also: %w[list], least: 1, most: 8, nested: true, stacked: true,
                             sees: "boxes that hold the boxes of their parts", reason: "what lies inside what"

        include Forest

        # One over all the others is better seen above them.
        def self.filled(items, family) = family == "hierarchy" && items.one? ? ONE_OVER_ALL : super

        ONE_OVER_ALL = 0.97

        def draw
          @pad = gap(16)
          size = [[26 * unit, 31 * job.least / 13.0].min, 13].max
          chosen = Scale.down(size, from: [job.least, 12].max).find { |s| (measure(s) || Float::INFINITY) <= height }
          refuse("There is too little room for these boxes.") unless chosen
          measure(chosen)
          spare = [height - measure(chosen), 0].max
          y = top
          trees.each do |tree|
            pen.group("item", item: tree.item.id) { put_nested(tree, 0, y, width, tree.h) }
            y += tree.h + gap(12) + [spare / trees.size, gap(20)].min
          end
        end

        private

        # Sets the words of every box for a size.
        # @return [Float, nil] px that all of them need; nil where a word is too wide
        def measure(size)
          heights = trees.map { |tree| set(tree, width, size) }
          heights.any?(&:nil?) ? nil : heights.sum + (gap(12) * (trees.size - 1))
        end

        def set(box, w, size)
          return nil if w < 70

          head = label(box.item, w - (@pad * 2), box.level.zero? ? size : Scale.below(size, job.least), box.below.none?, nil, :title, hard: w < 160)
          return nil unless head

          box.label = head
          box.w = w
          inner = columns_height(box, w - (@pad * 2), size)
          return nil unless inner

          box.h = head.height + (@pad * 1.5) + (inner.zero? ? 0 : inner + gap(10))
        end

        # Boxes without parts stand side by side, others one below the other.
        def columns_height(box, w, size)
          return 0 if box.below.empty?

          each = (w - (gap(10) * (per_row(box, w) - 1))) / per_row(box, w)
          heights = box.below.map { |b| set(b, each, size) }
          return nil if heights.any?(&:nil?)

          rows = heights.each_slice(per_row(box, w)).map(&:max)
          rows.sum + (gap(10) * (rows.size - 1))
        end

        def per_row(box, w) = [box.below.size, (w / (150 * [unit, 0.8].max)).floor, box.below.any? { |b| b.below.any? } ? 3 : 5].min.clamp(1, 5)

        def put_nested(box, x, y, w, h)
          paint = area(box.item, [0.06, 0.22, 0.5, 0.8][[box.level, 3].min])
          pen.rect(x, y, w, h, radius: radius, **paint.paint)
          put(box.label, x + @pad, y + (@pad * 0.75), item: box.item, ground: paint.ground)
          return if box.below.empty?

          count = per_row(box, w - (@pad * 2))
          at = y + (@pad * 0.75) + box.label.height + gap(10)
          box.below.each_slice(count) do |row|
            tall = row.map(&:h).max
            # Beside boxes that hold others, one that holds none is no larger than its words: it would look as if something were missing.
            even = row.all? { |b| b.below.empty? } || row.none? { |b| b.below.empty? }
            row.each_with_index { |b, i| put_nested(b, x + @pad + (i * (b.w + gap(10))), at, b.w, even || b.below.any? ? tall : b.h) }
            at += tall + gap(10)
          end
        end
      end
    end
  end
end
