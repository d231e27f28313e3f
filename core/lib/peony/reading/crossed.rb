# frozen_string_literal: true

module Peony
  module Reading
    # The cells of a table, and whether its columns are the things that are compared: "Time: Ferry 25 minutes, Bridge 4 minutes. Price: Ferry £6, Bridge £9.50."
    # Each of its rows is of one kind (time, money), and none of its columns is; or the heading names the columns.
    module Crossed
      # +name+ stands in front of each of its +cells+ (stretches of the text); +values+ are their words without it.
      Column = Struct.new(:name, :cells, :values, keyword_init: true)

      module_function

      # @param text [Reading::Text]
      # @param nodes [Array<Tree::Node>]
      # @return [Array(Array<String>, Array<Column>), nil] the names of the rows, and the columns, where these are the things
      def of(text, nodes)
        told = text.loose_columns and return told

        names, columns = table(text, nodes)
        return nil unless columns && names.none? { |name| name.match?(/\d/) }

        [names, columns] if by_rows?(columns.map { |c| c.values.map { |v| kind(v) } }) || named?(columns, text.passage.heading.to_s.downcase)
      end

      # @return [Array(Array<String>, Array<Column>), nil] the names of the rows, and the columns
      def table(text, nodes)
        return nil if nodes.size < 2

        rows = nodes.map { |n| row(text, n) or return nil }
        cells = rows.map(&:last)
        leads = cells.map { |list| list.map { |s| s.text[/\A\S+/] } }.reduce(:&)
        # "Legs: Frog long, for jumping, Toad short": a cell may hold a comma.
        cells = cells.map { |list| list.slice_before { |s| leads.include?(s.text[/\A\S+/]) }.map { |run| text.span(run.first.from, run.last.to) } }
        columns = columns(cells) or return nil
        [rows.map(&:first), columns]
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
      def by_rows?(kinds) = kinds.transpose.all? { |row| alike?(row) } && kinds.none? { |column| column.uniq.one? }

      # "Price: Basic free, Plus 9 euros, Team 24 euros": a word or two among amounts are one of them.
      def alike?(kinds) = kinds.uniq.one? || ((kinds - ["words"]).uniq.one? && kinds.count("words") * 2 < kinds.size)

      # "Frogs and toads" above the columns of both.
      def named?(columns, heading) = columns.size == 2 && columns.all? { |c| heading.match?(/\b#{Regexp.escape(c.name.downcase.delete_suffix('s'))}/) }

      # What a cell holds: money, time, a measure, a bare number, yes or no, words.
      def kind(words)
        return "money" if words.match?(/[£€$]/)
        return "answer" if words.match?(/\A(?:yes|no|none|never|always)\z/i)
        return "words" unless words.match?(/\d/)

        unit = words[/\d ?([[:alpha:]%°]+)\z/, 1].to_s.downcase
        return "money" if Units::CURRENCIES.key?(unit)

        HandedOn::TIME.include?(Units::MEASURES[unit]) ? "time" : words[/[[:alpha:]%°]+\z/] || "number"
      end
    end
  end
end
