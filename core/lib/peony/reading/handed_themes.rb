# frozen_string_literal: true

module Peony
  module Reading
    # What all bare numbers of a passage count, told once and elsewhere: "the otter log", "a members' survey", "that is how many cups we use", "sales of the yellow umbrella". Part of {HandedOn}.
    module HandedThemes
      # "The otter log", "one moth trap"
      KEPT = /\b(?:the|our|an?|one|this|my|his|her) (?<noun>(?!(?:first|last|new|old|head|word|whole|great|big|daily|final|official|recent|annual|next|same|night|duty)\b)[[:lower:]]{3,}) (?:log|count|census|trap|tally|watch)\b/i
      ASKED = /\b(?<noun>[[:lower:]]{3,}s)['’] (?:survey|poll|vote|questionnaire)\b/i
      THAT_IS = /\A[^.!?]*[.!?] (?:That|This) is how many (?:[[:lower:]]+ )?(?<noun>[[:lower:]]+s)\b/
      SALES_OF = /\b(?<what>sales|loans) of (?:the |our |its |a )?(?:[[:lower:]]+ )?(?<noun>[[:lower:]]{3,})\b(?!['’])/i

      # Money that has no sign.
      COINS = %w[crowns gulden francs shillings guilders florins marks].freeze
      PAID = /\b(?:asks for|costs?|charges?|(?:price|fee|rent) (?:is|was)) (?:only |about )?\z/i
      HEAT = /\btemperature\b[^.;\d]{0,40} (?:over|above|below|under|of|is|was|to) \z/i
      # "Hardly any child is driven to school: a mere | one in twenty"
      ANY_ONE = /\b(?:any|every|each) (?<noun>(?!(?:one|day|week|month|year|time|second|other|hour|morning|evening|night)\b)[[:lower:]]{3,})\b[^!?\d]{0,120}\z/i

      # "One in four | wears glasses"
      RATIO_VERBS = %w[wears joins breaks moves drives rides sings smokes owns returns fails dies goes comes has does lives works thinks knows wants needs uses speaks
                       reads].freeze

      # "A colony of | forty"
      COLLECTION = /\b(?:colony|flock|herd|pack|shoal|fleet|swarm) of (?:about |some )?\z/
      # "Passengers | reported | 190", below "A lost glove has little hope."
      REPORTED = /\b(?:reported|received|are sent|is sent|found|saw|counted|finds?|collected|handed in|took in|picked up) (?:about |some |only |just )?\z/
      A_NOUN = /\A(?:A|An|Every|Each|Before an?|For every|Not every) (?:[[:lower:]]+ )?(?<noun>[[:lower:]]{3,}) (?:has|is|can|must|goes|may|will|that|which)\b/

      private

      def outright(quantity, before) = of_coin(quantity, before) || of_heat(before) || of_each_one(quantity)

      # "2 crowns … for 2.50", "asks for 210"
      def of_coin(quantity, before)
        coin = @said.find { |q| q.said && COINS.include?(q.unit) } or return nil
        coin.unit if quantity.text.match?(/\A\d+\.\d\d\z/) || before.match?(PAID)
      end

      def of_heat(before) = before.match?(HEAT) ? @said.find { |q| %w[°C °F degrees].include?(q.unit) }&.unit || "degrees" : nil

      # "One in twenty", where nothing was counted before.
      def of_each_one(quantity)
        return nil unless quantity.value < 1000 && one_in_so_many?(quantity)

        pair = @list.each_cons(2).find { |pair| pair.any? { |q| q.equal?(quantity) } && text.string[pair[0].to...pair[1].from].match?(Ratios::STRICT) } or return nil
        behind = text.string[pair[1].to, 24].to_s
        return "people" if behind.match?(/\A (?:who|of those who|of the people)\b/)
        return nil if @said.any? { |q| q.from < quantity.from && Units.counted?(q.unit) }
        return "pupils" if behind.match?(/\A in (?:my|our|the|your) (?:class|form)\b/)

        noun = text.before(pair[0], 200)[ANY_ONE, :noun]&.downcase
        noun && Tokens.of(noun).first&.noun? ? Units.plural_of(noun) : nil
      end

      def themed
        bare = @list.select { |q| q.unit.empty? }
        noun = theme(bare)
        bare.each { |q| q.unit = noun if text.tokens_after(q.to, 1).first&.low != "%" } if noun
        sold_of_one_kind
      end

      # "Fewer and fewer swifts nest here … a colony of | forty"
      def collected(lead)
        return nil unless lead.match?(COLLECTION) && text.sentences.any?

        counts(text.tokens_in(text.sentences.first).find { |t| t.tag == "nns" && counts(t.low) }&.low)
      end

      # "A lost glove has little hope. Passengers reported 190": gloves, and not who reported them.
      def of_one(lead)
        return nil unless lead.match?(REPORTED) && text.sentences.any?

        noun = text.sentences.first.text[A_NOUN, :noun]&.downcase
        noun && Tokens.of(noun).first&.noun? ? counts(Units.plural_of(noun)) : nil
      end

      def of_theme(lead, last)
        (of_one(lead) if last.nil?) || (collected(lead) if last.nil? || HandedOn::TIME.include?(last.unit))
      end

      # "One in four | wears glasses"
      def unverbed
        @list.each_cons(2) do |one, whole|
          next unless RATIO_VERBS.include?(whole.unit) && text.string[one.to...whole.from].match?(Ratios::STRICT)

          whole.unit = ""
          whole.said = false
        end
      end

      def theme(bare)
        return nil if bare.empty? || @list.any? { |q| q.said && Units.counted?(q.unit) && q.value > 1 }

        told = text.string[bare.first.to..].to_s[THAT_IS, :noun] if bare.first.from < 16
        return told if told && counts(told)
        return nil if bare.size < 3 || bare.size * 2 < @list.size

        asked = text.all_words[ASKED, :noun]
        return asked if asked && counts(asked)

        kept = text.all_words[KEPT, :noun]
        Units.plural_of(kept) if kept && !Words.plural?(kept) && Tokens.of(kept).first&.noun?
      end

      # "Sales of the yellow umbrella: in its first winter we sold 120": umbrellas.
      def sold_of_one_kind
        sold = @list.select { |q| %w[sales loans].include?(q.unit) && !q.said }
        match = sold.any? && text.all_words.match(SALES_OF) or return
        noun = Units.plural_of(match[:noun].downcase)
        sold.each { |q| q.unit = noun if q.unit == match[:what].downcase } if counts(noun)
      end
    end
  end
end
