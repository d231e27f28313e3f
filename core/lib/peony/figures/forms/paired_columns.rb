# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Two bars back to back for each thing, one for each of its numbers, each side to its own scale.
      class PairedColumns < Form
        form "paired-columns", title: "Paired bars", family: "relation", also: %w[comparison], least: 2, most: 10, needs: %i[value], stacked: true,
                               sees: "two bars back to back for each thing, each side to its own scale", reason: "two numbers of each, side by side"

        include Pairings

        # "£200" between "£200" and "1,200 jars": rows that are only called by their first number are better seen as dots.
        def self.filled(items, _family) = items.all? { |i| i.title.to_s.match?(BY_NUMBER) } ? 0.9 : 1.0
        BY_NUMBER = /\A(?:[£€$−-]*\d[\d.,]*|#{Reading::Numbers::WORD})(?:[ -][[:alpha:]°%]+)?\z/i

        def draw
          refuse("Bars back to back cannot show what lies below zero.") if [xs, ys].any? { |values| values.any?(&:negative?) }
          row = (height - gap(34)) / items.size
          refuse("There is too little room for #{items.size} rows.") if row < 26
          @mid = [width * 0.3, 300 * unit].min
          @arm = (width - @mid) / 2
          refuse("There is too little room for the bars.") if @arm < 90
          labels = fit_labels(items.map { [@mid - gap(16), row - gap(8)] }, most: 22 * unit, detail: row > 90)
          row = [row, 84 * unit].min.then { |r| [r, labels.map(&:height).max + gap(8)].max }
          @number = [[row * 0.42, 28 * unit].min, job.least].max
          heads
          each_item { |item, i| pair(item, i, labels[i], top + gap(34) + (i * row), row) }
        end

        private

        def heads
          size = [[18 * unit, 13].max, job.least].max
          { x: @arm, y: width - @arm }.each do |side, x|
            words = name_of(side)
            next if words.empty? || house.font("label").width(words, size) > @arm

            pen.words(words, house.font("label"), size, x, top + size, fill: house.ink(surface, role: "ink-2"), anchor: side == :x ? :end : :start, part: "axis")
          end
        end

        def pair(item, index, label, y, row)
          tall = [row - gap(8), 40 * unit].min
          at = y + ((row - tall) / 2)
          put(label, width / 2, y + ((row - label.height) / 2), item: item, anchor: :middle)
          arm(item, xs[index], xs, item.aspects.dig(0, 1), at, tall, -1)
          arm(item, ys[index], ys, item.aspects.dig(1, 1) || Values.text(item), at, tall, 1)
        end

        # From the middle outwards; the number stands at the end.
        def arm(item, value, values, said, y, tall, way)
          words = (said || printed(value)).to_s
          size = Scale.down(@number, from: job.least).find { |s| house.font("number").width(words, s) <= @arm * 0.5 } || job.least
          room = @arm - house.font("number").width(words, size) - gap(14)
          return if room < 4

          long = [value.abs / [values.map(&:abs).max, 0.000_1].max.to_f * room, 2].max
          edge = way.positive? ? width - @arm : @arm
          x = way.positive? ? edge : edge - long
          pen.rect(x, y, long, tall, radius: [radius, tall / 4].min, **area(item, way.positive? ? 1.0 : 0.3, words: false).paint)
          pen.words(words, house.font("number"), size, edge + (way * (long + gap(8))), y + (tall / 2) + (size * 0.34), fill: house.ink, anchor: way.positive? ? :start : :end, part: "value")
        end
      end
    end
  end
end
