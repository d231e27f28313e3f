# frozen_string_literal: true

require "json_schemer"

module Peony
  class Piece
    # The published JSON Schema of pieces, and checks against it.
    module Schemas
      DOCUMENT = JSON.parse(File.read(File.join(__dir__, "schema", "piece.json"))).freeze

      module_function

      # @param document [Hash]
      # @raise [Peony::Error] naming the first place that is wrong
      def check(document) = complain(whole, document, "This piece")

      # @param name [String] a part of the schema: object, item, block ...
      # @raise [Peony::Error]
      def check_part(name, value) = complain(part(name), value, "This #{name}")

      # @param schema [Hash] may refer to "#/$defs/..." of the piece's schema
      # @return [JSONSchemer::Schema]
      def compile(schema) = JSONSchemer.schema(schema.merge("$defs" => DOCUMENT["$defs"]))

      # @raise [Peony::Error]
      def complain(schemer, value, subject)
        error = schemer.validate(value).first
        return unless error

        place = error["data_pointer"].to_s.delete_prefix("/")
        raise Error.new("#{subject} is not as it should be#{" at “#{place}”" unless place.empty?}: #{error['error']}.", hint: "Nothing was changed.")
      end

      def whole = @whole ||= JSONSchemer.schema(DOCUMENT)

      def part(name) = (@parts ||= {})[name] ||= compile({ "$ref" => "#/$defs/#{name}" })
    end
  end
end
