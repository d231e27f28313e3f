# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A grid of cards of one size, each with title and detail.
      class Cards < Form
        form "cards", title: "Cards", icons: true, family: "list", also: %w[comparison timeline headline], least: 2, most: 12,
                      sees: "a grid of equal cards, each with a title and its detail", reason: "alike, in no order"

        def draw
          columns, labels = best_grid
          rows = (items.size / columns.to_f).ceil
          cell = cell_size(columns, rows)
          each_item { |item, index| card(item, labels[index], index, columns, cell) }
        end

        private

        # The number of columns at which the words are largest; on a tie the squarer card.
        def best_grid
          tries = (1..[items.size, 4].min).filter_map do |columns|
            rows = (items.size / columns.to_f).ceil
            next if (columns * rows) - items.size >= columns

            w, h = cell_size(columns, rows)
            next if w < 90 || h < 44

            labels = fitted(w, h)
            labels && [labels, columns, [whole?(labels) ? 1 : 0, labels.first.title.size, -uneven(columns), -((w / h) - 1.5).abs]]
          end
          refuse("There is too little room for #{items.size} cards.") if tries.empty?
          labels, columns, = tries.max_by(&:last)
          [columns, labels]
        end

        def uneven(columns) = (items.size % columns).zero? ? 0 : 1

        def fitted(width, height)
          cells = Array.new(items.size) { [width - (pad * 2), height - (pad * 2) - icon_room] }
          attempt { fit_labels(cells, most: 26 * unit, above: ->(item) { over(item) }) }
        end

        def over(item) = item.date || (item.value ? Values.text(item) : nil)
        def pad = gap(18)

        # Icons stand over the words where every card has one.
        def icon_size = items.all?(&:icon) ? gap(34) : 0
        def icon_room = icon_size.zero? ? 0 : icon_size + gap(10)

        def cell_size(columns, rows)
          [(width - (gap * (columns - 1))) / columns, [(height - (gap * (rows - 1))) / rows, width * 0.62].min]
        end

        def card(item, label, index, columns, cell)
          w, h = cell
          x = (index % columns) * (w + gap)
          y = top + ((index / columns) * (h + gap))
          ground = ground(item)
          pen.rect(x, y, w, h, radius: radius, **ground.paint)
          pen.rect(x, y, w, [emphasis, 3].max, fill: mark(item)) if job.finish.name == "flat" && radius < 8
          draw_icon(icon_of(item), x + pad, y + pad, icon_size, accent_ink(role(item), ground.ground, 24), ground: ground.ground) if icon_size.positive?
          put(label, x + pad, y + pad + icon_room, item: item, ground: ground.ground)
        end

        # In the full finish a card is a quiet sheet, so that many cards stay calm; the one that matters is full.
        def ground(item)
          return area(item, 0.2) unless job.finish.name == "flat" && !item.strong && item.colour.nil?

          Finish::Area.new(fill: house.colour("surface-2"), ground: house.colour("surface-2"))
        end
      end
    end
  end
end
