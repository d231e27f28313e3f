# frozen_string_literal: true

module Peony
  module Tables
    module Readers
      # JSON that holds a list of records, a list of lists, or an object of such lists.
      module JSON
        DEEPEST = 40

        module_function

        # @param bytes [String]
        # @return [Array<Sheet>]
        # @raise [Peony::Error]
        def sheets(bytes)
          data = ::JSON.parse(Notes::Decoding.decode(bytes.b), max_nesting: DEEPEST)
          return [sheet(nil, data)] if data.is_a?(Array)

          lists = data.is_a?(Hash) ? data.select { |_, v| v.is_a?(Array) && v.first.is_a?(Enumerable) } : {}
          return lists.map { |name, list| sheet(name, list) } if lists.any?
          return [Sheet.new(name: nil, rows: [%w[Name Value], *data.map { |k, v| [k, cell(v)] }])] if data.is_a?(Hash) && data.size > 1

          raise Error.new("There is no table in this JSON.", hint: "Bring a list of records that have the same fields.")
        rescue ::JSON::ParserError
          raise Error.new("This file is not JSON that can be read.", hint: "Check where it ends; a comma or bracket may be missing.")
        end

        def sheet(name, list)
          return Sheet.new(name: name, rows: list.map { |row| row.map { |v| cell(v) } }) if list.first.is_a?(Array)

          records = list.grep(Hash)
          names = records.flat_map(&:keys).uniq
          Sheet.new(name: name, rows: records.empty? ? [] : [names, *records.map { |r| names.map { |n| cell(r[n]) } }])
        end

        def cell(value)
          case value
          when nil then ""
          when true then "yes"
          when false then "no"
          when Hash, Array then ::JSON.generate(value)
          when Float then value == value.round && value.abs < 1e15 ? value.round.to_s : value.to_s
          else value.to_s
          end
        end
      end
    end
  end
end
