# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A ring filled as far as the share goes, the number in the middle.
      class ShareRing < Form
        form "share-ring", title: "Share ring", family: "ratio", also: %w[parts headline], least: 1, most: 8, needs: %i[value],
                           sees: "a ring filled as far as the share goes, the number inside", reason: "one share of one whole"

        include Meters

        def draw
          cells(1.05) do |item, label, (x, y, w, h)|
            r = ([w, h].min / 2) - 1
            cx = x + (w / 2)
            cy = y + (h / 2)
            ring(item, cx, cy, r)
            put(label, cx, y + h + gap(14), item: item, anchor: :middle)
          end
        end

        private

        def ring(item, cx, cy, r)
          inner = r * 0.72
          ending = 360 * share(item)
          pen.sector(cx, cy, inner, r, ending, 360, fill: house.colour("surface-2")) if ending < 359.5
          pen.sector(cx, cy, inner, r, 0, [ending, 359.9].min, **area(item, 1.0, words: false).paint) if ending > 0.5
          size = said_size(item, [inner * 0.7, 110].min, inner * 1.62)
          pen.words(said(item), house.font("number"), size, cx, cy + (size * 0.34), fill: house.ink, anchor: :middle, part: "value")
        end
      end
    end
  end
end
