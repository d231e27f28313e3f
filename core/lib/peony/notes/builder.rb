# frozen_string_literal: true

module Peony
  module Notes
    # Collects what a reader meets, in the reader's order, and makes a document of it.
    class Builder
      DEEPEST = 3

      def initialize
        @blocks = []
        @tables = []
      end

      # @param level [Integer] 1 is the largest
      def heading(text, level, marks: []) = add("heading", text, level: level.clamp(1, DEEPEST), marks: marks)

      def paragraph(text, marks: []) = add("paragraph", text, marks: marks)
      def quote(text, marks: []) = add("quote", text, marks: marks)

      # @param level [Integer] 0 is the outermost
      # @param ordered [Boolean]
      def item(text, level: 0, ordered: false, marks: []) = add("item", text, level: level.clamp(0, 8), ordered: ordered || nil, marks: marks)

      # Rows become a table; so that words and pictures can be made of them too, each is also an entry: "first: head second, head third".
      # @param rows [Array<Array<String>>] the first holds the names of the columns
      def table(rows)
        rows = rows.map { |row| row.map { |cell| clean(cell) } }.reject { |row| row.all?(&:empty?) }
        return if rows.empty?

        width = rows.map(&:size).max
        return rows.each { |row| paragraph(row.first) } if width < 2

        head, *body = rows.map { |row| row + ([""] * (width - row.size)) }
        @tables << Table.new(columns: head, rows: body)
        return columns(head, body) if ColumnHeads.apart?(head, body)

        counted = ColumnHeads.order?(head, body)
        body.each { |cells| item(counted ? cells.last : row(head, cells), ordered: counted) && @blocks.last.table = @tables.size - 1 }
      end

      def empty? = @blocks.empty?

      # @return [Document]
      def document
        @blocks.each_with_index { |block, index| block.id = "b#{index + 1}" }
        Document.new(blocks: @blocks, title: Notes.title_of(@blocks), tables: @tables)
      end

      private

      # What stands below a head belongs to it, and nothing to what stands beside it: see {ColumnHeads}.
      def columns(head, body)
        head.each_with_index do |name, i|
          item(name) && @blocks.last.table = @tables.size - 1
          body.each { |cells| item(cells[i], level: 1) && @blocks.last.table = @tables.size - 1 }
        end
      end

      def row(head, cells)
        rest = cells.drop(1).each_with_index.reject { |cell, _| cell.empty? }.map { |cell, index| "#{head[index + 1]} #{cell}".strip }
        rest.empty? ? cells.first : "#{ColumnHeads.called(head.first, cells.first)}: #{rest.join(', ')}"
      end

      def add(type, text, **more)
        words = clean(text)
        @blocks << Block.new(type: type, text: words, **more) unless words.empty?
      end

      def clean(text) = text.to_s.gsub(/[\u00AD\u200B\uFEFF]/, "").gsub(/[[:space:]]+/, " ").strip
    end
  end
end
