# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Takes blocks out of the notes and puts others in their place.
      class NotesSplice < Operation
        operation "notes.splice",
                  { "at" => INDEX, "remove" => INDEX,
                    "insert" => { "type" => "array", "maxItems" => 5000, "items" => { "$ref" => "#/$defs/block" } } }

        def change
          blocks = data["notes"]
          raise Error.new("The notes have changed since.", hint: "Reload them.") if self["at"] + self["remove"] > blocks.size

          gone = blocks.slice!(self["at"], self["remove"])
          blocks.insert(self["at"], *self["insert"])
          unique(blocks)
          [{ "op" => "notes.splice", "at" => self["at"], "remove" => self["insert"].size, "insert" => gone }, (gone + self["insert"]).map do |b|
            b["id"]
          end.uniq.push("notes")]
        end

        private

        def unique(blocks)
          raise Error.new("Two blocks have the same name.", hint: "Nothing was changed.") if blocks.map { |b| b["id"] }.uniq.size < blocks.size
        end
      end
    end
  end
end
