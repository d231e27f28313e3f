# frozen_string_literal: true

module Peony
  module Reading
    # "All soups are either clear or bound. The clear ones come from …": two kinds that one sentence names, and what is said of each. Part of {Finders::Hierarchy}.
    module EitherOr
      TWO_KINDS = /\b(?:everything|everybody|everyone|all|each|every)\b[^.;:?]{0,40}\b(?:is|are|was|were) either (?:of )?(?:the )?(?<one>[[:lower:]]+) or (?:of )?(?:the )?(?<two>[[:lower:]]+)\s*\z/i
      # How early in its sentence a kind is named that the sentence is about.
      EARLY = 32

      private

      # @return [Array<Item>, nil] both kinds, each with its own
      def of_two_kinds
        return nil if nodes.size >= 2

        match, at = text.sentences.each_with_index.lazy.filter_map { |s, i| (m = s.text.chomp(".").match(TWO_KINDS)) && [m, i] }.first
        return nil unless match

        kinds = match.captures.map { |kind| kind_of(kind, text.sentences.drop(at + 1)) }
        @strength = 0.6
        kinds if kinds.all?
      end

      def kind_of(name, sentences)
        told = sentences.select { |s| s.text[0, EARLY].match?(/\b#{Regexp.escape(name)}\b/i) }
        return nil if told.empty?

        branch_of(told.first).naming { |i| i.title = Titles.capital(name) }.tap { |made| made.children += told.drop(1).flat_map { |s| branch_of(s).children } }
      end
    end
  end
end
