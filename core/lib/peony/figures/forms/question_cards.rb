# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A card for each question, its exits beside it.
      class QuestionCards < Form
        form "question-cards", title: "Question cards", family: "decision", least: 2, most: 12, stacked: true,
                               sees: "a card for each question with its exits beside it", reason: "one question after the other"

        include Branches

        def draw
          @lead = width * 0.4
          @link = [gap(48), width * 0.08].min
          side = width - @lead - @link
          refuse("There is too little room beside the questions.") if side < 110
          rows = branches.sum { |b| [b.exits.size, 1].max }
          row = height / rows
          refuse("There is too little room for #{items.size} boxes.") if row < 32
          @pad = gap(16)
          list = branches.flat_map { |b| [b.question, *b.exits] }.compact
          cells = branches.flat_map do |b|
            lead = b.exits.empty? ? width : @lead
            [[lead - (@pad * 2), (row * [b.exits.size, 1].max) - gap(12) - @pad], *b.exits.map { [side - (@pad * 2), row - gap(12) - (@pad * 0.6)] }]
          end
          labels = fit_labels(cells, most: 23 * unit, list: list, above: ->(item) { case_of(item) }).each_with_index.to_h { |label, i| [list[i].id, label] }
          row = [row, labels.values.map(&:height).max + (@pad * 2) + gap(16)].min
          y = top
          branches.each do |b|
            branch(b, labels, y, row, side)
            y += row * [b.exits.size, 1].max
          end
        end

        private

        # Where nothing is asked, each case has a card of its own.
        def branches = Branches.asked?(items) ? super : @branches ||= items.map { |item| Branch.new(question: item, exits: []) }

        def branch(branch, labels, y, row, side)
          tall = (row * [branch.exits.size, 1].max) - gap(12)
          lead = branch.exits.empty? ? width : @lead
          pen.group("item", item: branch.question.id) { card(branch.question, labels[branch.question.id], 0, y, lead, tall, 0.9) }
          branch.exits.each_with_index do |item, i|
            at = y + (i * row)
            pen.group("item", item: item.id) do
              low = at + ((row - gap(12)) / 2)
              arrow([[@lead + gap(3), low], [@lead + @link - gap(3), low]], mark)
              card(item, labels[item.id], @lead + @link, at, side, row - gap(12), 0.1)
            end
          end
        end

        def card(item, label, x, y, w, tall, share)
          paint = area(item, share)
          pen.rect(x, y, w, tall, radius: radius, **paint.paint)
          put(label, x + @pad, y + ((tall - label.height) / 2), item: item, ground: paint.ground)
        end
      end
    end
  end
end
