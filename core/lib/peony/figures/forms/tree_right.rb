# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Boxes from left to right, each level a column.
      class TreeRight < Form
        form "tree-right", title: "Tree to the right", family: "hierarchy", also: %w[cause], least: 1, most: 8, nested: true, stacked: true,
                           sees: "boxes in columns from left to right, lines to what belongs to each", reason: "a whole, its parts and theirs"

        include Forest

        def draw
          down = trees.sum(&:leaves)
          row = height / down
          refuse("There is too little room for #{down} boxes one below the other.") if row < 26
          column = width / levels
          refuse("There is too little room for #{levels} levels.") if column < 96
          gutter = [column * 0.24, gap(56)].min
          w = (width - (gutter * (levels - 1))) / levels
          @pad = [gap(14), w * 0.1].min
          list = boxes
          labels = fit_labels(list.map { |b| [w - (@pad * 2), (row * [b.leaves, 3].min) - gap(10) - (@pad * 0.8)] }, most: 23 * unit, list: list.map(&:item))
          row = [row, labels.map(&:height).max + (@pad * 2) + gap(18)].min
          list.each_with_index { |b, i| b.label = labels[i] }
          start = top
          trees.each { |tree| start = place(tree, start, row, w, gutter) }
          each_tree { |tree| tree.walk { |b| joints(b) } and tree.walk { |b| put_box(b, @pad) } }
        end

        private

        def place(box, start, row, w, gutter)
          room = box.leaves * row
          ending = start
          box.below.each { |b| ending = place(b, ending, row, w, gutter) }
          box.x = box.level * (w + gutter)
          box.w = w
          box.h = [[box.label.height + (@pad * 1.4), (row * 0.72)].max, room - gap(8)].min
          box.y = box.below.empty? ? start + ((room - box.h) / 2) : middle_of(box.below) - (box.h / 2)
          box.y = box.y.clamp(start, [start + room - box.h, start].max)
          start + room
        end

        def middle_of(list) = (list.first.y + (list.first.h / 2) + list.last.y + (list.last.h / 2)) / 2

        def joints(box)
          x = box.x + box.w
          y = box.y + (box.h / 2)
          box.below.each do |b|
            middle = (x + b.x) / 2
            to = b.y + (b.h / 2)
            pen.path([["M", x, y], ["C", middle, y, middle, to, b.x, to]], stroke: house.tint(job.colour, 0.55), line: rule * 1.2)
          end
        end
      end
    end
  end
end
