# frozen_string_literal: true

module Peony
  module Tables
    # Tables that are worked out from others, step by step, and worked out again when those change.
    module Steps
      MOST = 12

      module_function

      # @param table [Hash] as kept in a piece, with "of" and "steps"
      # @param all [Array<Hash>] the tables of the piece
      # @return [String] its cells
      # @raise [Peony::Error]
      def cells(table, all)
        from = all.find { |t| t["id"] == table["of"] } or raise Error.new("The table that this one is worked out from is gone.", hint: "Undo brings it back; the cells stay as they were.")
        others = lambda do |id|
          other = all.find { |t| t["id"] == id && t["id"] != table["id"] } or raise Error.new("The table to join with is not there.", hint: "Choose another one.")
          Kept.of(other).table
        end
        Cells.text(rows(Kept.of(from).table, table["steps"] || [], others))
      end

      # @param table [Table]
      # @param steps [Array<Hash>]
      # @return [Array<Array<String>>] cells, names first
      def rows(table, steps, others)
        cells = [table.columns.map(&:name), *(0...table.size).map { |r| table.columns.map { |c| c.texts[r].to_s } }]
        steps.each_with_index do |fields, i|
          now = i.zero? ? table : Reader.table(Sheet.new(name: nil, rows: cells), { "header" => 0 })
          cells = Step.fetch(fields["do"]).new(now, fields, others).rows
          raise Error.new("No row is left after “#{said(fields)}”.", hint: "Change this step or take it out.") if cells.size < 2
        end
        cells
      end

      # One step more: a table that is worked out takes it, any other becomes the beginning of one.
      # @param piece [Piece]
      # @param table [Hash]
      # @param step [Hash]
      # @param fresh [String] an id for a new table
      # @return [Hash] an operation
      # @raise [Peony::Error]
      def added(piece, table, step, fresh:)
        raise Error.new("There is no step in this request.", hint: "Nothing was changed.") unless step.is_a?(Hash)
        return { "op" => "table.change", "id" => table["id"], "set" => { "steps" => [*table["steps"], step] } } if table["of"]

        name = Bringing.free("#{table['name']}, worked out", piece.data["tables"].map { |t| t["name"] })
        { "op" => "table.add", "table" => { "id" => fresh, "name" => name, "cells" => "", "of" => table["id"], "steps" => [step] } }
      end

      # @return [String] "only rows where Gate is North"
      def said(fields) = Step.fetch(fields["do"]).said(fields)

      # @return [Array<String>] ids of the tables worked out from one, nearest first
      def below(id, all) = all.select { |t| t["of"] == id || (t["steps"] || []).any? { |s| s["table"] == id } }.map { |t| t["id"] }

      # @raise [Peony::Error] where a table would be worked out from itself
      def check_circle(table, all)
        seen = [table["id"]]
        up = ->(t) { [t["of"], *(t["steps"] || []).filter_map { |s| s["table"] }].compact }
        open = up[table]
        until open.empty?
          id = open.shift
          raise Error.new("A table cannot be worked out from itself.", hint: "Choose another table.") if id == table["id"]
          next if seen.include?(id)

          seen << id
          other = all.find { |t| t["id"] == id }
          open.concat(up[other]) if other
        end
      end
    end
  end
end
