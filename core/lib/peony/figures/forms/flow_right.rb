# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Questions from left to right, the exits of each below it.
      class FlowRight < Form
        form "flow-right", title: "Flow to the right", family: "decision", least: 2, most: 9, asks: true,
                           sees: "questions from left to right, their exits below", reason: "a short way on a wide page"

        include Branches

        def draw
          @space = [gap(44), width * 0.05].min
          @w = (width - (@space * (branches.size - 1))) / branches.size
          refuse("There is too little room for #{branches.size} questions side by side.") if @w < 120
          @pad = gap(14)
          list = branches.flat_map { |b| [b.question, *b.exits] }
          most = branches.map { |b| b.exits.size }.max
          room = (height - gap(60)) / (most + 1.2)
          refuse("There is too little room for the exits.") if room < 44
          cells = branches.flat_map { |b| [[@w - (@pad * 2), (room * 1.2) - (@pad * 2)], *b.exits.map { [@w - gap(34), room - gap(14)] }] }
          labels = fit_labels(cells, most: 22 * unit, list: list, above: ->(item) { case_of(item) }).each_with_index.to_h { |label, i| [list[i].id, label] }
          @tall = branches.map { |b| labels[b.question.id].height }.max + (@pad * 2)
          branches.each_with_index { |b, i| step(b, i, labels) }
        end

        private

        def step(branch, index, labels)
          x = index * (@w + @space)
          pen.group("item", item: branch.question.id) do
            paint = area(branch.question, 0.85)
            pen.rect(x, top, @w, @tall, radius: [radius, @tall / 4].max, **paint.paint)
            put(labels[branch.question.id], x + @pad, top + ((@tall - labels[branch.question.id].height) / 2), item: branch.question, ground: paint.ground)
            arrow([[x + @w + gap(3), top + (@tall / 2)], [x + @w + @space - gap(5), top + (@tall / 2)]], mark) if index < branches.size - 1
          end
          exits(branch.exits, x, labels)
        end

        # One way down, an exit at each of its ends.
        def exits(list, x, labels)
          at = top + @tall + gap(30)
          list.each do |item|
            label = labels[item.id]
            pen.group("item", item: item.id) do
              y = at + first_line(label)
              start = item == list.first ? top + @tall + gap(2) : at - gap(10)
              arrow([[x + gap(8), start], [x + gap(8), y], [x + gap(26), y]], mark(item))
              put(label, x + gap(32), at, item: item)
            end
            at += label.height + gap(14)
          end
        end
      end
    end
  end
end
