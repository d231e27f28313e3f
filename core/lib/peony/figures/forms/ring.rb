# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A ring cut into shares, labels in columns outside with leaders to them.
      class Ring < Form
        form "ring", title: "Ring", family: "parts", least: 2, most: 8, needs: %i[value],
                     sees: "a ring cut into shares with the labels outside", reason: "shares of one whole"

        include Shares

        def draw
          check_shares
          wide = width > height * 1.15
          wide ? beside : below
        end

        private

        # Wide boxes: the ring at the left, its labels in a column at the right, each level with nothing but its order.
        def beside
          outer = [height / 2, width * 0.25].min - shape
          cx = outer + shape
          cy = top + (height / 2)
          ring(cx, cy, outer)
          key((outer * 2) + gap(40), top, width - (outer * 2) - gap(40), height)
        end

        def below
          outer = [width * 0.3, height * 0.27].min - shape
          ring(width / 2, top + outer + shape, outer)
          start = top + (outer * 2) + gap(32)
          key(0, start, width, bottom - start)
        end

        def ring(cx, cy, outer)
          inner = outer * 0.58
          angle = 0.0
          each_item do |_item, i|
            sweep = 360.0 * fraction(i)
            next if sweep < 0.2

            pad = [90.0 * gap(3) / (Math::PI * outer), sweep * 0.2].min
            pen.sector(cx, cy, inner, outer, angle + (pad / 2), angle + sweep - (pad / 2), **tone(i).paint)
            angle += sweep
          end
          middle(cx, cy, inner)
        end

        # The middle says the largest share, or how many all of them are.
        def middle(cx, cy, inner)
          lead = items.max_by(&:value)
          lead = lead.dup.tap { |sum| sum.value = items.sum(&:value) } unless lead.unit == "%"
          size = Scale.down(inner * 0.62, from: job.least).find { |s| number_width(lead, s) <= inner * 1.5 }
          number(lead, size, cx, cy + (size * 0.34), fill: house.ink, anchor: :middle) if size
        end
      end
    end
  end
end
