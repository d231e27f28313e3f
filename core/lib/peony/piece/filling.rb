# frozen_string_literal: true

module Peony
  class Piece
    # Pasted text with labels fills the places of a figure by their names: "Visitors do: …; What stops them: …", lines, a table, or a list
    # under each heading.
    module Filling
      # +items+ with what found its place; +filled+ names of places, +left+ labels that found none.
      Filled = Struct.new(:items, :filled, :left, keyword_init: true)

      LABEL = /(?:\A|[;\n]|(?<=[.!?]))\s*(?<label>[^:;\n.!?]{2,60}?)\s*(?::|\s[–—])\s+/
      ALIKE = 0.5

      module_function

      # @param items [Array<Hash>] of a figure
      # @param text [String]
      # @return [Filled]
      # @raise [Peony::Error] when the text has no labels
      def fill(items, text)
        parts = parts(text)
        raise Error.new("There are no labels in this text.", hint: "Write each as “Name of the place: the words”, on a line of its own or parted by semicolons.") if parts.empty?

        free = items.dup
        filled = []
        left = []
        fresh = items.to_h { |i| [i["id"], i] }
        parts.each do |label, words|
          place = free.max_by { |i| likeness(i["title"], label) }
          next left << label unless place && likeness(place["title"], label) >= ALIKE

          free.delete(place)
          filled << place["title"]
          fresh[place["id"]] = place.merge("detail" => words).except("refs")
        end
        Filled.new(items: fresh.values, filled: filled, left: left)
      end

      # @return [Array<Array(String, String)>] label and words, in order
      def parts(text)
        document = Notes.parse(text, text.match?(/^\s*(?:#|\|)/) ? ".md" : ".txt")
        under = headed(document.blocks)
        return under if under.size >= 2

        document.blocks.flat_map { |block| labelled(block.text) }
      end

      # What stands under each heading, or under each line that ends in a colon.
      def headed(blocks)
        blocks.each_with_object([]) do |block, list|
          if block.heading? || (block.type == "paragraph" && block.text.end_with?(":")) then list << [block.text.chomp(":").strip, []]
          elsif list.any? then list.last.last << block.text
          end
        end.reject { |_, words| words.empty? }.map { |label, words| [label, words.join("; ")] }
      end

      def labelled(text)
        marks = []
        position = 0
        while (match = text.match(LABEL, position))
          marks << [match[:label].strip, match.begin(:label), match.end(0)]
          position = match.end(0)
        end
        marks.each_with_index.map { |(label, _, from), i| [label, text[from...(marks[i + 1]&.at(1) || text.length)].strip.sub(/[;,]\s*\z/, "")] }.reject { |_, words| words.empty? }
      end

      # Shared words of two names, 0..1.
      def likeness(one, other)
        a, b = [one, other].map { |s| s.to_s.downcase.scan(/[[:alnum:]]+/).map { |w| w[0, 6] }.uniq }
        a.empty? || b.empty? ? 0.0 : (a & b).size.to_f / [a.size, b.size].max
      end
    end
  end
end
