# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Titles in a margin at the left, details at the right of a rule.
      class MarginList < Form
        form "margin-list", title: "Margin list", family: "list", also: %w[timeline hub], least: 2, most: 12, stacked: true,
                            sees: "titles in the margin, details beside them", reason: "short names with longer words"

        def draw
          row = height / items.size
          refuse("There is too little room for #{items.size} rows.") if row < 24
          @side = width * 0.32
          refuse("The margin is too narrow.") if @side < 80
          size, heads, bodies = fit(row)
          row = [row, [heads, bodies].flat_map { |l| l.map(&:height) }.max + gap(40)].min
          pen.line(@side, top, @side, top + (row * items.size), stroke: mark, line: shape)
          each_item { |item, i| entry(item, i, heads[i], bodies[i], top + (i * row), row, size) }
        end

        private

        def body(item) = item.detail.empty? ? Values.text(item) : item.detail

        def fit(row)
          Scale.down([28 * unit, 31 * job.least / 13.0].min, from: [13, job.least].max).each do |size|
            heads = items.map { |i| Type::Composing.text(i.title, house.font("label"), size, @side - gap(20), leading: 1.22) }
            bodies = items.map { |i| Type::Composing.text(body(i), house.font("body"), Scale.below(size, job.least), [width - @side - gap(20), size * 26].min, leading: 1.36) }
            return [size, heads, bodies] if [*heads, *bodies].all? { |s| s && s.height <= row - gap(10) }
          end
          size = [13, job.least].max
          lines = ->(leading, s) { ((row - gap(6)) / (s * leading)).floor }
          heads = items.map { |i| Type::Composing.text(i.title, house.font("label"), size, @side - gap(20), leading: 1.22, hard: true) }
          refuse("There is too little room for the titles.") if heads.any? { |s| s.height > row - 2 }
          [size, heads, items.map { |i| Type::Composing.cut(body(i), house.font("body"), [12, job.least].max, width - @side - gap(20), lines[1.36, [12, job.least].max], leading: 1.36) }]
        end

        # Both sides share their first baseline.
        def entry(item, _index, head, body, y, row, _size)
          remember_cut(item, body)
          tall = [head.height, body.height].max
          start = y + ((row - tall) / 2)
          pen.text(head, @side - gap(20), start, fill: accent_ink(role(item), surface, head.size), anchor: :end, part: "title")
          pen.circle(@side, start + (head.ascent * 0.68), [6 * unit, 4].max, fill: mark(item), stroke: surface, line: rule)
          pen.text(body, @side + gap(20), start + head.ascent - body.ascent + ((head.size - body.size) * 0.0), fill: house.ink, part: item.detail.empty? ? "value" : "detail") if body.lines.any?
        end
      end
    end
  end
end
