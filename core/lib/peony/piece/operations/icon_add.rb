# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Brings a person's own drawing into the piece as an icon; only its outlines are kept.
      class IconAdd < Operation
        operation "icon.add", { "icon" => { "$ref" => "#/$defs/icon" } }

        def change
          list = data["icons"] ||= []
          raise Error.new("This icon is in the piece already.", hint: "Find it among your own ones.") if list.any? { |i| i["name"] == self["icon"]["name"] }

          self["icon"]["paths"].each { |path| Icons::Outline.parse(path) }
          list << self["icon"]
          [{ "op" => "icon.remove", "name" => self["icon"]["name"] }, ["icons"]]
        end
      end
    end
  end
end
