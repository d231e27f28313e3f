# frozen_string_literal: true

module Peony
  module Figures
    # For forms that draw lengths to scale from nothing: the largest first.
    module Bars
      private

      # @return [Array<Item>] by value, the largest first; what is alike stays in its order
      def ordered = @ordered ||= items.each_with_index.sort_by { |item, i| [-item.value, i] }.map(&:first)

      def reach = @reach ||= span_of(items.map(&:value))

      # Where a value lies in a room of this length, px from its start.
      def along(value, room)
        low, high = reach
        (high - low).zero? ? 0.0 : (value - low) / (high - low) * room
      end

      # The one that stands out: the person's, else the first.
      def lead = @lead ||= items.find(&:strong) || ordered.first

      def strength(item) = item.strong || item == lead ? 1.0 : 0.3

      # The largest size at which every number fits.
      def number_size(most, room)
        Scale.down(most, from: job.least).find { |s| items.all? { |i| number_width(i, s) <= room } } || job.least
      end
    end
  end
end
