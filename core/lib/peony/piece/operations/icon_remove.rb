# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Takes a person's own icon out of the piece; items that had it are drawn without one.
      class IconRemove < Operation
        operation "icon.remove", { "name" => { "type" => "string", "maxLength" => 60 } }

        def change
          list = data["icons"] || []
          gone = list.find { |i| i["name"] == self["name"] } or raise Error.new("That icon is not in the piece any more.", hint: "Undo brings it back.")
          list.delete(gone)
          data.delete("icons") if list.empty?
          [{ "op" => "icon.add", "icon" => gone }, ["icons"]]
        end
      end
    end
  end
end
