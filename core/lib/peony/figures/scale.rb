# frozen_string_literal: true

module Peony
  module Figures
    # The type scale, ratio 1.25 from 18 px, continued downwards for small drawings and upwards for large numbers.
    module Scale
      STEPS = [12, 13, 14, 16, 18, 20, 22, 25, 28, 31, 35, 44, 55, 69, 86, 108, 135, 168, 210, 262].freeze

      module_function

      # @param most [Numeric] px
      # @param from [Numeric] px, the smallest allowed
      # @return [Array<Numeric>] steps from large to small, at least one
      def down(most, from: 12)
        found = STEPS.select { |step| step.between?(from, most) }.reverse
        found.empty? ? [from] : found
      end

      # @return [Numeric] the step for detail under a title of this size: about four fifths
      def below(size, least = 12) = [STEPS.reverse.find { |step| step <= size * 0.84 } || STEPS.first, least].max
    end
  end
end
