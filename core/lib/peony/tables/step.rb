# frozen_string_literal: true

module Peony
  module Tables
    # One step between a table and a chart of it: rows left out, put together, or worked out. One file each in steps/.
    # A step takes a table, understood, and gives the cells of a new one, names first.
    class Step
      extend Registry

      members_in "tables/steps"

      # What a step needs, for the form a person fills in. +fields+: name => "column", "number", "time", "table", "word" or the choices with their words.
      Facts = Struct.new(:step, :title, :sees, :fields, keyword_init: true)

      class << self
        attr_reader :facts

        # @param name [String] what stands in "do"
        def step(name, title:, sees:, fields:)
          @facts = Facts.new(step: name, title: title, sees: sees, fields: fields)
          Step.register(name, self)
        end
      end

      # @param table [Table]
      # @param fields [Hash] of the step
      # @param others [Proc] gives another table of the piece, understood, by its id
      def initialize(table, fields, others)
        @table = table
        @fields = fields
        @others = others
      end

      # @return [Array<Array<String>>] cells, names first
      # @raise [Peony::Error] where the step does not go with the table
      def rows = raise(NotImplementedError)

      # @return [String] what the step does, in the words a person reads above a chart
      def self.said(fields) = new(nil, fields, nil).said

      private

      attr_reader :table

      def [](name) = @fields[name]
      def names = table.columns.map(&:name)

      def column(name = self["column"])
        table.column(name.to_s) || raise(Error.new("There is no column “#{name}”.", hint: "There are: #{names.first(12).join(', ')}."))
      end

      def numbers(name = self["column"])
        column(name).tap { |c| raise Error.new("“#{c.name}” holds no numbers.", hint: "Choose another column.") unless c.numeric? }
      end

      def texts(row) = table.columns.map { |c| c.texts[row].to_s }
      def all = (0...table.size).map { |row| texts(row) }

      # The table with one more column.
      def with(name, cells) = [[*names, free(name)], *all.zip(cells).map { |row, cell| [*row, cell] }]

      def free(name) = names.include?(name) ? "#{name} (2)" : name

      # A number as a cell: no exponent, no more decimals than say something.
      def cell(value, decimals = 2)
        return "" if value.nil? || value.nan? || value.infinite?

        format("%.#{decimals}f", value).sub(/(\.\d*?)0+\z/, '\1').delete_suffix(".")
      end

      # Values of one kind of cell that stand for the same thing.
      def key(value) = value.respond_to?(:key) ? value.key : value.to_s.strip.downcase
    end
  end
end
