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
          rows = shares.map { |share| height * share }
          refuse("There is too little room for #{branches.size} questions.") if rows.min < 70
          @pad = gap(18)
          @slant = gap(22)
          @main = width * 0.46
          @link = [gap(60), width * 0.1].min
          side = width - @main - @link
          refuse("There is too little room for the exits.") if side < 110
          list = branches.flat_map { |b| [b.question, *b.exits] }
          cells = branches.zip(rows).flat_map do |b, row|
            [[@main - (@pad * 2) - (@slant * 2), row - gap(34) - (@pad * 0.8)], *b.exits.map { [side - @pad, ((row - gap(10)) / b.exits.size) - apart] }]
          end
          labels = fit_labels(cells, most: 23 * unit, list: list, above: ->(item) { case_of(item) }).each_with_index.to_h { |label, i| [list[i].id, label] }
          boxes = stacked(rows, labels)
          branches.each_with_index { |b, i| step(b, labels, *boxes[i], boxes[i + 1]&.first) }
        end

        private

        # A question with many exits takes more of the height than one that has one.
        def shares
          weights = branches.map { |b| [b.exits.size, 2].max + 0.5 }
          weights.map { |weight| weight / weights.sum }
        end

        # Each box is as high as its words, and stands amid its exits.
        # @return [Array<Array(Float, Float)>] top and height of each
        def stacked(rows, labels)
          y = top
          branches.zip(rows).map do |branch, row|
            tall = labels[branch.question.id].height + (@pad * 2) + gap(20)
            block = [tall, branch.exits.sum { |i| labels[i.id].height + apart }].max.clamp(0, row - gap(34))
            tall = [tall, block].min
            [y + ((block - tall) / 2), tall].tap { y += [row, block + gap(60)].min }
          end
        end

        # @param following [Float, nil] where the next box begins
        def step(branch, labels, y, tall, following)
          pen.group("item", item: branch.question.id) do
            ask(branch.question, labels[branch.question.id], y, tall)
            arrow([[@main / 2, y + tall + gap(2)], [@main / 2, following - gap(2)]], mark) if following
          end
          exits(branch.exits, labels, y, tall)
        end

        # A box with slanting ends: here the way parts.
        def ask(item, label, y, tall)
          paint = area(item, 0.85)
          pen.polygon([[@slant, y], [@main - @slant, y], [@main, y + (tall / 2)], [@main - @slant, y + tall], [@slant, y + tall], [0, y + (tall / 2)]], **paint.paint)
          put(label, @main / 2, y + ((tall - label.height) / 2), item: item, anchor: :middle, ground: paint.ground)
        end

        # Between two exits: more than between a case and what is done in it.
        def apart = items.any? { |i| case_of(i) } ? gap(18) : gap(8)

        # Exits share one way out and stand one below the other beside it.
        def exits(list, labels, y, tall)
          return if list.empty?

          total = list.sum { |i| labels[i.id].height + apart } - apart
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
            at += label.height + apart
          end
        end
      end
    end
  end
end
