# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # One bar cut into shares, each with its number inside and its words below.
      class SplitBar < Form
        form "split-bar", title: "Split bar", family: "parts", least: 2, most: 8, needs: %i[value],
                          sees: "one bar cut into shares, numbers inside and words below", reason: "a whole and its shares on one line"

        include Shares

        def draw
          check_shares
          direct || keyed
        end

        private

        def bar_height(most) = [most, 110 * unit].min

        # Words straight below their stretch of the bar, where every stretch is wide enough.
        def direct
          widths = items.each_index.map { |i| fraction(i) * width }
          return nil if widths.min < 58

          tall = bar_height(height * 0.4)
          labels = below(widths, height - tall - gap(14))
          return nil unless labels && whole?(labels)

          y = top + ([(height - tall - gap(14) - labels.map(&:height).max) / 2, 0].max * 0.4)
          bar(y, tall, inside: true)
          x = 0
          each_item do |item, i|
            put(labels[i], x + 1, y + tall + gap(12), item: item)
            x += widths[i]
          end
          true
        end

        # @return [Array<Label>, nil] nil where the stretches are too narrow
        def below(widths, room) = attempt { fit_labels(widths.map { |w| [w - gap(10), room] }, most: 22 * unit) }

        def keyed
          tall = bar_height(height * 0.24)
          bar(top, tall, inside: false)
          key(0, top + tall + gap(24), width, height - tall - gap(24))
        end

        def bar(y, tall, inside:)
          x = 0.0
          each_item do |item, i|
            w = fraction(i) * width
            paint = tone(i, words: inside)
            inner = [w - gap(3), 1].max
            pen.rect(x, y, inner, tall, radius: [radius, 6 * unit].min, **paint.paint)
            size = inside && Scale.down([tall * 0.44, 44 * unit].min, from: job.least).find { |s| number_width(item, s) <= inner - gap(16) }
            number(item, size, x + gap(10), y + (tall / 2) + (size * 0.34), fill: on_fill(paint.ground, size * 0.6)) if size
            if inside && !size && number_width(
              item, job.least
            ) < inner - 4
              number(item, job.least, x + (inner / 2), y + (tall / 2) + 4, fill: house.ink(paint.ground),
                                                                           anchor: :middle)
            end
            x += w
          end
        end
      end
    end
  end
end
