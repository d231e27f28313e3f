# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A dot for each pair of numbers, the line that fits them, names beside the dots where there is room.
      class Scatter < Form
        form "scatter", title: "Scatter with a line", family: "relation", least: 3, most: 12, needs: %i[value],
                        sees: "a dot for each pair of numbers and the line that fits them best", reason: "how one goes with the other"

        include Pairings

        # Dots in a low strip all seem to lie on one line.
        def self.flattest = 0.9

        def draw
          @size = [[18 * unit, 13].max, job.least].max
          @left = [axis_words(ys).map { |w| house.font("body").width(w, @size) }.max + gap(14), 40].max
          @floor = bottom - (@size * 2.9)
          @ceiling = top + (@size * 1.9)
          refuse("There is too little room for the dots.") if @floor - @ceiling < 90 || width - @left < 140
          axes
          fitted
          each_item { |item, i| dot(item, i) }
          names
        end

        private

        def scale(values)
          @scales ||= {}
          @scales[values] ||= begin
            low, high = values.minmax
            span = high - low
            span = high.abs.clamp(1, Float::INFINITY) if span.zero?
            step = nice(span / 3.5)
            from = low.positive? && low < span * 0.6 ? 0 : (low / step).floor * step
            [from, (high / step).ceil * step, step]
          end
        end

        # 1, 2 or 5 times a power of ten.
        def nice(value)
          power = 10.0**Math.log10(value).floor
          [1, 2, 5, 10].map { |m| m * power }.find { |v| v >= value }
        end

        def marks(values)
          from, to, step = scale(values)
          Array.new(((to - from) / step).round + 1) { |i| Reading::Numbers.plain((from + (i * step)).round(6)) }
        end

        def axis_words(values) = marks(values).map { |v| Values.grouped(v) }

        def x_of(value) = @left + gap(10) + (place(value, xs) * (width - @left - gap(26)))
        def y_of(value) = @floor - (place(value, ys) * (@floor - @ceiling))

        def place(value, values)
          from, to, = scale(values)
          to == from ? 0.5 : (value - from) / (to - from).to_f
        end

        def axes
          font = house.font("body")
          ink = house.ink(surface, role: "ink-2")
          marks(ys).each do |v|
            y = y_of(v)
            pen.line(@left, y, width, y, stroke: house.colour("line"), line: rule * 0.8)
            pen.words(Values.grouped(v), font, @size, @left - gap(8), y + (@size * 0.34), fill: ink, anchor: :end, part: "tick")
          end
          last = @left - gap(10)
          marks(xs).each do |v|
            words = printed(v)
            half = font.width(words, @size) / 2
            x = x_of(v)
            next if x - half < last + gap(8) || x + half > width

            pen.words(words, font, @size, x, @floor + (@size * 1.3), fill: ink, anchor: :middle, part: "tick")
            last = x + half
          end
          title(name_of(:y), 0, top + (@size * 0.8), :start)
          title(name_of(:x), width, bottom - (@size * 0.3), :end)
        end

        def title(words, x, y, anchor)
          size = Scale.down(@size, from: job.least).find { |s| house.font("label").width(words, s) <= width } or return
          pen.words(words, house.font("label"), size, x, y, fill: house.ink, anchor: anchor, part: "axis")
        end

        # Least squares: b = Σ(x−x̄)(y−ȳ) / Σ(x−x̄)².
        def fitted
          mx = xs.sum / xs.size.to_f
          my = ys.sum / ys.size.to_f
          below = xs.sum { |x| (x - mx)**2 }
          return if below.zero?

          slope = xs.zip(ys).sum { |x, y| (x - mx) * (y - my) } / below
          low, high = scale(ys).first(2)
          ends = xs.minmax.map { |x| [x, my + (slope * (x - mx))] }
          # Where the line leaves the field it ends at its edge; bending it would change what it says.
          ends.map! { |x, y| y.between?(low, high) ? [x, y] : [mx + ((y.clamp(low, high) - my) / slope), y.clamp(low, high)] }
          @fit = ends.map { |x, y| [x_of(x), y_of(y)] }
          pen.line(*@fit[0], *@fit[1], stroke: house.colour("signal"), line: shape, dash: [8, 6])
        end

        def dot(item, index) = pen.circle(x_of(xs[index]), y_of(ys[index]), [9 * unit, 6].max, **area(item, 1.0, words: false).paint)

        # A name where it meets no dot and no other name.
        def names
          taken = items.each_index.map { |i| around_dot(i) }
          each_item do |item, i|
            words = item.title.length > 26 ? "#{item.title[0, 24].sub(/\s+\S*\z/, '')}…" : item.title
            free = spots(words, i).select { |box, _, _| inside?(box) && taken.none? { |t| meet?(t, box) } }
            box, x, anchor = free.find { |spot, _, _| !on_line?(spot) } || free.first
            next unless box

            taken << box
            pen.words(words, house.font("body"), @size, x, box[1] + (@size * 0.82), fill: house.ink, anchor: anchor, part: "title")
          end
        end

        # Right, left, above and below a dot.
        def spots(words, index)
          w = house.font("body").width(words, @size)
          x = x_of(xs[index])
          y = y_of(ys[index])
          r = [9 * unit, 6].max + 5
          [[x + r, y - (@size * 0.5), x + r, :start], [x - r - w, y - (@size * 0.5), x - r, :end], [x - (w / 2), y - r - @size, x, :middle], [x - (w / 2), y + r, x, :middle]]
            .map { |left, up, at, anchor| [[left, up, left + w, up + @size], at, anchor] }
        end

        # Whether the line of best fit runs through a box.
        def on_line?(box)
          return false unless @fit

          (x1, y1), (x2, y2) = @fit
          at = ->(x) { y1 + ((y2 - y1) * (x - x1) / [x2 - x1, 0.001].max) }
          left = [box[0], x1].max
          right = [box[2], x2].min
          return false if left >= right

          low, high = [at[left], at[right]].minmax
          high > box[1] - 2 && low < box[3] + 2
        end

        def inside?(box) = box[0] >= @left && box[2] <= width && box[1] >= @ceiling && box[3] <= @floor - 2
        def meet?(one, two) = [one[2], two[2]].min - [one[0], two[0]].max > 0 && [one[3], two[3]].min - [one[1], two[1]].max > 0

        def around_dot(index)
          r = [9 * unit, 6].max + 2
          [x_of(xs[index]) - r, y_of(ys[index]) - r, x_of(xs[index]) + r, y_of(ys[index]) + r]
        end
      end
    end
  end
end
