# frozen_string_literal: true

module Peony
  module Reading
    # Whole sentences, each in a line of its own or behind a bullet: they may be entries, and may be running text that somebody broke.
    # Both readings are made, and the likelier is taken; their characters stand in the same places.
    module LineByLine
      FEWEST = 2
      MOST = 12
      SENTENCE = /\A\S+(?:\s+\S+){2,}[.?!]["”’)]*\s*\z/

      module_function

      # @param passage [Notes::Passage]
      # @return [Notes::Passage, nil] the same words as one paragraph
      def running(passage)
        blocks = passage.blocks
        return nil unless blocks.size.between?(FEWEST, MOST) && blocks.all? { |b| b.item? && b.level.to_i.zero? && !b.ordered && b.table.nil? && b.text.match?(SENTENCE) }
        return nil if blocks.count { |b| b.text.match?(Tree::LABEL) } * 2 > blocks.size

        Notes::Passage.new([Notes::Block.new(id: passage.id, type: "paragraph", text: blocks.map(&:text).join(" "))], heading: passage.heading, part: passage.part?)
      end
    end
  end
end
