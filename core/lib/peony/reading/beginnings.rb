# frozen_string_literal: true

require "strscan"

module Peony
  module Reading
    # Which words a pattern can begin with, read off the pattern itself: /\b(?:again|once more|back to)\b/ begins with "again", "once" or "back".
    # A head is the beginning of a word, or a whole word with a space behind it.
    class Beginnings
      # What stands behind a word that is whole there, and behind one that is as soon as what follows its group says so.
      WHOLE = / (?![?*{])|\\b/
      OPEN = /[|)]|\z/
      # Behind a letter or a group that may be missing.
      OPTIONAL = /[?*{]/

      # @param pattern [Regexp]
      # @return [Array(Array<String>, Regexp or nil)] its heads; and those of its alternatives that may begin with something else, nil where there are none
      def self.of(pattern)
        # In a pattern laid out freely spaces mean nothing; there are few, and they stay whole.
        return [[], pattern] if pattern.options.anybits?(Regexp::EXTENDED)

        led, rest = new(pattern.source).alternatives.partition(&:first)
        [led.flat_map { |heads, _| heads.map { |head| head.delete_suffix("|") } }.uniq, rest.empty? ? nil : Regexp.new(rest.map(&:last).join("|"), pattern.options)]
      end

      def initialize(source) = @source = StringScanner.new(source)

      # @param begun [Boolean] whether what stands before them begins a word
      # @return [Array(Array<String>, String)] for each alternative its heads, nil where they cannot be told, and its source
      def alternatives(begun: false)
        found = []
        loop do
          from = @source.pos
          heads = heads(begun)
          leave
          found << [heads, @source.string.byteslice(from...@source.pos)]
          return found unless @source.skip(/\|/)
        end
      end

      private

      def heads(begun)
        return nil unless @source.skip(/(?:\\b|\\A|\(\?<[=!][^()]*\))+/) || begun
        return group if @source.skip(/\((?:\?:|(?!\?))/)

        word = @source.scan(/[a-z]+/) or return nil
        return word.length > 1 ? [word.chop] : nil if @source.check(OPTIONAL)

        ["#{word}#{ending}"]
      end

      def ending
        return " " if @source.check(WHOLE)

        "|" if @source.check(OPEN)
      end

      def group
        inner = alternatives(begun: true).map(&:first)
        @source.skip(/\)/)
        return nil if inner.any?(&:nil?) || @source.check(OPTIONAL)

        behind = ending
        inner.flatten.map { |head| head.end_with?("|") ? "#{head.chop}#{behind}" : head }
      end

      # To the end of this alternative.
      def leave
        depth = 0
        until @source.eos? || (depth.zero? && @source.check(OPEN))
          next if @source.skip(/\\.|\[(?:\\.|\[[^\]]*\]|[^\]\\])*\]/)

          depth += { "(" => 1, ")" => -1 }.fetch(@source.getch, 0)
        end
      end
    end
  end
end
