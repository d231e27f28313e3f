# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Tall panels side by side, one for each thing, its aspects listed in it.
      class Columns < Form
        form "columns", title: "Columns", family: "comparison", also: %w[list], least: 2, most: 5,
                        sees: "tall panels side by side, one for each thing", reason: "each thing a whole of its own"

        def draw
          @w = (width - (gap * (items.size - 1))) / items.size
          refuse("The columns are too narrow.") if @w < 92
          pad = gap(18)
          cells = items.map { [@w - (pad * 2), height - (pad * 2) - gap(8)] }
          joined = paired? ? items.map { |i| i.dup.tap { |c| c.detail = aspects(i) } } : items
          labels = fit_labels(cells, most: 28 * unit, list: joined, above: ->(i) { i.date || (i.value ? Values.text(i) : nil) })
          tall = [height, labels.map(&:height).max + (pad * 2) + gap(64)].min
          each_item { |item, i| panel(item, i, labels[i], pad, tall) }
        end

        private

        # Whether the things are told by the same aspects; what was told in prose says more in its own words.
        def paired? = items.all? { |i| i.aspects.size >= 2 } && Aspects.told(items) >= 0.5

        # "price £12 · 5 minutes": a name that its words say anyway is not said twice.
        def aspects(item)
          told = item.aspects.reject { |_, words| item.value && words.gsub(/[[:space:]]/, "") == Values.text(item).gsub(/[[:space:]]/, "") }
          told.map { |name, words| words.downcase.include?(name.downcase) ? words : "#{name} #{words}" }.join(" · ")
        end

        def panel(item, index, label, pad, tall)
          x = index * (@w + gap)
          paint = area(item, item.strong ? 1.0 : 0.0)
          pen.rect(x, top, @w, tall, radius: radius, **paint.paint)
          put(label, x + pad, top + pad + gap(4), item: item, ground: paint.ground)
        end
      end
    end
  end
end
