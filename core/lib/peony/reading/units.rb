# frozen_string_literal: true

module Peony
  module Reading
    # Units of measure, currencies and counted nouns.
    module Units
      CURRENCIES = { "£" => "GBP", "€" => "EUR", "$" => "USD", "pounds" => "GBP", "pound" => "GBP", "euros" => "EUR", "euro" => "EUR",
                     "dollars" => "USD", "gbp" => "GBP", "eur" => "EUR", "usd" => "USD" }.freeze
      MEASURES = {
        "%" => "%", "percent" => "%", "per cent" => "%", "km" => "km", "kilometres" => "km", "kilometre" => "km", "m" => "m", "metres" => "m",
        "metre" => "m", "cm" => "cm", "centimetres" => "cm", "mm" => "mm", "miles" => "miles", "mile" => "miles", "kg" => "kg", "kilos" => "kg",
        "kilo" => "kg", "kilograms" => "kg", "g" => "g", "grams" => "g", "mg" => "mg", "t" => "t", "tonnes" => "tonnes", "tonne" => "tonnes",
        "tons" => "tons", "l" => "l", "litres" => "litres", "litre" => "litres", "ml" => "ml", "min" => "minutes", "mins" => "minutes",
        "minutes" => "minutes", "minute" => "minutes", "h" => "hours", "hr" => "hours", "hrs" => "hours", "hours" => "hours", "hour" => "hours",
        "s" => "seconds", "seconds" => "seconds", "second" => "seconds", "days" => "days", "day" => "days", "weeks" => "weeks", "week" => "weeks",
        "months" => "months", "month" => "months", "years" => "years", "year" => "years", "°c" => "°C", "°" => "degrees", "degrees" => "degrees",
        "degree" => "degrees", "kwh" => "kWh", "kw" => "kW", "w" => "W", "mb" => "MB", "gb" => "GB", "ha" => "ha", "hectares" => "hectares",
        "acres" => "acres", "times" => "times", "feet" => "feet", "ft" => "feet", "inches" => "inches", "pence" => "pence", "p" => "pence"
      }.freeze
      AFTER = /\A(?: ?(%|°C|°)|[ -]?(per cent|[[:alpha:]°]+))/

      module_function

      # What is counted or measured, from the words that follow a number.
      # @param rest [String] text after the number
      # @param value [Numeric]
      # @return [String] a unit, a counted noun in the plural, or ""
      def after(rest, value)
        return "%" if rest.match?(/\A\s?%/)

        match = rest.match(AFTER)
        return "" unless match

        word = (match[1] || match[2]).downcase
        measure = MEASURES[word]
        return measure if measure && !(word.length == 1 && rest.match?(/\A-/))
        return CURRENCIES[word] if CURRENCIES[word]

        noun(rest, value)
      end

      # The counted noun: the first plural before a stop word; "one" counts a singular.
      def noun(rest, value)
        words = rest.sub(/\A-/, " ")[/\A(?:\s+(?:of (?:the|our|them|all)\s+)?[[:alpha:]'’-]+){1,5}/].to_s.split
        words = words.drop_while { |w| %w[of the our more other new extra different further small large big].include?(w.downcase) }
        run = words.take_while { |w| !Words::STOP.include?(w.downcase) && !(w.match?(/\A[A-Z]/) && !w.match?(/day?s\z/)) }.first(4)
        plural = run.find { |w| Words.plural?(w) }
        return plural.downcase if plural
        return "" if run.empty?

        value == 1 ? Words.plural(run.first.downcase) : ""
      end
    end
  end
end
