# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Gives an item another place in its figure.
      class ItemMove < Operation
        operation "item.move", { "id" => ID, "item" => ID, "to" => INDEX }

        def change
          items, from = item_place
          items.insert([self["to"], items.size - 1].min, items.delete_at(from))
          [{ "op" => "item.move", "id" => self["id"], "item" => self["item"], "to" => from }, [self["id"]]]
        end
      end
    end
  end
end
