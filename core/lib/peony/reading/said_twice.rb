# frozen_string_literal: true

module Peony
  module Reading
    # What a passage says of its numbers a second time, in words or as a number, and otherwise: "from 900 to 720 litres, a saving of 280 litres", "doubled, from 34 to 51",
    # "Four people: Hanne, the verger and Miss Fell". Part of {Contradictions}.
    module SaidTwice
      # Leads from two values to how far they are apart.
      BY_SO_MUCH = /\b(?:saving|rise|fall|drop|difference|increase|decrease|gain|loss|growth|reduction) of (?:just |exactly )?\z/i
      # What a value has been multiplied by.
      MULTIPLIED = { "doubled" => 2.0, "trebled" => 3.0, "tripled" => 3.0, "quadrupled" => 4.0, "halved" => 0.5 }.freeze
      VERB = /\b(?<verb>#{MULTIPLIED.keys.join('|')}),? from \z/i
      NEARLY = /\b(?:nearly|almost|about|roughly|than|just|practically) \z/i
      # More than this off is no rounding.
      OFF = 0.1
      COUNTED = /\A(?<many>#{Numbers::WORD}|\d{1,2}) (?:people|members|guests|children|pupils|teachers|artists|speakers|towns|villages|streets|countries|rooms|prizes|days|languages) [^:;.!?]{3,60}: (?<list>[^:;.!?]+)\.?\z/i
      NO_LIST = /\d|\b(?:who|which|with|others?|more|each|every|his|her|their|couple|twins|sisters|brothers|family|etc|so on)\b/i
      # What all of an amount was for.
      SPENT = /\b(?:spent|went|goes|came from|raised|divided|shared out)\b/i

      private

      # @param text [Reading::Text]
      # @return [Array<Contradictions::Found>]
      def said_twice(text) = [*apart(text), *multiplied(text), named(text), headed(text)].compact

      def apart(text)
        text.changes.filter_map do |pair|
          one, two = Scales.common(pair.one, pair.two)
          said = text.quantities.find do |q|
            q.from > two.to && q.from - two.to < 60 && q.unit == two.unit && q.unit != "%" && text.string[two.to...q.from].match?(BY_SO_MUCH) && !q.approximate
          end
          right = (two.value - one.value).abs
          next if said.nil? || right.zero? || (said.value.abs - right).abs <= right * 0.02

          differ(one, two, said, right, said.unit, "#{Arithmetic.show([one.value, two.value].max)} − #{Arithmetic.show([one.value, two.value].min)}")
        end
      end

      def multiplied(text)
        text.changes.filter_map do |pair|
          one, two = Scales.common(pair.one, pair.two)
          match = text.string[[0, one.from - 40].max...one.from].to_s.match(VERB)
          verb = match[:verb].downcase if match && !match.pre_match.match?(NEARLY)
          next if verb.nil? || one.value.zero? || one.approximate || two.approximate

          right = two.value.to_f / one.value
          next if (right - MULTIPLIED[verb]).abs <= MULTIPLIED[verb] * OFF

          differ(one, two, two, right.round(2), "times", "#{Arithmetic.show(two.value)} ÷ #{Arithmetic.show(one.value)}", said: verb)
        end
      end

      def differ(one, two, told, right, unit, working, said: Arithmetic.show(told.value))
        Contradictions::Found.new(message: "From #{Arithmetic.show(one.value)} to #{Arithmetic.show(two.value)} is #{Arithmetic.show(right)} #{unit}, not #{said}.", working: working,
                                  from: [one.from, two.from, told.from].min, to: [one.to, two.to, told.to].max, right: Arithmetic.derive(right, unit, working, one, two))
      end

      # "Four people sit on the jury: Hanne Orrin, the verger and Miss Fell."
      def named(text)
        text.sentences.filter_map do |sentence|
          match = sentence.text.match(COUNTED) or next
          parts = Series.split(sentence.group(match, :list))
          said = Numbers.count(match[:many])
          next if said.nil? || said < 2 || parts.size < 2 || parts.size == said || match[:list].match?(NO_LIST) || parts.any? { |p| p.text.split.size > 4 || p.text.match?(/ and /) }

          not_so_many(said, parts.size, sentence)
        end.first
      end

      # "How the £500 was spent", above amounts that make another sum.
      def headed(text)
        whole = text.heading_quantities.first
        return nil unless whole && text.heading_quantities.one? && text.passage.heading.match?(SPENT) && Units::CURRENCIES.value?(whole.unit) && text.outer.size >= 3

        parts = text.outer.map(&:span).map { |s| text.quantities_in(s) }
        return nil unless parts.all? { |list| list.one? && list.first.unit == whole.unit && !list.first.approximate }

        values = parts.map { |list| list.first.value }
        sum = values.sum
        return nil if (sum - whole.value).abs <= whole.value * 0.01 || sum < whole.value * 0.6 || sum > whole.value * 1.6

        first, last = parts.flatten.minmax_by(&:from)
        no_total(values, whole, first.from, last.to)
      end
    end
  end
end
