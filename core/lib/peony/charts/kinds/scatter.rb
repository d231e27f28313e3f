# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # A point for each row, one measure across and one up, with the line that fits.
      class Scatter < Chart
        chart "scatter", title: "Scatter", family: "scatter", scale: "points",
                         sees: "a point for each row, with the line that fits", reason: "how two measures go together", tells: %w[relation outlier],
                         most: 4000

        def self.fit(shape, said)
          return nil unless shape.measures.size >= 2

          relation = said.find { |s| s.kind == "relation" }
          case shape.kind
          when :pairs then 0.97
          when :things, :series then relation && relation.direction != "none" && shape.table.size >= 8 ? 0.5 : 0.1
          end
        end

        def self.data(shape, _column, said)
          names = said.find { |s| s.kind == "relation" }&.then { |s| [s.column, s.with] }
          rows(shape, names ? names.map { |n| shape.table.column(n) } : shape.measures.first(2))
        end

        def draw
          refuse("A scatter needs two measures.") if data.series.size < 2
          xs, ys = data.series.first(2).map(&:values)
          upright(ys, zero: false, below: 2.4, after: gap(8), over: small * 1.6, like: data.series[1])
          across(xs)
          draw_rules
          place = ->(i) { [@across[xs[i]], @y[ys[i]]] }
          size = [[6.5 * unit, 3.2].max, plot_width / Math.sqrt(data.size) / 5].min
          data.keys.each_index { |i| pen.group("item", item: data.keys[i]) { pen.circle(*place[i], size, fill: stroke, stroke: surface, line: rule) } }
          if data.size <= 400
            data.keys.each_index do |i|
              x, y = place[i]
              taken << [x - size, y - size, x + size, y + size]
            end
          end
          fitted(xs, ys)
          draw_points { |mark| (i = data.at(mark["at"])) && place[i] }
        end

        private

        # Both measures are named at their axes already.
        def axis_title = ""
        def name_of_y = job.axis["title"].to_s.strip.empty? ? data.series[1].name : job.axis["title"].strip

        def across(xs)
          @across = Scale.new(xs, from: plot_left + gap(6), to: plot_right, zero: false, count: (plot_width / (small * 6)).round.clamp(2, 7))
          like = data.first
          @across.ticks.each do |tick|
            words = like.text(tick, decimals: @across.decimals)
            half = body_font.width(words, small) / 2
            pen.words(words, body_font, small, within(@across[tick], half), plot_bottom + gap(4) + (small * 1.2), fill: soft, anchor: :middle, part: "tick")
          end
          pen.words(line_of(data.series[0].name, label_font, small, plot_width), label_font, small, plot_right, plot_bottom + gap(4) + (small * 2.5), fill: ink, anchor: :end, part: "axis")
          pen.words(line_of(name_of_y, label_font, small, width), label_font, small, 0, top + small, fill: ink, part: "axis")
          taken << [0, top, label_font.width(name_of_y, small), top + (small * 1.2)]
        end

        def fitted(xs, ys)
          # A straight line through the numbers bends on a logarithmic scale.
          return if job.axis["log"]

          draw_fit(xs, ys) do |ends|
            pts = ends.map { |x, y| [@across[x], @y[y].clamp(plot_top, plot_bottom)] }
            course << pts
            pen.path([["M", *pts[0]], ["L", *pts[1]]], stroke: stroke(1), line: emphasis * 0.8, cap: "round")
          end
        end
      end
    end
  end
end
