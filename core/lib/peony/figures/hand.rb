# frozen_string_literal: true

module Peony
  module Figures
    # Shapes as a steady hand would draw them. Wavering is computed from the places themselves, so it never changes from one drawing to the next.
    module Hand
      # How far a line wavers from where it should be, px, and how often, px.
      WAVER = 1.1
      STEP = 34.0
      # A sharper turn than this is a corner, degrees.
      CORNER = 40
      BEND = 30

      module_function

      # @param node [Scene::Rect, Scene::Ellipse, Scene::Path]
      # @param ground [String] the colour of the paper
      # @return [Array] the area with its hatching, then the wavering line
      def drawn(node, ground)
        rings = Scene::Outlines.of(node)
        nodes = []
        if node.fill
          nodes << Scene::Path.new(commands: rings.flat_map { |ring| straight(ring) << ["Z"] }, fill: node.fill)
          nodes.concat(hatching(rings, node, ground)) if node.stroke
        end
        if node.stroke
          nodes.concat(rings.map do |ring|
            Scene::Path.new(commands: wavering(ring), stroke: node.stroke, line: node.line, cap: "round", dash: node.is_a?(Scene::Path) ? node.dash : nil)
          end)
        end
        nodes
      end

      def straight(ring) = ring.each_with_index.map { |(x, y), i| [i.zero? ? "M" : "L", x, y] }

      # Between two corners one smooth line goes through a few points, each of which leaves its place a little; corners stay where they are.
      def wavering(ring)
        long = ring.each_cons(2).sum { |a, b| away(a, b) }
        much = (long / 260.0).clamp(0.3, 1.0)
        apart = (long / 12.0).clamp(5.0, STEP)
        [["M", *ring.first], *stretches(ring).flat_map { |part| Scene::Shapes.smooth(wavered(spaced(part, apart), much)) }]
      end

      # The ring parted at its corners.
      def stretches(ring)
        corners = (1...(ring.size - 1)).select { |i| turn(*ring[i - 1, 3]) > CORNER }
        [0, *corners, ring.size - 1].each_cons(2).map { |a, b| ring[a..b] }
      end

      # Points about as far apart as wanted, whether the stretch has more of them or fewer; closer where it bends.
      def spaced(points, apart)
        kept = [points.first]
        bent = 0
        points.each_cons(3) do |before, point, after|
          far = away(kept.last, point)
          bent += turn(before, point, after)
          next if far < apart * 0.7 && (bent < BEND || far < 1.5)

          kept.concat(parted(kept.last, point, apart).drop(1)) if far > apart * 1.5
          kept << point
          bent = 0
        end
        kept.concat(parted(kept.last, points.last, apart).drop(1)) << points.last
      end

      def parted(one, two, apart)
        pieces = [(away(one, two) / apart).round, 1].max
        Array.new(pieces) { |i| [one[0] + ((two[0] - one[0]) * i / pieces), one[1] + ((two[1] - one[1]) * i / pieces)] }
      end

      def wavered(points, much)
        points.each_with_index.map { |(x, y), i| i.zero? || i == points.size - 1 ? [x, y] : [x + (waver(x, y, 1) * much), y + (waver(x, y, 2) * much)] }
      end

      def away(one, two) = Math.hypot(two[0] - one[0], two[1] - one[1])

      # By how many degrees the way turns at the middle point.
      def turn(before, at, after)
        one = Math.atan2(at[1] - before[1], at[0] - before[0])
        two = Math.atan2(after[1] - at[1], after[0] - at[0])
        degrees = ((two - one) * 180 / Math::PI).abs % 360
        [degrees, 360 - degrees].min
      end

      # A number between -WAVER and WAVER that depends on the place alone.
      def waver(x, y, salt) = (((((x * 12.9898) + (y * 78.233) + (salt * 37.719)).round(2) * 43.758) % 1.0) - 0.5) * 2 * WAVER

      # Lines at 45° across the area, closer on stronger areas.
      def hatching(rings, node, ground)
        strength = Colour::Mixing.contrast(node.fill, ground) - 1.0
        gap = (15.0 - (strength * 14)).clamp(6.0, 15.0)
        ink = Colour::Mixing.tint(node.stroke, node.fill, 0.3)
        commands = Scene::Hatch.commands(rings, 45, gap / Math.sqrt(2))
        commands.empty? ? [] : [Scene::Path.new(commands: commands, stroke: ink, line: 1.0)]
      end
    end
  end
end
