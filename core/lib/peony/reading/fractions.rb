# frozen_string_literal: true

module Peony
  module Reading
    # Parts of a whole in words: "a third of the guests", "half came", "three quarters of an hour".
    module Fractions
      FRACTION = /\b(?:(a|an|one|two|three|four|five|seven|nine|another|the (?:remaining|other|last|final))[ -](?:(?:good|bare|full|mere|last|further) )?)?(half|halves|thirds?|quarters?|fifths?|sixths?|eighths?|tenths?|twelfths?|twentieths?)\b/i
      # Where none of these stands, there is no fraction.
      PARTS = /(?:hal[fv]|third|quarter|fifth|sixth|eighth|tenth|twelfth|twentieth)/i
      # "half of them", "half the guests", "half came": a share; "half plots": a kind of plot.
      HALF_OF = /\A\s*(?:[.,;:)–—]|\z|(?:price|fare|pay|speed|of|the|a|an|our|their|its|your|my|his|her|all|as|were|are|came|come|had|have|was|is|said|say|did|do|now|will|would|can|walk|live|work|use|like|prefer|want|take|go|think|drive|cycle|eat|buy|read|know|need|speak|stay|arrive|play|keep)\b)/i
      # "A half plot", "a half loaf": a kind of plot, a kind of loaf.
      KIND = /\A (?!of\b|the\b|as\b|(?:an?|their|our|its|your|my|his|her|all|were|are|was|is|came|come|had|have|said|did|do|will|would|can|could|hour|hours|mile|miles|day|year)\b)[[:lower:]]{3,}/
      # "Half an hour", "a quarter of a litre": so much, and no share.
      PART_OF = /\A\s+(?:(?:of )?(?:an?\s+)?(?<time>hour|mile|day|year|turn)\b|(?:of )?an?\s+(?<measure>cup|teaspoon|tablespoon|litre|kilo|kilometre|metre|tonne|ton|hectare|acre|pint|minute|week|month)\b)/i

      module_function

      # @param text [Reading::Text]
      # @param taken [Array<Boolean>] for each character whether another number has it
      # @yieldparam match [MatchData]
      # @yieldparam value [Numeric] in per cent, or of the measure that stands behind it
      # @yieldparam unit [String]
      # @yieldparam more [Integer] how many characters behind the match belong to it
      def each(text, taken)
        string = text.string
        return unless string.match?(PARTS)

        Quantities.each_match(string, FRACTION, taken) do |m|
          before = string[[0, m.begin(0) - 10].max...m.begin(0)]
          after = string[m.end(0), 20].to_s
          part = Numbers::PARTS.fetch(m[2].downcase)
          next if third_of_them?(string, m) || no_fraction?(text, m, before, after)

          count = m[1].nil? || m[1].match?(/\A(?:an?|another|the .+)\z/i) ? 1 : Numbers.spelled(m[1])
          measured = after.match(PART_OF)
          next yield(m, (100.0 * count / part).round(1), "%", 0) unless measured

          word = measured.captures.compact.first.downcase
          yield m, (count.to_f / part).round(2), Units::MEASURES[word] || Units.plural_of(word), measured.end(0)
        end
      end

      # "Two weddings were held indoors. A third was held in the lido."
      def third_of_them?(string, match)
        # "I got a third!"
        return true if match[0].match?(/\Aa third\z/i) && string[[0, match.begin(0) - 8].max...match.begin(0)].match?(/\b(?:got|won|took) \z/) && string[match.end(0), 1].to_s.match?(/\A[.!;]?\z/)
        return false unless match[0].match?(/\Aa third\z/i) && string[match.end(0), 8].match?(/\A (?:was|is|has|had|stood|came|went)\b/)

        string[[0, match.begin(0) - 90].max...match.begin(0)].match?(/\b(?:two|second|another|the other)\b/i)
      end

      # "A third way was mentioned", "the council will want to see a third year"
      def third_way?(text, match)
        return true if match[0].match?(/\Aa (?!quarter|half)/i) && text.string[match.end(0), 6].match?(/\A (?:year|day)\b/)

        match[0].match?(/\Aa third\z/i) && text.tokens_after(match.end(0), 2).then { |one, two| one&.tag == "nn" && two&.finite? }
      end

      # "Half past two", "a third time", "half a dozen": no share.
      def no_fraction?(text, match, before, after)
        return true if third_way?(text, match)
        # "The two halves of the choir"
        return true if match[0].match?(/\Atwo[ -]halves\z/i)
        return true if after.match?(/\A\s+past\b|\A-|\A\s+(?:time|term|moon|of the year)\b/i) || (before.match?(/\b(?:first|last|third|fourth|second|this|next|the)\s\z/i) && !match[1])
        return true if match[1].nil? && !(match[2].match?(/half/i) && (after.match?(HALF_OF) || half_does?(text, match, before)))
        return true if match[1].to_s.match?(/\Aa\z/i) && match[2].match?(/half/i) && (before.match?(/\band \z/) || after.match?(KIND))

        match[1].to_s.match?(/\A(?:a|an)\z/i) && match[2].match?(/quarter/i) && after.match?(/\A\s+(?:to|past)\b/i)
      end

      # "Half goes to the bell fund, half pays for the roof": what leads a statement and does something is a share.
      def half_does?(text, match, before) = before.match?(/(?:\A|[.!?;:,]\s|\band\s)\z/) && text.tokens_after(match.end(0), 1).first&.finite?
    end
  end
end
