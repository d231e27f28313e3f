# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Boxes in a row or in rows, an arrow from each to what follows from it.
      class CauseChain < Form
        form "cause-chain", title: "Chain of causes", family: "cause", causes: :linked, also: %w[sequence], least: 2, most: 9,
                            sees: "boxes with an arrow from each to what follows from it", reason: "one thing brings the next"

        def draw
          columns, labels = best
          rows = (items.size / columns.to_f).ceil
          w, room = cell(columns)
          tall = [room, labels.map(&:height).max + (pad * 2) + gap(44)].min
          link = [height / rows, tall + gap(64)].min - tall
          each_item { |item, i| box(item, i, labels[i], columns, w, tall, link) }
        end

        private

        def pad = gap(16)
        def between = [gap(44), width * 0.06].min

        def cell(columns)
          rows = (items.size / columns.to_f).ceil
          [(width - (between * (columns - 1))) / columns, (height - (gap(36) * (rows - 1))) / rows]
        end

        def best
          tries = [items.size, (items.size / 2.0).ceil, (items.size / 3.0).ceil, 1].uniq.filter_map do |columns|
            w, tall = cell(columns)
            next if w < 96 || tall < 44

            labels = attempt { fit_labels(items.map { [w - (pad * 2), tall - (pad * 1.6)] }, most: 25 * unit) }
            labels && [columns, labels, [whole?(labels) ? 1 : 0, labels.first.title.size, -(Math.log(w / tall / 1.4).abs * 2).round]]
          end
          refuse("There is too little room for #{items.size} boxes.") if tries.empty?
          tries.max_by(&:last).first(2)
        end

        # Rows run to and fro, so that every arrow is short.
        def place(index, columns, w, tall, link)
          row = index / columns
          column = row.even? ? index % columns : columns - 1 - (index % columns)
          [column * (w + between), top + (row * (tall + link))]
        end

        def box(item, index, label, columns, w, tall, link)
          x, y = place(index, columns, w, tall, link)
          last = index == items.size - 1
          paint = area(item, last ? 1.0 : 0.12)
          pen.rect(x, y, w, tall, radius: radius, **paint.paint)
          put(label, x + pad, y + [(tall - label.height) / 2, pad * 0.8].max, item: item, ground: paint.ground)
          return if last

          x2, y2 = place(index + 1, columns, w, tall, link)
          if (y2 - y).abs < 1
            way = x2 > x ? 1 : -1
            from = way.positive? ? x + w : x
            arrow([[from + (way * gap(3)), y + (tall / 2)], [from + (way * (between - gap(3))), y + (tall / 2)]], mark)
          else
            arrow([[x + (w / 2), y + tall + gap(3)], [x + (w / 2), y2 - gap(3)]], mark)
          end
        end
      end
    end
  end
end
