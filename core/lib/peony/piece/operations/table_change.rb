# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # The name of a table, all its cells at once, or how it is understood.
      class TableChange < Operation
        operation "table.change", { "id" => ID, "set" => { "type" => "object", "additionalProperties" => false, "minProperties" => 1, "properties" => {
          "name" => { "type" => "string", "minLength" => 1, "maxLength" => 200 }, "cells" => { "type" => "string", "maxLength" => 8_000_000 },
          "correct" => { "anyOf" => [{ "type" => "null" }, { "$ref" => "#/$defs/correct" }] }
        } } }

        def change
          before = assign(table, self["set"])
          followed({ "op" => "table.change", "id" => self["id"], "set" => before })
        end
      end
    end
  end
end
