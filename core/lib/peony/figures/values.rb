# frozen_string_literal: true

module Peony
  module Figures
    # How numbers are printed: grouped thousands, a real minus, the unit apart.
    module Values
      SIGNS = { "GBP" => "£", "EUR" => "€", "USD" => "$" }.freeze
      SHORT = { "minutes" => "min", "hours" => "h", "seconds" => "s" }.freeze
      PRINTED = %w[% km m cm mm kg g t l ml min h s °C kWh kW W MB GB ha].freeze

      module_function

      # @param item [Item]
      # @return [Array(String, String)] the number, and the unit printed beside it ("" for none)
      def parts(item)
        return [item.date, ""] if item.date && item.date.match?(/\A\S+ in \S+\z/)
        return ["", ""] if item.value.nil?

        amount = grouped(item.value)
        sign = SIGNS[item.unit]
        # "€640.50": of cents both digits are told; "−£2,500", what is lost by its sign first.
        return ["#{'−' if amount.start_with?('−')}#{sign}#{amount.delete_prefix('−')}#{'0' if amount.match?(/\.\d\z/)}", ""] if sign

        unit = SHORT.fetch(item.unit, item.unit)
        [amount, PRINTED.include?(unit) ? unit : ""]
      end

      # @return [String] number and unit as one text: "45 %"
      def text(item)
        whole, mark = parts(item)
        mark.empty? ? whole : "#{whole}\u2009#{mark}"
      end

      # "11400", as it was typed into a table, is "11,400" like all other numbers of a figure; years and decimals stay.
      # @param words [String, nil] of an aspect
      # @return [String, nil]
      def spaced(words)
        words.is_a?(String) ? words.sub(/\A([£€$−-]?)(\d{5,9})(?=\z|\s|\.\d)/) { "#{Regexp.last_match(1)}#{grouped(Regexp.last_match(2).to_i)}" } : words
      end

      def grouped(value) = Reading::Arithmetic.show(value)
    end
  end
end
