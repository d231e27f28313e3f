# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # Columns made of parts, one colour a series, names in a line on top.
      class Stacked < Chart
        chart "stacked", title: "Stacked columns", family: "stacked", scale: "lengths", areas: true,
                         sees: "columns made of parts", reason: "the whole and its parts, one after the other", tells: %w[leader share total max],
                         most: 60

        SERIES = 6

        def self.fit(shape, _said)
          case shape.kind
          when :wide, :long then shape.series.first.size <= 24 && shape.series.size > 1 ? 0.75 : nil
          when :series then shape.additive.size.between?(2, SERIES) && shape.table.size <= 24 && same_unit?(shape) ? 0.6 : nil
          end
        end

        def self.same_unit?(shape) = shape.additive.map { |c| [c.kind, c.unit, c.currency] }.uniq.size == 1

        def self.data(shape, _column, _said)
          all = %i[wide long].include?(shape.kind) ? many(shape) : measures(shape)
          all.merge("series" => folded(all["series"]))
        end

        # The measures that can be summed, over the same time; what one of them lacks stays open.
        def self.measures(shape)
          list = shape.series.select { |s| s.column.additive? }
          keys = list.flat_map(&:keys).uniq(&:key).sort_by { |k| k.from.jd }
          hash(nil, keys, list.map { |s| [s.name, aligned(s, keys), s.column] }, kind: keys.first.kind)
        end

        # At most six; the smaller ones become others.
        def self.folded(list)
          ranked = list.sort_by { |s| -s["values"].compact.sum }
          return ranked if ranked.size <= SERIES

          rest = ranked.drop(SERIES - 1)
          ranked.first(SERIES - 1) + [rest.first.merge("name" => "#{rest.size} others", "values" => rest.map { |s| s["values"] }.transpose.map { |v| v.compact.sum })]
        end

        def draw
          @top = top + legend
          sums = data.keys.each_index.map { |i| data.series.sum { |s| s.values[i].to_f }.round(4) }
          upright(sums, after: gap(4))
          bands
          draw_rules
          data.keys.each_index { |i| pile(i) }
          band_names
        end

        private

        def pile(index)
          base = 0.0
          pen.group("item", item: data.keys[index]) do
            data.series.each_with_index do |s, k|
              value = s.values[index].to_f
              next unless value.positive?

              pen.rect(@lefts[index], @y[base + value], @band, @y[base] - @y[base + value], **fill(k).paint)
              base += value
            end
          end
        end
      end
    end
  end
end
