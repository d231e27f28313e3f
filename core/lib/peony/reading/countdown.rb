# frozen_string_literal: true

module Peony
  module Reading
    # How long before something it is: "a year before, book the barn; six months ahead, the invitations", and what is left of it: "in the last week". In a row of them these are moments.
    module Countdown
      DAYS = { "hour" => 1 / 24.0, "day" => 1.0, "week" => 7.0, "month" => 30.4, "year" => 365.0 }.freeze
      # What is nearest is told without a number.
      NEAR = { "in the last week" => -6.5, "in the last days" => -3.0, "the week before" => -7.0, "the day before" => -1.0, "the night before" => -0.6, "the evening before" => -0.7,
               "on the morning itself" => -0.3, "on the day itself" => -0.1, "on the day" => -0.1 }.freeze
      SO_LONG = /\b(?:(?<number>\d{1,3}|an?|#{Numbers::WORD}(?:-#{Numbers::WORD})?) (?<unit>hour|day|week|month|year)s? (?:before(?! (?:he|she|it|they|we|i|you|the|that|this|my|our|his|her|its|their)\b)|ahead|to go|earlier|beforehand)\b|(?<near>#{NEAR.keys.join('|')})\b)/i

      module_function

      # @param match [MatchData] of {SO_LONG}
      # @return [Float] days, below zero
      def sort(match)
        return NEAR.fetch(match[:near].downcase) if match[:near]

        number = match[:number].match?(/\Aan?\z/i) ? 1 : Numbers.count(match[:number])
        -number * DAYS.fetch(match[:unit].downcase)
      end
    end
  end
end
