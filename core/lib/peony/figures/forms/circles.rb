# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Two or three circles that overlap; the last item stands in what they share.
      class Circles < Form
        form "circles", title: "Overlapping circles", family: "overlap", least: 2, most: 4,
                        sees: "circles that overlap, the shared part named", reason: "what is shared, and what is not"

        def draw
          items.size == 4 ? three : two
        end

        private

        def shared = items.size > 2 ? items.last : nil
        def groups = items.size > 2 ? items[0..-2] : items

        # Circles as large as the box allows; where it is tall they stand one above the other.
        def two
          across = width >= height
          long, short = across ? [width, height] : [height, width]
          r = [short / 2, long / 3.3].min
          lap = r * (shared ? 0.74 : 0.5)
          start = (long - ((r * 4) - lap)) / 2
          centres = [start + r, start + (r * 3) - lap]
          cross = across ? top + (height / 2) : width / 2
          places = centres.map { |c| across ? [c, cross] : [cross, top + c] }
          boxes = text_boxes(across, r, lap, places)
          labels = fit_labels(boxes.map { |_, _, w, h| [w, h] }, most: 24 * unit, above: ->(i) { i.value && Values.text(i) })
          discs(places, r)
          items.each_index { |i| pen.group("item", item: items[i].id) { centred(labels[i], *boxes[i][0, 2], items[i], ground_of(i)) } }
        end

        def text_boxes(across, r, lap, places)
          own = (r * 2) - lap
          away = lap / 2
          list = places.each_with_index.map do |(x, y), i|
            way = i.zero? ? -1 : 1
            across ? [x + (way * away * 0.9), y, own * 0.74, r * 1.1] : [x, y + (way * away * 0.9), r * 1.35, own * 0.62]
          end
          middle = [(places[0][0] + places[1][0]) / 2, (places[0][1] + places[1][1]) / 2]
          list << [*middle, across ? lap * 0.86 : r * 1.1, across ? r * 0.95 : lap * 0.72] if shared
          list
        end

        def three
          r = [height / 3.5, width / 3.6].min
          cx = width / 2
          cy = top + (height / 2) + (r * 0.1)
          places = [0, 120, 240].map { |a| Scene::Arcs.point(cx, cy, r * 0.72, a) }
          boxes = [0, 120, 240].map { |a| [*Scene::Arcs.point(cx, cy, r * 1.02, a), r * 1.0, r * 0.62] } << [cx, cy, r * 0.66, r * 0.56]
          labels = fit_labels(boxes.map { |_, _, w, h| [w, h] }, most: 22 * unit, above: ->(i) { i.value && Values.text(i) })
          discs(places, r)
          items.each_index { |i| pen.group("item", item: items[i].id) { centred(labels[i], *boxes[i][0, 2], items[i], ground_of(i)) } }
        end

        def discs(places, r)
          places.each_with_index { |(x, y), i| pen.circle(x, y, r - shape, **tone(i).paint) }
          lens(places, r - shape) if shared
        end

        def tone(index) = area(groups[index], 0.16)

        def shared_tone = area(shared, shared.strong ? 1.0 : 0.5)

        # The area inside all circles, as a path of arcs.
        def lens(places, r)
          paint = shared_tone
          commands = places.size == 2 ? pair_lens(places, r) : triple_lens(places, r)
          pen.path(commands, **paint.paint)
        end

        def pair_lens(places, r)
          (x1, y1), (x2, y2) = places
          half = Math.hypot(x2 - x1, y2 - y1) / 2
          turn = Math.acos((half / r).clamp(-1, 1)) * 180 / Math::PI
          from = (Math.atan2(x2 - x1, -(y2 - y1)) * 180 / Math::PI)
          [["M", *Scene::Arcs.point(x1, y1, r, from - turn)], *Scene::Arcs.curve(x1, y1, r, from - turn, from + turn),
           *Scene::Arcs.curve(x2, y2, r, from + 180 - turn, from + 180 + turn), ["Z"]]
        end

        # Each inner corner is where two circles meet inside the third.
        def triple_lens(places, r)
          cx = places.sum(&:first) / 3
          cy = places.sum(&:last) / 3
          away = Math.hypot(places[0][0] - cx, places[0][1] - cy)
          side = away * Math.sqrt(3)
          inner = Math.sqrt((r**2) - ((side / 2)**2)) - (away / 2)
          corners = [0, 120, 240].map { |a| Scene::Arcs.point(cx, cy, inner, a) }
          # The arc between two corners belongs to the circle that has both on its edge.
          arcs = [[places[2], corners[0], corners[1]], [places[0], corners[1], corners[2]], [places[1], corners[2], corners[0]]]
          [["M", *corners[0]], *arcs.flat_map { |c, a, b| arc(c, r, a, b) }, ["Z"]]
        end

        def arc(centre, r, from, to)
          degrees = ->(p) { Math.atan2(p[0] - centre[0], -(p[1] - centre[1])) * 180 / Math::PI }
          one = degrees[from]
          two = degrees[to]
          two += 360 while two - one < -180
          two -= 360 while two - one > 180
          Scene::Arcs.curve(*centre, r, one, two)
        end

        def ground_of(index) = (shared && index == items.size - 1 ? shared_tone : tone(index)).ground

        def centred(label, x, y, item, ground) = put(label, x, y - (label.height / 2), item: item, anchor: :middle, ground: ground)
      end
    end
  end
end
