# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A small pie for each, one slice of it filled.
      class SmallPies < Form
        form "small-pies", title: "Small pies", family: "ratio", also: %w[headline], least: 1, most: 9, needs: %i[value],
                           sees: "a small pie for each, one slice of it filled", reason: "a share one knows from the table"

        include Meters

        def draw
          cells(1.5) do |item, label, (x, y, w, h)|
            size = said_size(item, [h * 0.24, 44 * unit].min, w * 0.9)
            r = [w / 2, (h - (size * 1.25)) / 2].min
            refuse("There is too little room for the pies.") if r < 14
            pie(item, x + (w / 2), y + r, r)
            pen.words(said(item), house.font("number"), size, x + (w / 2), y + (r * 2) + (size * 1.1), fill: accent_ink(role(item), surface, size), anchor: :middle, part: "value")
            put(label, x + (w / 2), y + h + gap(14), item: item, anchor: :middle)
          end
        end

        private

        def pie(item, cx, cy, r)
          pen.circle(cx, cy, r, fill: house.colour("surface-2"))
          ending = 360 * share(item)
          paint = area(item, 1.0, words: false).paint
          if ending > 359.5 then pen.circle(cx, cy, r, **paint)
          elsif ending > 0.5 then pen.path([["M", cx, cy], ["L", *Scene::Arcs.point(cx, cy, r, 0)], *Scene::Arcs.curve(cx, cy, r, 0, ending), ["Z"]], **paint)
          end
        end
      end
    end
  end
end
