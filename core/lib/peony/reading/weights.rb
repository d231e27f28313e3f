# frozen_string_literal: true

module Peony
  module Reading
    # What training/fit.rb learned from labelled passages (assets/reading/weights.json).
    module Weights
      module_function

      def all = @all ||= JSON.parse(File.read(File.join(ASSETS, "reading", "weights.json"))).freeze

      # @return [Hash{String => Float}] for each stem how much it counts: see {Stems}
      def stems = all.fetch("stems")

      # @return [Hash{String => Hash{String => Float}}] for each family its weights by sign
      def families = all.fetch("families")

      # The same the other way round: a passage shows a few hundred signs, and each is looked up once for all families, and for the networks.
      # @return [Array(Hash{Symbol => Integer}, Numo::DFloat)] for each sign its row, the networks' own first, and in a row what it weighs for each of the {families}
      def by_sign
        (@by_sign ||= {})[[all.object_id, Network.loaded.object_id]] ||= begin
          names = Network.signs | families.values.flat_map(&:keys)
          [names.each_with_index.to_h { |name, row| [name.to_sym, row] }, Numo::DFloat[*names.map { |name| families.values.map { |weights| weights.fetch(name, 0.0) } }]]
        end
      end

      # The weights of signs that count for every family, and once more for one by itself, or for a place.
      # @param kind [String] "seams", "strays" or "titles"
      # @param family [String]
      # @param place [Symbol, nil] where the signs count by it too
      # @return [Hash{Symbol => Float}] what each sign weighs where a passage is read as this family
      def read_as(kind, family, place = nil)
        known, kept = @read_as
        _, kept = @read_as = [all, {}] unless known.equal?(all)
        ((kept[kind] ||= {})[family] ||= {})[place] ||= begin
          owned = owned(kind)
          [family, place].compact.reduce(owned[nil]) { |sums, owner| sums.merge(owned.fetch(owner.to_s, {})) { |_, one, other| one + other } }.tap { |sums| sums.default = 0.0 }
        end
      end

      # @return [Hash{String, nil => Hash{Symbol => Float}}] for each family and place what its signs weigh; under nil those that count for all
      def owned(kind)
        (@owned ||= {})[[all.object_id, kind]] ||= all.fetch(kind).each_with_object(Hash.new { |owned, owner| owned[owner] = {} }) do |(name, weight), owned|
          owner, own = name.split("/", 2)
          own ? owned[owner][own.to_sym] = weight : owned[nil][owner.to_sym] = weight
        end
      end

      # @param signs [Hash{Symbol => Numeric}]
      # @return [Float] 0..1
      def chance(signs, weights)
        sum = 0.0
        signs.each { |name, value| sum += value * weights[name] }
        logistic(sum)
      end

      def logistic(value) = 1 / (1 + Math.exp(-value.clamp(-30, 30)))

      # @param scores [Hash{String => Float}]
      # @return [Hash{String => Float}] that add up to 1
      def softmax(scores) = scores.keys.zip(evened(scores.values)).to_h

      # @param scores [Array<Float>]
      # @return [Array<Float>] that add up to 1
      def evened(scores)
        top = scores.max
        raised = scores.map { |score| Math.exp(score - top) }
        sum = raised.sum
        raised.map { |value| value / sum }
      end
    end
  end
end
