# frozen_string_literal: true

module Peony
  module Charts
    # Shares that add up to 100 as printed: whole per cents by the largest remainder (Hamilton's method).
    module Shares
      module_function

      # @param values [Array<Float>]
      # @return [Array<Integer>]
      def rounded(values)
        total = values.sum.to_f
        return values.map { 0 } if total.zero?

        exact = values.map { |v| v / total * 100 }
        whole = exact.map(&:floor)
        missing = 100 - whole.sum
        exact.each_index.sort_by { |i| [-(exact[i] - whole[i]), i] }.first(missing).each { |i| whole[i] += 1 }
        whole
      end
    end
  end
end
