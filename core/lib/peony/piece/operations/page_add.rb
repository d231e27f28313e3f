# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # A new page, or one that comes back.
      class PageAdd < Operation
        operation "page.add", { "page" => { "$ref" => "#/$defs/page" }, "at" => INDEX }, required: ["page"]

        def change
          id = self["page"]["id"]
          raise Error.new("There is such a page already.", hint: "Nothing was changed.") if piece.pages.any? { |p| p["id"] == id }
          raise Error.new("A piece holds at most 60 pages.", hint: "Begin another piece.") if piece.pages.size >= 60

          data["pages"].insert(place(piece.pages, self["at"]), self["page"])
          [{ "op" => "page.remove", "id" => id }, [id]]
        end
      end
    end
  end
end
