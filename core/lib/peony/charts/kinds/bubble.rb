# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # A disc for each row: one measure across, one up, a third as its area.
      class Bubble < Scatter
        chart "bubble", title: "Bubbles", family: "scatter", sees: "discs placed by two measures, a third as their area", reason: "three measures at once", tells: %w[relation leader max], most: 60

        def self.fit(shape, _said) = %i[things pairs].include?(shape.kind) && shape.measures.size >= 3 && shape.table.size.between?(4, 60) ? 0.52 : nil
        def self.data(shape, _column, _said) = rows(shape, shape.measures.sort_by { |c| c.additive? ? 1 : 0 }.first(3))

        def draw
          refuse("Bubbles need three measures.") if data.series.size < 3
          xs, ys, sizes = data.series.first(3).map(&:values)
          refuse("An area cannot be below nothing.") if sizes.any?(&:negative?)
          upright(ys, zero: false, below: 2.4, after: gap(8), over: small * 1.6, like: data.series[1])
          across(xs)
          draw_rules
          most = [plot_width, plot_height].min * 0.11
          order = data.keys.each_index.sort_by { |i| -sizes[i] }
          discs = order.map { |i| [i, @across[xs[i]], @y[ys[i]], [Math.sqrt(sizes[i] / [sizes.max, 1e-9].max) * most, 2].max] }
          discs.each { |i, x, y, r| pen.group("item", item: data.keys[i]) { pen.circle(x.clamp(plot_left + r, plot_right - r), y.clamp(plot_top + r, plot_bottom - r), r, **fill(0, quiet: i != order.first).paint.merge(stroke: surface, line: rule)) } }
          discs.each { |_, x, y, r| taken << [x - r, y - r, x + r, y + r] }
          discs.first(8).each { |i, x, y, r| label(data.keys[i], [[x, y - r - gap(5), :middle], [x, y + r + small + gap(2), :middle], [x + r + gap(5), y + (small * 0.35), :start], [x - r - gap(5), y + (small * 0.35), :end]], fill: ink) }
          words = "Area: #{data.series[2].name}"
          pen.words(words, label_font, small, right, top + small, fill: soft, anchor: :end, part: "axis")
        end
      end
    end
  end
end
