# frozen_string_literal: true

module Peony
  module Figures
    # Two numbers for each item: from its two aspects, else its place in the row (or its date) and its value.
    module Pairings
      private

      # @return [Array<Numeric>]
      def xs = pairs.map(&:first)
      def ys = pairs.map(&:last)

      def pairs
        @pairs ||= begin
          told = items.map { |i| i.aspects.map(&:last).first(2).map { |words| number_in(words) } }
          told.all? { |list| list.size == 2 && list.all? } ? told : items.each_with_index.map { |i, at| [number_in(i.date) || (at + 1), i.value] }
        end
      end

      def number_in(words)
        digits = words.to_s.delete(",\u2009")[/[-−]?\d+(?:\.\d+)?/]
        digits && Reading::Numbers.plain(digits.tr("−", "-").to_f)
      end

      # Years are printed as they are, other numbers grouped.
      def printed(value) = dates? && value.between?(1000, 2200) ? value.to_s : Values.grouped(value)
      def dates? = items.all? { |i| i.aspects.size < 2 } && items.all?(&:date)

      # @param side [Symbol] :x or :y
      # @return [String]
      def name_of(side)
        aspects = items.first.aspects.first(2)
        if aspects.size == 2 && items.all? { |i| i.aspects.size >= 2 }
          headed(aspects[side == :x ? 0 : 1].first)
        else
          side == :x ? "" : items.first.unit.to_s
        end
      end

      # "m", "kg" and "km/h" stay small; of a coin its sign is told.
      def headed(words)
        return Values::SIGNS[words] if Values::SIGNS.key?(words)

        Values::PRINTED.include?(words) || words.include?("/") ? words : words[0].to_s.upcase + words[1..].to_s
      end
    end
  end
end
