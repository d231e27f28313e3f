# frozen_string_literal: true

module Peony
  module Figures
    # For forms that draw shares of one whole: fractions to scale, tones that part neighbours, and a key.
    module Shares
      private

      def check_shares
        refuse("Shares cannot be negative.") if items.any? { |i| i.value.negative? }
        refuse("There is nothing to share out.") if items.sum(&:value).zero?
      end

      # The share of the whole. Percentages that make less than 100 leave the rest open; more than 100 are drawn against their sum.
      # @return [Float] 0..1
      def fraction(index) = items[index].value / whole

      def whole
        @whole ||= begin
          sum = items.sum(&:value)
          items.all? { |i| i.unit == "%" } && sum < 98.5 ? 100.0 : sum
        end
      end

      # The largest share is the darkest; with each smaller one the tone grows lighter, so that neighbours differ in grey print too.
      # @param words [Boolean] whether words stand on the area
      def tone(index, words: false)
        @order ||= items.each_index.sort_by { |i| -items[i].value }
        place = @order.index(index)
        area(items[index], items.size < 2 ? 1.0 : 1.0 - (place / (items.size - 1.0)), words: words)
      end

      # Rows of swatch, number and words.
      def key(x, y, w, h)
        columns = columns_for(w, h)
        rows = (items.size / columns.to_f).ceil
        row = h / rows
        refuse("There is too little room for #{items.size} labels.") if row < 22
        cell = (w - (gap(24) * (columns - 1))) / columns
        size = Scale.down([34 * unit, row * 0.6].min, from: [job.least, 13].max).find do |s|
          items.map do |i|
            number_width(i, s)
          end.max <= cell * 0.36
        end || [job.least, 13].max
        swatch = [size * 0.62, 10].max
        lead = swatch + gap(10) + items.map { |i| number_width(i, size) }.max + gap(14)
        refuse("There is too little room for the labels.") if cell - lead < 40
        labels = fit_labels(items.map { [cell - lead, row - gap(8)] }, most: [24 * unit, size].min)
        step = [row, labels.map(&:height).max + gap(30)].min
        start = y + ((h - (step * rows)) * (w < h * 1.2 ? 0.12 : 0.5))
        each_item { |item, i| entry(item, i, labels[i], x + ((i / rows) * (cell + gap(24))), start + ((i % rows) * step), step, swatch, size, lead) }
      end

      def columns_for(w, h) = w > h * 1.5 && w > 520 && items.size > 3 ? 2 : 1

      def entry(item, index, label, x, y, step, swatch, size, lead)
        middle = y + (step / 2)
        start = middle - (label.height / 2)
        baseline = label.detail.nil? || label.detail.empty? ? middle + (size * 0.33) : start + [label.title.ascent, size * 0.72].max
        pen.rect(x, baseline - (size * 0.33) - (swatch / 2), swatch, swatch, radius: [radius * 0.4, swatch / 4].min, **tone(index).paint, line: rule)
        number(item, size, x + lead - gap(14), baseline, fill: house.ink, anchor: :end)
        put(label, x + lead, start, item: item)
      end
    end
  end
end
