# frozen_string_literal: true

module Peony
  module Reading
    # What follows from the numbers and is worth showing, with its working; and what contradicts itself.
    module Arithmetic
      SUM = 1.5

      module_function

      # @param text [Reading::Text]
      # @param findings [Array<Finding>] best first
      # @return [Array<Derived>]
      def derived(text, findings) = (Contradictions.of(text, findings).filter_map(&:right) + Derivations.of(text, findings)).uniq { |d| [d.value, d.unit] }.reject { |d| said?(text, d) }

      # @return [Array<Query>]
      def queries(text, findings)
        Contradictions.of(text, findings).map { |c| Query.new(kind: "mismatch", message: c.message, working: c.working, from: c.from, to: c.to) }
                      .uniq { |q| [q.from, q.to] }
      end

      # A number that stands in the words is not derived.
      def said?(text, derived) = text.quantities.any? { |q| q.unit == derived.unit && (q.value - derived.value).abs < 0.01 }

      # @param values [Array<Numeric>] shares in per cent
      # @return [Numeric, nil] their sum where it is not 100 by more than rounding explains; below 90 they are not meant to be all
      def off_whole(values)
        sum = values.sum
        sum.round(2) unless (sum - 100).abs <= [values.size * 0.5, SUM].max || sum <= 90
      end

      # @return [Derived]
      def share(part, whole) = derive(100.0 * part.value / whole.value, "%", "#{show(part.value)} ÷ #{show(whole.value)}", part, whole)

      def difference(one, two) = derive((two.value - one.value).abs, one.unit.empty? ? two.unit : one.unit, "#{show([one.value, two.value].max)} − #{show([one.value, two.value].min)}", one, two)

      def derive(value, unit, working, one, two) = Derived.new(value: Numbers.plain(value.round(1)), unit: unit, working: working, from: [one.from, two.from].min, to: [one.to, two.to].max)

      # @return [String] a number as people write it
      def show(value)
        plain = Numbers.plain(value.round(2))
        whole, part = plain.to_s.split(".")
        whole = whole.gsub(/(\d)(?=(\d{3})+\z)/, '\1,')
        [whole.sub("-", "−"), part].compact.join(".")
      end
    end
  end
end
