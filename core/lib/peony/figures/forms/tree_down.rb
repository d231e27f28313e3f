# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Boxes from the top down, each above what belongs to it.
      class TreeDown < Form
        form "tree-down", title: "Tree down", family: "hierarchy", least: 1, most: 6, nested: true,
                          sees: "boxes from the top down, lines to what belongs to each", reason: "who stands over whom"

        include Forest

        def draw
          across = trees.sum(&:leaves)
          slot = width / across
          refuse("There is too little room for #{across} boxes side by side.") if slot < 62
          @gap = gap(14)
          row = height / levels
          refuse("There is too little room for #{levels} levels.") if row < 48
          tall = row - [row * 0.32, gap(44)].min
          start = 0
          trees.each { |tree| start = place(tree, start, slot) }
          @pad = [gap(12), slot * 0.08].min
          list = boxes
          labels = fit_labels(list.map { |b| [[b.w, slot * 2.2].min - (@pad * 2), tall - (@pad * 1.4)] }, most: 23 * unit, list: list.map(&:item), detail: true)
          tall = [tall, labels.map(&:height).max + (@pad * 2) + gap(8)].min
          row = [row, tall + gap(70)].min
          settle(list, labels, slot, tall, row)
          each_tree { |tree| tree.walk { |b| joints(b) } and tree.walk { |b| put_box(b, @pad) } }
        end

        private

        # Leaves take a slot each; what is above stands over the middle of its own.
        def place(box, start, slot)
          box.x = start
          box.w = box.leaves * slot
          ending = start
          box.below.each { |b| ending = place(b, ending, slot) }
          start + box.w
        end

        def settle(list, labels, slot, tall, row)
          list.each_with_index do |b, i|
            span = b.w
            b.label = labels[i]
            b.w = [[span - @gap, slot * 2.2].min, [labels[i].width + (@pad * 2) + gap(10), slot - @gap].max].min
            b.x += (span - b.w) / 2
            b.y = top + (b.level * row)
            b.h = tall
          end
        end

        def joints(box)
          return if box.below.empty?

          x = box.x + (box.w / 2)
          y = box.y + box.h
          middle = (y + box.below.first.y) / 2
          box.below.each do |b|
            pen.path([["M", x, y], ["L", x, middle], ["L", b.x + (b.w / 2), middle], ["L", b.x + (b.w / 2), b.y]], stroke: house.tint(job.colour, 0.55), line: rule)
          end
        end
      end
    end
  end
end
