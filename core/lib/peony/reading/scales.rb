# frozen_string_literal: true

module Peony
  module Reading
    # Units that measure the same in steps of different size, so that "from 4 minutes to 40 seconds" can be reckoned with.
    module Scales
      STEPS = {
        "time" => { "seconds" => 1, "minutes" => 60, "hours" => 3600, "days" => 86_400, "weeks" => 604_800 },
        "length" => { "mm" => 0.001, "cm" => 0.01, "m" => 1, "metres" => 1, "km" => 1000 },
        "weight" => { "mg" => 0.001, "g" => 1, "grams" => 1, "kg" => 1000, "tonnes" => 1_000_000 },
        "volume" => { "ml" => 0.001, "litres" => 1 }
      }.freeze
      # What a unit measures, and how much of its smallest step it is.
      OF = STEPS.flat_map { |kind, steps| steps.map { |unit, size| [unit, [kind, size]] } }.to_h.freeze

      module_function

      # @return [Boolean] whether amounts in the two units can be compared
      def alike?(one, two) = one == two || (OF.key?(one) && OF[one].first == OF[two]&.first)

      # @param items [Array<#value, #unit>] amounts, changed in place: those that measure the same as most of them are told in the unit of most
      # @return [void]
      def level(items)
        usual = items.filter_map(&:unit).tally.max_by(&:last)&.first
        items.each do |i|
          next if i.value.nil? || i.unit == usual || !OF.key?(i.unit) || !alike?(i.unit, usual)

          i.value = Numbers.plain(told_in(i, usual).round(3))
          i.unit = usual
        end
      end

      # @param one [Quantity]
      # @param two [Quantity]
      # @return [Array<Quantity>] both in the smaller of their units, where these measure the same; else as they are
      def common(one, two)
        return [one, two] if one.unit == two.unit || !alike?(one.unit, two.unit)

        small = [one, two].map(&:unit).min_by { |unit| OF[unit].last }
        [one, two].map { |q| q.dup.tap { |c| (c.value = told_in(q, small)) && (c.unit = small) } }
      end

      # @return [Numeric] an amount in another unit that measures the same
      def told_in(amount, unit) = Numbers.plain((amount.value * OF[amount.unit].last / OF[unit].last.to_f).round(6))
    end
  end
end
