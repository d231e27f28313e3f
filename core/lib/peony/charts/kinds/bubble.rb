# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # A disc for each row: one measure across, one up, a third as its area.
      class Bubble < Scatter
        chart "bubble", title: "Bubbles", family: "scatter", scale: "points",
                        sees: "discs placed by two measures, a third as their area", reason: "three measures at once", tells: %w[relation leader max],
                        most: 60

        def self.fit(shape, _said) = %i[things pairs].include?(shape.kind) && shape.measures.size >= 3 && shape.table.size.between?(4, 60) ? 0.52 : nil
        def self.data(shape, _column, _said) = rows(shape, shape.measures.sort_by { |c| c.additive? ? 1 : 0 }.first(3))

        def draw
          refuse("Bubbles need three measures.") if data.series.size < 3
          xs, ys, sizes = data.series.first(3).map(&:values)
          refuse("An area cannot be below nothing.") if sizes.any?(&:negative?)
          upright(ys, zero: false, below: 2.4, after: gap(8), over: small * 1.6, like: data.series[1])
          across(xs)
          draw_rules
          discs = discs(xs, ys, sizes)
          discs.each { |disc| disc(*disc, loud: disc.equal?(discs.first)) }
          discs.first(8).each { |i, x, y, r| name(data.keys[i], x, y, r) }
          pen.words("Area: #{data.series[2].name}", label_font, small, right, top + small, fill: soft, anchor: :end, part: "axis")
        end

        private

        # @return [Array<Array>] row, middle and radius; the largest first, so that small ones lie on top
        def discs(xs, ys, sizes)
          most = [plot_width, plot_height].min * 0.11
          data.keys.each_index.sort_by { |i| -sizes[i] }.map do |i|
            r = [Math.sqrt(sizes[i] / [sizes.max, 1e-9].max) * most, 2].max
            [i, within(@across[xs[i]], r, plot_left, plot_right), within(@y[ys[i]], r, plot_top, plot_bottom), r]
          end
        end

        def disc(index, x, y, radius, loud:)
          pen.group("item", item: data.keys[index]) { pen.circle(x, y, radius, **fill(0, quiet: !loud).paint, stroke: surface, line: rule) }
          taken << [x - radius, y - radius, x + radius, y + radius]
        end

        def name(words, x, y, radius)
          beside = radius + gap(5)
          label(words, [[x, y - beside, :middle], [x, y + beside + (small * 0.8), :middle], [x + beside, y + (small * 0.35), :start], [x - beside, y + (small * 0.35), :end]], fill: ink)
        end
      end
    end
  end
end
