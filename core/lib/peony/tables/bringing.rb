# frozen_string_literal: true

module Peony
  module Tables
    # Sheets that come into a piece, each as a table under a name of its own.
    module Bringing
      MOST = 12
      LARGEST = 8_000_000

      module_function

      # @param piece [Piece]
      # @param sheets [Array<Sheet>] the first twelve come
      # @param name [String] of the file; with several sheets each adds its own
      # @param ids [Proc] makes a fresh id from a prefix
      # @return [Array<Hash>] the operations that add them
      # @raise [Peony::Error] where one is too large or no table
      def operations(piece, sheets, name, ids:)
        added(piece, sheets.first(MOST).map { |sheet| [sheet, [name.empty? ? "Table" : name, sheets.size > 1 ? sheet.name : nil].compact.join(": ")] }, ids)
      end

      # @return [Hash] the one operation that brings all
      def operation(...)
        list = operations(...)
        list.size == 1 ? list.first : { "op" => "batch", "operations" => list }
      end

      # The tables of a document that hold numbers, each called by the heading above it, else by what its columns tell. Tables of words are entries of the notes only.
      # @param document [Notes::Document]
      # @return [Array<Hash>] the operations that add them
      def of_document(piece, document, ids:)
        sheets = document.tables.each_with_index.map { |table, i| Sheet.new(name: heading(document, i), rows: [table.columns, *table.rows]) }.select { |s| numbers?(s) }
        added(piece, sheets.first([MOST, Piece::MOST_TABLES - (piece.data["tables"] || []).size].min).map { |sheet| [sheet, sheet.name] }, ids)
      end

      def added(piece, wished, ids)
        taken = (piece.data["tables"] || []).map { |t| t["name"] }
        wished.map do |sheet, name|
          taken << (called = free(name, taken))
          { "op" => "table.add", "table" => table(sheet, called, ids) }
        end
      end

      def heading(document, table)
        at = document.blocks.index { |b| b.table == table } || 0
        document.blocks.first(at).reverse.find { |b| b.type == "heading" }&.text || document.tables[table].columns.drop(1).reject(&:empty?).join(", ")
      end

      def numbers?(sheet)
        sheet.rows.size > 2 && Reader.table(sheet).columns.any?(&:numeric?)
      rescue Error
        false
      end

      def table(sheet, name, ids)
        cells = Cells.text(sheet.rows)
        raise Error.new("This table holds more than 8 MB of cells.", hint: "Bring the columns that matter, or fewer rows.") if cells.size > LARGEST

        { "id" => ids.call("t"), "name" => name, "cells" => cells }.tap { |made| Kept.of(made).table }
      end

      # @return [String] the name wished for, numbered where it is taken
      def free(wished, taken)
        wished = wished[0, 190]
        [wished, *(2..99).map { |n| "#{wished} #{n}" }].find { |n| !taken.include?(n) }
      end
    end
  end
end
