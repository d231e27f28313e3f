# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A number within its sentence, both large: the number leads, the words go on beside it.
      class NumberSentence < Form
        form "number-sentence", title: "Number with a sentence", family: "headline", also: %w[ratio change], least: 1, most: 4, needs: %i[value], stacked: true,
                                sees: "a large number and, beside it, the sentence it belongs to", reason: "a number that needs its words"

        def draw
          row = height / items.size
          size = Scale.down([row * 0.62, 135 * unit, width * 0.24].min, from: [job.least, 20].max).find do |s|
            items.all? do |i|
              number_width(i, s) <= width * 0.46
            end
          end || refuse("The numbers are too long for this width.")
          beside = items.map { |i| number_width(i, size) }.max + gap(30)
          labels = fit_labels(items.map { [[width - beside, 34 * unit * 16].min, row - gap(26)] }, most: [34 * unit, size * 0.5].min, cap: 34)
          row = [row, [labels.map(&:height).max, size].max + gap(56)].min
          each_item { |item, i| sentence(item, labels[i], top + (i * row), row, size, beside) }
        end

        private

        def sentence(item, label, y, row, size, beside)
          pen.line(0, y, width, y, stroke: house.colour("line"), line: rule) if item != items.first
          ink = house.ink(surface, role: role(item), ratio: size * 0.6 >= 24 ? Colour::Mixing::LARGE : Colour::Mixing::TEXT)
          number(item, size, 0, y + (row / 2) + (size * 0.34), fill: ink)
          put(label, beside, y + ((row - label.height) / 2), item: item)
        end
      end
    end
  end
end
