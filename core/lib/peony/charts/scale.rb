# frozen_string_literal: true

module Peony
  module Charts
    # From numbers to px, with ticks at round numbers (steps of 1, 2, 2.5 and 5: Heckbert, Graphics Gems 1990, "Nice numbers for graph labels").
    class Scale
      STEPS = [1, 2, 2.5, 5, 10].freeze

      attr_reader :low, :high, :step

      # @param values [Array<Float>]
      # @param from [Float] px of the lowest tick
      # @param to [Float] px of the highest
      # @param zero [Boolean] whether the scale must begin at nothing
      # @param count [Integer] about how many steps
      # @param whole [Boolean] whether ticks stand at whole numbers only
      # @param limits [Array(Float, Float)] where the scale must reach at least; data is never cut
      def initialize(values, from:, to:, zero: true, count: 4, whole: false, limits: [])
        least, most = (values + limits.compact).minmax
        if least.nil?
          least = 0.0
          most = 1.0
        end
        least = [least, 0].min if zero || (limits.first.nil? && least.positive? && least < (most - least) * 0.6)
        most = [most, 0].max if zero
        most = least + [least.abs * 0.1, 1].max if (most - least).abs < 1e-12
        @step = Scale.nice((most - least) / count.to_f)
        @step = [@step.to_i, 1].max.to_f if whole
        @low = (least / @step).floor * @step
        @high = (most / @step).ceil * @step
        @from = from
        @to = to
      end

      def self.nice(raw)
        power = 10.0**Math.log10(raw).floor
        power * STEPS.find { |s| s * power >= raw * 0.999 }
      end

      def ticks = (0..((high - low) / step).round).map { |i| (low + (i * step)).round(10) }
      def [](value) = @from + ((value - low) / (high - low) * (@to - @from))
      def zero = self[0.0.clamp(low, high)]

      # @return [Integer] decimals that the ticks need
      def decimals = (0..6).find { |d| ((step * (10**d)) - (step * (10**d)).round).abs < 1e-6 } || 6
    end
  end
end
