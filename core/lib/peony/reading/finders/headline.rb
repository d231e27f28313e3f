# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # One or a few striking numbers, each by itself.
      class Headline < Finder
        family "headline"

        def find
          return nil if text.entries.size > 4

          items = text.sentences.filter_map { |s| number(s) } + text.outer.map(&:span).filter_map { |s| number(s) }
          return nil if items.empty?

          words = text.string.split.size
          fit = { 1 => 0.62, 2 => 0.6, 3 => 0.62, 4 => 0.5 }.fetch(items.size, 0.36)
          fit -= 0.2 if words > 90
          fit -= 0.3 if text.sentences.count { |s| Words.imperative?(s.text) } * 2 > text.sentences.size
          fit -= 0.12 if text.quantities.size > items.size * 2
          finding(fit, items.size == 1 ? "one number that stands by itself" : "#{count(items.size, 'number')}, each by itself", items.first(6))
        end

        private

        def number(sentence)
          return nil if Words.imperative?(sentence.text)

          list = text.quantities_in(sentence).reject { |q| q.approximate && q.value < 3 }
          ratio = list.each_cons(2).find { |a, b| text.string[a.to...b.from].match?(/\A\s*(?:in|out of)\s*\z/i) }
          chosen = ratio ? ratio.first : list.max_by { |q| weight(q) }
          # "9 dogs." on its own is said to strike, however small the number.
          bare = chosen && sentence.text.split.size <= 6 && chosen.from - sentence.from < 3
          return nil if chosen.nil? || (weight(chosen) < 1 && !ratio && !bare)

          words = tail(sentence, ratio ? ratio.last : chosen)
          Item.new(title: capital(words), detail: "", spans: [sentence], value: chosen.value, unit: chosen.unit,
                   date: ratio ? "#{Arithmetic.show(ratio[0].value)} in #{Arithmetic.show(ratio[1].value)}" : nil, children: [], aspects: [])
        end

        # Large numbers, shares and money strike; small counts do not.
        def weight(quantity)
          return 2 if quantity.unit == "%" || quantity.unit.match?(/\A[A-Z]{3}\z/)
          return 0.5 if quantity.value < 10 && quantity.unit != "times"

          1 + (Math.log10(quantity.value.abs + 1) / 10)
        end

        # What the number says: the words that follow it, else the sentence.
        def tail(sentence, quantity)
          rest = sentence.text[(quantity.to - sentence.from)..].to_s.sub(/\A[\s,:–—-]+/, "").sub(/[.!]+\z/, "")
          rest = rest.split(/[;:]\s/).first.to_s
          rest.split.size.between?(1, 18) ? rest : sentence.text.sub(/[.!]+\z/, "")
        end

        def capital(words) = words
      end
    end
  end
end
