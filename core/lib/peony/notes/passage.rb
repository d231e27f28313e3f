# frozen_string_literal: true

require "digest"

module Peony
  module Notes
    # A stretch of notes that a figure is made from: a heading and the blocks under it, as one text with a place for every block.
    class Passage
      # A block's stretch of the passage's text.
      Stretch = Struct.new(:block, :from, :to, keyword_init: true)

      attr_reader :heading, :blocks, :text, :stretches

      # @param blocks [Array<Block>] without headings
      # @param heading [String, nil]
      # @param part [Boolean] whether other passages stand under the same heading
      def initialize(blocks, heading: nil, part: false)
        @blocks = blocks
        @heading = heading
        @part = part
        @text = +""
        @stretches = blocks.map do |block|
          @text << "\n" unless @text.empty?
          from = @text.length
          @text << block.text
          Stretch.new(block: block, from: from, to: @text.length)
        end
        @text.freeze
      end

      def part? = @part

      # @return [String] names the passage while its first block lives
      def id = blocks.first&.id

      # @return [String] changes when the words change
      def digest = Digest::SHA256.hexdigest(text)[0, 16]

      # @return [String] the same for passages that are read alike: by heading, blocks and words; asked for again and again, so kept
      def key = @key ||= Digest::SHA256.digest([heading, part?, *blocks.flat_map { |b| [b.id, b.type, b.level, b.ordered, b.text] }].join("\0"))

      # @param from [Integer] characters of the passage
      # @param to [Integer]
      # @return [Array<Hash>] {"block", "start", "end"} in characters of each block
      def refs(from, to)
        stretches.filter_map do |s|
          a = [from, s.from].max
          b = [to, s.to].min
          { "block" => s.block.id, "start" => a - s.from, "end" => b - s.from } if a < b
        end
      end

      # @return [Integer] the character of the file that a character of the passage came from
      def in_file(position)
        stretch = stretches.reverse.find { |s| s.from <= position }
        stretch&.block&.at ? stretch.block.at + position - stretch.from : position
      end

      # The whole document as one passage, under its first heading.
      # @return [Passage]
      def self.whole(document)
        first, *rest = document.blocks
        return new(document.blocks) if first.nil? || !first.heading? || sibling?(first, rest)

        new(rest, heading: first.text)
      end

      # A first heading that stands beside the others, not above them: all are of the lowest level, or lead lists and nothing else.
      def self.sibling?(first, rest)
        others = rest.select(&:heading?)
        return true if others.any? && [first, *others].all? { |b| b.level.to_i >= 3 } && !rest.first&.heading?

        others.any? && rest.first&.item? && rest.all? { |b| b.item? || b.heading? } && others.all? { |b| b.level.to_i <= first.level.to_i + 1 }
      end
      private_class_method :sibling?

      # A part of a document that a person marked.
      # @param marked [Array<Hash>] {"block", "start", "end"}
      # @return [Passage]
      def self.marked(document, marked)
        blocks = marked.filter_map do |m|
          block = document.blocks.find { |b| b.id == m["block"] }
          next unless block

          Block.new(id: block.id, type: block.heading? ? "paragraph" : block.type, level: block.level, ordered: block.ordered,
                    text: block.text[m["start"]...m["end"]].to_s, at: m["start"])
        end
        MarkedPassage.new(blocks.reject { |b| b.text.strip.empty? })
      end
    end
  end
end
