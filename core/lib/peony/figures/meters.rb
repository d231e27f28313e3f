# frozen_string_literal: true

module Peony
  module Figures
    # For forms that show one share each: so many in so many, or so far towards a goal. Several stand in a grid.
    module Meters
      private

      # @return [Float] 0..1 of the item's share
      def share(item)
        one, two = counts(item)
        return (one / two).clamp(0.0, 1.0) if two

        (item.unit == "%" ? item.value / 100.0 : item.value.to_f / most).clamp(0.0, 1.0)
      end

      # "1 in 8", "18400 of 25000"
      def counts(item)
        match = item.date.to_s.match(/\A(\S+) (?:in|of) (\S+)\z/)
        one, two = match && match.captures.map { |t| Float(t.delete(",\u2009"), exception: false) }
        one && two && two.positive? ? [one, two] : nil
      end

      def most = @most ||= [items.map { |i| i.value.abs }.max.to_f, 1].max

      # What is printed large: the share as it was told.
      def said(item) = counts(item) ? item.date : Values.text(item)

      # @param least_w [Numeric] px a cell needs
      # @yieldparam item [Item]
      # @yieldparam label [Labels::Label]
      # @yieldparam box [Array(Float, Float, Float, Float)] x, y, w, h of the part above the words
      def cells(wish, least_w: 120, most_size: 24)
        tries = (1..[items.size, 4].min).filter_map { |columns| attempt { laid(columns, wish, least_w, most_size) } }
        refuse("There is too little room for #{items.size} meters.") if tries.empty?
        columns, labels, w, h = tries.max_by(&:last)
        each_item do |item, i|
          x = (i % columns) * (w + gap(28))
          y = top + ((i / columns) * (h + gap(24)))
          words = labels.each_slice(columns).to_a[i / columns].map(&:height).max
          yield item, labels[i], [x, y, w, h - words - gap(14)]
        end
      end

      # Boxes as near as can be to the wished shape, whole words before cut ones.
      def laid(columns, wish, least_w, most_size)
        rows = (items.size / columns.to_f).ceil
        return nil if (columns * rows) - items.size >= columns

        w = (width - (gap(28) * (columns - 1))) / columns
        h = (height - (gap(24) * (rows - 1))) / rows
        return nil if w < least_w || h < 84

        labels = fit_labels(items.map { [w, h * 0.42] }, most: most_size * unit)
        box = h - labels.map(&:height).max - gap(14)
        return nil if box < 48

        off = Math.log(w / box / wish).abs
        [columns, labels, w, h, [whole?(labels) ? 1 : 0, -(off * 4).round, labels.first.title.size]]
      end

      def said_size(item, most, room)
        Scale.down(most, from: job.least).find { |s| house.font("number").width(said(item), s) <= room } || job.least
      end
    end
  end
end
