# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A strip of arrow heads in one direction, words below; long processes take several strips.
      class Chevrons < Form
        form "chevrons", title: "Chevrons", family: "sequence", least: 2, most: 12,
                         sees: "a strip of arrow heads in one direction with the words below", reason: "one direction, equal steps"

        def draw
          columns, labels = best_strips
          rows = (items.size / columns.to_f).ceil
          band = (height - (gap(28) * (rows - 1))) / rows
          tall = strip(columns, band)
          need = labels.each_slice(columns).map { |row| tall + gap(14) + row.map(&:height).max }
          spare = [(height - need.sum) / rows, gap(48)].min
          y = top
          each_item do |item, i|
            y += need[(i / columns) - 1] + spare if i.positive? && (i % columns).zero?
            head(item, i, labels[i], columns, tall, y) if labels[i]
          end
        end

        # The base class calls head for the heading; with an item it draws an arrow head.
        def head(item = nil, *place)
          item ? chevron(item, *place) : super()
        end

        private

        def best_strips
          tries = [items.size, (items.size / 2.0).ceil, (items.size / 3.0).ceil, (items.size / 4.0).ceil].uniq.filter_map do |columns|
            rows = (items.size / columns.to_f).ceil
            band = (height - (gap(28) * (rows - 1))) / rows
            room = band - strip(columns, band) - gap(14)
            next if room < 20 || width / columns < 60

            labels = attempt { fit_labels(items.map { [(width / columns) - gap(16), room] }, most: 24 * unit) }
            labels && [labels, columns, [whole?(labels) ? 1 : 0, labels.first.title.size, -idle(labels, columns, band), -rows]]
          end
          refuse("There is too little room for #{items.size} arrow heads.") if tries.empty?
          labels, columns, = tries.max_by(&:last)
          [columns, labels]
        end

        # How far a layout is from filling four fifths of the height, in tenths.
        def idle(labels, columns, band)
          filled = labels.each_slice(columns).sum { |row| strip(columns, band) + gap(42) + row.map(&:height).max }
          ((filled / height) - 0.8).abs.round(1)
        end

        def strip(columns, band) = [width / columns * 0.5, band * 0.34, 120 * unit].min.clamp(26, 200)

        def chevron(item, index, label, columns, tall, y)
          step = width / columns
          x = (index % columns) * step
          nose = [tall * 0.36, step * 0.24].min
          last = step - gap(5) - shape
          size = [tall * 0.5, 40 * unit].min.clamp(job.least, 60)
          paint = area(item, ramp(index), words: size < 24)
          notch = (index % columns).zero? ? 0 : nose
          pen.polygon(
            [[x, y], [x + last - nose, y], [x + last, y + (tall / 2)], [x + last - nose, y + tall], [x, y + tall],
             [x + notch, y + (tall / 2)]], **paint.paint
          )
          # A little left of the middle: the notch and the nose weigh unequally.
          pen.words((index + 1).to_s, house.font("number"), size, x + ((last + notch - (nose * 0.55)) / 2), y + (tall / 2) + (size * 0.34), fill: on_fill(paint.ground, size), anchor: :middle,
                                                                                                                                            part: "number")
          put(label, x + 1, y + tall + gap(14), item: item)
        end
      end
    end
  end
end
