# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Puts text into cells: each is [row, column, text], counted from 0. Rows and columns that are not there yet are made.
      class TableCells < Operation
        CELL = [{ "type" => "integer", "minimum" => 0, "maximum" => 1_000_000 }, { "type" => "integer", "minimum" => 0, "maximum" => 400 }, { "type" => "string", "maxLength" => 5000 }].freeze
        operation "table.cells", { "id" => ID, "cells" => { "type" => "array", "minItems" => 1, "maxItems" => 20_000,
                                                            "items" => { "type" => "array", "minItems" => 3, "maxItems" => 3, "prefixItems" => CELL } } }

        def change
          own_cells
          rows = cells
          grown = self["cells"].any? { |r, c, _| rows[r].nil? || rows[r][c].nil? }
          before = table["cells"]
          undo = self["cells"].map { |r, c, text| set(rows, r, c, text.tr("\n", " ")) }
          inverse = grown ? { "op" => "table.change", "id" => self["id"], "set" => { "cells" => before } } : { "op" => "table.cells", "id" => self["id"], "cells" => undo.reverse }
          followed(inverse, rows: rows.map { |row| row || [] })
        end

        private

        def set(rows, row, column, text)
          line = rows[row] ||= []
          old = line[column].to_s
          line[column] = text
          [row, column, old]
        end
      end
    end
  end
end
