# frozen_string_literal: true

module Peony
  module Reading
    # A table whose columns are the things that are compared: "Time: Ferry 25 minutes, Bridge 4 minutes. Price: Ferry £6, Bridge £9.50."
    # Each of its rows is of one kind (minutes, money), and none of its columns is.
    module Crossed
      # +name+ stands in front of each of its +cells+ (stretches of the text); +values+ are their words without it.
      Column = Struct.new(:name, :cells, :values, keyword_init: true)

      module_function

      # @param text [Reading::Text]
      # @param nodes [Array<Tree::Node>]
      # @return [Array(Array<String>, Array<Column>), nil] the names of the rows, and the columns
      def of(text, nodes)
        return nil if nodes.size < 2

        rows = nodes.map { |n| row(text, n) or return nil }
        columns = columns(rows.map(&:last)) or return nil
        [rows.map(&:first), columns] if by_rows?(columns.map { |c| c.values.map { |v| kind(v) } })
      end

      # @return [Array(String, Array<Span>), nil] the name of a row and its cells
      def row(text, node)
        match = node.children.empty? && node.body.empty? && node.span.text.match(/\A(?<name>[^:]{1,40}):\s+(?<rest>.+)\z/m) or return nil
        [match[:name].strip, Sentences.clauses(text.span(node.span.from + match.begin(:rest), node.span.to), /,\s+/)]
      end

      # @return [Array<Column>, nil] nil where not all rows have cells of the same names
      def columns(rows)
        return nil unless rows.map(&:size).uniq.one? && rows.first.size >= 2

        made = rows.transpose.map do |cells|
          name = cells.map { |s| s.text.split }.reduce { |a, b| a.zip(b).take_while { |x, y| x == y }.map(&:first) }.join(" ")
          Column.new(name: name, cells: cells, values: cells.map { |s| s.text.delete_prefix(name).strip.chomp(".") })
        end
        made if made.none? { |c| c.name.empty? || c.values.any?(&:empty?) }
      end

      # @param kinds [Array<Array<String>>] by column
      def by_rows?(kinds) = kinds.transpose.all? { |row| row.uniq.one? } && kinds.none? { |column| column.uniq.one? }

      # What a cell holds: money, a measure, a bare number, yes or no, words.
      def kind(words)
        return "money" if words.match?(/[£€$]/)
        return "answer" if words.match?(/\A(?:yes|no|none|never|always)\z/i)

        words.match?(/\d/) ? words[/[[:alpha:]%°]+\z/] || "number" : "words"
      end
    end
  end
end
