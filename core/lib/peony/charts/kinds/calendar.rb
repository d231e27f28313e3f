# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # A square for each day in weeks side by side, the darker the more; days without a row stay empty.
      class Calendar < Chart
        chart "calendar", title: "Calendar", family: "heatmap", sees: "a square for each day, the darker the more", reason: "which days, week by week", tells: %w[weekly spike dip max], most: 800

        DAYS = %w[Mon Tue Wed Thu Fri Sat Sun].freeze

        def self.fit(shape, _said) = shape.daily? && shape.table.size.between?(21, 800) ? 0.62 : nil
        def self.data(shape, column, _said) = one(shape, column || measure(shape))

        def draw
          dates = data.periods.map(&:from)
          @start = dates.min - ((dates.min.wday + 6) % 7)
          weeks = ((dates.max - @start).to_i / 7) + 1
          names = DAYS.map { |d| body_font.width(d, small) }.max + gap(12)
          rows = bands_of(weeks, names)
          per = (weeks / rows.to_f).ceil
          @side = [(width - names) / per, (height - (rows * small * 2)) / (rows * 7.0)].min
          refuse("There are too many days for this size.") if @side < 5
          rows.times { |r| band(r, per, names, dates) }
        end

        private

        # How many bands of weeks make the squares largest.
        def bands_of(weeks, names)
          (1..6).max_by { |r| [(width - names) / (weeks / r.to_f).ceil, (height - (r * small * 2)) / (r * 7.0)].min }
        end

        def band(number, per, names, dates)
          y = top + (number * ((@side * 7) + (small * 2))) + (small * 1.5)
          DAYS.each_with_index { |d, i| pen.words(d, body_font, small, 0, y + ((i + 0.5) * @side) + (small * 0.35), fill: soft, part: "tick") if @side >= small * 0.95 || i.even? }
          high = data.first.numbers.max
          shown = nil
          dates.each_with_index do |date, i|
            week = (date - @start).to_i / 7
            next unless week / per == number && data.first.values[i]

            x = names + ((week % per) * @side)
            shown = month(date, shown, x, y)
            share = high.positive? ? data.first.values[i].clamp(0, high) / high : 0
            pen.group("item", item: data.keys[i]) do
              pen.rect(x + 1, y + (((date.wday + 6) % 7) * @side) + 1, @side - 2, @side - 2, radius: [radius * 0.4, @side * 0.15].min, fill: house.tint(job.colour, 0.1 + (0.9 * share)))
            end
          end
        end

        def month(date, shown, x, y)
          return shown if shown && shown[0] == date.month

          name = Date::ABBR_MONTHNAMES[date.month]
          return [date.month, shown[1]] if shown && x < shown[1]

          pen.words(name, body_font, small, x, y - (small * 0.4), fill: soft, part: "tick")
          [date.month, x + body_font.width(name, small) + gap(6)]
        end
      end
    end
  end
end
