# frozen_string_literal: true

module Peony
  module Reading
    # What a bare number counts, told by the noun that leads it, or that it is said to be some of. Part of {HandedOn}.
    module HandedNouns
      # "Lost tickets 62", "broken lockers: 48", "staff unchanged at three"
      LEADS = /(?:\A|[:;.] )(?:[[:alpha:]]+ )?(?<noun>[[:lower:]]+):? (?<as_ever>(?:unchanged|steady|constant|still) at )?\z/
      # "Of our presenters 23 met their wife here", "of the people that open it 310 click"
      OF_THESE = /(?:\A|[.!?;:] )(?:of|among) (?:our|the|these|those|its|their) (?:[[:lower:]]+ )?([[:lower:]]+),? (?:(?:that|who|which) [^.;,\d]{2,24} )?\z/i
      # "And the number of people asleep in our garden? Fourteen last time, two this time"
      HOW_MANY_WERE = /\bnumber of ([[:lower:]]+)\b[^.!?\d]*\? (?:[^.!?\d]*\b(?:\d+|#{Numbers::WORD})\b[^.!?\d]*, )?\z/i
      # "Eels do need it. | Of every nine that set out"
      OF_EVERY = /(?:\A|[.!?] )Of every \z/

      private

      # "Queue down from 14 minutes to 5; lost tickets 62": behind a measure.
      def led_by_noun(quantity, last)
        lead = text.before(quantity, 48)
        match = last && lead.match(LEADS) or return nil
        return nil if Units.counted?(last.unit) && !match[:as_ever]

        match[:noun] if counts?(match[:noun]) && noun?(match[:noun], quantity, lead.end_with?(": "))
      end

      def counts?(word) = Words.plural?(word) && !HandedOn::TIME.include?(word) && !Units.measure?(word) && !word.match?(HandedColumns::MEASURED)

      # "That leaves two", "sleep claims nine": what may be a verb is a noun behind a word that tells how the things are, or where it is a label.
      def noun?(word, quantity, label)
        head, noun = text.tokens_between(quantity.from - 48, quantity.from).reverse.drop_while { |t| t.low != word }.first(2).reverse
        return true if head&.tag.to_s.match?(/\A(?:jj|vb[nd])/)

        !noun&.verb? && (label || head.nil? || !head.word?)
      end

      def some_of_all(quantity, last)
        lead = text.before(quantity, 90)
        word = lead[OF_THESE, 1] || lead[HOW_MANY_WERE, 1]
        return word if word && Words.plural?(word) && !Units.measure?(word) && !HandedOn::VAGUE.include?(word)
        return nil unless last && !Units.counted?(last.unit) && lead.match?(OF_EVERY)

        before = text.sentences.reverse.find { |s| s.to <= quantity.from } or return nil
        text.tokens_in(before).first(2).find { |t| t.noun? && Words.plural?(t.low) }&.low
      end
    end
  end
end
