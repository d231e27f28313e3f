# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Half a ring filled as far as the share goes, the number under the arch.
      class HalfRing < Form
        form "half-ring", title: "Half ring", family: "ratio", also: %w[headline], least: 1, most: 6, needs: %i[value],
                          sees: "half a ring filled as far as the share goes", reason: "how far it has come"

        include Meters

        def draw
          cells(1.9) do |item, label, (x, y, w, h)|
            r = [w / 2, h].min
            cx = x + (w / 2)
            base = y + [(h + r) / 2, h].min
            arch(item, cx, base, r)
            put(label, cx, base + gap(14), item: item, anchor: :middle)
          end
        end

        private

        def arch(item, cx, base, r)
          inner = r * 0.68
          ending = -90 + (180 * share(item))
          pen.sector(cx, base, inner, r, [ending, -89.9].max, 90, fill: house.colour("surface-2")) if ending < 89.9
          pen.sector(cx, base, inner, r, -90, ending, **area(item, 1.0, words: false).paint) if ending > -89.5
          size = said_size(item, [inner * 0.62, 110].min, inner * 1.72)
          pen.words(said(item), house.font("number"), size, cx, base - (inner * 0.06), fill: house.ink, anchor: :middle, part: "value")
        end
      end
    end
  end
end
