# frozen_string_literal: true

module Peony
  module Figures
    # Things that are told by the same aspects, and things of which each is told by its own.
    module Aspects
      module_function

      # @param items [Array<Item>]
      # @return [Float, nil] 0..1: how many cells of a table with a row for each aspect would hold words; nil where there are no aspects
      def told(items)
        names = items.flat_map { |i| i.aspects.map(&:first) }.uniq
        items.sum { |i| i.aspects.map(&:first).uniq.size } / (names.size * items.size).to_f unless names.empty?
      end
    end
  end
end
