# frozen_string_literal: true

module Peony
  module Reading
    # Amounts that are told beside what is counted or measured, and that hand nothing on. Part of {HandedOn}.
    module HandedAsides
      private

      # "Ten years on it was 95": a time told beside another amount is not what is counted.
      def aside?(quantity, last)
        return true if in_brackets?(quantity, last) || limit?(quantity, last)

        # "Thanks to 412 of you we have 61,000"
        return true if passing?(quantity) || long?(quantity) || (last && text.string[quantity.to, 7].to_s.match?(/\A of you\b/)) || did?(quantity, last) || put_in?(quantity)
        # "Tollen, a place with 800 inhabitants"
        return true if quantity.said && text.before(quantity, 32).match?(/\b(?:place|town|village|city|hamlet|island|parish|school|street|country) (?:with|of) (?:about |only |just )?\z/)
        return false unless HandedOn::TIME.include?(quantity.unit) && last && last.unit != quantity.unit

        # "An hour and a half goes on rowing, forty minutes on showers": both are told of the same.
        !HandedOn::TIME.include?(last.unit) || !quantity.said || text.before(quantity, 8).match?(/\b(?:after|in|within|for|until|at|over) \z/i)
      end

      # "After crickets (some eleven thousand crickets) there were fifty-one"
      def in_brackets?(quantity, last)
        last && last.unit != quantity.unit && text.before(quantity, 40).match?(/\([^()\d]*\z/) && text.string[quantity.to, 40].to_s.match?(/\A[^()\d]*\)/)
      end

      # "Whatever is longer than two hours"
      def limit?(quantity, last) = last.nil? && text.before(quantity, 20).match?(/\b(?:long|old|short|young|lat|high|deep|wide)er than \z/)

      # "A form of eleven pages": how long it is.
      def long?(quantity)
        %w[pages lines chapters verses sheets
           storeys].include?(quantity.unit) && text.before(quantity, 48).match?(/\b(?:an?|the|one) (?:[[:lower:]]+ )?[[:lower:]]+ of \z/i)
      end

      # "This September, with two sets of twins, 70"
      def put_in?(quantity)
        # "Brought down with a ladder and two blankets"
        return true if quantity.value < 10 && quantity.said && text.before(quantity, 40).match?(/\bwith an? [[:lower:]]+ and \z/)

        quantity.said && text.before(quantity, 7).end_with?(", with ") && text.string[quantity.to, 32].to_s.match?(/\A [^.,;:\d]{3,28}, \d/)
      end

      # "With 104 kilos; twenty-six children had watered it": where others are measured, who did something is not what is counted next.
      def did?(quantity, last)
        return false unless last && Units::MEASURES.value?(last.unit) && Units.counted?(quantity.unit) && quantity.said && quantity.text.match?(/\A[[:alpha:]-]+\z/)

        text.before(quantity, 2).match?(/\A[;.:] \z|\A\z/) && text.tokens_after(quantity.to, 5).take_while { |t| Runs.word?(t) }.any?(&:finite?)
      end
    end
  end
end
