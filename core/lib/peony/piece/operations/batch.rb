# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Several operations that are one to the person: all or none, undone together.
      class Batch < Operation
        operation "batch",
                  { "operations" => { "type" => "array", "minItems" => 1, "maxItems" => 500,
                                      "items" => { "type" => "object", "required" => ["op"] } } }

        # Overrides the copying of the base: each operation copies for itself.
        def self.run(piece, operation)
          Schemas.complain(schemer, operation, "This change")
          inverses = []
          touched = []
          operation["operations"].each do |single|
            raise Error.new("A batch cannot hold a batch.", hint: "Nothing was changed.") if single["op"] == "batch"

            change = piece.apply(single)
            piece = change.piece
            inverses.unshift(change.inverse)
            touched.concat(change.touched)
          end
          Change.new(piece: piece, inverse: { "op" => "batch", "operations" => inverses }, touched: touched.uniq)
        end
      end
    end
  end
end
