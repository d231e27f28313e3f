# frozen_string_literal: true

module Peony
  module Reading
    # What several groups do together, without saying again who they are: "Costumes and puppets both live off | needles, felt and tins". Part of {Finders::Overlap}.
    module WhatIsShared
      # What says that it is shared, and leads to what.
      SHARES = /\A(?:both |all |each |do |also )*(?:share|shares|have|has|need|needs|use|uses|want|wants|like|likes|wear|wears|live off|live by|rely on|depend on|fight over|are|is|would like|would both like|would be|worry about)\b (?:both |all |always )?(?:by |to |for |at )?(?:the same |much the same |the |an? )?/i
      # "The answer is | fire | , of which all three have too much", "between the fishermen and the ferrymen it is | engines"
      NAMED = /(?:\A(?:and |but )?the answer|\b(?:between|with|among|for) [^,;.]{5,60} it)(?: is|['’]s) (?<what>(?!not\b)[^,;.:]{3,30})(?=[,;.:]|\z)/i
      # "Charcoal | is what ties the baker to the burner"
      TIES = /\A(?:and |but )?(?:the |an? )?(?<what>[^,;.]{2,30}?) (?:is|are) (?:what (?:ties|joins|binds|links|unites|brings|keeps|holds)|the (?:affair|business|concern) of)\b/i

      # A few words tell it; "up" and "on" tell nothing.
      LEAST = 6
      ALL_OF_THEM = %w[all both they each].freeze

      private

      # @param item [Item] of a sentence that names several groups
      # @return [Item] called by what they share
      def shared(item)
        words = item.spans.first.text
        named = words[NAMED, :what] || words[TIES, :what]
        rest = named || behind_verb(item.spans.first) or return item
        title, = Titles.of(rest)
        return item if title.length < LEAST && !named

        item.naming do |i|
          i.title = Titles.capital(title)
          i.detail = item.spans.first.text.strip.chomp(".")
        end
      end

      def behind_verb(span)
        tokens = text.tokens_in(span)
        at = behind_two(tokens) || tokens.index { |t| t.finite? || t.low.match?(InCommon::TOGETHER_DO) } || tokens.index { |t| t.low == "both" }
        return nil if at.nil? || at.zero? || span.text.match?(/\A(?:and |but )?what\b/i) || !of_groups?(tokens.first(at))

        span.text[(tokens[at].from - span.from)..].sub(SHARES, "").sub(/[\s.;]+\z/, "").sub(/,? (?:which|who|and take)\b.*\z/m, "").then { |words| words unless words.empty? }
      end

      # "Ferrymen and pilots | talk of nothing but tides": what stands right behind two of them is what they do.
      def behind_two(tokens)
        own = InCommon.own_words(InCommon.groups(text))
        ends = tokens.first(8).each_cons(2).find_index { |a, b| own.one? { |list| NamedGroups.told?(list, [a.low]) } && b.word? && !%w[and or of alone].include?(b.low) } or return nil
        lead = tokens.first(ends + 1).map(&:low)
        ends + 1 if lead.include?("and") && !lead.include?(",") && own.count { |list| NamedGroups.told?(list, lead) } == 2
      end

      # Who does it is told before the verb.
      def of_groups?(tokens)
        words = tokens.map { |t| t.low.delete_suffix("s") }
        words.intersect?(ALL_OF_THEM) || InCommon.groups(text).any? { |g| Manner.stems(text, g).any? { |stem| words.any? { |w| w.start_with?(stem.delete_suffix("s")[0, 5].to_s) } } }
      end
    end
  end
end
