# frozen_string_literal: true

module Peony
  module Reading
    # Units of measure, currencies and counted nouns.
    module Units
      CURRENCIES = { "£" => "GBP", "€" => "EUR", "$" => "USD", "pounds" => "GBP", "pound" => "GBP", "quid" => "GBP", "euros" => "EUR", "euro" => "EUR",
                     "dollars" => "USD", "dollar" => "USD", "gbp" => "GBP", "eur" => "EUR", "usd" => "USD" }.freeze
      MEASURES = {
        "%" => "%", "percent" => "%", "per cent" => "%", "km" => "km", "kilometres" => "km", "kilometre" => "km", "m" => "m", "metres" => "metres",
        "metre" => "metres", "cm" => "cm", "centimetres" => "cm", "centimetre" => "cm", "mm" => "mm", "millimetres" => "mm", "miles" => "miles", "mile" => "miles", "kg" => "kg", "kilos" => "kg",
        "kilo" => "kg", "kilograms" => "kg", "g" => "g", "grams" => "grams", "gram" => "grams", "mg" => "mg", "t" => "t", "tonnes" => "tonnes", "tonne" => "tonnes",
        "tons" => "tons", "ton" => "tons", "l" => "litres", "litres" => "litres", "litre" => "litres", "ml" => "ml", "min" => "minutes", "mins" => "minutes",
        "minutes" => "minutes", "minute" => "minutes", "h" => "hours", "hr" => "hours", "hrs" => "hours", "hours" => "hours", "hour" => "hours",
        "s" => "seconds", "sec" => "seconds", "secs" => "seconds", "seconds" => "seconds", "second" => "seconds", "days" => "days", "day" => "days",
        "weeks" => "weeks", "week" => "weeks", "fortnights" => "fortnights", "fortnight" => "fortnights",
        "months" => "months", "month" => "months", "years" => "years", "year" => "years", "decades" => "decades", "°c" => "°C", "°f" => "°F", "°" => "degrees", "degrees" => "degrees",
        "degree" => "degrees", "kwh" => "kWh", "mwh" => "MWh", "kw" => "kW", "mw" => "MW", "w" => "W", "watts" => "watts", "watt" => "watts", "mb" => "MB", "gb" => "GB", "tb" => "TB",
        "ha" => "ha", "hectares" => "hectares", "hectare" => "hectares",
        "acres" => "acres", "acre" => "acres", "times" => "times", "feet" => "feet", "foot" => "feet", "ft" => "feet", "inches" => "inches", "inch" => "inches", "yards" => "yards",
        "pence" => "pence", "p" => "pence", "cents" => "cents", "cent" => "cents", "pints" => "pints", "pint" => "pints",
        "cup" => "cups", "cups" => "cups", "teaspoon" => "teaspoons", "tsp" => "teaspoons", "tablespoon" => "tablespoons", "tbsp" => "tablespoons",
        "knots" => "knots", "knot" => "knots", "mph" => "mph", "km/h" => "km/h", "kmh" => "km/h", "kph" => "km/h",
        "pct" => "%", "hundredths" => "%", "m2" => "m²", "m3" => "m³", "sqm" => "m²", "m/s" => "m/s", "m²" => "m²", "m³" => "m³", "points" => "points",
        "nm" => "Nm", "db" => "dB", "hz" => "Hz", "hertz" => "hertz", "decibels" => "decibels", "lux" => "lux",
        "kilowatt" => "kW", "kilowatts" => "kW", "kilowatt hour" => "kWh", "kilowatt hours" => "kWh",
        "megawatt hour" => "MWh", "megawatt hours" => "MWh", "megawatt-hours" => "MWh", "kilowatt-hours" => "kWh",
        "kilometres an hour" => "km/h", "kilometres per hour" => "km/h", "km an hour" => "km/h", "km per hour" => "km/h", "miles an hour" => "mph", "miles per hour" => "mph",
        # "Square metres", "a cubic foot"
        **%w[metre kilometre centimetre mile yard foot inch].product(%w[square cubic]).each_with_object({}) do |(length, power), all|
          plural = { "foot" => "feet", "inch" => "inches" }.fetch(length, "#{length}s")
          [length, plural].each { |word| all["#{power} #{word}"] = "#{power} #{plural}" }
        end
      }.freeze
      AFTER = %r{\A(?: ?([£€$](?! ?\d)|%|°C|°F|°|km/h|m/s|m²|m³|m[23](?!\d))|[ -]?(per cent|(?:square|cubic) [[:lower:]]+|[km]\p{L}+watt.hours?|(?:k\p{L}+|miles) (?:an|per) hour|[[:alpha:]°]+))}
      PLURALS = { "person" => "people", "child" => "children", "man" => "men", "woman" => "women", "foot" => "feet", "tooth" => "teeth", "mouse" => "mice", "goose" => "geese" }.freeze
      # Words between a number and what it counts.
      BETWEEN = %w[jj jjr jjs nn nnp vbg pos cd].freeze
      # What those who were counted did, not what is counted: in -s and hardly ever things, or said of people who were asked.
      VERBS = %w[says wakes opens closes needs remains knows wants likes thinks reads uses lives works walks speaks sleeps eats drinks weighs rises means pays goes gets makes takes gives comes
                 brings keeps sits stands stays wanted preferred liked chose asked needed bought visited picked named mentioned thought took voted].freeze
      # "Eleven left umbrellas", "three stolen bicycles"
      BROKEN = /ed\z|\A(?:lost|broken|stolen|torn|frozen|left|forgotten|found)\z/
      # What one of them did, and no thing.
      DID = %w[won went came left stayed died drowned vanished returned spoke sang wept cried laughed married moved].freeze
      BORE = %w[bore gave took got had met ate drank grew kept sang wrote spoke drove rode made saw came went became began brought knew].freeze
      OF_KIND = /\A of (?!(?:the|them|us|our|these|those|whom|which|my|his|her|their|its|your|every|all|each|you|it|that|this|what)\b)[[:lower:]]+\b/
      SHORT = { "metres" => "m", "grams" => "g" }.freeze

      # Not "three pounds twenty people gave".
      HUNDREDTHS = /\A (?:pounds?|euros?|quid|dollars?|crowns?|francs?|metres?) (#{(Numbers::ONES.keys.drop(10) + Numbers::TENS.keys).join('|')})(?:-(#{Numbers::WORD}))?\b(?! ?[[:lower:]]+s\b| (?:per|people|men|women|children)\b)/i

      # "14 metres 20", "3 euros 50"
      IN_DIGITS = /\A (?:metres?|pounds?|euros?|crowns?) ([1-9]\d)(?= (?:before|after|when|until|from|long|high|wide|deep)\b)/

      module_function

      # What is counted or measured, from the words that follow a number.
      # @param rest [String] text after the number
      # @param value [Numeric]
      # @param tokens [Array<Tokens::Token>] the words after the number
      # @return [String] a unit, a counted noun in the plural, or ""
      def after(rest, value, tokens)
        return "%" if rest.match?(/\A\s?(?:%|per ?cent\b)/)

        # "It took two of us to lift it."
        return "people" if rest.match?(/\A of (?:us|you)\b/)
        # "28 kg of bottles. There were nine of shoes": of what was measured before.
        return "" if rest.match?(OF_KIND)

        word = rest.match(AFTER)&.then { |match| match[1] || match[2] } or return ""
        tokens = in_line(rest, tokens)
        measure(word, rest, value, tokens) || CURRENCIES[word.downcase] || noun(rest, value, tokens)
      end

      # "One ghost", and in the next line "carpenters"
      def in_line(rest, tokens)
        line = rest.index("\n")
        line && tokens.any? ? tokens.take_while { |t| t.from - tokens.first.from < line } : tokens
      end

      def measure(word, rest, value, tokens)
        # "90 W, 300 W"
        return nil if word.match?(/\A[A-KM-Z]\z/) && !rest.match?(/\A ?W(?:[,.;)]|\s*\z|\n)/)
        # "3,000 day tickets" are tickets.
        return nil if value > 1 && tokens[1] && word.match?(/\A(?:day|week|month|year|hour|minute)\z/i) && tokens[0].low == word.downcase && tokens[1].tag == "nns"

        MEASURES[word.downcase] unless word.length == 1 && rest.match?(/\A(?:-| [a-z]['’])/)
      end

      # The counted noun: the first plural noun of the phrase that follows; "one" counts a singular.
      def noun(rest, value, tokens)
        return "" if rest.match?(/\A\s*[,.;:)!?–—]/)

        first = tokens.first
        # "88 bore tomatoes"
        return "" if value != 1 && first && BORE.include?(first.low)
        # "0 lives lost", "six lives and two boats"
        return first.low if first&.low == "lives" && rest.match?(/\A lives(?: (?:lost|saved|and)\b|[,.;]|\z)/)
        # "Anyone over seventy pays half": who pays is not told.
        return "" if first && VERBS.include?(first.low)
        return first.low if value != 1 && first && first.tag == "vbz" && Words.plural?(first.low) && !Words::STOP.include?(first.low)

        head(phrase(tokens), value)
      end

      # @param run [Array<Tokens::Token>] a noun phrase
      def head(run, value)
        # "1 trap 40 leaves": the words up to the next number.
        run = run.take_while { |t| t.tag != "cd" }
        # "90 toads' eggs"
        plural = run.each_cons(2).find { |t, following| plural?(t) && following.tag != "pos" }&.first || (run.last if run.any? && plural?(run.last))
        # "One police sergeant"
        return (value == 1 && plural.equal?(run.first) && does?(plural) ? "" : plural.low) if plural && !(value == 1 && run.last.tag == "nn")

        # "0 sleep", "0 waste": of what has no plural.
        return run.last.low if value.zero? && run.one? && run.last.tag == "nn"

        value == 1 ? single(run) : ""
      end

      # "One burns wood": what one of them does.
      def does?(token) = Tokens.deed?(token.low) && !measure?(token.low)

      # "One police sergeant", "one child | wanted nothing", but not "one won"
      def single(run)
        ends = run.each_cons(3).find_index { |noun, deed, _| noun.tag == "nn" && deed.tag.start_with?("vb") }
        run = run.first(ends + 1) if ends
        singular = run.reverse.find { |t| t.tag == "nn" }
        singular && !(run.one? && DID.include?(singular.low)) ? plural_of(singular.low) : ""
      end

      # "One | very | good coat"
      def without_degree(tokens) = tokens.first&.low&.match?(/\A(?:very|rather|quite)\z/) ? tokens.drop(1) : tokens

      # The noun phrase after a number: "new school desks", "of our older lamps".
      def phrase(tokens)
        tokens = without_degree(tokens)
        tokens = tokens.drop_while { |t| %w[of the our those these more other new extra different further such].include?(t.low) } if tokens.first && %w[of more other].include?(tokens.first.low)
        tokens.first(6).take_while do |t|
          next false if Words::STOP.include?(t.low) || %w[, ; : . ( )].include?(t.text)

          t.tag == "nns" || plural?(t) || BETWEEN.include?(t.tag) || (%w[vbn vbd].include?(t.tag) && t.low.match?(BROKEN)) || t.text.include?("-")
        end
      end

      def plural?(token)
        return false if token.text.match?(/\A[A-Z]/) && !token.low.match?(/days\z/) && token.tag != "nns"

        Words.plural?(token.low) && !%w[vbz in det prp prps rb md].include?(token.tag)
      end

      # "Three pounds fifty", "one metre thirty": hundredths that are said behind the unit.
      # @param rest [String] the words behind the number
      # @return [Array(Integer, Integer), nil] how many characters they are, with the unit, and how many hundredths
      def hundredths(rest)
        match = rest.match(IN_DIGITS)
        return [match.end(0), match[1].to_i] if match

        match = rest.match(HUNDREDTHS)
        match && [match.end(0), Numbers.spelled([match[1], match[2]].compact.join("-"))]
      end

      # @return [String]
      def plural_of(word) = PLURALS[word] || (word.match?(/[a-z]{3}man\z/) && !word.match?(/(?:hu|ger|ro|cay)man\z/) ? word.sub(/man\z/, "men") : Words.plural(word))

      # @return [Boolean] whether a word is a measure, in full or short
      def measure?(word) = MEASURES.key?(word) || MEASURES.value?(word)

      # @return [Boolean] whether the unit counts things, not amounts
      def counted?(unit) = unit != "" && !money?(unit) && !MEASURES.value?(unit)

      # @return [String] money and measures by their unit; all that is counted is of one kind
      def kind(unit) = money?(unit) || MEASURES.value?(unit) ? unit : "counted"

      # On these scales zero is chosen, and nothing on them is so many per cent more: 23 °C is not 28 % warmer than 18 °C.
      NO_ZERO = %w[°C °F degrees pH].freeze

      # @return [Boolean] whether one amount can be so many times another
      def ratio?(unit) = !NO_ZERO.include?(unit)

      # @return [Boolean] whether the unit is a currency: three capital letters, as ISO 4217 has them
      def money?(unit) = unit.match?(/\A[A-Z]{3}\z/)
    end
  end
end
