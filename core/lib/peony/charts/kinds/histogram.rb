# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # How often values of each size occur: equal classes at round numbers (about Sturges' count).
      class Histogram < Chart
        chart "histogram", title: "Histogram", family: "histogram", scale: "lengths", areas: true, sees: "how often values of each size occur", reason: "where most of them lie", tells: %w[skew],
                           most: 1_000_000

        def self.fit(shape, said)
          columns = shape.measures.select { |c| c.numbers.size >= 20 }
          return nil if columns.empty?

          case shape.kind
          when :answers then said.any? { |s| s.kind == "skew" } ? 0.72 : 0.55
          when :pairs then 0.4
          when :things, :series then 0.35
          end
        end

        def self.data(shape, column, _said)
          pick = column&.numeric? ? column : shape.measures.select { |c| c.numbers.size >= 20 }.max_by { |c| Tables::Statistics.skewness(c.numbers).abs }
          hash(shape.label, (1..pick.numbers.size).map(&:to_s), [[pick.name, pick.numbers, pick]])
        end

        def draw
          values = data.first.numbers
          few = values.uniq.size <= 12 && values.all? { |v| v == v.round }
          step = few ? 1.0 : data_step(values)
          low = few ? values.min : (values.min / step).floor * step
          counts = Array.new(((values.max - low) / step).floor + 1, 0)
          values.each { |v| counts[((v - low) / step).floor.clamp(0, counts.size - 1)] += 1 }
          upright(counts.map(&:to_f), below: 2.4, over: small * 1.5, like: Data::Series.new(kind: "number", decimals: 0), whole: true)
          draw_rules
          columns(counts, low, step, few)
          pen.words("How many", label_font, small, 0, top + small, fill: ink, part: "axis")
          pen.words(line_of(data.first.name, label_font, small, plot_width), label_font, small, plot_right, plot_bottom + gap(4) + (small * 2.5), fill: ink, anchor: :end, part: "axis")
        end

        private

        def data_step(values) = Scale.nice((values.max - values.min) / (Math.log2(values.size) + 1).round(0).clamp(4, 20))

        def columns(counts, low, step, few)
          each = plot_width / counts.size
          places = (0..6).find { |d| (step * (10**d)).round(6) == (step * (10**d)).round } || 2
          every = (0..).find { |n| each * (n + 1) > body_font.width(data.first.text(low + (step * counts.size), decimals: places), small) + gap(6) }.to_i + 1
          counts.each_with_index do |n, i|
            x = plot_left + (i * each)
            pen.rect(x + (each * 0.03), @y[n], each * 0.94, plot_bottom - @y[n], **fill.paint) if n.positive?
            next unless (i % every).zero?

            at = few ? x + (each / 2) : x
            words = data.first.text(low + (i * step), decimals: places)
            half = body_font.width(words, small) / 2
            pen.words(words, body_font, small, within(at, half), plot_bottom + gap(4) + (small * 1.2), fill: soft, anchor: :middle, part: "tick")
          end
        end
      end
    end
  end
end
