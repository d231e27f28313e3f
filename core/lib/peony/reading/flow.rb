# frozen_string_literal: true

module Peony
  module Reading
    # How sentences lead to one another: what one ends with begins the next, the last goes back to the first, a mishap stands in front,
    # people and what they feel, times that lead. Signs for the scorer, 0..1.
    module Flow
      MISHAP = %w[failed lost late broken cracked flooded dark fewer empty gone wrong trouble delay complaint damage collapse shortage accident ill dead dirty].freeze
      FEELING = %w[afraid proud happy sad angry nervous excited bored relieved lonely ashamed curious delighted tired worried].freeze
      PEOPLE = %w[people visitors guests children pupils customers patients parents teacher woman man].freeze
      KINDS = { mishap: MISHAP, feeling: FEELING, people: PEOPLE }.freeze
      NEAR = 0.45
      UNKNOWN = [0, 0, 0].freeze

      module_function

      # @param text [Reading::Text]
      # @return [Hash{Symbol => Float}]
      def signs(text)
        units = Signs.units(text)
        return {} if units.size < 3

        halves = units.map { |u| halves(text, u) }
        heads = halves.map(&:first)
        tails = halves.map(&:last)
        leads = units.map { |u| Manner.lead(text, u) }
        {
          chain: Signs.share(halves.each_cons(2).to_a) { |a, b| a.last.intersect?(b.first) },
          closes_first: Signs.one(tails.last(2).flatten.intersect?(heads.first)),
          closes_second: Signs.one(tails.last(2).flatten.intersect?(heads[1])),
          differ: heads.flatten.uniq.size.to_f / [heads.flatten.size, 1].max,
          when_led: Signs.share(leads) { |l| l == :when },
          joined_led: Signs.share(leads) { |l| l == :joined },
          the_or_name: Signs.share(leads) { |l| %i[the name].include?(l) },
          had_done: Signs.share(units) { |u| u.text.match?(/\b(?:had|has|have) (?:\w+ )?(?:been|gone|\w+ed|\w+en)\b/) },
          had_been: Signs.one(text.all_words.scan(/\bhad (?:\w+ )?\w+(?:ed|en|ne|nt|t)\b/).size >= 2),
          why_first: Signs.one(units.first.text.match?(/\bwhy\b|\breasons?\b|\bbecause\b|\bcredit\b|\bblame/i)),
          one_object: one_object(text, units)
        }.merge(near(text, units))
      end

      # How near one word comes to each kind. The vocabulary of the vectors is limited, so these are kept.
      def reach(word)
        @middles ||= Numo::DFloat[*KINDS.values.map { |seeds| Vectors.middle(seeds).to_a }]
        @reach ||= {}
        return UNKNOWN unless Vectors.known?(word)

        @reach[word] ||= Vectors.middle([word])&.then { |own| @middles.dot(own).to_a } || UNKNOWN
      end

      # Nouns before and after the verb.
      def halves(text, unit) = text.at(:halves, unit.from, unit.to) { parted(text, unit) }

      def parted(text, unit)
        tokens = text.tokens_in(unit)
        verb = tokens.index { |t| t.finite? } || (tokens.size / 2)
        [tokens.first(verb), tokens.drop(verb)].map { |part| part.select(&:noun?).map { |t| t.low.delete_suffix("s")[0, 6] }.uniq }
      end

      # How often a pronoun of one number is what things are done to or with: the middle of a hub.
      def one_object(text, units)
        words = units.map { |u| text.tokens_in(u).drop(1).map(&:low) }
        %w[it her him them].map { |w| Signs.share(words) { |list| list.include?(w) } }.max
      end

      # How near the words of each unit come to words of a kind; the first unit by itself as well.
      def near(text, units)
        told = units.map { |u| Manner.content(text, u) }
        KINDS.each_key.with_index.with_object({}) do |(kind, at), signs|
          reach = told.map { |words| words.map { |w| reach(w)[at] }.max || 0 }
          signs[:"#{kind}_near"] = Signs.share(reach) { |r| r > NEAR }
          signs[:"#{kind}_first"] = Signs.one(reach.first > NEAR)
          signs[:"#{kind}_mean"] = reach.sum / reach.size
        end
      end
    end
  end
end
