# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Stations on a line: across with words on alternating sides, or down with words at the side.
      class Rail < Form
        form "rail", title: "Rail", icons: true, family: "sequence", also: %w[timeline], least: 2, most: 12,
                     sees: "stations on one line with the words beside them", reason: "stops of one way"

        def draw
          across? ? across : down
        rescue Refusal
          raise if @turned

          @turned = true
          @pen.nodes.select! { |node| node.item == "heading" }
          across? ? across : down
        end

        private

        def across? = (width > height * 1.25 && width / items.size > 84) ^ @turned

        def over = lambda(&:date)
        def station = [[22 * unit, 40].min, 12].max

        def across
          step = width / items.size
          r = station
          room = (height / 2) - r - gap(22)
          span = items.size > 4 ? 1.9 : 1.0
          cells = items.each_index.map { |i| [[(step * span) - gap(16), width - (i * step)].min, room] }
          labels = fit_labels(cells, most: 22 * unit, above: over)
          over = items.size > 4 ? labels.each_slice(2).map { |pair| pair.first.height }.max + gap(14) : 0
          under = (items.size > 4 ? labels.each_slice(2).filter_map { |pair| pair[1]&.height } : labels.map(&:height)).max + gap(14)
          y = top + over + r + ([height - over - under - (r * 2), 0].max * 0.3)
          track(r, y, step)
          each_item { |item, i| stop_across(item, i, labels[i], step, r, y) }
        end

        def track(r, y, step)
          pen.line(r, y, (step * (items.size - 1)) + r, y, stroke: mark, line: emphasis * 0.7)
        end

        def stop_across(item, index, label, step, r, y)
          x = (index * step) + r
          disc(item, index + 1, x, y, r, share: index == items.size - 1 ? 1.0 : 0.8)
          below = items.size > 4 && index.odd?
          below = true if items.size <= 4
          put(label, x - r, below ? y + r + gap(14) : y - r - gap(14) - label.height, item: item)
        end

        def down
          r = station
          row = height / items.size
          refuse("There is too little room for #{items.size} stations.") if row < 26
          r = [r, row * 0.36].min
          gutter = (r * 2) + gap(20)
          labels = fit_labels(items.map { [width - gutter, row - gap(8)] }, most: 26 * unit, above: over)
          step = [row, labels.map(&:height).max + gap(44)].min
          pen.line(r, top + r, r, top + (step * (items.size - 1)) + r, stroke: mark, line: emphasis * 0.7)
          each_item do |item, i|
            y = top + (i * step)
            disc(item, i + 1, r, y + r, r, share: i == items.size - 1 ? 1.0 : 0.8)
            # A one-line label stands level with its station; a longer one starts there.
            put(label = labels[i], gutter, y + [r - ((label.above || label.title).ascent * 0.66), 0].max, item: item)
          end
        end
      end
    end
  end
end
