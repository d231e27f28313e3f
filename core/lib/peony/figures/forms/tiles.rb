# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Tiles with a large icon each, or a large initial where an item has none, words below.
      class Tiles < Form
        form "tiles", title: "Tiles with icons", icons: true, family: "list", also: %w[hub comparison], least: 2, most: 12,
                      sees: "tiles with a large icon in each and the words below", reason: "things one knows by sight"

        def draw
          columns, labels, w, h = best
          across = [items.size, columns].min
          @icon = [h - labels.map(&:height).max - gap(20), w * 0.8].min
          row = h + gap(24)
          each_item { |item, i| tile(item, labels[i], (i % across) * (w + gap(18)), top + ((i / columns) * row), w) }
        end

        private

        def best
          tries = (1..[items.size, 6].min).filter_map { |columns| attempt { laid(columns) } }
          refuse("There is too little room for #{items.size} tiles.") if tries.empty?
          tries.max_by(&:last).first(4)
        end

        def laid(columns)
          rows = (items.size / columns.to_f).ceil
          return nil if (columns * rows) - items.size >= columns

          w = (width - (gap(18) * (columns - 1))) / columns
          h = (height - (gap(24) * (rows - 1))) / rows
          return nil if w < 84 || h < 92

          labels = fit_labels(items.map { [w, h * 0.5] }, most: 24 * unit, above: ->(i) { i.date || (i.value && Values.text(i)) })
          icon = [h - labels.map(&:height).max - gap(20), w * 0.8].min
          return nil if icon < 30

          [columns, labels, w, h, [whole?(labels) ? 1 : 0, labels.first.title.size, (icon / 24).round, (items.size % columns).zero? ? 1 : 0, columns]]
        end

        # The tile is as wide as its column; what it shows stands in its middle.
        def tile(item, label, x, y, w)
          paint = area(item, 0.14, words: false)
          pen.rect(x, y, w, @icon, radius: radius, **paint.paint)
          size = @icon * 0.58
          icon = icon_of(item)
          ink = house.ink(paint.ground, role: item.strong ? "ink" : role(item), ratio: size >= 24 ? Colour::Mixing::LARGE : Colour::Mixing::TEXT)
          if icon then draw_icon(icon, x + ((w - size) / 2), y + ((@icon - size) / 2), size, ink, ground: paint.ground)
          else pen.words(item.title[0].to_s.upcase, house.font("title"), size, x + (w / 2), y + (@icon / 2) + (size * 0.35), fill: ink, anchor: :middle, part: "initial")
          end
          put(label, x, y + @icon + gap(14), item: item)
        end
      end
    end
  end
end
