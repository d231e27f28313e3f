# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # Columns of several series side by side, one colour a series.
      class Grouped < Stacked
        chart "grouped", title: "Columns side by side", family: "column", scale: "lengths", areas: true, sees: "columns of several series side by side", reason: "compare them in each step",
                         tells: %w[leader max], most: 16

        def self.fit(shape, _said)
          case shape.kind
          when :wide, :long then shape.series.size.between?(2, 5) && shape.series.first.size <= 8 ? 0.7 : nil
          when :series then shape.additive.size.between?(2, 4) && shape.table.size <= 12 && same_unit?(shape) ? 0.6 : nil
          end
        end

        def draw
          @top = top + legend
          upright(data.series.flat_map(&:numbers) + [0.0], after: gap(4))
          bands(share: 0.8)
          draw_rules
          each = @band / data.series.size
          data.keys.each_index do |i|
            data.series.each_with_index do |s, k|
              next unless s.values[i]

              pen.group("item", item: "#{s.name} #{data.keys[i]}") do
                pen.rect(@lefts[i] + (k * each), [@y[s.values[i]], @y.zero].min, each * 0.92, [(@y[s.values[i]] - @y.zero).abs, 0.5].max, **fill(k).paint)
              end
            end
          end
          band_names
        end
      end
    end
  end
end
