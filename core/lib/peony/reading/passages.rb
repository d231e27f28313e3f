# frozen_string_literal: true

module Peony
  module Reading
    # Cuts a document into the stretches that hang together: what stands under each heading; in text without headings, paragraphs that speak of
    # one thing, with the lists that follow them.
    module Passages
      # A section longer than this (characters) is cut at its paragraphs.
      LONG = 1800
      # A remark shorter than this stays with the list before it.
      REMARK = 160
      # Neighbouring paragraphs whose words lie this close (cosine) speak of one thing, up to this length together.
      CLOSE = 0.86
      TOGETHER = 900
      GOES_ON = /\A(?:it|its|they|their|he|she|this|that|these|those|but|yet|then|after that|on the other hand|the (?:second|third|other|former|latter|rest)|in contrast|however|finally|both)\b/i

      module_function

      # @param document [Notes::Document]
      # @return [Array<Notes::Passage>] in order
      def of(document)
        heading = nil
        groups = document.blocks.each_with_object([]) do |block, list|
          if block.heading?
            heading = block.text
            list << [heading, []]
          else
            list << [heading, []] if list.empty? || parts?(list.last, block)
            list.last.last << block
          end
        end
        groups.filter_map { |head, blocks| Notes::Passage.new(blocks, heading: head) unless blocks.empty? }
      end

      def parts?(group, block)
        head, blocks = group
        return false if blocks.empty? || block.item?
        return block.text.length > REMARK || head.nil? if blocks.last.item?
        return !one_topic?(blocks, block) if head.nil?

        blocks.sum { |b| b.text.length } + block.text.length > LONG
      end

      def one_topic?(blocks, block)
        return false if blocks.sum { |b| b.text.length } + block.text.length > TOGETHER
        return true if blocks.last.text.match?(/:\z/) || block.text.match?(GOES_ON)

        Vectors.cosine(*[blocks.last.text, block.text].map { |words| middle(words) }) > CLOSE
      end

      def middle(words) = Vectors.middle(words.downcase.scan(/[[:alpha:]]{3,}/).reject { |w| Words::STOP.include?(w) }.first(80))
    end
  end
end
