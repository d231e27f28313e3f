# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Takes rows out of a table and puts others in at the same place.
      class TableRows < Operation
        ROWS = { "type" => "array", "maxItems" => 20_000, "items" => { "type" => "array", "maxItems" => 400, "items" => { "type" => "string", "maxLength" => 5000 } } }.freeze
        operation "table.rows", { "id" => ID, "at" => INDEX, "remove" => INDEX, "insert" => ROWS }

        def change
          own_cells
          rows = cells
          raise Error.new("There is no such row.", hint: "Nothing was changed.") if self["at"] + self["remove"] > rows.size
          raise Error.new("A table keeps one row at least.", hint: "Remove the whole table if it is not needed.") if rows.size - self["remove"] + self["insert"].size < 1

          taken = rows.slice!(self["at"], self["remove"])
          rows.insert(self["at"], *self["insert"])
          followed({ "op" => "table.rows", "id" => self["id"], "at" => self["at"], "remove" => self["insert"].size, "insert" => taken }, rows: rows)
        end
      end
    end
  end
end
