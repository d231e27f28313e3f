# frozen_string_literal: true

module Peony
  module Figures
    # Which of several groups share something, by their names in its words: "Pipers and drummers wear the same kilt".
    module Regions
      # A name and its forms begin alike: "painters" are of the paint shop.
      ALIKE = 5
      SHORTEST = 3
      PLAIN = %w[the and all our who for with people].freeze

      module_function

      # @param groups [Array<Item>]
      # @param shared [Array<Item>]
      # @return [Array<Array<Integer>>] for each shared item the places of its groups; all of them where its words name fewer than two
      def of(groups, shared)
        names = groups.map { |group| words(group.title) }
        own = names.map { |list| list.select { |w| names.one? { |other| other.include?(w) } } }
        shared.map do |item|
          told = words("#{item.title} #{item.detail}")
          found = own.each_index.select { |i| own[i].any? { |name| told.any? { |w| w.start_with?(name) || name.start_with?(w) } } }
          found.size >= 2 ? found : groups.each_index.to_a
        end
      end

      def words(text) = text.downcase.scan(/\p{L}+/).reject { |w| w.length < SHORTEST || PLAIN.include?(w) }.map { |w| w.delete_suffix("s")[0, ALIKE] }
    end
  end
end
