# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Brings a table into the piece.
      class TableAdd < Operation
        operation "table.add", { "table" => { "$ref" => "#/$defs/table" }, "at" => INDEX }, required: ["table"]

        MOST = 40

        def change
          list = data["tables"] ||= []
          raise Error.new("A piece holds at most #{MOST} tables.", hint: "Remove one first.") if list.size >= MOST
          raise Error.new("There is a table with this name already.", hint: "Nothing was changed.") if list.any? { |t| t["id"] == self["table"]["id"] }

          work_out(self["table"]) if self["table"]["of"]
          list.insert(place(list, self["at"]), self["table"])
          followed({ "op" => "table.remove", "id" => self["table"]["id"] }, id: self["table"]["id"])
        end
      end
    end
  end
end
