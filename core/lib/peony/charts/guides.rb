# frozen_string_literal: true

module Peony
  module Charts
    # Axes: light rules across with their numbers, time or names below. They set the plot, @plot = [left, top, right, bottom].
    module Guides
      private

      def plot_left = @plot[0]
      def plot_top = @plot[1]
      def plot_right = @plot[2]
      def plot_bottom = @plot[3]
      def plot_width = plot_right - plot_left
      def plot_height = plot_bottom - plot_top

      # Lays the plot out: numbers at the left, room for +below+ lines of words underneath and +after+ px at the right.
      # @return [Scale] for y
      def upright(values, zero: true, below: 2, after: 0, over: 0, like: data.first, whole: false)
        from = bottom - (below * small * 1.35) - gap(6)
        over += small * 1.5 unless axis_title.empty?
        to = top + over + (small * 0.7)
        refuse("There is too little room for the plot.") if from - to < small * 4
        @y = scale(values, from, to, zero, ((from - to) / (small * 4.2)).round.clamp(2, 6), whole)
        @like = like
        wide = @y.ticks.map { |t| body_font.width(tick_text(t), small) }.max
        @plot = [wide + gap(10), to, right - after, from]
        refuse("There is too little room for the plot.") if plot_width < small * 7
        title_of_axis
        @y
      end

      # The scale as it is best, or as the person wants it. Lengths begin at nothing, whatever is wanted.
      def scale(values, from, to, zero, count, whole)
        limits = [job.axis["min"], job.axis["max"]].map { |v| v&.to_f }
        return Scale.new(values, from: from, to: to, zero: zero, count: count, whole: whole, limits: zero ? [nil, limits.last] : limits) unless job.axis["log"]

        refuse("A logarithmic scale is for lines and points: lengths on it would mislead.") unless self.class.facts.scale == "points"
        LogScale.new(values, from: from, to: to, count: count, limits: limits)
      end

      def axis_title = job.axis["title"].to_s.strip

      def title_of_axis
        return if axis_title.empty?

        pen.words(line_of(axis_title, label_font, small, width), label_font, small, left, plot_top - (small * 1.15), fill: soft, part: "axis")
      end

      # The unit stands at the highest tick alone, save signs that belong to the number.
      def tick_text(value)
        return @like.text(value, decimals: @y.decimals) if %w[percent money].include?(@like.kind) || value == @y.ticks.last

        Tables::Amounts.text(value, nil, decimals: @y.decimals)
      end

      def draw_rules
        @y.ticks.each do |tick|
          y = @y[tick]
          heavy = tick.zero?
          pen.line(plot_left, y, plot_right, y, stroke: heavy ? soft : faint, line: heavy ? rule : rule * 0.7) if heavy || job.axis["grid"] != false
          pen.words(tick_text(tick), body_font, small, plot_left - gap(10), y + (small * 0.35), fill: soft, anchor: :end, part: "tick")
        end
      end

      # The middle of words that stay between two edges.
      def within(x, half, from = left, to = right) = half * 2 > to - from ? (from + to) / 2 : x.clamp(from + half, to - half)

      # Time along the bottom.
      # @return [TimeScale]
      def along_time(inset: 0)
        @x = TimeScale.new(data.periods, from: plot_left + inset, to: plot_right - inset)
        @x.ticks(->(text) { body_font.width(text, small) + gap(14) }).each do |x, text, below|
          pen.line(x, plot_bottom, x, plot_bottom + gap(5), stroke: soft, line: rule * 0.7)
          time_words(text, x, 1)
          time_words(below, x, 2) if below
        end
        @x
      end

      def time_words(text, x, row)
        half = body_font.width(text, small) / 2
        pen.words(text, body_font, small, within(x, half), plot_bottom + gap(4) + (small * 1.3 * row), fill: soft, anchor: :middle, part: "tick")
      end

      # Bands along the bottom, each with its name; names that do not fit in two lines refuse.
      # @return [Array<Float>] left edges and the width of a band
      def bands(share: 0.72)
        each = plot_width / data.size
        @band = each * share
        @lefts = (0...data.size).map { |i| plot_left + (i * each) + ((each - @band) / 2) }
      end

      def band_names
        each = plot_width / data.size
        return sparse_names(each) if data.time?

        settings = data.keys.map { |k| Type::Composing.text(k, body_font, small, each - gap(4), leading: 1.2) }
        refuse("The names are too long to stand under their columns.") if settings.any? { |s| s.nil? || s.lines.size > 2 }
        settings.each_with_index { |s, i| pen.text(s, @lefts[i] + (@band / 2), plot_bottom + gap(6), fill: soft, anchor: :middle, part: "tick") }
      end

      def sparse_names(each)
        scale = TimeScale.new(data.periods, from: @lefts.first + (@band / 2), to: @lefts.last + (@band / 2))
        room = ->(text) { body_font.width(text, small) + gap(8) }
        own = scale.names(room, each)
        return own.each_with_index { |(_, text, below), i| named(@lefts[i] + (@band / 2), text, below) } if own

        known = data.periods.each_with_index.to_h { |p, i| [p.from.jd, i] }
        scale.ticks(room).each do |x, text, below|
          jd = data.periods.map { |p| p.from.jd }.min_by { |d| (scale.at(d) - x).abs }
          middle = @lefts[known[jd]] + (@band / 2)
          next if (middle - x).abs > each

          named(middle, text, below)
        end
      end

      def named(middle, text, below)
        time_words(text, middle, 1)
        time_words(below, middle, 2) if below
      end

      # Names of series in one line over the plot, each with a swatch of its colour.
      def legend
        x = left
        y = top + small
        data.series.each_with_index do |s, i|
          wide = label_font.width(s.name, small) + (small * 1.9)
          if x + wide > right && x > left
            x = left
            y += small * 1.6
          end
          pen.rect(x, y - (small * 0.75), small * 0.8, small * 0.8, radius: [radius, small * 0.2].min, **fill(i).paint)
          pen.words(line_of(s.name, label_font, small, width - small), label_font, small, x + (small * 1.2), y, fill: ink, part: "legend")
          x += wide + gap(10)
        end
        y - top + gap(14)
      end
    end
  end
end
