# frozen_string_literal: true

require "date"

module Peony
  module Tables
    # Days, months, quarters and years as they are written in cells.
    module Calendar
      # +kind+ is "date", "month", "quarter" or "year"; +key+ is what it is called in files: 2025-03-03, 2025-03, 2025-Q1, 2025.
      Period = Struct.new(:kind, :from, :key) do
        # @return [String] as a reader says it: "3 March 2025"
        def text = Calendar.text(self)
        def <=>(other) = from <=> other.from
      end

      NAMES = {
        1 => %w[january januar jänner janvier enero gennaio jan], 2 => %w[february februar februari feber février febrero febbraio feb fév],
        3 => %w[march märz mars marzo mar mär mrz], 4 => %w[april avril abril aprile apr avr], 5 => %w[may mai mayo maggio mei],
        6 => %w[june juni juin junio giugno jun], 7 => %w[july juli juillet julio luglio jul], 8 => %w[august août agosto aug aoû],
        9 => %w[september septembre septiembre settembre sept sep], 10 => %w[october oktober octobre octubre ottobre oct okt],
        11 => %w[november novembre noviembre nov], 12 => %w[december dezember décembre diciembre dicembre dec dez déc]
      }.flat_map { |n, names| names.map { |name| [name, n] } }.to_h.freeze
      NAME = /(?:#{NAMES.keys.sort_by { |k| -k.size }.join('|')})\.?/i
      YEAR = /(?:1[5-9]|20)\d\d/
      WEEKDAY = /(?:(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?|mo|di|mi|do|fr|sa|so)\.?,?\s+/i
      CLOCK = /(?:[T ]\d{1,2}:\d\d(?::\d\d)?(?:\.\d+)?(?:Z|[+-]\d\d:?\d\d)?)?/
      ISO = /\A[12]\d{3}-[01]\d-[0-3]\d\z/
      MONTHS = Date::MONTHNAMES

      module_function

      # @param text [String]
      # @param american [Boolean] whether 3/4/2025 is the 4th of March
      # @return [Period, nil]
      def read(text, american: false)
        return Period.new("date", Date.new(text[0, 4].to_i, text[5, 2].to_i, text[8, 2].to_i), text) if text.size == 10 && text.getbyte(4) == 45 && text.match?(ISO)

        words = text.strip.sub(/\A#{WEEKDAY}/o, "")
        return nil unless words.size.between?(2, 40) && (words.match?(/\d/) || NAMES.key?(words.downcase.delete(".")))

        day(words, american) || month(words) || quarter(words) || week(words) || (words.match?(/\A#{YEAR}\z/o) ? year(words.to_i) : nil)
      rescue Date::Error
        nil
      end

      # A month without a year is kept by its number, which in a cell would be none.
      # @param key [String] of a period, as {read} made it
      # @return [Period, nil]
      def of_key(key) = key.match?(/\A(?:0[1-9]|1[0-2])\z/) ? month(MONTHS[key.to_i]) : read(key)

      # "September", "October" ... "January": months without a year that go on over the new one are of two years, of which neither is told.
      # @param periods [Array<Period, nil>] in the order of the rows
      # @return [Array<Period, nil>]
      def in_turn(periods)
        known = periods.compact
        return periods unless known.size > 1 && known.all? { |p| p.kind == "month" && !told?(p.from) } && known.map(&:key).uniq.size == known.size

        falls = known.each_cons(2).select { |a, b| b.from < a.from }
        return periods unless falls.one? && known.last.from < known.first.from

        at = periods.index(falls.first.last)
        periods.each_with_index.map { |p, i| p && i >= at ? Period.new(p.kind, p.from >> 12, p.key) : p }
      end

      # @return [Boolean] whether the year of a day was told; years of our time have four digits
      def told?(date) = date.year > 99

      # Days by pattern: from the parts that match to year, month and day.
      DAYS = {
        %r{\A(#{YEAR})[-/.](\d{1,2})[-/.](\d{1,2})#{CLOCK}\z} => ->(y, m, d) { [y, m, d] },
        /\A(20\d\d)([01]\d)([0-3]\d)\z/ => ->(y, m, d) { [y, m, d] },
        %r{\A(\d{1,2})([./-])\s?(\d{1,2})\2\s?(#{YEAR}|\d\d)#{CLOCK}\z} => ->(d, _, m, y) { [y, m, d] },
        /\A(\d{1,2})(?:st|nd|rd|th|\.)?[\s-](?:of )?(#{NAME}),?[\s-](#{YEAR}|\d\d)#{CLOCK}\z/i => ->(d, m, y) { [y, m, d] },
        /\A(#{NAME})\s(\d{1,2})(?:st|nd|rd|th)?,?\s(#{YEAR})#{CLOCK}\z/i => ->(m, d, y) { [y, m, d] }
      }.freeze

      MONTHLY = {
        %r{\A(#{NAME})[\s\-/,']+(#{YEAR}|\d\d)\z}i => ->(m, y) { [y, m] },
        /\A(#{YEAR})[\s-](#{NAME})\z/i => ->(y, m) { [y, m] },
        %r{\A(#{YEAR})[-/.](\d{1,2})\z} => ->(y, m) { [y, m] },
        %r{\A(\d{1,2})[/.-](#{YEAR})\z} => ->(m, y) { [y, m] },
        /\A(#{YEAR})M(\d\d)\z/ => ->(y, m) { [y, m] }
      }.freeze
      AMERICAN = %r{\A\d{1,2}/\d{1,2}/}

      def day(words, american)
        DAYS.each do |pattern, order|
          match = pattern.match(words) or next
          year, month, day = order.call(*match.captures)
          month, day = day, month if american && AMERICAN.match?(words)
          return date(full(year), number(month), day.to_i)
        end
        nil
      end

      def month(words)
        return Period.new("month", Date.new(1, number(words), 1), format("%02d", number(words))) if NAMES.key?(words.downcase.delete("."))

        pattern, order = MONTHLY.find { |known, _| known.match?(words) }
        pattern && months(*order.call(*pattern.match(words).captures).then { |y, m| [full(y), number(m)] })
      end

      def quarter(words)
        found = words.match(%r{\AQ([1-4])[\s/'-]*(#{YEAR})\z}io) || words.match(%r{\A([1-4])\.?\s?(?:Q|Quartal|quarter)[\s/'-]*(#{YEAR})\z}io)
        year, part = found ? [found[2], found[1]] : words.match(%r{\A(#{YEAR})[\s/-]?Q([1-4])\z}io)&.captures
        year && Period.new("quarter", Date.new(year.to_i, (part.to_i * 3) - 2, 1), "#{year}-Q#{part}")
      end

      # A week is named by its Monday.
      def week(words)
        found = words.match(/\A(#{YEAR})[\s-]?(?:W|KW|week )\s?(\d{1,2})\z/io)
        found && Date.commercial(found[1].to_i, found[2].to_i, 1).then { |d| date(d.year, d.month, d.day) }
      end

      def year(number) = Period.new("year", Date.new(number, 1, 1), number.to_s)

      def date(year, month, day)
        found = Date.new(year, month, day)
        Period.new("date", found, found.iso8601)
      end

      def months(year, month) = Period.new("month", Date.new(year, month, 1), format("%<y>d-%<m>02d", y: year, m: month))
      # @param name [String] of a month, or its number
      def number(name) = NAMES[name.downcase.delete(".")] || name.to_i

      def full(year)
        if year.size == 2
          (year.to_i < 70 ? 2000 : 1900) + year.to_i
        else
          year.to_i
        end
      end

      # Whether some day of a column can only be read with the month first.
      # @param texts [Array<String>]
      def american?(texts)
        pairs = texts.filter_map { |t| t.match(%r{\A\s*(\d{1,2})/(\d{1,2})/})&.captures&.map(&:to_i) }
        pairs.any? { |_, second| second > 12 } && pairs.none? { |first, _| first > 12 }
      end

      def text(period)
        from = period.from
        case period.kind
        when "date" then "#{from.day}\u00A0#{MONTHS[from.month]}\u00A0#{from.year}"
        when "month" then told?(from) ? "#{MONTHS[from.month]}\u00A0#{from.year}" : MONTHS[from.month]
        when "quarter" then "quarter\u00A0#{((from.month - 1) / 3) + 1} of\u00A0#{from.year}"
        else from.year.to_s
        end
      end
    end
  end
end
