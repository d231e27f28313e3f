# frozen_string_literal: true

module Peony
  module Reading
    # How many items running text holds. Each sentence carries one with some likelihood; how many of them do follows the Poisson binomial distribution
    # (a convolution over the sentences). That is weighed with how many points people make in a passage: three to six, seldom one or nine.
    module Counts
      # For 0, 1, 2 ... points how usual so many are, beside the most usual. Not learned from the training passages: their writers have habits of their own.
      # Of many only a tie is decided by it: weighed as fully as it was counted, it took away as many points as it put right (decision 40).
      USUAL = [0.02, 0.05, 0.25, 0.85, 1, 1, 0.95, 0.84, 0.74, 0.67, 0.59, 0.53, 0.49].freeze
      # A number that is announced ("three reasons") is that much more likely.
      ANNOUNCED = 4.0
      # In more sentences than this the likely ones are taken one by one: working it out grows with their square.
      LONGEST = 24

      SAID = /\b(#{Numbers::WORD}|\d) (?:[a-z'’-]+ )?(?:reasons|ways|kinds|sorts|causes|culprits|paths|camps|lots|seasons|groups|parts|corners|effects|consequences|steps|stages|phases|points|advantages|benefits|drawbacks|problems|rules|tips|changes|tasks|duties|layers|branches|powers|organs|levels|bodies|zones|regions|elements|ingredients|uses|facts|arguments|things|matters|customs)\b/i

      module_function

      # @param chances [Array<Float>] 0..1 for each sentence
      # @param announced [Integer, nil] a number that the words announce
      # @return [Array<Integer>] which of them carry an item, in order
      def kept(chances, announced = nil)
        return chances.each_index.select { |i| chances[i] >= 0.5 } if chances.size > LONGEST

        most = distribution(chances).each_with_index.max_by { |share, k| share * (USUAL[k] || USUAL.last) * (k == announced ? ANNOUNCED : 1) }.last
        chances.each_index.max_by(most) { |i| [chances[i], -i] }.sort
      end

      # @return [Array<Float>] for 0, 1, 2 ... how likely it is that so many of independent events happen
      def distribution(chances)
        chances.each_with_object([1.0]) do |chance, shares|
          shares << 0.0
          (shares.size - 1).downto(1) { |k| shares[k] = (shares[k] * (1 - chance)) + (shares[k - 1] * chance) }
          shares[0] *= 1 - chance
        end
      end

      # @param text [Reading::Text]
      # @return [Integer, nil] how many are announced in the heading or at the beginning
      def announced(text)
        said = [text.passage.heading, *text.sentences.first(2).map(&:text)].lazy.filter_map { |words| words.to_s[SAID, 1] }.first
        said && Numbers.count(said)
      end
    end
  end
end
