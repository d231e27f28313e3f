# frozen_string_literal: true

module Peony
  module Reading
    # Columns of entries that no grid shows: two values to each entry under the two that the heading names, or a first entry that names the columns.
    module LooseColumns
      SLASHED = %r{\A(?<name>[^:/]{1,40}(?=:)|[^:/\d]{1,40}(?=\s\d)):?\s+(?<one>[^/]+?)\s+/\s+(?<two>[^/]+)\z}
      HEADS = [%r{([[:alpha:]]+|\d{4}) ?/ ?([[:alpha:]]+|\d{4})}, /([[:alpha:]]{3,}) (?:[[:lower:]]+ )?and ([[:alpha:]]{3,})/].freeze
      NAME = /\A[[:upper:]][^\d]{1,24}\z/

      module_function

      # @param text [Reading::Text]
      # @return [Array(Array<String>, Array<Crossed::Column>), nil] the names of the rows, and the columns
      def of(text) = slashed(text, text.tree) || headed(text, text.tree)

      # "Pupils in clubs, girls / boys", and below it "chess: 4 / 11"
      def slashed(text, nodes)
        rows = nodes.size > 1 && nodes.map { |n| n.children.empty? && n.span.text.match(SLASHED) }
        return nil unless rows && rows.all?

        above = "#{text.passage.heading}\n#{text.string[0...nodes.first.span.from]}"
        heads = HEADS.lazy.filter_map { |two| above.match(two) }.first or return nil
        columns = %i[one two].each_with_index.map do |cell, i|
          cells = rows.each_with_index.map { |row, n| text.span(nodes[n].span.from + row.begin(cell), nodes[n].span.from + row.end(cell)) }
          column(Titles.capital(heads[i + 1]), cells)
        end
        [rows.map { |row| row[:name].strip }, columns]
      end

      # "Model: Lark, Heron" above "Weight: 11 kg, 16 kg"
      def headed(text, nodes)
        rows = nodes.size > 2 ? nodes.map { |n| Crossed.row(text, n) or return nil } : []
        (_, names), *others = rows
        return nil unless names && names.size.between?(2, 5) && names.all? { |s| s.text.match?(NAME) } && values?(others.map(&:last), names.size)

        [others.map(&:first), names.each_with_index.map { |name, i| column(name.text, others.map { |_, cells| cells[i] }) }]
      end

      # As many to each row, short or told in figures, and in one row at least in figures.
      def values?(rows, size)
        rows.all? { |cells| cells.size == size && cells.all? { |c| c.text.match?(/\d/) || c.text.split.size < 4 } } && rows.any? { |cells| cells.all? { |c| c.text.match?(/\d/) } }
      end

      def column(name, cells) = Crossed::Column.new(name: name, cells: cells, values: cells.map { |s| s.text.chomp(".") })
    end
  end
end
