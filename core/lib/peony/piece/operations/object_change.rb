# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Changes fields of an object: its box, words, form, colour ... A field set to null is taken away.
      class ObjectChange < Operation
        operation "object.change", { "id" => ID, "set" => { "type" => "object", "minProperties" => 1 } }

        def change
          _, object = piece.find(self["id"])
          raise Error.new("The name and type of an object stay.", hint: "Nothing was changed.") if self["set"].key?("id") || self["set"].key?("type")

          box = object["box"].dup
          before = assign(object, fields(object))
          Charts::Chart.fetch(object["chart"]) if self["set"].key?("chart")
          Figures::Form.fetch(object["form"]) if self["set"].key?("form")
          settle(object)
          before["box"] = box if before.key?("box") || object["box"] != box
          [{ "op" => "object.change", "id" => self["id"], "set" => before }, [self["id"]]]
        end

        private

        # Another form has other parts: what was changed of the old ones goes with them.
        def fields(object)
          other = %w[form chart].any? { |key| self["set"].key?(key) && self["set"][key] != object[key] }
          other && object["parts"] ? { "parts" => nil }.merge(self["set"]) : self["set"]
        end
      end
    end
  end
end
