# frozen_string_literal: true

module Peony
  module Charts
    # The cell that a number of a chart comes from, so that it can be typed over beside the chart.
    module Origin
      module_function

      # @param piece [Piece]
      # @param object [Hash] a chart with a table
      # @param series [Integer] which of its series
      # @param key [String] of the number
      # @param text [String] what was typed; "" empties the cell
      # @return [Hash] the operation that puts it there
      # @raise [Peony::Error] where it is no number, or comes from several cells
      def operation(piece, object, series, key, text)
        raise Error.new("“#{text[0, 30]}” is no number.", hint: "Write digits, with a point before the fraction.") unless Tables::Numerals.read(text) || text.empty?

        table = piece.table(object["table"])
        name = object["data"]["series"][series]&.fetch("name")
        cell = cell(Tables::Kept.of(table).table, name, key) or raise Error.new("This number is worked out of several cells.", hint: "Change the table itself.")
        { "op" => "table.cells", "id" => table["id"], "cells" => [[*cell, text]] }
      end

      # In a column of that name the one row of that key; in a wide table the other way round.
      # @return [Array(Integer, Integer), nil] row and column of the sheet
      def cell(table, name, key)
        [[name, key], [key, name]].filter_map do |across, down|
          column = table.columns.find { |c| c.name == across || Tables::Calendar.read(c.name)&.key == across } or next
          rows = (0...table.size).select { |r| table.columns.any? { |c| c != column && c.values[r] && key_of(c.values[r]) == down } }
          [table.from[rows.first], column.place] if rows.size == 1
        end.first
      end

      def key_of(value) = value.respond_to?(:key) ? value.key : value.to_s
    end
  end
end
