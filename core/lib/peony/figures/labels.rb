# frozen_string_literal: true

module Peony
  module Figures
    # Setting the words of items: all labels of a figure share one pair of sizes, the largest at which every one fits its cell.
    # Where nothing fits, details are shortened at a clause, and the figure remembers that they were.
    module Labels
      # Room for an icon before a title, in sizes of the title.
      BESIDE = 1.62

      # The words of one item, set. +above+ is the date or number line over the title; +icon+ stands before the title, which is moved by +room+ px for it.
      Label = Struct.new(:above, :title, :detail, :space, :icon, :room, keyword_init: true) do
        # @return [Float] px
        def height
          parts = [above, title, detail].compact.reject(&:empty?)
          parts.sum(&:height) + ([parts.size - 1, 0].max * space)
        end

        # @return [Float] px
        def width = [above&.width, title && (title.width + room.to_f), detail&.width].compact.max || 0.0
      end

      private

      # @param cells [Array<Array(Numeric, Numeric)>] width and height for each item
      # @param most [Numeric] the largest title size, px
      # @param cap [Numeric] px at 1080 px page width that no title passes, however large the figure
      # @param above [Proc] from item to the words over the title, or nil
      # @param detail [Boolean] whether to set details
      # @return [Array<Label>]
      # @raise [Refusal]
      def fit_labels(cells, most: 24 * unit, list: items, detail: true, above: nil, title: :title, cap: 29)
        sizes = Scale.down([[most, cap * job.least / 13.0].min, 13].max, from: job.least)
        sizes.each do |size|
          labels = (beside? && try_labels(list, cells, size, detail, above, title)) || bare { try_labels(list, cells, size, detail, above, title) }
          return labels if labels
        end
        bare { cut_labels(list, cells, sizes.last, detail, above, title) }
      end

      # Without icons before the titles: they never cost the words their size.
      def bare
        before = beside?
        @beside_title = false
        yield
      ensure
        @beside_title = before
      end

      def try_labels(list, cells, size, detail, above, title)
        list.each_with_index.map do |item, index|
          w, h = cells[index]
          label = label(item, w, size, detail, above, title, hard: false)
          return nil if label.nil? || label.height > h || too_deep?(label, w)

          label
        end
      end

      # Very narrow columns of very many lines read badly: better a smaller size.
      def too_deep?(label, width) = label.title.lines.size > 4 && label.title.size > 14 && width < label.title.size * 9

      def label(item, width, size, detail, above, title, hard:)
        small = Scale.below(size, job.least)
        words = item.public_send(title)
        room = title == :title && beside? && icon_of(item) ? size * BESIDE : 0.0
        return nil if room > width * 0.3 && !hard

        room = 0.0 if room > width * 0.3
        head = Type::Composing.text(words, house.font("label"), size, width - room, leading: 1.22, hard: hard)
        over = line_over(item, above)
        top = over && Type::Composing.text(over, house.font(over_title[:font]), over_title[:small] ? small : size, width, leading: 1.2, hard: hard)
        detail = false if over == item.detail
        body = detail && !item.detail.empty? ? Type::Composing.text(item.detail, house.font("body"), small, width, leading: 1.36, hard: hard) : nil
        return nil if head.nil? || (over && top.nil?) || (detail && !item.detail.empty? && body.nil?)

        Label.new(above: top, title: head, detail: body, space: size * 0.22, icon: room.positive? ? icon_of(item) : nil, room: room)
      end

      # What stands over a title is a date, lettered like a number and as large as the title.
      def over_title = { font: "number", part: "date", small: false }

      # What stands over a title, if anything does: "December" over "December" would say it twice.
      def line_over(item, above) = above && above.call(item).to_s.then { |words| words unless words.empty? || words == item.title }

      # Forms that have no place of their own for icons set them before the titles.
      def beside? = @beside_title.nil? ? (@beside_title = !self.class.facts.icons && items.any? { |i| icon_of(i) }) : @beside_title

      def cut_labels(list, cells, size, detail, above, title)
        list.each_with_index.map do |item, index|
          w, h = cells[index]
          refuse("There is too little room for the words.") if w < size * 3.2
          label = label(item, w, size, false, above, title, hard: true)
          refuse("There is too little room for “#{item.title}”.") if label.height > h + 0.5
          label.detail = shortened(item, w, h - label.height - label.space, Scale.below(size, job.least)) if detail && !item.detail.empty?
          label
        end
      end

      def shortened(item, width, height, size)
        Type::Composing.cut(item.detail, house.font("body"), size, width, (height / (size * 1.36)).floor, leading: 1.36)
      end

      # Draws a label with its top at y.
      # @param ground [String] the colour under it
      # @return [Float] px, where it ends
      def put(label, x, y, item:, anchor: :start, ground: surface, accent: nil)
        remember_cut(item, label.detail)
        over = label.above && accent_ink(accent || role(item), ground, label.above.size)
        rows = [[label.above, over_title[:part], over], [label.title, "title", house.ink(ground)], [label.detail, "detail", house.ink(ground, role: "ink-2")]]
        rows.each do |setting, part, ink|
          next if setting.nil? || setting.empty?

          from = part == "title" && label.room.to_f.positive? ? beside_icon(label, x, y, item, anchor, ground) : x
          pen.text(setting, from, y, fill: ink, anchor: anchor, part: part)
          y += setting.height + label.space
        end
        y - label.space
      end

      # Draws the icon before the title.
      # @return [Float] px, where the title goes
      def beside_icon(label, x, y, item, anchor, ground)
        side = label.title.size * 1.2
        left = { start: x, middle: x - ((label.title.width + label.room) / 2), end: x - label.title.width - label.room }.fetch(anchor)
        draw_icon(label.icon, left, y + (((label.title.size * label.title.leading) - side) / 2), side, accent_ink(role(item), ground, 24), ground: ground)
        x + { start: label.room, middle: label.room / 2, end: 0 }.fetch(anchor)
      end

      # @return [Boolean] whether no detail had to be shortened
      def whole?(labels) = labels.none? { |label| label.detail&.cut }

      # Only what is drawn counts: a form may try several layouts before it draws one.
      def remember_cut(item, setting)
        @cuts << item.id if setting&.cut
      end

      def accent_ink(role, ground, size) = house.ink(ground, role: role, ratio: size >= 24 ? Colour::Mixing::LARGE : Colour::Mixing::TEXT)

      # The ink for a numeral on a filled area: the surface's colour wherever it reads, so that a ramp changes ink only once.
      def on_fill(ground, size)
        light = surface
        if Colour::Mixing.contrast(light, ground) >= (size >= 24 ? Colour::Mixing::LARGE : Colour::Mixing::TEXT) + 0.03
          light
        else
          house.ink(ground)
        end
      end

      # A number with its unit at 60 % on the same baseline.
      # @param x [Numeric] left edge (or middle, or right edge, by anchor)
      def number(item, size, x, baseline, fill:, anchor: :start)
        whole, mark = Values.parts(item)
        font = house.font("number")
        small = [size * 0.6, job.least].max
        space = mark.empty? || item.date ? 0 : size * 0.08
        total = font.width(whole, size) + (mark.empty? ? 0 : space + house.font("body").width(mark, small))
        start = x - (total * { start: 0, middle: 0.5, end: 1 }.fetch(anchor))
        pen.words(whole, font, size, start, baseline, fill: fill, part: "value")
        pen.words(mark, house.font("body"), small, start + font.width(whole, size) + space, baseline, fill: fill, part: "unit") unless mark.empty?
        total
      end

      # @return [Float] px
      def number_width(item, size)
        whole, mark = Values.parts(item)
        house.font("number").width(whole, size) + (mark.empty? ? 0 : (size * 0.08) + house.font("body").width(mark, [size * 0.6, job.least].max))
      end
    end
  end
end
