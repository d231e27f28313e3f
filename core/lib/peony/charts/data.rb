# frozen_string_literal: true

module Peony
  module Charts
    # What a chart draws, apart from the table it came from: keys along one side and a few series of numbers over them.
    # Kept in a piece as {"x" => {"name", "kind", "keys"}, "series" => [{"name", "values", "kind", "unit", "currency", "decimals"}]}.
    class Data
      TIMES = Tables::Column::TIMES

      Series = Struct.new(:name, :values, :kind, :unit, :currency, :decimals, keyword_init: true) do
        # @return [String] a value as it is printed
        def text(value, decimals: self.decimals) = Tables::Amounts.text(value, self, decimals: decimals)
        def numbers = values.compact
        def total = numbers.sum
      end

      attr_reader :name, :kind, :keys, :series

      # @param hash [Hash]
      # @return [Data]
      def self.from(hash)
        x = hash.fetch("x")
        list = hash.fetch("series").map do |s|
          Series.new(name: s["name"].to_s, values: s["values"].map { |v| v&.to_f }, kind: s["kind"] || "number", unit: s["unit"], currency: s["currency"], decimals: s["decimals"].to_i)
        end
        new(x["name"].to_s, x["kind"] || "category", x["keys"].map(&:to_s), list)
      end

      def initialize(name, kind, keys, series)
        @name = name
        @kind = kind
        @keys = keys
        @series = series
      end

      def time? = TIMES.include?(kind)
      def size = keys.size
      def first = series.first

      # @return [Array<Tables::Calendar::Period>] of keys in time
      def periods = @periods ||= Tables::Calendar.in_turn(keys.map { |key| Tables::Calendar.of_key(key) || Tables::Calendar.year(1) })

      # @param key [#to_s, nil]
      # @return [Tables::Calendar::Period, nil]
      def period(key)
        return nil unless key

        at(key) ? periods[at(key)] : Tables::Calendar.of_key(key.to_s)
      end

      # @return [String] a key as a reader says it
      def word(index) = time? ? periods[index].text : keys[index]

      # @return [Integer, nil]
      def at(key) = (@at ||= keys.each_with_index.to_h)[key.to_s]

      # The largest first.
      # @return [Data]
      def ranked
        order = keys.each_index.sort_by { |i| [-(first.values[i] || -Float::INFINITY), i] }
        Data.new(name, kind, order.map { |i| keys[i] }, series.map { |s| s.dup.tap { |c| c.values = order.map { |i| s.values[i] } } })
      end

      # The first +most+ keys; the rest summed as one, where sums say something.
      # @return [Data]
      def grouped(most)
        return self if size <= most

        head = keys.first(most - 1)
        rest = "#{size - most + 1} others"
        Data.new(name, kind, [*head, rest], series.map { |s| s.dup.tap { |c| c.values = [*s.values.first(most - 1), s.values.drop(most - 1).compact.sum] } })
      end
    end
  end
end
