# frozen_string_literal: true

module Peony
  module Reading
    # The unit of a bare number where two quantities go together again and again.
    module HandedPairs
      private

      # "20 m and 84 loaves. With 55 m it was 110": where two units go together, the second number of a sentence has the other one.
      def paired(quantity, last)
        sentences = text.sentences
        at = sentences.index { |s| s.from <= quantity.from && quantity.to <= s.to }
        return nil if at.nil? || last.from < sentences[at].from || !(@said.include?(last) || led_by?(last, sentences[at])) || text.string[last.to...quantity.from].match?(/\b(?:to|from|now)\b/)

        earlier = @said.select { |q| q.to <= sentences[at].from && q.unit != "%" && !passing?(q) }
        together = sentences.first(at).map { |s| earlier.select { |q| q.from >= s.from && q.to <= s.to }.map(&:unit).uniq }
                            .find { |units| units.size == 2 && units.any? { |u| same?(u, last.unit) } }
        together&.find { |u| !same?(u, last.unit) }
      end

      # "With six of them it took 35": two numbers that say no unit, the first of them counting what others counted in that place.
      def led_by?(last, sentence)
        told = @list.select { |q| q.from >= sentence.from && q.to <= sentence.to }
        told.size == 2 && told.first.equal?(last) && text.string[sentence.from...last.from].match?(/\A(?:and |but )?(?:with|for|at|from|when|after) (?:\w+ )?\z/i)
      end

      def same?(one, other) = (Units::SHORT[one] || one) == (Units::SHORT[other] || other)
    end
  end
end
