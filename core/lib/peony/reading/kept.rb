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
      def of(passage)
        key = [passage.heading, passage.blocks.map { |b| [b.id, b.type, b.level, b.ordered, b.text] }]
        found = @lock.synchronize { @kept[key] }
        return found if found

        result = Reading.of(passage)
        @lock.synchronize do
          @kept.shift while @kept.size >= LIMIT
          @kept[key] = result
        end
      end
    end
  end
end
