# frozen_string_literal: true

module Peony
  module Notes
    # Lines of plain text that are the rows of a table: cells between tabs or between upright strokes.
    module TextTable
      RULE = /\A[\s|+:=-]+\z/

      module_function

      # @param run [Array<Text::Line>] lines without a blank one between them
      # @return [Array<Array<String>>, nil]
      def rows(run)
        lines = run.map(&:text).grep_v(RULE)
        return nil if lines.size < 2

        mark = ["\t", "|"].find { |m| lines.all? { |line| line.include?(m) } }
        return columns(lines, run.map(&:text)) unless mark

        cells = lines.map { |line| (mark == "|" ? line.strip.delete_prefix("|").delete_suffix("|") : line).split(mark, -1).map(&:strip) }
        even(cells)
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
