# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Two things back to back: a row for each number they share, each row to its own scale.
      class MirroredBars < Form
        form "mirrored-bars", title: "Mirrored bars", family: "comparison", least: 2, most: 2,
                              sees: "two things back to back, a row for each number they share", reason: "which of the two has more of what"

        # A row: the name of what is measured and, for each side, the number and its words.
        Row = Struct.new(:name, :values, :words, keyword_init: true)

        def draw
          refuse("Mirrored bars need a number that both things have.") if rows.empty?
          @mid = [width * 0.26, 260 * unit].min
          @arm = (width - @mid) / 2
          refuse("There is too little room for the bars.") if @arm < 90
          heads
          row = (bottom - @below) / rows.size
          refuse("There is too little room for #{rows.size} rows.") if row < [30, job.least * 2].max
          row = [row, 96 * unit].min
          @size = [[row * 0.34, 26 * unit].min, job.least].max
          rows.each_with_index { |r, i| line(r, @below + (i * row), row) }
        end

        private

        def rows
          @rows ||= shared.empty? ? alone : shared
        end

        # Things that share nothing but one number have that one row.
        def alone
          return [] unless items.all?(&:value)

          [Row.new(name: items.first.unit.to_s, values: items.map(&:value), words: items.map { |i| Values.text(i) })]
        end

        def shared
          @shared ||= items.first.aspects.filter_map do |name, words|
            other = items.last.aspects.find { |n, _| n.casecmp?(name) }&.last
            values = [words, other].map { |w| w && number_in(w) }
            Row.new(name: name, values: values, words: [words, other]) if values.all?
          end
        end

        def number_in(words) = words.delete(",\u2009")[/-?\d+(?:\.\d+)?/]&.to_f

        # The names of the two things over their sides.
        def heads
          labels = fit_labels(items.map { [@arm, height * 0.24] }, most: 26 * unit, detail: false)
          labels.each_with_index do |label, i|
            pen.group("item", item: items[i].id) { put(label, i.zero? ? @arm : width - @arm, top, item: items[i], anchor: i.zero? ? :end : :start) }
          end
          @below = top + labels.map(&:height).max + gap(18)
        end

        def line(row, y, tall)
          name = Type::Composing.text(row.name, house.font("label"), [@size * 0.86, job.least].max, @mid - gap(16), leading: 1.15, hard: true)
          refuse("There is too little room for “#{row.name}”.") if name.nil? || name.height > tall
          pen.text(name, width / 2, y + ((tall - name.height) / 2), fill: house.ink(surface, role: "ink-2"), anchor: :middle, part: "axis")
          most = row.values.map(&:abs).max
          items.each_with_index { |item, i| pen.group("item", item: item.id) { arm(item, row, i, most, y, tall) } }
        end

        def arm(item, row, side, most, y, tall)
          way = side.zero? ? -1 : 1
          edge = side.zero? ? @arm : width - @arm
          size = Scale.down(@size, from: job.least).find { |s| house.font("number").width(row.words[side], s) <= @arm * 0.55 } || refuse("There is too little room for “#{row.words[side]}”.")
          room = @arm - house.font("number").width(row.words[side], size) - gap(12)
          long = most.zero? ? 1 : [row.values[side].abs / most * room, 1].max
          thick = [tall * 0.56, 40 * unit].min
          leads = row.values[side].abs == most
          pen.rect(way.positive? ? edge : edge - long, y + ((tall - thick) / 2), long, thick, radius: [radius, thick / 4].min, **area(item, leads ? 1.0 : 0.3, words: false).paint)
          pen.words(row.words[side], house.font("number"), size, edge + (way * (long + gap(8))), y + (tall / 2) + (size * 0.34), fill: house.ink, anchor: way.positive? ? :start : :end,
                                                                                                                                 part: "value")
        end
      end
    end
  end
end
