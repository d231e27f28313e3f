# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Puts an item under the one before it ("in"), or beside the one that it is part of ("out").
      class ItemNest < Operation
        operation "item.nest", { "id" => ID, "item" => ID, "to" => { "enum" => %w[in out] } }

        def change
          before = items_now
          self["to"] == "in" ? inward : outward
          settle(figure)
          [items_back(before), [self["id"]]]
        end

        private

        def inward
          list, at = item_place
          raise Error.new("There is no item before this one to put it under.", hint: "Move it down first.") if at.zero?

          item = list.delete_at(at)
          (list[at - 1]["children"] ||= []) << item
        end

        def outward
          list, at = item_place
          parent = all_items.find { |i| i["children"].equal?(list) } or raise Error.new("This item is not part of another.", hint: "Nothing was changed.")
          siblings = siblings_of(parent)
          item = list.delete_at(at)
          parent.delete("children") if list.empty?
          siblings.insert(siblings.index(parent) + 1, item)
        end

        def siblings_of(item) = [figure["items"], *all_items.filter_map { |i| i["children"] }].find { |list| list.any? { |i| i.equal?(item) } }
      end
    end
  end
end
