# frozen_string_literal: true

module Peony
  module Reading
    # How long something took, written like a clock time: "Otters 6:12 min, Bakery 6:40". One that bears its unit makes those beside it durations too.
    module Durations
      WRITTEN = /(?<![\d:.])(?<whole>\d{1,3}):(?<part>[0-5]\d)(?![\d:])(?: ?(?<unit>min|mins|minutes|h|hrs|hours)\b)?/i
      # Without one that bears its unit all of them are times of day.
      BEARS = /\d:[0-5]\d ?(?:min|mins|minutes|hrs|hours|h)\b/i

      module_function

      # @param string [String]
      # @return [Boolean]
      def told?(string) = string.match?(BEARS)

      # @param string [String]
      # @param taken [Array<Boolean>] whether a place is spoken for
      # @yieldparam match [MatchData]
      # @yieldparam value [Float] in the unit
      # @yieldparam unit [String] "minutes" or "hours"
      def each(string, taken)
        return unless told?(string)

        unit = string[BEARS].match?(/m(?:in|ins|inutes)\z/i) ? "minutes" : "hours"
        Quantities.each_match(string, WRITTEN, taken) { |m| yield m, (m[:whole].to_i + (m[:part].to_i / 60.0)).round(2), unit }
      end
    end
  end
end
