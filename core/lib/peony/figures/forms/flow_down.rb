# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Questions down a line, each with an exit to the side.
      class FlowDown < Form
        form "flow-down", title: "Flow down", family: "decision", also: [], least: 2, most: 9, stacked: true, asks: true,
                          sees: "questions one below the other, exits to the side", reason: "go down until an exit fits"

        include Branches

        def draw
          row = height / branches.size
          refuse("There is too little room for #{branches.size} questions.") if row < 70
          @pad = gap(18)
          @slant = gap(22)
          @main = width * 0.46
          @link = [gap(60), width * 0.1].min
          side = width - @main - @link
          refuse("There is too little room for the exits.") if side < 110
          tall = row - gap(34)
          list = branches.flat_map { |b| [b.question, *b.exits] }
          cells = branches.flat_map { |b| [[@main - (@pad * 2) - (@slant * 2), tall - (@pad * 0.8)], *b.exits.map { [side - @pad, ((tall + gap(24)) / b.exits.size) - gap(8)] }] }
          labels = fit_labels(cells, most: 23 * unit, list: list).each_with_index.to_h { |label, i| [list[i].id, label] }
          tall = [tall, needed(labels)].min
          row = [row, tall + gap(60)].min
          branches.each_with_index { |b, i| step(b, i, labels, top + (i * row), tall, row) }
        end

        private

        # As high as the largest label, or as all exits of one question.
        def needed(labels)
          [labels.values.map(&:height).max + (@pad * 2) + gap(20), branches.map { |b| b.exits.sum { |i| labels[i.id].height + gap(8) } }.max].max
        end

        def step(branch, index, labels, y, tall, row)
          pen.group("item", item: branch.question.id) do
            ask(branch.question, labels[branch.question.id], y, tall)
            arrow([[@main / 2, y + tall + gap(2)], [@main / 2, y + row - gap(2)]], mark) if index < branches.size - 1
          end
          exits(branch.exits, labels, y, tall)
        end

        # A box with slanting ends: here the way parts.
        def ask(item, label, y, tall)
          paint = area(item, 0.85)
          pen.polygon([[@slant, y], [@main - @slant, y], [@main, y + (tall / 2)], [@main - @slant, y + tall], [@slant, y + tall], [0, y + (tall / 2)]], **paint.paint)
          put(label, @main / 2, y + ((tall - label.height) / 2), item: item, anchor: :middle, ground: paint.ground)
        end

        # Exits share one way out and stand one below the other beside it.
        def exits(list, labels, y, tall)
          return if list.empty?

          total = list.sum { |i| labels[i.id].height + gap(8) } - gap(8)
          at = (y + ((tall - total) / 2)).clamp(top, [bottom - total, top].max)
          list.each do |item|
            label = labels[item.id]
            middle = at + first_line(label)
            pen.group("item", item: item.id) do
              x = @main + (@link * 0.45)
              points = if (middle - y - (tall / 2)).abs < 2
                         [[@main + gap(3), middle],
                          [@main + @link - gap(6),
                           middle]]
                       else
                         [[@main + gap(3), y + (tall / 2)], [x, y + (tall / 2)], [x, middle], [@main + @link - gap(6), middle]]
                       end
              arrow(points, mark(item))
              put(label, @main + @link, at, item: item)
            end
            at += label.height + gap(8)
          end
        end
      end
    end
  end
end
