# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Changes the words, the value, the colour or the stress of an item. A field set to null is taken away.
      class ItemChange < Operation
        operation "item.change", { "id" => ID, "item" => ID, "set" => { "type" => "object", "minProperties" => 1 } }

        def change
          list, at = item_place
          item = list[at]
          raise Error.new("The name of an item stays.", hint: "Nothing was changed.") if self["set"].key?("id")

          before = assign(item, self["set"])
          settle(figure)
          [{ "op" => "item.change", "id" => self["id"], "item" => self["item"], "set" => before }, [self["id"]]]
        end
      end
    end
  end
end
