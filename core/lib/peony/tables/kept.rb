# frozen_string_literal: true

module Peony
  module Tables
    # A table of a piece, understood; kept while its cells stay as they are.
    class Kept
      MOST = 24
      @held = {}
      @lock = Mutex.new

      # @param hash [Hash] as kept in a piece
      # @return [Kept]
      def self.of(hash)
        key = [hash["cells"].hash, hash["cells"].bytesize, hash["correct"], hash["name"]]
        found = @lock.synchronize { @held[key] }
        return found if found

        made = new(hash)
        @lock.synchronize do
          @held.shift while @held.size >= MOST
          @held[key] = made
        end
      end

      attr_reader :hash

      def initialize(hash)
        @hash = hash
      end

      def sheet = @sheet ||= Sheet.new(name: hash["name"], rows: Cells.rows(hash["cells"]).freeze)

      # @raise [Peony::Error] when there is nothing that can be understood
      def table = @table ||= Reader.table(sheet, hash["correct"] || {})

      # A table that lost a column is another table: charts and steps made of it would say something else.
      # @param fresh [Kept] what is to take its place
      # @raise [Peony::Error] where it does not
      def fits!(fresh)
        gone = table.columns.map(&:name) - fresh.table.columns.map(&:name)
        return if gone.empty?

        named = gone.size == 1 ? "the column “#{gone.first}” is" : "the columns #{gone.first(3).join(', ')} are"
        raise Error.new("What stands there now no longer fits: #{named} gone.", hint: "The last good cells are kept.")
      end

      # The cells of the columns that a person wants shown with other decimals, as they are to be seen; the cells themselves stay.
      # @param from [Integer] the first row of the sheet
      # @param most [Integer] how many rows
      # @return [Hash{Integer => Hash{Integer => String}}] by place of the column, then by row of the sheet
      def shown(from, most)
        wanted = table.columns.select { |c| c.numeric? && hash.dig("correct", "decimals", c.name) }
        wanted.to_h do |column|
          cells = table.from.each_with_index.filter_map { |row, i| [row, Amounts.text(column.values[i], column)] if row >= from && row < from + most && column.values[i] }
          [column.place, cells.to_h]
        end
      end

      def shape = @shape ||= Shape.new(table)
      def said = @said ||= Finding.all(shape)
    end
  end
end
