# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Title, language, kind or size of the piece.
      class PieceChange < Operation
        operation "piece.change", { "set" => { "type" => "object", "additionalProperties" => false, "minProperties" => 1, "properties" => {
          "title" => { "type" => "string", "maxLength" => 200 }, "lang" => { "type" => "string", "maxLength" => 12 },
          "kind" => { "type" => "string", "maxLength" => 40 }, "size" => { "$ref" => "#/$defs/size" }
        } } }

        def change = [{ "op" => "piece.change", "set" => assign(data, self["set"]) }, ["piece"]]
      end
    end
  end
end
