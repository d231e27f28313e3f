# frozen_string_literal: true

module Peony
  module Figures
    # For forms that draw values along time from left to right: a scale from nothing, and words below that never collide.
    module Course
      private

      # Sets up the field: where values lie and where the words begin.
      # @param below [Boolean] whether numbers may stand below their points
      def plot(below: false)
        low, high = span_of(items.map(&:value))
        @low = low
        @range = (high - low).zero? ? 1.0 : (high - low).to_f
        @number = Scale.down([34 * unit, height * 0.11].min, from: job.least).find { |s| items.map { |i| number_width(i, s) }.max <= width * 0.2 } || job.least
        @labels = tick_labels
        @under = @labels.compact.map(&:height).max.to_f + gap(14)
        @over = @number + gap(26)
        @room = height - @under - @over - (low.negative? || below ? @number + gap(18) : gap(4))
        refuse("There is too little room for the values.") if @room < 40
        @step = (width - (inset * 2)) / [items.size - 1, 1].max
      end

      def inset = @inset ||= [@number ? items.values_at(0, -1).map { |i| number_width(i, @number) }.max * 0.5 : 0, gap(12)].max
      def x_of(index) = inset + (index * (width - (inset * 2)) / [items.size - 1, 1].max)
      def base = top + @over + @room
      def y_of(value) = base - ((value - @low) / @range * @room)

      # Where nothing is; below it there is room for the numbers of the lowest points.
      def zero = y_of([[0, @low].max, @low + @range].min)

      # The date, or the title where there is none.
      def told(item) = item.date.to_s.empty? ? item.title : item.date

      # Every label, or every second, third ...: as many as stand side by side; the last is always there.
      def tick_labels
        size = [[18 * unit, 13].max, job.least].max
        (1..items.size).each do |every|
          shown = items.each_index.select { |i| ((items.size - 1 - i) % every).zero? }
          cell = (width / items.size * every) - gap(8)
          sets = items.each_with_index.map { |item, i| shown.include?(i) ? Type::Composing.text(told(item), house.font("body"), size, cell, leading: 1.2, hard: every == items.size) : nil }
          return sets if shown.all? { |i| sets[i] && sets[i].lines.size <= 3 }
        end
        cell = (width * 0.45)
        items.each_with_index.map { |item, i| [0, items.size - 1].include?(i) ? Type::Composing.cut(told(item), house.font("body"), job.least, cell, 3, leading: 1.2) : nil }
      end

      def anchor_at(index)
        return :start if index.zero?

        index == items.size - 1 ? :end : :middle
      end

      # Words under the field; those at the ends stay inside the picture.
      def ticks(centred: false)
        pen.line(0, zero, width, zero, stroke: house.colour("line"), line: rule)
        each_item do |item, i|
          set = @labels[i] or next
          x = centred ? (i + 0.5) * width / items.size : x_of(i)
          half = set.width / 2
          pen.text(set, x.clamp(half, [width - half, half].max), bottom - @under + gap(12), fill: house.ink(surface, role: item.strong ? "ink" : "ink-2"), anchor: :middle,
                                                                                            part: item.date ? "date" : "title")
          @cuts << item.id if set.cut
        end
      end

      # The field between the line and nothing.
      def area_below(points)
        paint = job.finish.area(house, job.colour, 0.12, shape, words: false)
        corners = [[points.first[0], zero], *points, [points.last[0], zero]]
        pen.polygon(corners, fill: paint.fill, stroke: paint.stroke, line: paint.stroke && rule)
      end
    end
  end
end
