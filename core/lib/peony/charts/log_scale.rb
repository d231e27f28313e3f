# frozen_string_literal: true

module Peony
  module Charts
    # As {Scale}, but equal ratios stand equally far apart; ticks at powers of ten, with 2 and 5 between them where there is room.
    class LogScale
      attr_reader :low, :high

      # @param values [Array<Float>] all above nothing
      # @param from [Float] px of the lowest tick
      # @param to [Float] px of the highest
      # @raise [Figures::Refusal]
      def initialize(values, from:, to:, count: 4, limits: [])
        raise Figures::Refusal.new("A logarithmic scale has no place for nothing or less.", hint: "Take the plain scale, or leave those rows out.") if values.any? { |v| v <= 0 }

        least, most = (values + limits.compact.select(&:positive?)).minmax
        marks = [1, 2, 5, 10].flat_map { |m| (-9..12).map { |p| m * (10.0**p) } }.uniq.sort
        @low = marks.reverse.find { |m| m <= least * 1.0001 }
        @high = marks.find { |m| m >= most * 0.9999 && m > @low }
        @ticks = marks.select { |m| m.between?(@low * 0.999, @high * 1.001) }
        tens = @ticks.select { |m| (Math.log10(m) - Math.log10(m).round).abs < 1e-9 }
        @ticks = [@low, *tens, @high].uniq.sort if @ticks.size > [count + 2, 5].max
        @from = from
        @to = to
      end

      def ticks = @ticks.map { |t| t.round(10) }
      def [](value) = @from + (Math.log10([value, low].max / low) / Math.log10(high / low) * (@to - @from))
      def zero = @from
      def step = low

      # @return [Integer] decimals that the lowest tick needs
      def decimals = (0..6).find { |d| ((low * (10**d)) - (low * (10**d)).round).abs < 1e-6 } || 6
    end
  end
end
