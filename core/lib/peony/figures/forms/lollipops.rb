# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Thin stems in order of length with a disc at the end of each, the number in or beside it.
      class Lollipops < Form
        form "lollipops", title: "Lollipops", family: "ranking", also: %w[headline], least: 3, most: 10, needs: %i[value],
                          sees: "thin upright stems in order, a disc at the end of each, words below", reason: "an order, lightly drawn"

        include Bars

        def draw
          step = width / items.size
          refuse("There is too little room for #{items.size} stems.") if step < 58
          @number = number_size([30 * unit, step * 0.34].min, step * 0.8)
          r = [([@number * 1.05, items.map { |i| number_width(i, @number) }.max * 0.62].max + gap(3)), step * 0.46].min
          labels = fit_labels(ordered.map { [step - gap(12), height * 0.42] }, most: 20 * unit, list: ordered)
          under = labels.map(&:height).max + gap(16)
          # Discs hang below the stems of what lies below zero.
          below = items.any? { |i| i.value.negative? } ? r * 2 : 0
          room = height - under - (r * 2) - below
          refuse("There is too little room for the stems.") if room < 40
          @words = bottom - under + gap(14)
          @base = bottom - under - below
          zero = @base - along(0, room)
          pen.line(0, zero, width, zero, stroke: house.colour("line"), line: rule)
          ordered.each_with_index { |item, i| pen.group("item", item: item.id) { stem(item, labels[i], (i + 0.5) * step, zero, room, r) } }
        end

        private

        def stem(item, label, x, zero, room, r)
          y = @base - along(item.value, room)
          way = item.value.negative? ? 1 : -1
          paint = area(item, strength(item))
          pen.line(x, zero, x, y, stroke: paint.stroke || paint.fill, line: emphasis * 0.8, cap: "round")
          pen.circle(x, y + (way * r), r, **paint.paint)
          number(item, @number, x, y + (way * r) + (@number * 0.34), fill: house.ink(paint.ground), anchor: :middle)
          put(label, x, @words, item: item, anchor: :middle)
        end
      end
    end
  end
end
