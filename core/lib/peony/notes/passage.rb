# frozen_string_literal: true

require "digest"

module Peony
  module Notes
    # A stretch of notes that a figure is made from: a heading and the blocks under it, as one text with a place for every block.
    class Passage
      # A block's stretch of the passage's text. +cuts+ tells where spaces were left out, as places of the stretch, each with how many there were up to it.
      Stretch = Struct.new(:block, :from, :to, :cuts, keyword_init: true) do
        # @param position [Integer] a character of the passage
        # @return [Integer] the same character in the block's own text
        def in_block(position) = position - from + (cuts&.reverse_each&.find { |at, _| at < position - from }&.last || 0)
      end

      # Two spaces behind a full stop, or what a justified page leaves between words: read as one.
      SPACES = /[ \t\u00a0\u2009\u202f]{2,}/
      # "40\u00a0%": a space that does not break is one all the same, but for "1\u00a0200".
      ODD = ["\u00a0", "\u2009", "\u202f"].freeze
      UNBROKEN = /(?<!\d)[\u00a0\u202f]|[\u00a0\u202f](?!\d)/

      # What tells passages apart that are not read alike. Compared as a whole, so that no two are ever taken for each other.
      class Key
        attr_reader :told, :hash

        def initialize(told)
          @told = told
          @hash = told.hash
        end

        def eql?(other) = hash == other.hash && told == other.told
      end

      attr_reader :heading, :blocks

      # @param blocks [Array<Block>] without headings
      # @param heading [String, nil]
      # @param part [Boolean] whether other passages stand under the same heading
      def initialize(blocks, heading: nil, part: false)
        @blocks = blocks
        @heading = heading
        @part = part
      end

      # Of most passages of a document the words are known by their {key}, and never put together.
      # @return [String] the words of all blocks, a line each
      def text = @text || laid.first

      # @return [Array<Stretch>] where each block lies in them
      def stretches = @stretches || laid.last

      # @return [Integer] how many characters it has, not counting spaces that are left out
      def length = blocks.sum { |block| block.text.length } + [blocks.size - 1, 0].max

      def part? = @part

      # @return [String] names the passage while its first block lives
      def id = blocks.first&.id

      # @return [String] changes when the words change
      def digest = Digest::SHA256.hexdigest(text)[0, 16]

      # @return [Key] the same for passages that are read alike: by heading, blocks and words; asked for again and again, so kept
      def key = @key ||= Key.new(blocks.each_with_object([heading, part?]) { |b, told| told.push(b.id, b.type, b.level, b.ordered, b.text) })

      # @param from [Integer] characters of the passage
      # @param to [Integer]
      # @return [Array<Hash>] {"block", "start", "end"} in characters of each block
      def refs(from, to)
        stretches.filter_map do |s|
          a = [from, s.from].max
          b = [to, s.to].min
          { "block" => s.block.id, "start" => s.in_block(a), "end" => s.in_block(b) } if a < b
        end
      end

      # @return [Integer] the character of the file that a character of the passage came from
      def in_file(position)
        stretch = stretches.reverse.find { |s| s.from <= position }
        stretch&.block&.at ? stretch.block.at + stretch.in_block(position) : position
      end

      def laid
        text = +""
        stretches = blocks.map do |block|
          text << "\n" unless text.empty?
          from = text.length
          words, cuts = squeezed(block.text)
          text << words
          Stretch.new(block: block, from: from, to: text.length, cuts: cuts)
        end
        [@text = text.freeze, @stretches = stretches]
      end
      private :laid

      # @param words [String]
      # @return [Array(String, Array<Array(Integer, Integer)>)] with one space for each run of them, and where some were left out; nil where none were
      def squeezed(words)
        odd = !words.ascii_only? && ODD.any? { |space| words.include?(space) }
        words = words.gsub(UNBROKEN, " ") if odd
        return [words, nil] unless (odd || words.include?("  ") || words.include?("\t")) && words.match?(SPACES)

        left = 0
        cuts = []
        told = words.gsub(SPACES) do |run|
          at = Regexp.last_match.begin(0) - left
          left += run.length - 1
          cuts << [at, left]
          " "
        end
        [told, cuts]
      end
      private :squeezed

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
        # "87 %" above what it is of, and further numbers of the same level: none stands over the others.
        return true if others.any? && [first, *others].all? { |b| b.level == first.level && b.text.match?(/\A[£€$]?\d[\d.,]*(?:\s?%|\s[[:lower:]]+)?\z/) }
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
