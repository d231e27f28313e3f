# frozen_string_literal: true

module Peony
  module Proof
    module Checks
      # Words too small to read: under 13 px at 1080 px width on a screen, under 8 pt on paper.
      class TextSize < Check
        check "text-size", group: "Legible", orderly: "size of words"

        POINTS = 8
        PX = 13

        def remarks
          each_object do |page, object|
            next unless object["type"] == "text"

            size = Piece::Layout.text(piece, object).map(&:size).min
            next if size >= least - 0.01

            remark(
              paper? ? "Too small in print" : "Too small to read",
              "“#{object['text'][0, 40]}” is #{show(size)}; #{show(least)} reads well.",
              page: page, object: object, state: size, mends: [{ label: "Set to #{show(least)}", operation: mend(object) }]
            )
          end
        end

        private

        def paper? = %w[mm in].include?(piece.data["size"]["unit"])
        def least = paper? ? (POINTS * 96 / 72.0).round(1) : (PX * piece.width / 1080.0).clamp(11, 60).round(1)
        def show(size) = paper? ? "#{(size * 72 / 96.0).round(1).to_s.delete_suffix('.0')} pt" : "#{size.round(1).to_s.delete_suffix('.0')} px"
        def mend(object) = { "op" => "object.change", "id" => object["id"], "set" => { "size" => least.ceil } }
      end
    end
  end
end
