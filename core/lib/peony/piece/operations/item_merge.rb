# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Makes one item of two: the one after it becomes part of its detail. Values of the same unit are summed.
      class ItemMerge < Operation
        operation "item.merge", { "id" => ID, "item" => ID }

        def change
          before = items_now
          list, at = item_place
          raise Error.new("There is no item after this one.", hint: "Merge the one before it.") if at >= list.size - 1

          two = list.delete_at(at + 1)
          one = list[at]
          one["detail"] = [one["detail"], two["title"], two["detail"]].compact.reject(&:empty?).join("; ")
          one["value"] += two["value"] if one["value"] && two["value"] && one["unit"].to_s == two["unit"].to_s
          %w[refs children aspects].each { |key| one[key] = (one[key] || []) + two[key] if two[key]&.any? }
          settle(figure)
          [items_back(before), [self["id"]]]
        end
      end
    end
  end
end
