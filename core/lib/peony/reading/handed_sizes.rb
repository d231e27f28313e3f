# frozen_string_literal: true

module Peony
  module Reading
    # Bare numbers between two units, told by their size: whatever is nearer to what was said in it. Part of {HandedOn}.
    module HandedSizes
      # So many times nearer, all numbers of a sentence together, before the order of the words is given up.
      NEARER = 4.0

      private

      def fitted
        bare = @list.select { |q| !q.said && q.value.positive? && Units::MEASURES.value?(q.unit) && q.unit != "%" }
        return if bare.empty?

        sizes = @list.select { |q| q.said && q.value.positive? && Units::MEASURES.value?(q.unit) }.group_by(&:unit)
        bare.each { |q| of_step(q, sizes) }
        crossed(bare, sizes)
      end

      # "A book that weighs two pounds": no money.
      def weighed?(quantity)
        quantity.unit == "GBP" && text.string[quantity.to, 7].to_s.match?(/\A pound/) && text.before(quantity, 16).match?(/\bweigh(?:s|ed|ing)? (?:about |some )?\z/)
      end

      # "85 centimetres. Then it was a metre ten. In 1982 it did not go above 60": not metres.
      def of_step(quantity, sizes)
        return unless Scales::OF.key?(quantity.unit) && quantity.unit != "seconds"

        others = sizes.keys.select { |unit| unit != quantity.unit && Scales.alike?(unit, quantity.unit) && !HandedOn::TIME.include?(unit) }
        unit = others.find { |other| away(quantity.value, sizes, other) + Math.log(12) < away(quantity.value, sizes, quantity.unit) }
        quantity.unit = unit if unit
      end

      # "Two degrees, 88 decibels. It was 84 when the thermometer showed seven": two numbers of a sentence that fit only the other way round.
      def crossed(bare, sizes)
        return unless sizes.size == 2 && sizes.values.sum(&:size) > 2

        text.sentences.each do |s|
          one, two, more = @list.select { |q| q.from >= s.from && q.to <= s.to }
          next unless two && more.nil? && [one, two].all? { |q| bare.include?(q) } && one.unit != two.unit

          as_told = away(one.value, sizes, one.unit) + away(two.value, sizes, two.unit)
          other = away(one.value, sizes, two.unit) + away(two.value, sizes, one.unit)
          one.unit, two.unit = two.unit, one.unit if other + Math.log(NEARER) < as_told
        end
      end

      # How far a value is from those said in a unit, in logarithms.
      def away(value, sizes, unit) = sizes.fetch(unit) { return 9.0 }.map { |q| (Math.log(value) - Math.log(q.value)).abs }.min
    end
  end
end
