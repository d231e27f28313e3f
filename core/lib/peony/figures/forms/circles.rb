# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Two or three circles that overlap; the last item stands in what they share. Of five or more the first three are circles, and numbers in what two or all of them
      # share lead to a key.
      class Circles < Form
        form "circles", title: "Overlapping circles", family: "overlap", least: 2, most: 8,
                        sees: "circles that overlap, the shared part named", reason: "what is shared, and what is not"

        # How far the middle of each of three circles is from the middle of all, in radii.
        AWAY = 0.62
        # How high and how wide the three together are, in radii, and the box that leaves room around them.
        HIGH = (1.5 * AWAY) + 2
        BOX = [3.1, 2.95].freeze
        # What more than four items are worth here where none of them is said of two of the first three.
        UNNAMED = 0.3

        # Three circles stand for the first three items: the others must tell which of them they are of.
        def self.filled(items, family)
          return super if items.size <= 4

          Regions.of(items.first(3), items.drop(3)).any? { |places| places.size == 2 } ? 1.0 : UNNAMED
        end

        def draw
          if items.size > 4 then keyed
          else items.size == 4 ? three : two
          end
        end

        private

        def shared = items.size > 2 ? items.last : nil
        def groups = items.size > 2 ? items[0..-2].first(3) : items

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
          r = fitting(width, height)
          cx = width / 2
          cy = top + (r * (1 + AWAY)) + ((height - (r * HIGH)) / 2)
          places = around(cx, cy, r)
          boxes = own_boxes(cx, cy, r) << [cx, cy + (r * 0.03), r * 0.64, r * 0.5]
          labels = fit_labels(boxes.map { |_, _, w, h| [w, h] }, most: 22 * unit, above: ->(i) { i.value && Values.text(i) })
          discs(places, r)
          items.each_index { |i| pen.group("item", item: items[i].id) { centred(labels[i], *boxes[i][0, 2], items[i], ground_of(i)) } }
        end

        # The radius of three circles that fit into a box.
        def fitting(wide, high) = [wide / BOX[0], high / BOX[1]].min

        def around(cx, cy, r) = [0, 120, 240].map { |a| Scene::Arcs.point(cx, cy, r * AWAY, a) }

        # Where each circle is by itself: the upper one has more room beside its name.
        def own_boxes(cx, cy, r) = [0, 120, 240].map { |a| [*Scene::Arcs.point(cx, cy, r * 1.1, a), r * (a.zero? ? 1.3 : 0.96), r * 0.6] }

        # The circles, and beside or below them what the numbers in them mean.
        def keyed
          across = width > height * 1.2
          r = across ? fitting(width / 2, height) : fitting(width, height / 2)
          cx = across ? r * 1.54 : width / 2
          cy = top + (r * (1 + AWAY)) + (across ? (height - (r * HIGH)) / 2 : 0)
          names = own_boxes(cx, cy, r)
          labels = fit_labels(names.map { |_, _, w, h| [w, h] }, most: 20 * unit, list: groups, detail: false)
          discs(around(cx, cy, r), r)
          groups.each_index { |i| pen.group("item", item: groups[i].id) { centred(labels[i], *names[i][0, 2], groups[i], tone(i).ground) } }
          numbers(cx, cy, r, across)
        end

        def numbers(cx, cy, r, across)
          list = items.drop(3)
          size = [r * 0.13, 11 * unit].max
          spots = spots(Regions.of(groups, list), cx, cy, r, size)
          from, at, tall = across ? [(r * 3.08) + gap(20), top, height] : [0.0, top + (r * HIGH) + gap(16), height - (r * HIGH) - gap(16)]
          room = width - from - (size * 2) - gap(12)
          row = tall / list.size
          labels = fit_labels(list.map { [room, row - gap(10)] }, most: 20 * unit, list: list)
          used = labels.sum(&:height) + (gap(14) * (list.size - 1))
          y = at + [(tall - used) / 2, 0].max
          list.each_with_index do |item, i|
            pen.group("item", item: item.id) do
              disc(item, (i + 1).to_s, *spots[i], size)
              disc(item, (i + 1).to_s, from + size, y + (labels[i].title.size * 0.66), size)
              put(labels[i], from + (size * 2) + gap(12), y, item: item)
            end
            y += labels[i].height + gap(14)
          end
        end

        # The middle of what two circles share lies opposite the third; what all share, in the middle of them. Several stand side by side.
        def spots(regions, cx, cy, r, size)
          seen = Hash.new(0)
          often = regions.tally
          regions.map do |places|
            third = ([0, 1, 2] - places).first
            x, y = third ? Scene::Arcs.point(cx, cy, r * 0.74, (third * 120) + 180) : [cx, cy]
            beside = (seen[places] - ((often[places] - 1) / 2.0)) * size * 2.3
            seen[places] += 1
            [x + beside, y]
          end
        end

        def discs(places, r)
          places.each_with_index { |(x, y), i| pen.circle(x, y, r - shape, **tone(i).paint) }
          return (lens(places, r - shape) if shared) if places.size == 2

          places.combination(2) { |two| pen.path(pair_lens(two, r - shape), **area(shared, 0.3).paint) }
          lens(places, r - shape)
          places.each { |x, y| pen.circle(x, y, r - shape, stroke: surface, line: shape) }
        end

        def tone(index) = area(groups[index], 0.16)

        def shared_tone = area(shared, shared.strong ? 1.0 : 0.6)

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
