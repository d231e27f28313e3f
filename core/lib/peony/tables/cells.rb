# frozen_string_literal: true

require "csv"

module Peony
  module Tables
    # Cells to text and back: as a piece keeps them, and as a file that is safe to open elsewhere.
    module Cells
      # What a spreadsheet would take for a formula.
      FORMULA = /\A[=+\-@\t\r]/

      module_function

      # @param rows [Array<Array<String>>]
      # @return [String] CSV, rows ended with \n
      def text(rows) = rows.map { |row| CSV.generate_line(row.map { |c| c.to_s }) }.join

      # @param text [String] as a piece keeps it
      # @return [Array<Array<String>>]
      def rows(text) = text.include?('"') ? CSV.parse(text).map { |row| row.map(&:to_s) } : text.split("\n", -1).tap { |lines| lines.pop if lines.last == "" }.map { |line| line.split(",", -1) }

      # As {text}, but cells that look like formulas stay text wherever the file is opened. Numbers with a sign are left alone.
      # @return [String]
      def guarded(rows)
        text(rows.map { |row| row.map { |c| c.to_s.match?(FORMULA) && !Numerals.read(c.to_s.strip, ".") && !Numerals.read(c.to_s.strip, ",") ? "'#{c}" : c } })
      end
    end
  end
end
