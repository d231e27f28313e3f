# frozen_string_literal: true

module Peony
  module Reading
    # Which words a passage holds, as signs: the first letters of each, by how seldom passages hold it ("w:again", "w:beca", "w:?").
    # Which stems count, and how much, was learned by training/fit.rb.
    module Stems
      SIZE = 5
      WORD = /[[:alpha:]]+|[?;:%£€–—]/
      # How much the words of a passage count together, beside its other signs. Found with five fits on four fifths.
      STRENGTH = 12.0

      module_function

      # @param words [String]
      # @return [Array<String>] each once
      def of(words) = words.downcase.scan(WORD).map { |w| w[0, SIZE] }.uniq

      # @param text [Reading::Text]
      # @param known [Hash{String => Float}] what each stem counts by itself
      # @return [Hash{Symbol => Float}] whose squares add up to that of {STRENGTH}
      def signs(text, known = Weights.stems)
        held = of(text.all_words).filter_map { |stem| [stem, known[stem]] if known[stem] }
        length = Math.sqrt(held.sum { |_, weight| weight * weight })
        held.to_h { |stem, weight| [:"w:#{stem}", weight * STRENGTH / length] }
      end

      # @param list [Array<String>] passages
      # @param least [Integer] in how many passages a stem must stand
      # @return [Hash{String => Float}] for each stem the logarithm of passages to those that hold it
      def learn(list, least: 4)
        counts = list.flat_map { |words| of(words) }.tally
        counts.select { |_, count| count >= least }.transform_values { |count| Math.log(list.size.to_f / count).round(3) }.reject { |_, weight| weight < 0.02 }
      end
    end
  end
end
