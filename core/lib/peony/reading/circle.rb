# frozen_string_literal: true

module Peony
  module Reading
    # A sentence that goes round: what each of its clauses leads to begins the next, and the last comes back to the first.
    #   "The baker pays the miller, the miller pays the farmer, and the farmer buys bread from the baker."
    module Circle
      # A clause begins with what it tells of.
      BEGINS = %w[det nn nns nnp nnps jj jjr jjs prps].freeze
      # So many words at the beginning of a clause name what it tells of.
      LEAD = 5

      module_function

      # @param text [Reading::Text]
      # @return [Array<Span>, nil] the clauses, in order
      def of(text)
        text.once(:circle) do
          next nil unless text.sentences.size.between?(1, 5) && text.tree.empty?

          (text.sentences.lazy.filter_map { |s| round(text, clauses(text, s)) || pairs(s) || endless(text, s) || arrows(s) }.first if text.sentences.size < 4) || told_round(text)
        end
      end

      # "Wash, dry, fold, wear, and wash again", "four phases that follow each other for ever: new moon, first quarter, full moon, last quarter"
      # @return [Array<Span>, nil]
      def endless(text, sentence)
        body = Series.after_colon(sentence)
        parts = Series.split(body || sentence)
        return nil unless parts.size.between?(3, 9) && parts.all? { |s| s.text.split.size < 8 && !s.text.include?(" and ") }
        return parts[0..-2] if parts.size > 3 && back?(parts)

        parts if body ? text.string[sentence.from...body.from].match?(ENDLESS) : false
      end

      # The last says the first once more; less than that is not enough to go round: "fares went up → ... → fares have to go up" is a cause.
      def back?(parts) = Series.once_more?([parts.first, parts.last]) || Series.words(parts.first) == Series.words(parts.last)

      ENDLESS = /\b(?:follow(?:s|ing)? (?:each other|one another) (?:for ever|endlessly|round|always)|never ends?|without (?:an )?end|endless(?:ly)?|round and round|over and over)\b/i

      CAUSED = [/\A(?:because|when|if|since|as|whenever) (?<why>[^,]+), (?<so>.+)\z/i, /\A(?<why>[^,]+), (?:and )?so (?<so>.+)\z/i, /\A(?<so>[^,]+) because (?<why>.+)\z/i].freeze

      # "Fewer buses run, so fewer people ride. Because fewer people ride, there is less money. Because there is less money, fewer buses run."
      # @return [Array<Span>, nil] what leads to the next, each once
      def linked(text, sentences)
        return nil unless sentences.size.between?(2, 6)

        found = sentences.map { |s| caused(text, s) or return nil }
        return nil unless found.size > 2

        words = found.map { |pair| pair.map { |s| Manner.stems(text, s) } }
        joined = words.each_index.all? { |i| same?(words[i - 1].last, words[i].first) } || words.each_index.all? { |i| same?(words[i - 1].first, words[i].last) }
        found.map(&:first) if joined
      end

      # @return [Array(Span, Span), nil] why, and what follows
      def caused(text, sentence)
        text.at(:caused, sentence.from, sentence.to) do
          form = CAUSED.find { |pattern| sentence.text.match?(pattern) }
          form && sentence.text.match(form).then { |m| %i[why so].map { |part| text.span(sentence.from + m.begin(part), sentence.from + m.end(part)) } }
        end
      end

      def same?(one, other) = one.any? && other.any? && ((one - other).empty? || (other - one).empty?)

      # Several sentences, with one before or behind them that says something else.
      def told_round(text)
        list = text.sentences
        [list, list[0..-2], list.drop(1)].lazy.filter_map { |some| linked(text, some) || vicious(text, some) }.first
      end

      # "Plan → try → look → change → plan"
      def arrows(sentence)
        parts = sentence.text.match?(/[→⟶>]/) && sentence.text.scan(Series::ARROW).size > 2 ? Sentences.clauses(sentence, Series::ARROW) : []
        parts[0..-2] if parts.size > 3 && back?(parts)
      end

      # "No guests, no money; no money, no paint; no paint, no guests."
      # @return [Array<Span>, nil] the first of each pair
      def pairs(sentence)
        list = Sentences.clauses(Series.after_colon(sentence) || sentence, /;\s+(?:and )?/).map { |s| Sentences.clauses(s, /,\s+/) }
        return nil unless list.size > 2 && list.all? { |pair| pair.size == 2 }

        words = list.map { |pair| pair.map { |s| s.text.downcase.chomp(".") } }
        list.map(&:first) if words.each_index.all? { |i| words[i - 1].last == words[i].first }
      end

      WHY = /\b(?:because|so that|so|when|whenever|since|if|the more|therefore|that is why)\b/
      PARTED = /,?\s+(?:and )?(?=because\b|so that\b|so\b)/

      # "When lessons are dull pupils chat. When they chat the teacher sets a worksheet. Worksheets are dull.": each sentence takes up what the one before said,
      # and the last word of all was said in the first.
      # @return [Array<Span>, nil]
      def vicious(text, list)
        told = list.map { |s| Manner.stems(text, s) }
        return nil unless list.size > 1 && text.quantities.size < 2 && text.moments.size < 2 && text.all_words.scan(WHY).size > 1
        return nil unless told.last.last && told.first.include?(told.last.last) && told.each_cons(2).all? { |a, b| a.intersect?(b) }

        list.size > 2 ? list : list.flat_map { |s| Sentences.clauses(s, PARTED) }.then { |parts| parts if parts.size > 2 }
      end

      def clauses(text, sentence)
        Sentences.clauses(sentence, /[,;:]\s+(?:and |so )?|\s+and\s+(?=(?:the|an?|our|its) )/).each_with_object([]) do |part, list|
          begins = list.empty? || (BEGINS.include?(text.tokens_in(part).first&.tag) && whole?(text, list.last))
          begins ? list << part : list[-1] = text.span(list.last.from, part.to)
        end
      end

      def whole?(text, span) = text.tokens_in(span).each_with_index.any? { |t, i| t.finite? || (t.tag == "vb" && i.positive?) }

      def round(text, clauses)
        return nil if clauses.size < 3

        named = clauses.map { |c| nouns(text.tokens_in(c).first(LEAD)) }
        told = clauses.map { |c| nouns(text.tokens_in(c)) }
        links = clauses.each_index.all? { |i| (told[i - 1] - named[i - 1].first(1)).intersect?(named[i]) }
        clauses if links && named.map(&:first).uniq.size == clauses.size
      end

      def nouns(tokens) = tokens.select(&:noun?).map { |t| t.low.delete_suffix("s") }
    end
  end
end
