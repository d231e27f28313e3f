# frozen_string_literal: true

module Peony
  module Reading
    # Things numbered within a line: "1) look 2) speak 3) call", "the rules are (1) no rings, (2) no chains and (3) no shouting".
    module Enumerated
      NUMBER = /(?:\A|(?<=[\s:;,]))(?:\((?<n>\d{1,2})\)|(?<n>\d{1,2})\))(?=\s+\S)/
      LEAST = 3

      module_function

      # @param string [String]
      # @return [Array<MatchData>] the numbers from 1 on, or none
      def in(string)
        return [] unless string.match?(/\d\)/)

        runs = Moments.matches(string, NUMBER).slice_before { |m| m[:n] == "1" }
        runs.map { |run| in_order(run) }.find { |run| run.size >= LEAST } || []
      end

      # As far as they go on from one to the next.
      def in_order(run) = run.each_with_index.take_while { |m, i| m[:n].to_i == i + 1 }.map(&:first)

      # @param sentence [Span]
      # @return [Array<Span>] what is numbered, without its numbers
      def parts(sentence)
        numbers = self.in(sentence.text)
        numbers.each_with_index.map do |m, i|
          ending = numbers[i + 1]&.begin(0) || sentence.text.length
          words = sentence.text[m.end(0)...ending]
          from = m.end(0) + words[/\A\s*/].length
          told = words.strip.sub(/[,;]?(?:\s+(?:and|or))?\s*\z/, "")
          Span.new(told, sentence.from + from, sentence.from + from + told.length)
        end
      end
    end
  end
end
