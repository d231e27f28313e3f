# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Makes two items of one, where its words have a natural break: between sentences, else at a semicolon, a comma or "and".
      class ItemSplit < Operation
        operation "item.split", { "id" => ID, "item" => ID, "new" => ID }

        BREAKS = [/(?<=[.!?])\s+/, /;\s+(?:and )?/, /:\s+/, /,\s+(?:and |but |then )?/, /\s+and\s+/].freeze

        def change
          before = items_now
          list, at = item_place
          unused_item(self["new"])
          one = list[at]
          first, rest = parted(one)
          title, detail = Reading::Titles.of(rest)
          two = { "id" => self["new"], "title" => Reading::Titles.capital(title), "detail" => detail, "refs" => one["refs"], "colour" => one["colour"] }.reject { |_, v| v.nil? || v == "" }
          list[at] = one.merge(first).reject { |_, v| v == "" }
          list.insert(at + 1, two)
          settle(figure)
          [items_back(before), [self["id"]]]
        end

        private

        # @return [Array(Hash, String)] what stays in the first, and the words of the second
        def parted(item)
          detail = item["detail"].to_s
          return [{ "detail" => "" }, detail] unless detail.empty? || detail.match?(BREAKS[0]) || detail.match?(BREAKS[1])

          field = detail.empty? ? "title" : "detail"
          BREAKS.each do |pattern|
            head, tail = item[field].split(pattern, 2)
            return [{ field => head }, tail] if tail && head.strip.size > 1 && tail.strip.size > 1
          end
          raise Error.new("These words have no place to part them.", hint: "Add an item and write its words.")
        end

        def unused_item(id)
          raise Error.new("There is such an item already.", hint: "Nothing was changed.") if all_items.any? { |i| i["id"] == id }
        end
      end
    end
  end
end
