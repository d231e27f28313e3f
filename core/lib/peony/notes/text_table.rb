# frozen_string_literal: true

module Peony
  module Notes
    # Lines of plain text that are the rows of a table: cells between tabs, between upright strokes, or between commas where most are numbers under their names.
    module TextTable
      RULE = /\A[\s|+:=-]+\z/

      module_function

      # @param run [Array<Text::Line>] lines without a blank one between them
      # @return [Array<Array<String>>, nil]
      def rows(run)
        lines = run.map(&:text).grep_v(RULE)
        return nil if lines.size < 2

        mark = ["\t", "|"].find { |m| lines.all? { |line| line.include?(m) } }
        return columns(lines, run.map(&:text)) || by_commas(lines) unless mark

        cells = lines.map { |line| (mark == "|" ? line.strip.delete_prefix("|").delete_suffix("|") : line).split(mark, -1).map(&:strip) }
        even(cells)
      end

      # A comma within a number parts no cells.
      COMMA = /,(?!\d{3}(?!\d))\s*/
      # An entry, or a label and its words, is no row.
      ENTRY = /#{Text::BULLET}|:/
      # A number, with what it is in.
      NUMBER = /\A[£€$+−-]?\d[\d,.]*\s?(?:%|[[:alpha:]°]{1,8})?\z/

      # "Newsletter, Opened, Orders" over "Seed swap, 38 %, 212".
      # @param lines [Array<String>]
      # @return [Array<Array<String>>, nil]
      def by_commas(lines)
        cells = split(lines)
        width = cells.first.size
        return nil if lines.size < 3 || width < 3 || lines.any? { |line| line.match?(ENTRY) } || cells.first.any? { |cell| cell.match?(/\d/) }
        return nil unless cells.all? { |row| row.size == width && row.none?(&:empty?) }

        columns = cells.drop(1).transpose
        cells if columns.first.none?(NUMBER) && columns.drop(1).count { |column| column.all?(NUMBER) } * 2 >= width - 1 && columns.any? { |column| column.all?(NUMBER) }
      end

      # Where that leaves rows too short, every comma parts: "Portions of salad,60,145" under three names.
      def split(lines)
        cells, plain = [COMMA, ","].map { |mark| lines.map { |line| line.strip.split(mark, -1).map(&:strip) } }
        width = cells.first.size
        cells.any? { |row| row.size != width } && plain.all? { |row| row.size == width } ? plain : cells
      end

      # Columns set with spaces, under a rule: "Pocket     4 kg      £12".
      def columns(lines, all)
        return nil unless lines.size >= 2 && all.any? { |line| line.match?(/\A\s*-{2,}(?:\s+-{2,})+\s*\z/) }

        even(lines.map { |line| line.strip.split(/\s{2,}/) })
      end

      def even(cells)
        cells if cells.map(&:size).tally.values.max >= cells.size * 0.8 && cells.map(&:size).max >= 2
      end
    end
  end
end
