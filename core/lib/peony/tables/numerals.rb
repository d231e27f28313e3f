# frozen_string_literal: true

module Peony
  module Tables
    # Numbers as people write them in cells: thousands marks, decimal comma or point, currency and percent signs, brackets for minus.
    module Numerals
      CURRENCIES = { "£" => "GBP", "€" => "EUR", "$" => "USD", "¥" => "JPY", "₹" => "INR", "CHF" => "CHF", "EUR" => "EUR", "GBP" => "GBP", "USD" => "USD", "Fr." => "CHF",
                     "kr" => "SEK", "zł" => "PLN", "Kč" => "CZK" }.freeze
      CURRENCY = Regexp.union(CURRENCIES.keys)
      SIGNED = /\A[£€$]?\d{1,3}(?:(?:,\d{3})*|\d*)(?:\.\d+)?%?\z/
      WRITTEN = %r{\A(?<open>\()?(?<sign>[-+−–])?\s?(?:(?<before>#{CURRENCY})\s?)?(?<minus>[-−])?(?<digits>\d[\d.,'’\u00A0\u202F\u2009 ]*|[.,]\d+)(?:\s?(?<many>k|bn|Mio\.?|tsd\.?)(?![[:alpha:]]))?\s?(?:(?<after>%|#{CURRENCY})|(?<unit>[[:alpha:]°µ²³/]{1,12}))?(?<close>\))?\z}
      MANY = { "k" => 1e3, "bn" => 1e9, "mio" => 1e6, "tsd" => 1e3 }.freeze
      EMPTY = %r{\A(?:|[-–—.?*…]+|n\.?/?a\.?|n\.?d\.?|nil|null|none|missing|unknown|#N/A|#DIV/0!|#REF!|#VALUE!|k\.?\s?A\.?)\z}i

      # What may begin such a cell, behind a line end; written out in both cases, for so it is found many times quicker.
      BLANK = %r{\n(?:[-–—.?*…#\n]|[nN](?:\.?/?[adAD]|[iI]?[uU]?[lL]|[oO][nN][eE])|[mM][iI][sS]|[uU][nN][kK]|[kK]\.?\s?[aA])}

      # +mark+ is "." or ",", what parts the whole from the fraction.
      Number = Struct.new(:value, :currency, :percent, :unit, :decimals, keyword_init: true)

      module_function

      # @param text [String]
      # @param mark [String]
      # @return [Number, nil]
      def read(text, mark = ".")
        match = WRITTEN.match(text)
        return nil if match.nil? || (match[:open].nil? != match[:close].nil?)

        whole, fraction = parts(match[:digits].strip, mark)
        return nil unless whole

        value = "#{whole}.#{fraction || 0}".to_f * MANY.fetch(match[:many].to_s.downcase.delete("."), 1)
        # "£3m" is three million pounds, "3 m" three metres.
        millions = match[:unit] == "m" && match[:before]
        value *= 1e6 if millions
        value = -value if match[:open] || match[:minus] || match[:sign]&.match?(/[-−–]/)
        Number.new(value: value, currency: CURRENCIES[match[:before] || match[:after]], percent: match[:after] == "%", unit: millions ? nil : match[:unit], decimals: fraction.to_s.size)
      end

      # @return [Float, nil] the value alone, by the quick way where it is written plainly
      def value(text, mark)
        return read(text, mark)&.value unless mark == "."

        quick = Float(text, exception: false)
        return quick if quick && !text.match?(/[_xe]/i)

        SIGNED.match?(text) ? text.delete("£€$%,").to_f : read(text, mark)&.value
      end

      # A column in which every cell that is not empty is written plainly, joined by line ends.
      PLAIN = /\A(?:[-+]?[£€$]?\d{1,3}(?:(?:,\d{3})*|\d*)(?:\.\d+)?%?\n|\n)*\z/

      # @param texts [Array<String>]
      # @param mark [String]
      # @param whole [String] the same cells, each ended with a line end
      # @return [Array<Float, nil>] their values; the quick way where the whole column is written plainly
      def column(texts, mark, whole = lines(texts))
        return texts.map { |text| value(text, mark) } unless mark == "." && whole.count("\n") == texts.size

        bare = digits(whole, texts.size) || (whole.delete("£€$%,") if whole.match?(PLAIN))
        return texts.map { |text| value(text, mark) } unless bare

        cells = bare.equal?(whole) ? texts : bare.split("\n", -1).tap(&:pop)
        cells.map { |cell| cell.empty? ? nil : cell.to_f }
      end

      # @return [String] the cells of a column one below the other, each ended with a line end
      def lines(texts) = "#{texts.join("\n")}\n"

      # Where a column holds nothing but digits and points (behind one currency sign each), that is told without looking at every cell by itself.
      # @param whole [String] the cells, each ended with a line end
      # @param count [Integer] how many
      # @return [String, nil] the cells without the sign
      def digits(whole, count)
        sign = whole[0] if "£€$".include?(whole[0].to_s)
        whole = whole.delete(sign) if sign && whole.count(sign) == count && !whole.match?(/[^\n]#{Regexp.escape(sign)}/)
        return nil unless whole.ascii_only? && whole.count("0-9.\n") == whole.size
        return whole unless whole.include?(".")

        whole unless whole.start_with?(".") || whole.include?("\n.") || whole.include?(".\n") || whole.match?(/\.\d*\./)
      end

      def empty?(text) = text.nil? || text.empty? || (text.size < 12 && EMPTY.match?(text))

      # @param whole [String] the cells of a column, each ended with a line end
      # @return [Boolean] whether some may stand for nothing
      def blanks?(whole) = "\n#{whole}".match?(BLANK)

      def parts(digits, mark)
        whole, fraction, more = digits.split(mark, 3)
        return nil if more || (fraction && !fraction.match?(/\A\d*\z/))

        groups = whole.split(/[.,'’\s\u00A0\u202F\u2009]/)
        return nil if groups.size > 1 && (groups.drop(1).any? { |g| g.size != 3 } || groups.first.size > 3)

        [groups.empty? ? "0" : groups.join, fraction]
      end

      # What the cells of a table say of the decimal mark. A point or comma before just three digits says nothing by itself.
      # @param texts [Array<String>]
      # @param otherwise [String]
      # @return [String] "." or ","
      def mark_of(texts, otherwise = ".")
        votes = texts.filter_map do |text|
          found = text.scan(/[.,]/)
          next if found.empty? || !text.match?(/\d/)
          next text[/[.,](?=[^.,]*\z)/] if found.uniq.size == 2
          next found.first == "." ? "," : "." if found.size > 1

          text.match?(/[.,]\d{3}(?!\d)/) && !text.match?(/(?<!\d)0[.,]/) ? nil : found.first
        end
        votes.empty? ? otherwise : votes.tally.max_by(&:last).first
      end

      # "1.240" over "620": in no column do some numbers have just three decimals and the others none.
      # @param texts [Array<String>] cells of one column, of a table whose decimal mark nothing tells
      # @return [Boolean] whether its points part thousands
      def thousands?(texts)
        dotted, bare = texts.filter_map { |text| text[/\d[\d.,]*/] }.partition { |digits| digits.match?(/[.,]/) }
        parted = dotted.any? && dotted.all? { |digits| digits.match?(/\A[1-9]\d{0,2}(?:\.\d{3})+\z/) }
        parted && bare.all? { |digits| digits.size < 4 } && bare.any? { |digits| digits.size == 3 && digits != "100" }
      end
    end
  end
end
