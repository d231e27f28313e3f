# frozen_string_literal: true

module Peony
  module Notes
    # Rows of two cells without heads, as they come from a sheet: "members | 640", "640 | members", "4–8 May | talks with the classes". Their first row is like the others.
    module Headless
      YEAR = /\A(?:1\d|20)\d\d\z/
      LABEL = /[[:alpha:]]|#{YEAR}/
      WORDS = /\A[[:alpha:]]/
      # A date, a number, or the name of a month or a day.
      WHEN = /\d|\A(?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec|Mon|Tue|Wed|Thu|Fri|Sat|Sun)[a-z]*\b/
      # Without the year that heads a column of amounts.
      AMOUNT = /(?!#{YEAR})#{TextTable::NUMBER}/

      # What both cells of all rows must be, and what joins them.
      KINDS = [[AMOUNT, AMOUNT, " / "], [LABEL, TextTable::NUMBER, ": "], [TextTable::NUMBER, WORDS, " "], [WHEN, /[[:alpha:]]{3}/, ": "]].freeze

      module_function

      # @param rows [Array<Array<String>>]
      # @return [Array<String>, nil] each row as an entry
      def entries(rows)
        return nil if rows.any? { |row| row.size != 2 || row.any?(&:empty?) } || under_year?(rows)

        plain = rows.map { |label, value| [label.sub(Text::BULLET, ""), value] }
        _, _, mark = KINDS.find { |one, other, _| plain.all? { |a, b| a.match?(one) && b.match?(other) } }
        plain.map { |row| row.join(mark) } if mark
      end

      # "Item | 2024" above amounts
      def under_year?(rows) = rows.first.last.match?(YEAR) && rows.drop(1).none? { |_, value| value.match?(YEAR) }
    end
  end
end
