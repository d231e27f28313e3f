# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # The ground of a page, or its place among the others.
      class PageChange < Operation
        operation "page.change", { "id" => ID, "ground" => { "$ref" => "#/$defs/role" }, "to" => INDEX }, required: ["id"]

        def change
          page = piece.page(self["id"])
          from = data["pages"].index(page)
          back = { "op" => "page.change", "id" => self["id"], "ground" => page["ground"] || "surface", "to" => from }
          page["ground"] = self["ground"] if self["ground"]
          data["pages"].insert([self["to"], piece.pages.size - 1].min, data["pages"].delete_at(from)) if self["to"]
          [back, [self["id"]]]
        end
      end
    end
  end
end
