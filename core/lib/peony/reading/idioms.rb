# frozen_string_literal: true

module Peony
  module Reading
    # Numbers in words that stand in a turn of phrase and count nothing.
    module Idioms
      # By what stands before the number, and what behind it.
      TOLD = [
        # "Count to ten", "thanks a million"
        [/\bcount(?:s|ed|ing)? (?:up )?to \z|\bthanks \z/i, //],
        # "It struck thirteen", but "struck four bells"
        [/\b(?:struck|strikes|striking) \z/, /\A(?! [[:lower:]]+s\b)/],
        # "The old eight has been turned into a boat with cushions"
        [/\bthe (?:old|new|first|second|men's|women's|school) \z/i, /\A (?:has|had|was|is|will)\b/],
        # "Two of the same", "one lot had a puppy"
        [//, /\A of (?:the same|a kind)\b/], [//, /\A lot\b/],
        # "From one year to the next"
        [/\bfrom \z/i, /\A (?:[[:lower:]]+ )?to (?:the (?:next|other)|another)\b/],
        # "In a line or two": a few.
        [/\b(?:an?|one) (?!(?:hour|minute|day|week|month|year|metre|mile|kilo)\b)[[:lower:]]+ or \z/i, //],
        # "Twelve have the two together": those that were told of.
        [/\bthe \z/i, /\A (?:together|at once|side by side|are|were|have|had|do|did|meet|met|agree|share)\b/]
      ].freeze
      # The last of them are told of small numbers.
      FEW = /\A(?:one|two|three|four)\z/i

      module_function

      # @param string [String]
      # @param match [MatchData] of the number
      # @param rest [String] the words behind it
      def in?(string, match, rest)
        before = string[[0, match.begin(0) - 24].max...match.begin(0)]
        (match[0].match?(FEW) ? TOLD : TOLD.first(3)).any? { |led, behind| before.match?(led) && rest.match?(behind) }
      end
    end
  end
end
