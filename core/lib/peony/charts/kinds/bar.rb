# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # Bars from left to right, the longest on top, each with its name and number.
      class Bar < Chart
        chart "bar", title: "Bars", family: "bar", areas: true, sees: "bars in order of length, each with its number", reason: "who has most, in order", tells: %w[leader tie share max], most: 400

        def self.fit(shape, _said)
          case shape.kind
          when :things, :groups then (shape.label&.turn? ? 0.5 : 0.9) if shape.series.any?
          when :answers then 0.9
          when :wide, :long then 0.55
          end
        end

        def self.data(shape, column, _said)
          case shape.kind
          when :answers then answers(shape, column&.name)
          when :wide, :long then totals(shape)
          else one(shape, column || measure(shape))
          end
        end

        def draw
          rows = ordered
          @row = height / rows.size
          size = [small, @row * 0.62].min
          refuse("There are too many rows for this height.") if size < job.least
          names = [rows.keys.map { |k| label_font.width(k, size) }.max, width * 0.38].min
          numbers = rows.first.numbers.map { |v| number_font.width(rows.first.text(v), size) }.max.to_f
          from = names + gap(12)
          scale = Scale.new(rows.first.numbers, from: from, to: right - numbers - gap(8), count: 4)
          longest = rows.first.numbers.map(&:abs).max
          @stretch = longest.positive? && rows.first.numbers.min >= 0 ? (right - numbers - gap(8) - from) / longest : nil
          rows.keys.each_index { |i| bar(rows, i, from, names, size, scale) }
        end

        private

        # By length, unless the order means something; what does not fit is summed as others where sums say something.
        def ordered
          list = data.time? || Answers.scale?(data.keys) ? data : data.ranked
          most = (height / (job.least * 1.7)).floor
          return list if list.size <= most
          return list.grouped(most) if list.first.kind != "percent" && list.first.unit.nil?

          refuse("There are too many rows for this height.")
        end

        def bar(rows, index, from, names, size, scale)
          value = rows.first.values[index]
          middle = top + ((index + 0.5) * @row)
          thick = [@row * 0.66, 44 * unit].min
          pen.group("item", item: rows.keys[index]) do
            pen.words(line_of(rows.keys[index], label_font, size, names), label_font, size, names, middle + (size * 0.35), fill: ink, anchor: :end, part: "title")
            next if value.nil?

            start, stop = @stretch ? [from, from + (value * @stretch)] : [scale.zero, scale[value]].minmax
            quiet = job.highlight ? !loud?(rows.keys[index]) : false
            pen.rect(start, middle - (thick / 2), [stop - start, 0.8].max, thick, radius: [radius, thick * 0.2].min, **fill(0, quiet: quiet).paint)
            pen.words(rows.first.text(value), number_font, size, stop + gap(6), middle + (size * 0.35), fill: ink, part: "value")
          end
        end
      end
    end
  end
end
