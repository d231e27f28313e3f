# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # What a person put right in the reading of a passage: its family, its items, or both. Without either the passage is read as it stands.
      class ReadingCorrect < Operation
        operation "reading.correct",
                  { "blocks" => { "type" => "array", "minItems" => 1, "maxItems" => 500, "items" => ID }, "family" => { "type" => %w[string null], "maxLength" => 40 },
                    "items" => { "type" => %w[array null], "maxItems" => 60, "items" => { "$ref" => "#/$defs/item" } }, "digest" => { "type" => "string", "maxLength" => 80 } },
                  required: ["blocks"]

        def change
          all = data["readings"] ||= []
          at = all.index { |c| c["blocks"].first == self["blocks"].first }
          before = at && all.delete_at(at)
          made = { "blocks" => self["blocks"], "family" => self["family"], "items" => self["items"], "digest" => self["digest"] || piece.digest(self["blocks"]) }.compact
          all.insert(at || all.size, made) if made["family"] || made["items"]
          data.delete("readings") if all.empty?
          [{ "op" => "reading.correct", **(before || { "blocks" => self["blocks"] }) }, [*self["blocks"], "notes"]]
        end
      end
    end
  end
end
