# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Puts rows or columns that lie together at another place of their table; +to+ is where they begin afterwards.
      class TableMove < Operation
        operation "table.move", { "id" => ID, "what" => { "enum" => %w[rows columns] }, "at" => INDEX, "count" => { "type" => "integer", "minimum" => 1 }, "to" => INDEX }

        def change
          own_cells
          rows = cells
          across = self["what"] == "columns"
          if across
            wide = rows.map(&:size).max
            rows.each { |row| row.fill("", row.size...wide) }
          end
          size = across ? wide : rows.size
          if self["at"] + self["count"] > size || self["to"] + self["count"] > size
            raise Error.new("There is no such #{across ? 'column' : 'row'} to move.", hint: "Nothing was changed.")
          end

          (across ? rows : [rows]).each { |list| list.insert(self["to"], *list.slice!(self["at"], self["count"])) }
          followed({ "op" => "table.move", "id" => self["id"], "what" => self["what"], "at" => self["to"], "count" => self["count"], "to" => self["at"] }, rows: rows)
        end
      end
    end
  end
end
