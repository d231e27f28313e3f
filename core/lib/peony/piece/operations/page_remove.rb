# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Takes a page away with all that is on it.
      class PageRemove < Operation
        operation "page.remove", { "id" => ID }

        def change
          raise Error.new("A piece needs at least one page.", hint: "Empty it instead.") if piece.pages.size == 1

          page = piece.page(self["id"])
          at = data["pages"].index(page)
          data["pages"].delete_at(at)
          [{ "op" => "page.add", "page" => page, "at" => at }, [self["id"], *page["objects"].map { |o| o["id"] }]]
        end
      end
    end
  end
end
