# frozen_string_literal: true

module Peony
  module Reading
    # The unit of a number in a row, told by the heading above the rows or by the head of its column. Part of {HandedOn}.
    module HandedColumns
      COUNTED_ABOVE = /\A(?:the |our )?(?:[[:alpha:]]+ )?([[:alpha:]]{3,}s)(?: (?:in|on|by|per) [[:alpha:] ]{3,20})?\z/i

      # What is told by these is measured, or told in money, and not counted.
      MEASURED = /\A(?:prices|costs|fees|fares|rates|wages|salaries|earnings|spendings|savings|expenses|temperatures|lengths|heights|widths|depths|weights|distances|ages|sizes|speeds|odds|details|times|hours|dates|terms|contacts)\z/

      # "Tram posters: Contacts 210,000, Bottles sold 1,900": the head of the column, right before its number.
      COLUMN = /[:,]\s+([[:upper:]][[:lower:]]+(?: [[:lower:]]+){0,4})\s\z/

      private

      # @return [String, nil] what the number behind a label measures or counts, "" for nothing that is told
      def by_head(label)
        return counted_above if counted_above && label.match?(/\A[^:\d]+:\s*\z/)

        # "Energy, kWh: 96", "Firing (hours): 14"
        measure = label[%r{\A[^:]*[,(]\s*(?:in )?([[:alpha:]%€£$²³/]+)\)?:}, 1]
        unit = measure && (Units::MEASURES[measure.downcase] || Units::CURRENCIES[measure.downcase])
        return unit if unit

        head = label[COLUMN, 1] if text.table?
        # "Bottles sold 1,900" counts bottles; what is "Spent 2,400" is no order.
        (plural_in(head.downcase) if head&.include?(" ")) || headed(label) || ("" if head && head.split.none? { |word| Words.plural?(word) })
      end

      # "10 cm: 3", "18° 40": what stands behind the colon, or bare behind a measure, is measured otherwise.
      def behind_colon?(last, entry, label) = last.from >= entry.span.from && label.match?(/\A#{Regexp.escape(last.text)}(?:[^:\d]{0,12}:)?\s*\z/)

      # "Boxes", and below it "Accounts: 84": the heading says what is counted.
      def counted_above
        return @counted_above unless @counted_above.nil?

        word = text.passage.heading.to_s[COUNTED_ABOVE, 1].to_s.downcase
        @counted_above = Words.plural?(word) && !HandedOn::VAGUE.include?(word) && !word.match?(MEASURED) ? word : false
      end

      # "Films: Euros 42,000", "Ternby: Visitors 310": what the head of a column says right before the number.
      def headed(label)
        word = label[%r{[:,]\s+(?:[[:alpha:]]+ )?\(?([[:alpha:]%€£$²³/]+)\)?:?\s\z}, 1] or return nil
        Units::CURRENCIES[word.downcase] || Units::MEASURES[word.downcase] || (word.downcase if Words.plural?(word.downcase) && word.match?(/\A[[:alpha:]]{3,}\z/))
      end
    end
  end
end
