# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # Countries on a map of the world, the darker the more; the first ones named.
      class Map < Chart
        chart "map", title: "Map of countries", family: "map", sees: "countries on a map, the darker the more", reason: "where in the world", tells: %w[leader share total], most: 260

        NAMED = 3
        # The lands from Alaska to New Zealand.
        WORLD = [110, 10, 1890, 790].freeze
        # Countries drawn smaller than this, in px², get a dot of their colour.
        SMALL = 90

        def self.fit(shape, _said) = shape.kind == :things && shape.label&.kind == "place" && shape.measures.any? ? 0.92 : nil
        def self.data(shape, column, _said) = one(shape, column || measure(shape))

        def draw
          @known = data.keys.each_with_index.filter_map { |k, i| (code = Tables::Places.code(k)) && data.first.values[i] && [code, i] }.to_h
          refuse("None of these names is a country Peony knows.") if @known.empty?
          foot = small * 2.6
          @box = frame_of(@known.keys)
          @scale = [width / @box[2], (height - foot) / @box[3]].min
          @shift = [(width - (@box[2] * @scale)) / 2, top + ((height - foot - (@box[3] * @scale)) / 2)]
          countries
          dots
          @plot = [left, top, right, bottom - foot]
          points
          key
        end

        private

        # The part of the map that holds all of them, with some room; the whole world where they are far apart.
        def frame_of(codes)
          points = codes.flat_map { |c| Tables::Places.all[c].shapes.max_by(&:size).to_a }
          return WORLD if points.empty?

          x1, x2 = points.map(&:first).minmax
          y1, y2 = points.map(&:last).minmax
          return WORLD if x2 - x1 > Tables::Places::WIDTH * 0.5

          w = (x2 - x1) * 1.15
          h = (y2 - y1) * 1.15
          [((x1 + x2) / 2) - (w / 2), ((y1 + y2) / 2) - (h / 2), w, h]
        end

        def at(point) = [@shift[0] + ((point[0] - @box[0]) * @scale), @shift[1] + ((point[1] - @box[1]) * @scale)]

        def countries
          high = data.first.numbers.max
          Tables::Places.all.each do |code, country|
            paths = country.shapes.map { |ring| ring.map { |p| at(p) } }.select { |ring| ring.any? { |x, y| x.between?(0, width) && y.between?(top, bottom) } }
            next if paths.empty? || code == "AQ"

            index = @known[code]
            fill = index ? house.tint(job.colour, 0.2 + (0.8 * Math.sqrt([data.first.values[index], 0].max / [high, 1e-9].max))) : shade
            pen.group("item", item: index ? data.keys[index] : "land") { paths.each { |ring| pen.polygon(clip(ring), fill: fill, stroke: surface, line: [rule * 0.5, 0.6].max) } }
            (@dots ||= []) << [index, paths, fill] if index && paths.sum { |ring| extent(ring) } < SMALL * unit * unit
          end
        end

        # Shapes end at the box (Sutherland and Hodgman 1974).
        def clip(ring)
          [[0, left, 1], [0, right, -1], [1, top, 1], [1, bottom - (small * 2.6), -1]].reduce(ring) do |points, (axis, edge, sign)|
            break points if points.empty?

            points.each_index.flat_map do |i|
              a = points[i - 1]
              b = points[i]
              ain, bin = [a, b].map { |p| (p[axis] - edge) * sign >= 0 }
              cut = ->(t) { [a[0] + ((b[0] - a[0]) * t), a[1] + ((b[1] - a[1]) * t)] }
              t = (edge - a[axis]) / (b[axis] - a[axis]).to_f if ain != bin
              if ain == bin
                bin ? [b] : []
              else
                (bin ? [cut[t], b] : [cut[t]])
              end
            end
          end.then { |points| points.size < 3 ? ring.first(3).map { |x, y| [x.clamp(left, right), y.clamp(top, bottom)] } : points }
        end

        def extent(ring) = ring.transpose.map { |list| list.max - list.min }.reduce(:*)

        def dots
          (@dots || []).each do |index, paths, fill|
            x, y = paths.max_by { |ring| extent(ring) }.transpose.map { |list| list.minmax.sum / 2 }
            pen.group("item", item: data.keys[index]) { pen.circle(x, y, [7 * unit, 4].max, fill: fill, stroke: surface, line: rule) }
          end
        end

        def points
          order = @known.values.sort_by { |i| -data.first.values[i] }.first(NAMED)
          order.each do |i|
            ring = Tables::Places.all[Tables::Places.code(data.keys[i])].shapes.max_by(&:size)
            x, y = at(ring.transpose.map { |list| list.minmax.sum / 2 })
            pen.group("item", item: data.keys[i]) do
              pen.circle(x, y, [4.5 * unit, 3].max, fill: ink, stroke: surface, line: rule)
              taken << [x - gap(6), y - gap(6), x + gap(6), y + gap(6)]
              plate_say("#{data.keys[i]} #{data.first.text(data.first.values[i])}", x, y)
            end
          end
        end

        # Words on land need a plate of their own.
        def plate_say(text, x, y)
          size = small
          wide = label_font.width(text, size) + gap(12)
          tall = size * 1.6
          beside = [x + gap(14), x - wide - gap(14)]
          spots = [y - tall - gap(6), y + gap(6), y - (tall * 2.4), y + (tall * 1.6)].flat_map { |at| beside.map { |from| [from, at] } + [[x - (wide / 2), at]] }
          bx, by = spots.find { |a, b| a >= 0 && a + wide <= right && b >= top && b + tall <= plot_bottom && !hit?([a, b, a + wide, b + tall]) }
          return @cuts << text unless bx

          taken << [bx, by, bx + wide, by + tall]
          pen.line(x, y, x.clamp(bx, bx + wide), y.clamp(by, by + tall), stroke: ink, line: rule)
          pen.rect(bx, by, wide, tall, radius: [radius, tall / 4].min, fill: surface, stroke: faint, line: rule * 0.7)
          pen.words(text, label_font, size, bx + gap(6), by + (tall * 0.5) + (size * 0.35), fill: ink, part: "mark")
        end

        # From least to most, and what could not be placed.
        def key
          low, high = data.first.numbers.minmax
          y = bottom - small
          steps = 5
          cell = small * 1.6
          words = [data.first.text(low), data.first.text(high)]
          pen.words(words[0], body_font, small, left, y + (small * 0.35), fill: soft, part: "tick")
          x = left + body_font.width(words[0], small) + gap(8)
          steps.times { |i| pen.rect(x + (i * cell), y - (small * 0.4), cell - 1, small * 0.8, fill: house.tint(job.colour, 0.2 + (0.8 * i / (steps - 1)))) }
          pen.words(words[1], body_font, small, x + (steps * cell) + gap(8), y + (small * 0.35), fill: soft, part: "tick")
          missing = data.keys.reject { |k| Tables::Places.code(k) }
          return if missing.empty?

          said = "Not on the map: #{Tables::Amounts.join(missing)}"
          from = x + (steps * cell) + gap(30) + body_font.width(words[1], small)
          pen.words(line_of(said, body_font, small, right - from), body_font, small, right, y + (small * 0.35), fill: soft, anchor: :end, part: "note")
        end
      end
    end
  end
end
