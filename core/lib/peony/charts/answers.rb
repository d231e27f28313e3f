# frozen_string_literal: true

module Peony
  module Charts
    # Answers of a scale in the scale's order, ages and ranges by their numbers, others by how they came.
    module Answers
      SCALES = [["strongly disagree", "disagree", "neither", "agree", "strongly agree"], %w[never rarely sometimes often always], ["very poor", "poor", "fair", "good", "very good", "excellent"],
                ["very dissatisfied", "dissatisfied", "neutral", "satisfied", "very satisfied"], %w[no yes], %w[low medium high], %w[small medium large],
                %w[monday tuesday wednesday thursday friday saturday sunday], ["not at all", "a little", "somewhat", "quite", "very much"]].freeze

      module_function

      # @param names [Array<String>]
      # @return [Array<String>]
      def ordered(names)
        scale = SCALES.find { |s| names.count { |n| s.any? { |w| n.downcase.start_with?(w) } } >= [names.size - 1, 2].max }
        return names.sort_by { |n| scale.index { |w| n.downcase == w } || scale.index { |w| n.downcase.start_with?(w) } || 99 } if scale
        return names.sort_by { |n| [n.match?(/under|below|less|up to|</i) ? -1 : n[/\d+/].to_i, n] } if names.count { |n| n.match?(/\d/) } >= names.size - 1

        names
      end

      def scale?(names) = SCALES.any? { |s| names.count { |n| s.any? { |w| n.downcase.start_with?(w) } } >= [names.size - 1, 2].max } || names.count { |n| n.match?(/\d/) } >= names.size - 1
    end
  end
end
