# frozen_string_literal: true

module Peony
  module Reading
    # What is said of a thing that its neighbours have as well: "4 kg, 5 minutes, £12" are its kg, its minutes and its price.
    module Aspects
      ASPECT = /\A(?<name>[^:–—]{2,30}?)\s*(?::|\s[–—-])\s+(?<words>\S.*)\z/m

      # "They cost £19": words that say something name no aspect; the unit does.
      SAYING = /\A(?:it|they|he|she|we|you|that|this|there|and|but|with|for|in|to|of|on|at|by|from|as|an?|the|or|so|not|only|up)\b|\b(?:is|are|was|were|costs?|takes?|took|has|have|had|needs?|comes? to|about)\b/i
      VERB = /\A(?:costs|charges|takes|needs|wants|has|is|holds|keeps|gives|uses|burns|makes|lasts|brings|pays|gets|loses)\z/

      private

      # "4 kg, 5 minutes, £12": the units are the aspects; "fare €2.50": the word before the number is.
      # @return [Array<Array(String, String)>] names and what is said
      def aspects(span)
        label = span.text.index(":").to_i
        Sentences.clauses(span, /[,;]\s+(?:and\s+)?|\s+and\s+/).flat_map do |clause|
          one, *others = text.quantities_in(clause)
          next [] unless one && clause.to > span.from + label && !single?(one)

          others = others.select { |q| q.unit != one.unit && !q.unit.empty? && q.said }
          ends = [*others.map(&:from), clause.to]
          [aspect(one, text.span(clause.from, ends.first)), *others.zip(ends.drop(1)).map { |q, to| [unit_name(q, clause), amount(q, text.span(q.from, to))] }].reject { |name, _| name.empty? }
        end.uniq(&:first)
      end

      # "Per bottle the posters cost 7.63 euros and the van 4.23": what one sentence tells of two goes to each of them.
      # @param items [Array<Item>] two, changed in place
      # @return [Array<Item>] the same
      def of_both(items)
        names = items.map { |i| i.title.split.last.downcase.delete_suffix("s") }
        further = text.sentences.reject { |s| items.flat_map(&:spans).any? { |held| held.from < s.to && s.from < held.to } }
        further.each do |s|
          one, two, *more = text.quantities_in(s)
          next unless two && more.empty? && one.unit == two.unit && names.uniq.size == 2

          gap = text.string[one.to...two.from]
          joint = gap.match(/,?\s+(?:and|but|while)\s+/) or next
          first = [0, 1].find { |k| text.string[s.from...one.from].downcase.include?(names[k]) && gap.downcase.include?(names[1 - k]) && !gap.downcase.include?(names[k]) } or next
          add_told(items[first], one, text.span(s.from, one.to + joint.begin(0)))
          add_told(items[1 - first], two, text.span(one.to + joint.end(0), s.to))
        end
        items
      end

      def add_told(item, quantity, span)
        item.aspects |= [[unit_name(quantity, span), quantity.text]]
        item.detail = [item.detail, Titles.capital(span.text)].reject(&:empty?).join(" ")
        item.spans += [span]
      end

      # "One option is", "if one lamp fails": a single thing is no amount.
      def single?(quantity) = quantity.text.match?(/\Aone\b/i) && Units.counted?(quantity.unit)

      def aspect(quantity, clause)
        words = clause.text.sub(/\A[^:]*:\s*/, "")
        named = words.match(/\A(?<name>[[:alpha:]][a-z ]{2,24}?)\s+(?=[\d£€$])/)
        named = nil if named && (named[:name].match?(named[:name].include?(" ") ? SAYING : VERB) || deed?(clause, named[:name]))
        [named ? named[:name] : unit_name(quantity, clause), named ? tidied(words.delete_prefix(named[0])) : amount(quantity, clause)]
      end

      # "The old one kneads 12 kg", "and protect 190 homes" say something; they name no aspect. In a table "Brought" heads a column.
      def deed?(clause, name) = text.tokens_in(clause).any? { |t| (name.include?(" ") ? t.finite? : t.verb?) && t.text == name.split.last && t.text == t.low }

      # Of "They keep 90 % of the warmth" the aspect is the warmth, of "It was 78 % full" how full it was: a sign names none.
      def unit_name(quantity, clause)
        return "price" if Units.money?(quantity.unit)
        return quantity.unit unless quantity.unit == "%"

        behind = text.string[quantity.to...clause.to].to_s
        behind[/\A\s+of (?:(?:the|its|their|his|her|all) )?([[:alpha:]-]+)/, 1] || behind[/\A\s+([[:lower:]-]{3,})\W*\z/, 1].to_s
      end

      # Where the unit names the row, the cell begins with its number: of "It wants 20 minutes to warm up" it keeps "20 minutes to warm up".
      def amount(quantity, clause)
        lead = text.string[clause.from...quantity.from][/(?:about|around|nearly|almost|under|over|up to|at least|at most|roughly|only|just|some|less than|more than|[<>~±])\s*\z/i].to_s
        tidied(lead + text.string[quantity.from...clause.to].to_s)
      end

      # "32 rooms | at", "£140 | it is the most expensive": what leads on or begins anew is no part of it.
      def tidied(words) = words.sub(/ (?:it|they|he|she|we|you|which|who) .*/m, "").sub(/[\s,;.]+(?:at|for|with|and|but|in|on)?\s*\z/, "").strip
    end
  end
end
