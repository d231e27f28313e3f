# frozen_string_literal: true

module Peony
  module Tables
    # Numbers in sentences and on charts: thousands parted, the currency or unit of their column.
    module Amounts
      SIGNS = { "GBP" => "£", "EUR" => "€", "USD" => "$", "JPY" => "¥", "INR" => "₹" }.freeze

      module_function

      # @param value [Numeric]
      # @param column [Column, nil]
      # @return [String] "£1,240.50", "12.4 %", "326"
      def text(value, column = nil, decimals: nil)
        decimals ||= column&.decimals || (value == value.round ? 0 : 2)
        digits = plain(value.abs, decimals)
        sign = value.negative? ? "−" : ""
        return "#{sign}#{SIGNS.fetch(column.currency, "#{column.currency} ")}#{digits}" if column&.kind == "money" && column.currency
        return "#{sign}#{digits}\u202F%" if column&.kind == "percent"

        unit = column&.unit
        unit && unit.size <= 8 ? "#{sign}#{digits}\u00A0#{unit}" : "#{sign}#{digits}"
      end

      def plain(value, decimals)
        whole, fraction = format("%.#{decimals}f", value).split(".")
        [whole.gsub(/(\d)(?=(\d{3})+\z)/, '\1,'), fraction].compact.join(".")
      end

      # @param share [Numeric] in per cent
      # @return [String] "52 %", "4.8 %"
      def percent(share) = "#{plain(share.abs, share.abs < 10 && share.abs != share.abs.round ? 1 : 0)}\u202F%"

      # The first letter small, unless the word is a name or an abbreviation.
      def lower(words) = words.match?(/\A[[:upper:]][[:lower:]]/) ? words[0].downcase + words[1..] : words

      # "a, b and c"
      def join(list) = list.size < 2 ? list.first.to_s : "#{list[0..-2].join(', ')} and #{list.last}"
    end
  end
end
