# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Dresses the whole piece: another house style, changed roles, another finish.
      class StyleChange < Operation
        operation "style.change", { "style" => { "$ref" => "#/$defs/style" } }

        def change
          before = data["style"]
          Style.fetch(self["style"]["name"])
          Figures::Finish.fetch(self["style"]["finish"]) if self["style"]["finish"]
          Icons.known!(self["style"]["icons"]) if self["style"]["icons"]

          data["style"] = self["style"]
          piece.objects.each { |object| Layout.settle(piece, object) }
          [{ "op" => "style.change", "style" => before }, ["style"]]
        end
      end
    end
  end
end
