# frozen_string_literal: true

module Peony
  module Reading
    # Money called by its notes: "a tenner", "two fivers".
    module Banknotes
      NOTES = { "fiver" => 5, "tenner" => 10 }.freeze
      CALLED = /\b(?<count>an?|another|the last|\d{1,3}|#{Numbers::WORD}) (?:[[:lower:]]+ )?(?<note>#{NOTES.keys.join('|')})s?\b/i

      ONE = /\A(?:an?|another|the last)\z/i

      module_function

      # @param string [String]
      # @param taken [Array<Boolean>] for each character whether another number has it
      # @yieldparam match [MatchData]
      # @yieldparam value [Integer]
      # @yieldparam unit [String] the currency that the rest is told in; pounds, where there is none
      def each(string, taken)
        return unless string.match?(/\b(?:#{NOTES.keys.join('|')})/i)

        unit = string.match?(/€|\bEUR\b|\beuros?\b/) ? "EUR" : "GBP"
        Quantities.each_match(string, CALLED, taken) { |m| yield m, (m[:count].match?(ONE) ? 1 : Numbers.count(m[:count])) * NOTES.fetch(m[:note].downcase), unit }
      end
    end
  end
end
