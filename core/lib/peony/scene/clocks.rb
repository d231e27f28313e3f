# frozen_string_literal: true

require "json"

module Peony
  module Scene
    # Clock faces and countdowns on a page. In print they stand still, as they are when the page is made; in an edition a small script turns
    # the hands, changes the digits and closes the ring (assets/edition/clock.js reads what +facts+ says of each).
    module Clocks
      DAY = 86_400
      FACES = %w[round digits tiles ring].freeze

      module_function

      # @param house [Style::House] on the ground behind it
      # @param object [Hash]
      # @param now [Time]
      # @return [Array<Group>]
      def nodes(house, object, now: Time.now)
        x, y, w, h = object["box"]
        pen = Builder.new
        words = object["words"].to_s
        size = words.empty? ? 0 : [h * 0.13, w * 0.11].min.clamp(12, 60)
        seconds = seconds(object, now)
        face = Face.new(pen, house, object, [x, y, w, h - (size * 1.5)], seconds)
        face.draw
        if size.positive?
          cut = Type::Composing.cut(words, house.font("label"), size, w, 1, leading: 1.2)
          pen.text(cut, x + (w / 2.0), y + h - (size * 1.25), fill: house.ink, anchor: :middle, part: "title")
        end
        [Group.new(children: pen.nodes, kind: "clock", clock: JSON.generate(facts(object).merge(face.facts)), label: label(object, seconds))]
      end

      # @return [Float] seconds since midnight, or still to go
      def seconds(object, now)
        case object["shows"]
        when "countdown" then object["seconds"].to_f
        when "time" then object["time"].split(":").map(&:to_i).then { |hour, minute| (hour * 3600.0) + (minute * 60) }
        else
          there = object["zone"] ? now.getutc + (object["zone"] * 60) : now
          (there.hour * 3600.0) + (there.min * 60) + there.sec
        end
      end

      def facts(object) = object.slice("shows", "zone", "face").merge("seconds" => object["shows"] == "countdown" ? object["seconds"] : nil).compact

      # @return [String] "08:05", "1:30:00", "4:59"
      def text(object, seconds)
        whole = seconds.ceil
        return format("%<h>02d:%<m>02d", h: whole / 3600 % 24, m: whole / 60 % 60) unless object["shows"] == "countdown"

        hours, rest = whole.divmod(3600)
        hours.positive? ? format("%<h>d:%<m>02d:%<s>02d", h: hours, m: rest / 60, s: rest % 60) : format("%<m>d:%<s>02d", m: rest / 60, s: rest % 60)
      end

      def label(object, seconds)
        said = text(object, seconds)
        [object["words"], object["shows"] == "countdown" ? "countdown from #{said}" : "clock, #{said}"].reject { |s| s.to_s.empty? }.join(": ")
      end

      # One face in its box.
      class Face
        # How long each hand goes round, seconds, and how far it reaches, in radii. The script is told the same.
        HANDS = { "hour" => [43_200, 0.5], "minute" => [3600, 0.76], "second" => [60, 0.8] }.freeze

        def initialize(pen, house, object, box, seconds)
          @pen = pen
          @house = house
          @object = object
          @box = box
          @seconds = seconds
          @colour = Colour::Mixing.legible(house.colour(object["colour"] || "accent-1"), house.colour("surface"), Colour::Mixing::LARGE)
        end

        # @return [Hash] where the script finds things: the middle and the radius
        def facts = { "cx" => cx.round(1), "cy" => cy.round(1), "r" => radius.round(1), "hands" => HANDS }

        def draw = send(@object["face"] || "round")

        private

        def countdown? = @object["shows"] == "countdown"
        def said = Clocks.text(@object, @seconds)
        def cx = @box[0] + (@box[2] / 2.0)
        def cy = @box[1] + (@box[3] / 2.0)
        def radius = [@box[2], @box[3]].min / 2.0 * 0.94
        def font = @house.font("number")

        def round
          r = radius
          @pen.circle(cx, cy, r, fill: @house.colour("surface"), stroke: @colour, line: r * 0.05)
          60.times { |k| mark(k, r) if (k % 5).zero? || r > 90 }
          if countdown?
            hand("second", r * 0.035, @house.ink)
            digits(cy + (r * 0.52), r * 0.3)
          else
            hand("hour", r * 0.085, @house.ink)
            hand("minute", r * 0.055, @house.ink)
            hand("second", r * 0.022, @house.colour("signal")) if @object["shows"] == "now"
          end
          @pen.circle(cx, cy, r * 0.06, fill: @house.ink)
        end

        def mark(index, r)
          long = if (index % 15).zero?
                   0.16
                 else
                   ((index % 5).zero? ? 0.1 : 0.045)
                 end
          from = Arcs.point(cx, cy, r * (0.9 - long), index * 6)
          to = Arcs.point(cx, cy, r * 0.9, index * 6)
          @pen.line(*from, *to, stroke: (index % 5).zero? ? @house.ink : @house.ink(@house.colour("surface"), role: "ink-2"), line: r * ((index % 15).zero? ? 0.035 : 0.018))
        end

        def hand(part, thick, colour)
          turn, reach = HANDS.fetch(part)
          angle = @seconds / turn * 360.0
          long = radius * reach
          back = Arcs.point(cx, cy, long * 0.16, angle + 180)
          @pen.path([["M", *back], ["L", *Arcs.point(cx, cy, long, angle)]], stroke: colour, line: thick, cap: "round", part: part)
        end

        def digits(base = nil, most = nil)
          size = Figures::Scale.down([most || (@box[3] * 0.72), 500].min, from: 12).find { |s| font.width(said, s) <= @box[2] * 0.96 } || 12
          @pen.words(said, font, size, cx, base || (cy + (size * 0.35)), fill: @house.ink, anchor: :middle, part: "value")
        end

        # A tile for each digit, the colons between them.
        def tiles
          chars = said.chars
          size = Figures::Scale.down(@box[3] * 0.7, from: 12).find { |s| chars.sum { |c| wide(c, s) } <= @box[2] } || 12
          x = cx - (chars.sum { |c| wide(c, size) } / 2.0)
          chars.each do |char|
            w = wide(char, size)
            ground = @house.colour("surface")
            if char != ":"
              @pen.rect(x + (size * 0.04), cy - (size * 0.67), w - (size * 0.08), size * 1.34, radius: size * 0.1, fill: @colour)
              ground = @colour
            end
            @pen.words(char, font, size, x + (w / 2), cy + (size * 0.35), fill: @house.ink(ground, role: "ink", ratio: Colour::Mixing::LARGE), anchor: :middle,
                                                                          part: char == ":" ? "colon" : "digit")
            x += w
          end
        end

        def wide(char, size) = char == ":" ? size * 0.42 : size * 0.86

        # What is left of the hour, or of the countdown, as a ring.
        def ring
          r = radius
          share = countdown? ? 1.0 : (@seconds % 3600) / 3600.0
          @pen.circle(cx, cy, r * 0.9, stroke: @house.colour("line"), line: r * 0.14)
          @pen.path([["M", *Arcs.point(cx, cy, r * 0.9, 0)], *Arcs.curve(cx, cy, r * 0.9, 0, [share * 360, 359.9].min)], stroke: @colour, line: r * 0.14, part: "arc") if share.positive?
          digits(cy + (r * 0.16), r * 0.46)
        end
      end
    end
  end
end
