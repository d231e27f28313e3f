# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Takes an item out of a figure.
      class ItemRemove < Operation
        operation "item.remove", { "id" => ID, "item" => ID }

        def change
          list, at = item_place
          raise Error.new("A figure needs at least one item.", hint: "Remove the figure instead.") if figure["items"].size == 1 && list.equal?(figure["items"])

          before = items_now
          gone = list.delete_at(at)
          unless list.equal?(figure["items"])
            all_items.each { |i| i.delete("children") if i["children"] == [] }
            return [items_back(before), [self["id"]]]
          end
          [{ "op" => "item.add", "id" => self["id"], "new" => gone, "at" => at }, [self["id"]]]
        end
      end
    end
  end
end
