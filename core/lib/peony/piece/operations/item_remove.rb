# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Takes an item out of a figure.
      class ItemRemove < Operation
        operation "item.remove", { "id" => ID, "item" => ID }

        def change
          raise Error.new("A figure needs at least one item.", hint: "Remove the figure instead.") if figure["items"].size == 1

          at = item_index
          gone = figure["items"].delete_at(at)
          [{ "op" => "item.add", "id" => self["id"], "new" => gone, "at" => at }, [self["id"]]]
        end
      end
    end
  end
end
