# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # Rows of icons in place of bars; each stands for so many, the last one is cut.
      class PictureBars < Chart
        include Figures::Marks

        chart "picture-bars", title: "Picture bars", family: "bar", sees: "rows of icons in place of bars, the last one cut", reason: "so many that one could count them",
                              tells: %w[leader tie share max], most: 12

        # The longest row has at most so many icons.
        ICONS = 12
        PEOPLE = /\b(?:visitors?|guests?|people|persons?|members?|pupils?|students?|children|adults?|readers?|patients?|customers?|volunteers?|passengers?|voters?)\b/i

        def self.fit(shape, _said)
          case shape.kind
          when :things, :groups then shape.table.size <= 10 && shape.series.any? { |s| countable?(s.values) } ? 0.5 : nil
          when :answers then shape.chosen.any? ? 0.4 : nil
          end
        end

        def self.countable?(values) = values.none?(&:negative?) && values.all? { |v| (v % 1).zero? } && values.max.to_f >= 3

        def self.data(shape, column, _said)
          return answers(shape, column&.name) if shape.kind == :answers

          one(shape, column || measure(shape))
        end

        def draw
          rows = counted
          @each = each(rows.first.numbers.max.to_f)
          legend = small * 1.9
          @row = (height - legend) / rows.size
          size = [small, @row * 0.5].min
          refuse("There are too many rows for this height.") if size < job.least
          names = [rows.keys.map { |k| label_font.width(k, size) }.max, width * 0.36].min
          numbers = rows.first.numbers.map { |v| number_font.width(rows.first.text(v), size) }.max.to_f
          @side = [@row * 0.78, (right - names - numbers - gap(24)) / (rows.first.numbers.max / @each).ceil.clamp(1, ICONS) / 1.12].min
          refuse("There is too little room for the icons.") if @side < 8
          @icons = icons(rows.keys)
          rows.keys.each_index { |i| pictures(rows, i, names, size) }
          told(legend)
        end

        private

        # The rows in their order, all of something.
        def counted
          refuse("Icons cannot stand for less than nothing.") if data.first.numbers.any?(&:negative?)
          Answers.scale?(data.keys) ? data : data.ranked
        end

        # A round number, so that the longest row can be counted.
        def each(most, icons = ICONS) = [1, Scale.nice(most / icons)].max.then { |n| (n % 1).zero? && most / n <= icons ? n : n * 2 }

        # An icon for each name where all have one of their own; a person where people are counted; else plain discs, rather than a wrong picture.
        def icons(keys)
          names = Icons::Search.for_items(keys, set: house.icons)
          names = [data.first.name.match?(PEOPLE) ? "user" : nil] * keys.size unless names.all? && names.uniq.size == names.size
          names.map { |name| name && Icons.get(house.icons, name) }
        end

        def pictures(rows, index, names, size)
          value = rows.first.values[index]
          middle = top + ((index + 0.5) * @row)
          colour = Colour::Mixing.legible(house.colour(loud?(rows.keys[index]) ? role(0) : "ink-2"), surface, Colour::Mixing::LARGE)
          pen.group("item", item: rows.keys[index]) do
            pen.words(line_of(rows.keys[index], label_font, size, names), label_font, size, names, middle + (size * 0.35), fill: ink, anchor: :end, part: "title")
            next if value.nil?

            share = value / @each
            share.ceil.times { |k| picture(@icons[index], names + gap(12) + (k * @side * 1.12), middle - (@side / 2), colour, [share - k, 1.0].min) }
            pen.words(rows.first.text(value), number_font, size, names + gap(18) + (share * @side * 1.12), middle + (size * 0.35), fill: ink, part: "value")
          end
        end

        def picture(icon, x, y, colour, upto)
          return draw_icon(icon, x, y, @side, colour, upto: upto) if icon
          return pen.circle(x + (@side / 2), y + (@side / 2), @side * 0.46, fill: colour) if upto > 0.999

          ring = Scene::Outlines.of(Scene::Ellipse.new(cx: x + (@side / 2), cy: y + (@side / 2), rx: @side * 0.46, ry: @side * 0.46)).first
          points = Scene::Outlines.left_of(ring, x + (@side * upto))
          pen.polygon(points, fill: colour) if points.size > 2
        end

        # What one icon stands for.
        def told(room)
          words = "one picture: #{data.first.text(@each.to_f)}"
          pen.words(words, body_font, small, left, bottom - (room * 0.2), fill: soft, part: "legend")
        end
      end
    end
  end
end
