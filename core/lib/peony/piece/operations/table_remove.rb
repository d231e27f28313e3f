# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Takes a table out of the piece. Charts made of it keep their numbers.
      class TableRemove < Operation
        operation "table.remove", { "id" => ID }

        def change
          table = piece.table(self["id"])
          at = data["tables"].index(table)
          data["tables"].delete_at(at)
          data.delete("tables") if data["tables"].empty?
          [{ "op" => "table.add", "table" => table, "at" => at }, ["tables", self["id"]]]
        end
      end
    end
  end
end
