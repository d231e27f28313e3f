# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Cards that hand a baton on, to and fro down the page.
      class Relay < Form
        form "relay", title: "Relay", family: "sequence", also: %w[journey timeline], least: 2, most: 10,
                      sees: "cards that hand a baton on, row by row, to and fro", reason: "each step hands on to the next"

        def draw
          columns, labels = best_grid
          @columns = columns
          @space = gap(34)
          @w, @h = cell(columns)
          @tall = [@h, labels.map(&:height).max + (pad * 2)].min
          each_item { |item, index| card(item, labels[index], *place(index)) }
          (items.size - 1).times { |i| baton(items[i + 1], place(i), place(i + 1)) }
        end

        private

        def pad = gap(16)
        def rows(columns) = (items.size / columns.to_f).ceil
        def cell(columns) = [(width - (gap(34) * (columns - 1))) / columns, (height - (gap(34) * (rows(columns) - 1))) / rows(columns)]

        def best_grid
          tries = (1..[items.size, 4].min).filter_map do |columns|
            w, h = cell(columns)
            next if w < 110 || h < 54

            labels = attempt { fit_labels(Array.new(items.size) { [w - (pad * 2), h - (pad * 2)] }, most: 25 * unit, above: ->(i) { i.date }) }
            labels && [columns, labels, [whole?(labels) ? 1 : 0, labels.first.title.size, -((w / [h, w * 0.7].min) - 1.5).abs]]
          end
          refuse("There is too little room for #{items.size} cards.") if tries.empty?
          tries.max_by(&:last).first(2)
        end

        # Every second row runs back.
        def place(index)
          row, column = index.divmod(@columns)
          column = @columns - 1 - column if row.odd?
          [column * (@w + @space), top + (row * (@tall + @space))]
        end

        def card(item, label, x, y)
          paint = area(item, item.strong ? 1.0 : 0.16)
          pen.rect(x, y, @w, @tall, radius: radius, **paint.paint)
          put(label, x + pad, y + pad, item: item, ground: paint.ground)
        end

        # A short thick bar over the space between two cards.
        def baton(item, from, to)
          colour = mark(item)
          thick = [9 * unit, 5].max
          reach = gap(7)
          if (from[1] - to[1]).abs < 1
            x = [from[0], to[0]].min + @w
            y = from[1] + @tall - (thick * 1.6)
            pen.line(x - reach, y, x + @space + reach, y, stroke: colour, line: thick, cap: "round")
          else
            x = from[0] + (from[0].zero? ? thick * 1.6 : @w - (thick * 1.6))
            pen.line(x, from[1] + @tall - reach, x, to[1] + reach, stroke: colour, line: thick, cap: "round")
          end
        end
      end
    end
  end
end
