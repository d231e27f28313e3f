# frozen_string_literal: true

module Peony
  module Reading
    # The unit of a number that the words before it tell: a price without a currency, seats, acidity, marks. Part of {HandedOn}.
    module HandedPrices
      PRICE = /\b(?:costs?|charges?|charged|asks?|at|for) (?:about |only |just )?\z/i
      PRICED = /\b(?:costs?|wants?|wanted|asks?|asked|charges?|charged|pays?|paid|fetch(?:es|ed)) (?:for )?\z/i
      # "It sells for 5.20. The medium goes for 4.60": what is told so is a price, whatever else is measured.
      SELLING = /\b(?:costs?|(?:sells?|sold|goes|go) (?:for|at)) (?:only |about )?\d+\.\d\d\b(?! ?(?:euros?|pounds?|[£€$]))/i
      PAYING = /\b(?:saves?|saved|costs?|earns?|pays?|paid|brings? in)\b[^.;,]*\z/i
      # "Lemon juice has a pH of 2", "measured pH 3.1"
      ACIDITY = /\bpH(?: value)?(?: of| is| was)? (?:about |around |only )?\z/

      # "Dearer to begin with, at 4,200, but we pay less than twelve a week"
      DEARER = /\b(?:dearer|cheaper|pays?|paid)\b[^.;:\d]{0,24} (?:at|than|only|just|about) \z/i

      VOTED = /\bvotes?\b[^.;]* (?:was|were|by|of) (?:(?:\d+|#{Numbers::WORD}) (?:against|to) )?\z/
      COINS = %w[crowns francs gulden guilders shillings ducats florins marks].freeze

      private

      # What the words before it say it measures.
      def led_by(quantity, before, last)
        # "The small bus seats 16": the verb is what is counted.
        return "seats" if before.end_with?(" seats ")
        return coin if before.match?(DEARER) && coin
        return "votes" if voted?(quantity)
        return "votes" if text.all_words.match?(/\b(?:vote[sd]?|poll(?:ed)?)\b/) && (before.match?(/\bpolled (?:only |just )?\z/) || text.string[quantity.to, 14].to_s.match?(/\A,? were cast\b/))
        return money if paid?(quantity, before, last) || (HandedOn::TIME.include?(last&.unit) && text.string[quantity.to, 12].to_s.match?(/\A a (?:year|month|week|night)\b/))

        # "An average mark of 71", "a score of 8"
        before[/\b(mark|score|grade|rating) of \z/i, 1]&.then { |word| "#{word.downcase}s" }
      end

      # "We took a vote, and it was two against | three"
      def voted?(quantity) = text.before(quantity, 50).match?(VOTED) && text.string[[0, quantity.from - 9].max, 40].match?(/ (?:against|to) /)

      # "It saves eleven thousand a year": money, though of no currency that is told.
      def paid?(quantity, before, last)
        return true if quantity.value >= 100 && before.match?(PRICED)
        # "Two rivals. Meadow costs 2.29": what is counted comes whole.
        return true if quantity.text.match?(/\d\.\d\d\z/) && (last.nil? || Units.counted?(last.unit)) && before.match?(PRICE)

        return true if quantity.text.match?(/\d\.\d\d\z/) && (@selling ||= text.string.scan(SELLING).size) > 1

        text.string[quantity.to, 12].to_s.match?(/\A a (?:year|month|week)/) && text.before(quantity, 24).match?(PAYING)
      end

      # What is paid, also where the coin is none of today.
      def coin = @said.map(&:unit).find { |u| Units.money?(u) || COINS.include?(u) }
      def money = @said.map(&:unit).find { |u| Units.money?(u) }.to_s
    end
  end
end
