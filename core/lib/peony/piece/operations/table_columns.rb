# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Takes columns out of a table and puts others in at the same place; a column is the list of its cells from the top.
      class TableColumns < Operation
        operation "table.columns", { "id" => ID, "at" => INDEX, "remove" => INDEX, "insert" => { "type" => "array", "maxItems" => 100, "items" => {
          "type" => "array", "maxItems" => 1_000_000, "items" => { "type" => "string", "maxLength" => 5000 }
        } } }

        def change
          own_cells
          rows = cells
          wide = rows.map(&:size).max
          raise Error.new("There is no such column.", hint: "Nothing was changed.") if self["at"] + self["remove"] > wide
          raise Error.new("A table keeps one column at least.", hint: "Remove the whole table if it is not needed.") if wide - self["remove"] + self["insert"].size < 1

          rows.each { |row| row.fill("", row.size...wide) }
          taken = (0...self["remove"]).map { |k| rows.map { |row| row[self["at"] + k] } }
          rows.each_with_index { |row, r| row[self["at"], self["remove"]] = self["insert"].map { |list| list[r].to_s } }
          followed({ "op" => "table.columns", "id" => self["id"], "at" => self["at"], "remove" => self["insert"].size, "insert" => taken }, rows: rows)
        end
      end
    end
  end
end
