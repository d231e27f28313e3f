# frozen_string_literal: true

module Peony
  module Reading
    # Many small decision trees over signs, whose leaves are added up (gradient boosting), fitted by training/fit.rb (assets/reading/trees.json). A regression adds up
    # what each sign weighs by itself; trees weigh signs together.
    class Trees
      PATH = File.join(ASSETS, "reading", "trees.json")

      class << self
        # @return [Trees] those that tell strays
        def strays = @strays ||= new(JSON.parse(File.read(PATH)))
      end

      # @param data [Hash] "signs" in their order; "trees", each with "branches" (place of a sign, limit, next branch up to the limit, next above it) and "leaves".
      #   What follows a branch is another of the same tree or, below 0, a leaf, -1 the first.
      def initialize(data)
        @places = data.fetch("signs").each_with_index.to_h { |name, i| [name.to_sym, i] }
        @roots = []
        @branches = []
        @leaves = []
        data.fetch("trees").each { |tree| plant(*tree.values_at("branches", "leaves")) }
      end

      # @param signs [Hash{Symbol => Numeric}] those that are not 0
      # @return [Float] 0..1
      def chance(signs)
        values = Array.new(@places.size, 0.0)
        signs.each { |name, value| (at = @places[name]) && values[at] = value }
        Weights.logistic(sum(values))
      end

      private

      # All trees in one row, four places a branch: sign, limit, and where it goes on.
      def plant(branches, leaves)
        from = @branches.size
        first = @leaves.size
        place = ->(way) { way.negative? ? way - first : from + (4 * way) }
        @roots << place[branches.empty? ? -1 : 0]
        branches.each { |sign, limit, *ways| @branches.push(sign, limit, *ways.map(&place)) }
        @leaves.concat(leaves)
      end

      # Asked for many sentences: nothing is looked up twice.
      def sum(values)
        branches = @branches
        leaves = @leaves
        @roots.sum do |at|
          at = branches[values[branches[at]] > branches[at + 1] ? at + 3 : at + 2] while at >= 0
          leaves[-at - 1]
        end
      end
    end
  end
end
