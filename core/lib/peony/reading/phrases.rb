# frozen_string_literal: true

require "strscan"

module Peony
  module Reading
    # Many patterns sought in one walk over the words. Most turns of phrase begin with one of a few words: such a pattern is tried only where one of
    # them stands, which is a fraction of the work of trying each everywhere. What begins otherwise is sought as it is.
    class Phrases
      # How many letters of a word tell which patterns may begin there.
      LETTERS = 6
      # So many words are kept with what may begin at them.
      KEPT = 20_000

      # @param patterns [Hash{Symbol => Regexp}] for words in lower case
      def initialize(patterns)
        @names = patterns.keys
        @rest = {}
        @led = Hash.new { |led, head| led[head] = [] }
        patterns.each_value.with_index { |pattern, i| enter(pattern, i) }
        @led.default_proc = nil
        @by_word = {}
      end

      # @param words [String] lower case
      # @return [Hash{Symbol => Integer}] how often each stands in them, none within another of the same name
      def counts(words)
        counts = Array.new(@names.size, 0)
        reached = Array.new(@names.size, 0)
        each_beginning(words) do |scanner, at, i, pattern|
          next if reached[i] > at

          scanner.pos = at
          length = scanner.match?(pattern) or next
          counts[i] += 1
          reached[i] = at + length
        end
        @rest.each { |i, pattern| counts[i] += words.scan(pattern).size }
        @names.zip(counts).to_h
      end

      # @param words [String] lower case
      # @return [Hash{Symbol => true}] those that stand in them
      def standing(words)
        found = {}
        each_beginning(words) do |scanner, at, i, pattern|
          name = @names[i]
          next if found.key?(name)

          scanner.pos = at
          found[name] = true if scanner.match?(pattern)
        end
        @rest.each { |i, pattern| found[@names[i]] = true if !found.key?(@names[i]) && words.match?(pattern) }
        found
      end

      private

      # What begins with known words is led by them; the rest of its alternatives is sought everywhere.
      def enter(pattern, index)
        led, rest = Beginnings.of(pattern)
        led.each { |head| @led[head.end_with?(" ") ? head : head[0, LETTERS]] += [[index, pattern]] }
        @rest[index] = rest if rest
      end

      def each_beginning(words)
        scanner = StringScanner.new(words, fixed_anchor: true)
        while scanner.skip_until(/\b[[:alpha:]]+/)
          candidates = candidates(scanner.matched) or next
          behind = scanner.pos
          at = behind - scanner.matched_size
          candidates.each { |index, pattern| yield scanner, at, index, pattern }
          scanner.pos = behind
        end
      end

      # @return [Array, nil] the patterns that may begin with a word
      def candidates(word)
        @by_word.fetch(word) do
          led = @led["#{word} "].to_a + (1..[LETTERS, word.length].min).flat_map { |length| @led[word[0, length]].to_a }
          led = led.empty? ? nil : led.uniq
          @by_word[word] = led if @by_word.size < KEPT
          led
        end
      end
    end
  end
end
