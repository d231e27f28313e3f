# frozen_string_literal: true

module Peony
  module Proof
    # Readings of a piece's passages, kept by their words: an edit reads only what it touched.
    module Readings
      LIMIT = 2000
      @kept = {}
      @lock = Mutex.new

      module_function

      # @param piece [Piece]
      # @return [Array<Reading::Result>] in the order of the notes
      def of(piece) = Reading::Passages.of(piece.notes).map { |passage| Reading::Correction.apply(reading(passage), piece.data["readings"]) }

      # @param passage [Notes::Passage]
      # @return [Reading::Result]
      def reading(passage)
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
