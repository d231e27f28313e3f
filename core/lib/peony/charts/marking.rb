# frozen_string_literal: true

module Peony
  module Charts
    # What is said of places in a chart. A mark is a hash as kept in a piece:
    #   {"kind" => "point", "at" => key, "text" => words, "series" => 0}   an event or an extreme, with a leader
    #   {"kind" => "span", "from" => key, "to" => key, "text" => words}    shaded behind the marks, named once
    #   {"kind" => "weekends", "text" => words}                            all Saturdays and Sundays
    #   {"kind" => "level", "value" => number, "text" => words}            a goal or a mean, dashed
    #   {"kind" => "fit"}                                                  the line of least squares
    # Labels keep clear of each other, of the line and of the edge; where there is no place, the dot stays and the label is a cut.
    module Marking
      # Where words may stand around a point, the best first, and how far away.
      AROUND = [[0, -1, :middle], [0, 1, :middle], [1, -1, :start], [-1, -1, :end], [1, 0, :start], [-1, 0, :end], [1, 1, :start], [-1, 1, :end]].freeze
      REACH = [16, 34, 60, 96].freeze

      private

      def marks(kind) = job.marks.select { |m| m["kind"] == kind }

      def draw_spans
        @named = []
        list = marks("weekends").flat_map { |m| weekends.map { |from, to| [m, from, to] } } + marks("span").filter_map { |m| span(m) }
        list.each do |mark, from, to|
          pen.rect(from.clamp(plot_left, plot_right), plot_top, to.clamp(plot_left, plot_right) - from.clamp(plot_left, plot_right), plot_height, fill: shade)
          name_span(mark, from, to)
        end
      end

      def shade = house.colour("surface-2")

      def weekends
        half = 0.5
        data.periods.map(&:from).select { |d| d.wday == 6 || d.wday.zero? }.slice_when { |a, b| b - a > 1 }.map { |days| [@x.at(days.first.jd - half), @x.at(days.last.jd + half)] }
      end

      def span(mark)
        from, to = [mark["from"], mark["to"]].map { |k| data.period(k)&.from&.jd }
        from && to ? [mark, @x.at(from - 0.5), @x.at(to + 0.5)] : nil
      end

      # Named once, over the plot, at the first span it stands for.
      def name_span(mark, from, to)
        return if mark["text"].to_s.empty? || @named.include?(mark["text"])

        @named << mark["text"]
        wide = body_font.width(mark["text"], small)
        x = (mark["kind"] == "weekends" ? plot_right - wide : (from + to - wide) / 2).clamp(plot_left, [plot_right - wide, plot_left].max)
        y = plot_top - (small * 0.55)
        pen.rect(x - (small * 1.2), y - (small * 0.72), small * 0.8, small * 0.8, fill: shade, stroke: faint, line: rule * 0.7) if mark["kind"] == "weekends"
        pen.words(mark["text"], body_font, small, x, y, fill: soft, part: "mark")
        taken << [x - (small * 1.2), y - small, x + wide, y + (small * 0.3)]
      end

      def draw_levels
        marks("level").each do |mark|
          y = @y[mark["value"].to_f]
          next unless y.between?(plot_top - 1, plot_bottom + 1)

          from, to = [mark["from"], mark["to"]].map { |k| data.period(k)&.from&.jd }
          x1 = from ? @x.at(from) : plot_left
          x2 = to ? @x.at(to) : plot_right
          pen.path([["M", x1, y], ["L", x2, y]], stroke: stroke(1), line: shape, dash: [gap(7), gap(5)])
          next if mark["text"].to_s.empty?

          places = [7, 24, 44, 70].flat_map do |r|
            [[y - gap(r), 0], [y + small + gap(r), 0]].flat_map do |at, _|
              [[x2 - gap(2), at, :end], [x1 + gap(2), at, :start], [(x1 + x2) / 2, at, :middle]]
            end
          end
          label(mark["text"], places, fill: soft)
        end
      end

      def draw_fit(xs, ys)
        return if marks("fit").empty? || xs.size < 3

        line = Tables::Statistics.line(ys, xs)
        ends = xs.minmax.map { |x| [x, line.start + (line.slope * x)] }
        yield ends
      end

      # Dots with words and leaders. +places+: from a mark to [x, y] of what it speaks of.
      def draw_points(list = marks("point"))
        list.each do |mark|
          x, y = yield(mark)
          next unless x

          pen.group("item", item: mark["at"].to_s) do
            pen.circle(x, y, [6 * unit, 4].max, fill: stroke(mark["colour"] || 2), stroke: surface, line: shape)
            taken << [x - gap(7), y - gap(7), x + gap(7), y + gap(7)]
            say(mark["text"].to_s, x, y)
          end
        end
      end

      def say(text, x, y)
        return if text.empty?

        lower = { -1 => 0, 0 => small * 0.35, 1 => small }
        places = REACH.flat_map { |r| AROUND.map { |dx, dy, anchor| [x + (dx * gap(r)), y + (dy * gap(r)) + lower[dy], anchor] } }
        found = label(text, places, fill: ink, font: label_font)
        return unless found

        bx = x.clamp(found[0], found[2])
        by = y.clamp(found[1], found[3])
        distance = Math.hypot(bx - x, by - y)
        pen.line(x, y + (by < y ? -gap(7) : gap(7)), bx, by + (by < y ? gap(1) : -gap(1)), stroke: soft, line: rule) if distance > gap(20) && (by - y).abs > gap(12)
      end

      # Words at the first of several places where they hit nothing.
      # @return [Array<Float>, nil] the box taken
      def label(text, places, fill:, font: body_font)
        wide = font.width(text, small)
        places.each do |x, y, anchor|
          from = x - (wide * { start: 0, middle: 0.5, end: 1 }.fetch(anchor))
          box = [from, y - (small * 0.85), from + wide, y + (small * 0.25)]
          next if box[0] < 0 || box[2] > right || box[1] < top - 1 || box[3] > plot_bottom || hit?(box)

          taken << box
          pen.words(text, font, small, x, y, fill: fill, anchor: anchor, part: "mark")
          return box
        end
        @cuts << text
        nil
      end

      def taken = @taken ||= []
      def course = @course ||= []

      def hit?(box)
        pad = gap(3)
        wide = [box[0] - pad, box[1] - pad, box[2] + pad, box[3] + pad]
        taken.any? { |b| b[0] < wide[2] && b[2] > wide[0] && b[1] < wide[3] && b[3] > wide[1] } || course.any? { |a, b| Scene::Segments.crosses?(wide, a, b) }
      end
    end
  end
end
