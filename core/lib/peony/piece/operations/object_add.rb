# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Puts a figure, a text or a shape on a page.
      class ObjectAdd < Operation
        operation "object.add", { "page" => ID, "object" => { "$ref" => "#/$defs/object" }, "at" => INDEX }, required: %w[page object]

        def change
          object = self["object"]
          unused(object["id"])
          list = piece.page(self["page"])["objects"]
          settle(object)
          list.insert(place(list, self["at"]), object)
          [{ "op" => "object.remove", "id" => object["id"] }, [object["id"], self["page"]]]
        end
      end
    end
  end
end
