# frozen_string_literal: true

module Peony
  module Reading
    # What a passage very likely is by all of its signs, and its finder did not see outright: the finder takes another look at it, with less to go by.
    # Of the families that are this likely and were not found, nearly all are right; what cannot be read as one even so is left out.
    module SecondLook
      # How likely a family must be. Below this as many are wrong as right.
      LIKELY = 0.2

      module_function

      # @param text [Reading::Text]
      # @param findings [Array<Finding>] of all finders
      # @param chances [Hash{String => Float}]
      # @return [Array<Finding>] what is found now
      def at(text, findings, chances)
        likely = chances.select { |_, chance| chance >= LIKELY }.keys - findings.map(&:family) - [Scorer::NONE]
        likely.filter_map { |family| Finder.members.fetch(family).new(text).closer }
      end
    end
  end
end
