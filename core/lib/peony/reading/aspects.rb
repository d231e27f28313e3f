# frozen_string_literal: true

module Peony
  module Reading
    # What is said of a thing that its neighbours have as well: "4 kg, 5 minutes, £12" are its kg, its minutes and its price.
    module Aspects
      ASPECT = /\A(?<name>[^:–—]{2,30}?)\s*(?::|\s[–—-])\s+(?<words>\S.*)\z/m

      # "They cost £19": words that say something name no aspect; the unit does.
      SAYING = /\A(?:it|they|he|she|we|you|that|this|there|and|but|with|for|in|to|of|on|at|by|from|as|an?|the|or|so|not|only|up)\b|\b(?:is|are|was|were|costs?|takes?|took|has|have|had|needs?|comes? to|about)\b/i
      VERB = /\A(?:costs|takes|needs|wants|has|is|holds|keeps|gives|uses|burns|makes|lasts|brings|pays|gets|loses)\z/

      private

      # "4 kg, 5 minutes, £12": the units are the aspects; "fare €2.50": the word before the number is.
      def aspects(span)
        label = span.text.index(":").to_i
        Sentences.clauses(span, /[,;]\s+(?:and\s+)?|\s+and\s+/).each_with_object([]) do |clause, list|
          quantity = text.quantities_in(clause).first
          next unless quantity && clause.to > span.from + label && !(quantity.from == span.from && quantity.value == 1)

          words = clause.text.sub(/\A[^:]*:\s*/, "")
          named = words.match(/\A(?<name>[[:alpha:]][a-z ]{2,24}?)\s+(?=[\d£€$])/)
          named = nil if named && (named[:name].match?(named[:name].include?(" ") ? SAYING : VERB) || deed?(clause, named[:name]))
          name = named ? named[:name] : unit_name(quantity, clause)
          list << [name, (named ? words.delete_prefix(named[0]) : amount_on(quantity, clause)).strip.chomp(".")] unless name.empty?
        end.uniq(&:first)
      end

      # "The old one kneads 12 kg", "and protect 190 homes" say something; they name no aspect.
      def deed?(clause, name) = text.tokens_in(clause).any? { |t| (name.include?(" ") ? t.finite? : t.verb?) && t.low == name.split.last.downcase }

      # Of "They keep 90 % of the warmth" the aspect is the warmth: a sign names none.
      def unit_name(quantity, clause)
        return "price" if quantity.unit.match?(/\A[A-Z]{3}\z/)
        return quantity.unit unless quantity.unit == "%"

        text.string[quantity.to...clause.to].to_s[/\A\s+of (?:(?:the|its|their|his|her|all) )?([[:alpha:]-]+)/, 1].to_s
      end

      # Where the unit names the row, the cell begins with its number: of "It wants 20 minutes to warm up" it keeps "20 minutes to warm up".
      def amount_on(quantity, clause)
        lead = text.string[clause.from...quantity.from][/(?:about|around|nearly|almost|under|over|up to|at least|at most|roughly|only|just|some|less than|more than|[<>~±])\s*\z/i].to_s
        lead + text.string[quantity.from...clause.to].to_s
      end
    end
  end
end
