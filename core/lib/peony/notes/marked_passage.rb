# frozen_string_literal: true

module Peony
  module Notes
    # A passage of stretches of blocks: its references count from the blocks' beginnings.
    class MarkedPassage < Passage
      def refs(from, to)
        super.map { |ref| ref.merge("start" => ref["start"] + offset(ref), "end" => ref["end"] + offset(ref)) }
      end

      private

      def offset(ref) = blocks.find { |b| b.id == ref["block"] }.at
    end
  end
end
