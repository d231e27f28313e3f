# frozen_string_literal: true

module Peony
  class Piece
    # Base of the operations: small JSON, checked, applied to a copy of the document, with its inverse. One file each in operations/.
    class Operation
      extend Registry

      members_in "piece/operations"

      class << self
        # @param name [String] what stands in "op"
        # @param properties [Hash] JSON Schema of its other fields
        # @param required [Array<String>]
        def operation(name, properties, required: properties.keys)
          @schema = { "title" => name, "type" => "object", "required" => ["op", *required], "additionalProperties" => false,
                      "properties" => { "op" => { "const" => name } }.merge(properties) }
          Operation.register(name, self)
        end

        attr_reader :schema

        # @param piece [Piece]
        # @param operation [Hash]
        # @return [Change]
        def run(piece, operation)
          Schemas.complain(schemer, operation, "This change")
          copy = Piece.new(Marshal.load(Marshal.dump(piece.data)))
          inverse, touched = new(copy, operation).change
          after = Piece.new(copy.data)
          Change.new(piece: after, inverse: inverse, touched: (Array(touched) + Ties.settle(piece, after)).uniq)
        end

        # @return [Hash] one schema for every operation, for the interface's types
        def all_schemas = { "title" => "Operation", "oneOf" => members.values.map(&:schema) }

        private

        def schemer = @schemer ||= Schemas.compile(schema)
      end

      ID = { "$ref" => "#/$defs/id" }.freeze
      INDEX = { "type" => "integer", "minimum" => 0 }.freeze

      # @param piece [Piece] a copy that may be changed
      def initialize(piece, fields)
        @piece = piece
        @fields = fields
      end

      # @return [Array(Hash, Array<String>)] the inverse and the touched ids
      def change = raise(NotImplementedError)

      private

      attr_reader :piece

      def data = piece.data
      def [](name) = @fields[name]

      # Sets fields of a hash; nil takes a field away.
      # @return [Hash] the fields that set them back
      def assign(target, changes)
        before = changes.keys.to_h { |key| [key, target[key]] }
        changes.each { |key, value| value.nil? ? target.delete(key) : target[key] = value }
        before
      end

      def place(list, index) = index.nil? ? list.size : [index, list.size].min

      def unused(id)
        raise Error.new("Something with the name “#{id}” is there already.", hint: "Nothing was changed.") if piece.objects.any? { |o| o["id"] == id }
      end

      def figure
        _, object = piece.find(self["id"])
        raise Error.new("That is not a figure.", hint: "Choose a figure.") unless object["type"] == "figure"

        object
      end

      # @return [Array(Array<Hash>, Integer)] the list that holds the item, and its place in it; items may be parts of others
      def item_place(id = self["item"], list = figure["items"])
        at = list.index { |i| i["id"] == id }
        return [list, at] if at

        found = list.filter_map { |i| i["children"] && nested_place(id, i["children"]) }.first
        found || raise(Error.new("That item is not there any more.", hint: "Undo brings it back."))
      end

      def nested_place(id, list)
        item_place(id, list)
      rescue Error
        nil
      end

      # @return [Array<Hash>] the items of the figure and their parts
      def all_items(list = figure["items"]) = list.flat_map { |i| [i, *all_items(i["children"] || [])] }

      def items_now = Marshal.load(Marshal.dump(figure["items"]))
      def items_back(items) = { "op" => "object.change", "id" => self["id"], "set" => { "items" => items } }

      def table = piece.table(self["id"])

      # @return [Array<Array<String>>] the cells of the table
      def cells = Tables::Cells.rows(table["cells"])

      # Cells that come from elsewhere are not typed over.
      def own_cells
        raise Error.new("These cells are worked out from another table.", hint: "Change that table or the steps.") if table["of"]
        raise Error.new("These cells follow #{table['source']['at']}.", hint: "Stop following it to change them here.") if table["source"]
      end

      def work_out(table)
        Tables::Steps.check_circle(table, data["tables"] || [])
        table["cells"] = Tables::Steps.cells(table, data["tables"] || [])
      end

      # Tables that are worked out from this one are worked out again; where that cannot be done they keep their cells.
      # @return [Array<String>] ids of what changed
      def worked_below(id)
        Tables::Steps.below(id, data["tables"] || []).flat_map do |other|
          work_out(piece.table(other))
          [other, *Charts::Following.update(piece, other), *worked_below(other)]
        rescue Error
          []
        end
      end

      # Keeps the cells, where they changed, and lets the charts of the table follow.
      # @return [Array(Hash, Array<String>)] what {change} gives
      def followed(inverse, rows: nil, id: self["id"])
        piece.table(id)["cells"] = Tables::Cells.text(rows) if rows
        [inverse, ["tables", id, *Charts::Following.update(piece, id), *worked_below(id)]]
      end

      def settle(object)
        Schemas.check_part("object", object)
        Layout.settle(piece, object)
      end
    end
  end
end
