# frozen_string_literal: true

module Peony
  module Reading
    # The ways in which a person puts the items of a reading right. Each takes the items as a piece keeps them and gives new ones.
    module Correcting
      KINDS = %w[rename drop move merge split add].freeze

      module_function

      # @param items [Array<Hash>]
      # @param edit [Hash] {"kind", "index", and what the kind asks for: "title", "to" or "refs"}
      # @param passage [Notes::Passage]
      # @return [Array<Hash>]
      # @raise [Peony::Error]
      def apply(items, edit, passage)
        raise Error.new("Peony cannot change a reading in this way.", hint: "Nothing was changed.") unless KINDS.include?(edit["kind"])

        index = edit["index"].to_i
        raise Error.new("That item is not there any more.", hint: "Choose another one.") unless edit["kind"] == "add" || index.between?(0, items.size - 1)

        named(send(edit["kind"], items.map(&:dup), index, edit, passage))
      end

      def rename(items, index, edit, _passage)
        title = edit["title"].to_s.strip
        raise Error.new("An item needs a name.", hint: "Write one, or drop the item.") if title.empty?

        items.tap { items[index] = items[index].merge("title" => title[0, 2000]) }
      end

      def drop(items, index, _edit, _passage)
        raise Error.new("A reading needs at least one item.", hint: "Choose another passage instead.") if items.size < 2

        items.tap { items.delete_at(index) }
      end

      def move(items, index, edit, _passage) = items.tap { items.insert(edit["to"].to_i.clamp(0, items.size - 1), items.delete_at(index)) }

      # With the one after it: the second becomes part of the first's detail.
      def merge(items, index, _edit, _passage)
        raise Error.new("There is no item after this one.", hint: "Merge the one before it.") if index >= items.size - 1

        one = items[index]
        two = items.delete_at(index + 1)
        detail = [one["detail"], two["title"], two["detail"]].compact.reject(&:empty?).join("; ")
        items.tap { items[index] = one.merge("detail" => detail, "refs" => (one["refs"] || []) + (two["refs"] || [])) }
      end

      # Where its words have a natural break: between sentences, else at a semicolon, a comma or "and".
      def split(items, index, _edit, passage)
        spans = Correction.item(items[index], passage).spans
        parts = spans.size > 1 ? spans : parted(spans.first)
        raise Error.new("These words have no place to part them.", hint: "Mark the words of the second item and add them instead.") if parts.size < 2

        items.tap { items[index, 1] = parts.map { |span| made(span, passage).merge(items[index].slice("colour")) } }
      end

      def parted(span)
        return [] unless span

        [/(?<=[.!?])\s+/, /;\s+(?:and )?|:\s+/, /,\s+(?:and |but |then )?|\s+and\s+/].each do |pattern|
          parts = Sentences.clauses(span, pattern)
          return parts if parts.size > 1
        end
        []
      end

      # Words that the person marked become an item, in the order of the text.
      def add(items, _index, edit, passage)
        spans = Correction.item({ "title" => "", "refs" => edit["refs"] }, passage).spans
        raise Error.new("Mark the words of the new item first.", hint: "They must lie in this passage.") if spans.empty? || spans.first.text.strip.empty?

        fresh = made(spans.first, passage)
        at = items.index { |i| place(i, passage) > spans.first.from } || items.size
        items.insert(at, fresh)
      end

      def place(item, passage) = Correction.item(item, passage).spans.map(&:from).min || passage.text.length

      def made(span, passage)
        title, detail = Titles.of(span.text.strip)
        { "title" => Titles.capital(title), "detail" => detail, "refs" => passage.refs(span.from, span.to) }.reject { |_, v| v == "" }
      end

      # Ids stay unique: those that are there keep theirs.
      def named(items)
        taken = items.filter_map { |i| i["id"] }.tally
        free = (1..).lazy.map { |n| "i#{n}" }.reject { |id| taken.key?(id) }.each_entry
        items.map { |i| i["id"] ? i : i.merge("id" => free.next) }
      end
    end
  end
end
