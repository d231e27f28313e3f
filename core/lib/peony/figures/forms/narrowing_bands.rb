# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Bands that narrow from stage to stage, as wide as their numbers, the rates between them.
      class NarrowingBands < Form
        form "narrowing-bands", title: "Narrowing bands", family: "funnel", least: 2, most: 10, needs: %i[value], stacked: true,
                                sees: "bands as wide as their numbers, one below the other, with what is kept between them", reason: "how many are left at each stage"

        def draw
          row = height / items.size
          refuse("There is too little room for #{items.size} bands.") if row < 30
          @most = items.map { |i| i.value.abs }.max.to_f
          @side = width * (width > 560 ? 0.42 : 0.46)
          @field = width - @side - gap(20)
          @number = Scale.down([row * 0.46, 40 * unit].min, from: job.least).find { |s| items.map { |i| number_width(i, s) }.max <= @field * 0.5 } || job.least
          labels = fit_labels(items.map { [@side - lead - gap(10), row - gap(10)] }, most: 24 * unit)
          row = [row, 120 * unit, labels.map(&:height).max + gap(60)].min.then { |r| [r, labels.map(&:height).max + gap(10)].max }
          each_item { |item, i| band(item, i, labels[i], top + (i * row), row) }
        end

        private

        def lead = items.map { |i| number_width(i, @number) }.max + gap(18)

        def wide(index) = [(@most.zero? ? 0 : items[index].value.abs / @most) * @field, 3].max

        # The sides of a band lead to the width of the next one.
        def band(item, index, label, y, row)
          cx = @field / 2
          w = wide(index)
          tall = row - gap(7)
          following = index + 1 < items.size ? [wide(index + 1), w].min : w
          paint = area(item, 1.0 - (0.75 * index / items.size), words: false)
          neck = w - ((w - following) * 0.35)
          pen.polygon([[cx - (w / 2), y], [cx + (w / 2), y], [cx + (neck / 2), y + tall], [cx - (neck / 2), y + tall]], **paint.paint)
          kept(index, cx, y, row, following)
          x = @field + gap(20)
          baseline = y + (tall / 2) + (@number * 0.34)
          leader(cx + (w / 2) + gap(4), y + (tall / 2), x - gap(6), y + (tall / 2)) if w < @field - gap(10)
          number(item, @number, x, baseline, fill: item.strong ? accent_ink("signal", surface, @number * 0.6) : house.ink)
          put(label, x + lead, y + ((tall - label.height) / 2), item: item)
        end

        # What share went on, printed in the band's foot where it is wide enough.
        def kept(index, cx, y, row, _following)
          return if index.zero? || items[index - 1].value.zero?

          words = "#{(100.0 * items[index].value / items[index - 1].value).round}\u2009%"
          size = [[16 * unit, row * 0.3].min, job.least].max
          paint = area(items[index], 1.0 - (0.75 * index / items.size), words: false)
          room = wide(index) * 0.8
          return unless house.font("body").width(words, size) < room && row > size * 2.2

          pen.words(words, house.font("body"), size, cx, y + ((row - gap(7)) / 2) + (size * 0.34), fill: house.ink(paint.ground), anchor: :middle, part: "rate")
        end
      end
    end
  end
end
