# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # The name of a table, all its cells at once, where they come from, how they are worked out, or how they are understood.
      class TableChange < Operation
        operation "table.change", { "id" => ID, "set" => { "type" => "object", "additionalProperties" => false, "minProperties" => 1, "properties" => {
          "name" => { "type" => "string", "minLength" => 1, "maxLength" => 200 }, "cells" => { "type" => "string", "maxLength" => 8_000_000 },
          "source" => { "anyOf" => [{ "type" => "null" }, { "$ref" => "#/$defs/source" }] },
          "steps" => { "type" => "array", "maxItems" => 12, "items" => { "$ref" => "#/$defs/step" } },
          "correct" => { "anyOf" => [{ "type" => "null" }, { "$ref" => "#/$defs/correct" }] }
        } } }

        def change
          raise Error.new("This table is not worked out from another.", hint: "Add a step; that makes a table of its own.") if self["set"]["steps"] && table["of"].nil?

          own_cells if self["set"]["cells"] && !self["set"].key?("source")
          before = assign(table, self["set"])
          work_out(table) if self["set"]["steps"]
          followed({ "op" => "table.change", "id" => self["id"], "set" => before })
        end
      end
    end
  end
end
