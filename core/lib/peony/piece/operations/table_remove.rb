# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Takes a table out of the piece. Charts made of it keep their numbers.
      class TableRemove < Operation
        operation "table.remove", { "id" => ID }

        def change
          gone = table
          at = data["tables"].index(gone)
          data["tables"].delete_at(at)
          data.delete("tables") if data["tables"].empty?
          [{ "op" => "table.add", "table" => gone, "at" => at }, ["tables", self["id"]]]
        end
      end
    end
  end
end
