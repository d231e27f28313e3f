# frozen_string_literal: true

module Peony
  module Charts
    # Colours of marks by their roles.
    module Paints
      ROLES = %w[accent-1 accent-2 signal accent-4 accent-3 ink-2].freeze
      QUIET = 0.4
      # An area without an outline stands out from the paper at least this much.
      SEEN = 1.35

      private

      # The colour of a line or point of a series that must be seen on the surface.
      def stroke(index = 0) = Colour::Mixing.legible(house.colour(role(index)), surface, Colour::Mixing::LARGE)

      def role(index) = ([job.colour] + (ROLES - [job.colour]))[index % ROLES.size]

      # Paint for an area of a series; quiet where another one is the loud one.
      def fill(index = 0, quiet: false)
        paint = job.finish.area(house, role(index), quiet ? QUIET : 1.0, shape, words: false)
        return paint if paint.fill.nil? || paint.stroke || Colour::Mixing.contrast(paint.fill, surface) >= SEEN

        paint.dup.tap { |seen| seen.fill = Colour::Mixing.legible(paint.fill, surface, SEEN) }
      end

      # The one that is marked: by the person, else none.
      def loud?(key) = job.highlight.nil? || Array(job.highlight).include?(key)

      def faint = house.colour("line")
      def ink = house.ink
      def soft = house.ink(role: "ink-2")

      def small = @small ||= [14 * unit, job.least].max.clamp(job.least, [24, job.least * 1.1].max)
      def label_font = house.font("label")
      def body_font = house.font("body")
      def number_font = house.font("number")

      # One line of words, cut with "…" where it is wider than its room.
      def line_of(text, font, size, room)
        return text if font.width(text, size) <= room

        kept = text.chars
        kept.pop while kept.any? && font.width("#{kept.join.strip}…", size) > room
        @cuts << text
        "#{kept.join.strip}…"
      end
    end
  end
end
