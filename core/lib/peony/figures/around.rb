# frozen_string_literal: true

module Peony
  module Figures
    # For forms with a round middle: words in two columns beside it with leaders, clockwise from the top, or in a list below it where the box is narrow.
    module Around
      # Where an item's mark is: its angle in degrees, 0 at the top, clockwise.
      def angle(index) = (index + 0.5) * 360.0 / items.size

      private

      # @param share [Float] how much of the box the middle may take
      # @yieldparam cx [Float] the middle
      # @yieldparam cy [Float]
      # @yieldparam radius [Float] px the whole middle may reach
      # @yieldreturn [Proc] from index and side (1 right, -1 left) to the point where its leader begins
      def around(share: 0.44, &middle)
        wide = width >= height * 0.82 && width >= 330
        beneath(&middle) unless wide && attempt { beside(share, &middle) || :drawn }
      end

      def right_side = (0...items.size).select { |i| angle(i) <= 180 }
      def left_side = (0...items.size).select { |i| angle(i) > 180 }.reverse

      def beside(share)
        radius = [height * 0.46, width * share / 2].min
        side = (width / 2) - radius - gap(34)
        refuse("The sides are too narrow for words.") if side < 80
        rows = [right_side.size, left_side.size].max
        row = height / rows
        refuse("There is too little room for #{items.size} items.") if row < 30
        labels = fit_labels(items.map { [side, row - gap(12)] }, most: 24 * unit, above: ->(i) { over(i) })
        # Where words are short, the middle may grow into the room they leave.
        spare = side - labels.map(&:width).max
        radius = [radius + [spare, 0].max, height * 0.46].min
        cy = top + (height / 2)
        place = yield(width / 2, cy, radius)
        { right_side => 1, left_side => -1 }.each { |list, way| column(list, way, labels, row, radius, cy, place) }
      end

      def column(list, way, labels, row, radius, middle, place)
        step = [row, (radius * 2.1) / [list.size, 1].max].max.clamp(0, height / [list.size, 1].max)
        first = middle - (step * list.size / 2)
        list.each_with_index do |index, k|
          label = labels[index]
          y = (first + (step * (k + 0.5)) - (label.height / 2)).clamp(top, bottom - label.height)
          edge = (width / 2) + (way * (radius + gap(30)))
          pen.group("item", item: items[index].id) do
            from = place.call(index, way)
            leader(from[0], from[1], edge - (way * gap(8)), y + first_line(label), mark_quiet(items[index]))
            put(label, edge, y, item: items[index], anchor: way.positive? ? :start : :end)
          end
        end
      end

      # Leaders leave a round middle towards their side, also those at the very top and bottom.
      def facing(index, way) = way.positive? ? angle(index).clamp(24, 152) : angle(index).clamp(208, 336)

      def mark_quiet(item) = item.strong ? mark(item) : house.tint(job.colour, 0.45)

      # The middle on top, the words in a numbered list below it.
      def beneath
        radius = [[width * 0.44, height * 0.24].min, 26].max
        cy = top + radius + shape
        room = height - (radius * 2) - gap(28)
        columns = width > 520 && items.size > 3 ? 2 : 1
        rows = (items.size / columns.to_f).ceil
        w = (width - (gap(24) * (columns - 1))) / columns
        row = room / rows
        refuse("There is too little room for #{items.size} items.") if row < 20
        lead = [gap(40), 24].max
        labels = fit_labels(items.map { [w - lead, row - gap(8)] }, most: 22 * unit, above: ->(i) { over(i) })
        row = [row, labels.map(&:height).max + gap(26)].min
        yield(width / 2, cy, radius)
        start = cy + radius + gap(28)
        each_item { |item, i| listed(item, i, labels[i], (i / rows) * (w + gap(24)), start + ((i % rows) * row), lead) }
      end

      def listed(item, index, label, x, y, lead)
        size = (label.above || label.title).size
        pen.words((index + 1).to_s, house.font("number"), size, x, y + (label.above || label.title).ascent, fill: accent_ink(role(item), surface, size), part: "number")
        put(label, x + lead, y, item: item)
      end

      def over(item) = item.date || (item.value ? Values.text(item) : nil)

      # The heading of a hub names its middle: where it is short it stands there instead of on top.
      def heart_words
        setting = job.heading.empty? || job.heading.length > 36 ? nil : job.heading
        setting && setting.split.map(&:length).max <= 14 ? setting : nil
      end

      def heart(cx, cy, radius, ground)
        return unless heart_words

        setting = Scale.down([radius * 0.5, 44 * unit].min, from: job.least).lazy.filter_map do |size|
          Type::Composing.text(heart_words, house.font("title"), size, radius * 1.6, leading: 1.15, balance: true)
        end.find { |s| s.height <= radius * 1.5 && s.lines.size <= 4 }
        pen.group("item", item: "heading") { pen.text(setting, cx, cy - (setting.height / 2), fill: house.ink(ground), anchor: :middle, part: "heading") } if setting
      end
    end
  end
end
