# frozen_string_literal: true

module Peony
  module Reading
    # Three groups or more that the first sentence names in a row, wherever in it: "It is not by chance that | the ferrymen, the fishermen and the pilots | of Dunlin drink in one bar".
    # A sentence tells of a group where one of its words does: "the binders" are the bookbinders.
    module NamedGroups
      LEADS = %w[the our an a his her their its].freeze
      # So many words name one.
      MOST = 3
      # Shorter words are parts of too many others.
      LEAST = 5

      module_function

      # @param text [Reading::Text]
      # @return [Array<Span>, nil]
      def of(text)
        first = text.sentences.first or return nil
        tokens = text.tokens_in(first)
        tokens.each_index.lazy.filter_map { |i| row(text, tokens, i) }.first
      end

      def row(text, tokens, index)
        names = []
        while (name = name(tokens, index))
          names << name
          index += name.size
          break if names.size > 1 && tokens[index - name.size - 1].low == "and"

          gap = tokens[index, 2].to_a.map(&:low)
          return nil unless %w[, and].include?(gap.first)

          index += gap == %w[, and] ? 2 : 1
        end
        leads = names.map { |n| LEADS.include?(n.first.low) }
        return nil unless names.size.between?(3, 4) && leads.uniq.one? && tokens[index - names.last.size - 1].low == "and"

        names.map { |n| text.span(n.first.from, n.last.to) }
      end

      # "The basket makers"
      def name(tokens, index)
        lead = LEADS.include?(tokens[index]&.low) ? 1 : 0
        words = tokens[(index + lead)..].to_a.take_while { |t| t.word? && (t.noun? || t.tag.start_with?("jj")) && !t.finite? }.first(MOST)
        words = words[0..-2] while words.any? && !words.last.noun?
        tokens[index, lead + words.size] if words.any?
      end

      # @param words [Array<String>] those that name one group and no other, in lower case
      # @param told [Array<String>] words in lower case
      def told?(words, told)
        told.any? { |w| words.any? { |name| w[0, LEAST] == name[0, LEAST] || within?(name, w) } }
      end

      def within?(name, word)
        name, word = [name, word].map { |w| w.delete_suffix("s") }
        word.length >= LEAST && name.length > word.length && name.end_with?(word)
      end
    end
  end
end
