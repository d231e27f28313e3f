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
          start = 0
          trees.each { |tree| start = place(tree, start, slot) }
          @pad = [gap(12), slot * 0.08].min
          list = boxes
          deep = row - [row * 0.32, gap(44)].min - (@pad * 1.4)
          labels = fit_labels(list.map { |b| [widest(b, slot) - (@pad * 2), deep] }, most: 23 * unit, list: list.map(&:item), detail: true)
          settle(list, labels, slot)
          each_tree { |tree| tree.walk { |b| joints(b) } and tree.walk { |b| put_box(b, @pad, anchor: :middle) } }
        end

        private

        def widest(box, slot) = [(box.leaves * slot) - @gap, slot * 2.2].min

        # Leaves take a slot each; what is above stands over the middle of its own.
        def place(box, start, slot)
          box.x = start
          box.w = box.leaves * slot
          ending = start
          box.below.each { |b| ending = place(b, ending, slot) }
          start + box.w
        end

        # Every level is as high as its words need, and all stand equally far apart.
        def settle(list, labels, slot)
          list.each_with_index do |b, i|
            middle = b.x + (b.w / 2)
            b.label = labels[i]
            b.w = [widest(b, slot), [labels[i].width + (@pad * 2) + gap(10), slot - @gap].max].min
            b.x = middle - (b.w / 2)
          end
          rows = list.group_by(&:level).sort.map(&:last)
          rows.each { |row| row.each { |b| b.h = row.map { |own| own.label.height }.max + (@pad * 2) } }
          apart = rows.one? ? 0 : [(height - rows.sum { |row| row.first.h }) / (rows.size - 1), gap(76)].min
          rows.inject(top) { |y, row| row.each { |b| b.y = y }.first.h + y + apart }
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
