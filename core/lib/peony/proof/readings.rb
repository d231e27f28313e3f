# frozen_string_literal: true

module Peony
  module Proof
    # Readings of a piece's passages, with what the person put right.
    module Readings
      module_function

      # @param piece [Piece]
      # @return [Array<Reading::Result>] in the order of the notes
      def of(piece) = Reading::Kept.all(Reading::Passages.of(piece.notes)).map { |reading| Reading::Correction.apply(reading, piece.data["readings"]) }
    end
  end
end
