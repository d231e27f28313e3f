# frozen_string_literal: true

module Peony
  module Reading
    # What words mean, as vectors: 36,000 English words with 100 numbers of 8 bits each (assets/words).
    module Vectors
      SIZE = 100
      @lock = Mutex.new

      module_function

      # @param word [String] lower case
      # @return [Array<Integer>, nil]
      def of(word)
        at = index[word] or return nil
        # Unpacked once: there are not so many words, and each comes again and again.
        (@unpacked ||= [])[at] ||= @bytes[at * SIZE, SIZE].unpack("c*").freeze
      end

      # @param words [Array<String>]
      # @return [Array<Float>, nil] the middle of their vectors, of length 1
      def middle(words)
        list = words.filter_map { |w| of(w) }
        return nil if list.empty?

        sum = list.transpose.map(&:sum)
        length = Math.sqrt(sum.sum { |x| x * x })
        length.zero? ? nil : sum.map { |x| x / length }
      end

      # @return [Float] cosine of two vectors of length 1; 0 where one is missing
      def cosine(one, other)
        return 0.0 unless one && other

        sum = 0.0
        one.each_with_index { |x, at| sum += x * other[at] }
        sum
      end

      def index
        @index || @lock.synchronize do
          @index ||= begin
            words, @bytes = File.binread(File.join(ASSETS, "words", "vectors.bin")).split("\n\n", 2)
            words.force_encoding("UTF-8").split("\n").each_with_index.to_h
          end
        end
      end
    end
  end
end
