# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Adds an item to a figure; the layout computes itself anew.
      class ItemAdd < Operation
        operation "item.add", { "id" => ID, "new" => { "$ref" => "#/$defs/item" }, "at" => INDEX }, required: %w[id new]

        def change
          items = figure["items"]
          raise Error.new("There is such an item already.", hint: "Nothing was changed.") if items.any? { |i| i["id"] == self["new"]["id"] }

          items.insert(place(items, self["at"]), self["new"])
          settle(figure)
          [{ "op" => "item.remove", "id" => self["id"], "item" => self["new"]["id"] }, [self["id"]]]
        end
      end
    end
  end
end
