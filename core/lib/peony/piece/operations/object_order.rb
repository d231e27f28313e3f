# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Brings an object forward or back among those of its page; 0 is the back.
      class ObjectOrder < Operation
        operation "object.order", { "id" => ID, "to" => INDEX }

        def change
          page, object = piece.find(self["id"])
          list = page["objects"]
          from = list.index(object)
          list.insert([self["to"], list.size - 1].min, list.delete_at(from))
          [{ "op" => "object.order", "id" => self["id"], "to" => from }, [self["id"], page["id"]]]
        end
      end
    end
  end
end
