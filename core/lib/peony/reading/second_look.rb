# frozen_string_literal: true

module Peony
  module Reading
    # What a passage may well be by all of its signs, and its finder did not see outright: the finder takes another look at it, with less to go by.
    # The words of a text tell its family more often than any turn of phrase does; what cannot be read as one even so is left out.
    module SecondLook
      # How likely a family must be. Below this more are wrong than one in the first three is worth.
      LIKELY = 0.03

      module_function

      # @param text [Reading::Text]
      # @param findings [Array<Finding>] of all finders
      # @param chances [Hash{String => Float}]
      # @return [Array<Finding>] what is found now
      def at(text, findings, chances)
        found = findings.map(&:family)
        best = chances.values_at(*found).compact.max.to_f
        likely = chances.select { |family, chance| chance >= LIKELY && chance >= Scorer.asked(family, best) }.keys - found - [Scorer::NONE]
        likely.filter_map { |family| Finder.members.fetch(family).new(text).again }
      end
    end
  end
end
