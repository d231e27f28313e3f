# frozen_string_literal: true

require "numo/narray"

module Peony
  module Reading
    # What words mean, as vectors: 36,000 English words with 100 numbers of 8 bits each (assets/words).
    module Vectors
      SIZE = 100
      @lock = Mutex.new

      module_function

      # @param word [String] lower case
      # @return [Boolean]
      def known?(word) = index.key?(word)

      # @param words [Array<String>]
      # @return [Numo::DFloat, nil] the middle of their vectors, of length 1; nil where none of them is known
      def middle(words)
        rows = words.filter_map { |w| index[w] }
        return nil if rows.empty?

        sum = Numo::DFloat.cast(rows.one? ? @table[rows.first, true] : @table[rows, true].sum(axis: 0))
        length = Math.sqrt(sum.mulsum(sum))
        length.zero? ? nil : sum / length
      end

      # @param words [Array<String>] known ones
      # @return [Numo::DFloat] a row for each, of length 1
      def rows(words) = Numo::DFloat[*words.map { |word| middle([word]).to_a }]

      # @param one [Numo::DFloat, nil]
      # @param other [Numo::DFloat, nil]
      # @return [Float] cosine of two vectors of length 1; 0 where one is missing
      def cosine(one, other) = one && other ? one.mulsum(other) : 0.0

      def index
        @index || @lock.synchronize do
          @index ||= begin
            words, bytes = File.binread(File.join(ASSETS, "words", "vectors.bin")).split("\n\n", 2)
            list = words.force_encoding("UTF-8").split("\n")
            # Widened once: every sentence asks for sums of them.
            @table = Numo::SFloat.cast(Numo::Int8.from_binary(bytes, [list.size, SIZE]))
            list.each_with_index.to_h
          end
        end
      end
    end
  end
end
