# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Takes an object off its page.
      class ObjectRemove < Operation
        operation "object.remove", { "id" => ID }

        def change
          page, object = piece.find(self["id"])
          at = page["objects"].index(object)
          page["objects"].delete_at(at)
          [{ "op" => "object.add", "page" => page["id"], "object" => object, "at" => at }, [self["id"], page["id"]]]
        end
      end
    end
  end
end
