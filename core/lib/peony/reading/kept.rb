# frozen_string_literal: true

module Peony
  module Reading
    # Readings of passages, kept by their words: an edit reads only what it touched.
    module Kept
      LIMIT = 3000
      @kept = {}
      @lock = Mutex.new

      module_function

      # Forgets all of them.
      def clear = @lock.synchronize { @kept.clear }

      # @param passage [Notes::Passage]
      # @return [Result]
      def of(passage) = all([passage]).first

      # @param passages [Array<Notes::Passage>]
      # @return [Array<Result>] in the same order
      def all(passages)
        keys = passages.map(&:key)
        known = @lock.synchronize { @kept.slice(*keys) }
        missing = keys.zip(passages).to_h.reject { |key, _| known.key?(key) }
        fresh = missing.keys.zip(Beside.of(missing.values)).to_h
        @lock.synchronize do
          fresh.each do |key, result|
            @kept.shift while @kept.size >= LIMIT
            @kept[key] = result
          end
        end
        keys.map { |key| known[key] || fresh[key] }
      end
    end
  end
end
