# frozen_string_literal: true

module Peony
  module Proof
    module Checks
      # Details that were shortened for want of room, and figures that cannot be drawn in their box at all.
      class CutWords < Check
        check "cut-words", group: "Legible", orderly: "no word cut"

        def remarks
          pictures do |page, object|
            index = page["objects"].index(object)
            cuts = Scene::Pages.drawing(piece, object, Scene::Pages.ground_under(piece, page, object, index)).cuts
            next if cuts.empty?

            remark(
              "Words were shortened",
              "#{called(object)} has no room for all details of #{cuts.size} #{cuts.size == 1 ? 'item' : 'items'}.",
              page: page, object: object, state: cuts.join(","), mends: roomier(page, object)
            )
          rescue Figures::Refusal => e
            remark("It cannot be drawn", "#{e.message} #{e.hint}", page: page, object: object, state: e.message, mends: roomier(page, object))
          end
        end

        private

        # More height, where the page below is free.
        def roomier(page, object)
          x, y, w, h = object["box"]
          below = page["objects"].reject { |o| o.equal?(object) || Piece::Layout.backdrop?(piece, o) }.select { |o| o["box"][1] >= y + h - 1 && o["box"][0] < x + w && o["box"][0] + o["box"][2] > x }
          limit = (below.map { |o| o["box"][1] - 8 } << (piece.height - Piece::Layout.margin(piece))).min
          return [] if limit - y < h * 1.08

          [{ label: "Make it taller",
             operation: { "op" => "object.change", "id" => object["id"], "set" => { "box" => [x, y, w, [limit - y, h * 1.6].min.round(1)] } } }]
        end
      end
    end
  end
end
