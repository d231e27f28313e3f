# frozen_string_literal: true

module Peony
  module Reading
    # What training/fit.rb learned from labelled passages (assets/reading/weights.json).
    module Weights
      module_function

      def all = @all ||= JSON.parse(File.read(File.join(ASSETS, "reading", "weights.json"))).freeze

      # @return [Hash{String => Float}]
      def strays = all.fetch("strays")

      # @return [Hash{String => Float}] see Seams
      def seams = all.fetch("seams")

      # @return [Hash{String => Hash{String => Float}}] for each family its weights by sign
      def families = all.fetch("families")

      def logistic(value) = 1 / (1 + Math.exp(-value.clamp(-30, 30)))

      # @param scores [Hash{String => Float}]
      # @return [Hash{String => Float}] that add up to 1
      def softmax(scores)
        top = scores.values.max
        raised = scores.transform_values { |v| Math.exp(v - top) }
        sum = raised.values.sum
        raised.transform_values { |v| v / sum }
      end
    end
  end
end
