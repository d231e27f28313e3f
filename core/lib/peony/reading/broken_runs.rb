# frozen_string_literal: true

module Peony
  module Reading
    # Runs of words that would say what their sentence does not: cut from what they are said of, from what goes on, or from a "not". Part of {Runs}.
    module BrokenRuns
      # Words that lead on to others.
      LEADING = /\A(?:in|cc|wrb|wdt|wp|wps|to|ex|uh|pos|md)\z/
      # What is said not to be so must not be named as if it were.
      NOT = /\A(?:not|n['’]t|never|no|none|nobody|nothing|neither|nor|without|hardly|scarcely|cannot)\z/
      RELATIVE = /\A(?:that|which|who|whom|whose|of)\z/
      # Verbs behind which a thing does something itself.
      LETTING = /\A(?:lets?|makes?|made|helps?|helped|sees?|saw|hears?|heard|watch(?:es|ed)?)\z/

      # "Gave them | a house"
      SOMEBODY_ELSE = /\A(?:them|us|me|him|her|you)\z/
      GIVING = /\A(?:gives?|gave|given|brings?|brought|sends?|sent|shows?|showed|tells?|told|teach(?:es)?|taught|lends?|lent|leaves?|left|offers?|offered|buys?|bought|sells?|sold|costs?|saves?|saved|pays?|paid)\z/

      private

      def broken?(first, last) = put_off?(first, last) || twisted?(first, last) || severed?(first, last) || beheaded?(first, last) || opened?(first, last) || (last > first && of_which?(first))

      # "The rotten wood comes out before | anybody talks about paint": that comes later, and may not come at all.
      def put_off?(first, last)
        return false unless first > 2 && low(first - 1).match?(/\A(?:before|until|till|unless|although|though)\z/) && tokens.first(first - 1).any?(&:finite?)

        low(first).match?(Runs::SOMEBODY) || (first..last).any? { |i| tokens[i].finite? }
      end

      # "Whoever knows the | answer rings the bell", "in the | yard stand stables": what is said is not said of the thing that a run begins with.
      def beheaded?(first, last)
        verb = ((first + 1)..last).find { |i| tokens[i].finite? || (tokens[i - 1].noun? && (tokens[i].tag == "vb" || low(i).match?(Runs::COMES))) } or return false
        # "Those who pay and are | nice get cake", "a boat that comes down the | canal sounds its horn"
        return true if (verb == first + 1 && of_being?(first)) || told_of?(first)
        return false unless (first...verb).any? { |i| tokens[i].noun? }
        # "Something that | keeps you warm"
        return false if verb > first + 1 && low(verb - 1).match?(RELATIVE)

        from = things.subject(verb)
        # "May the door be opened", "in the yard stand stables"
        return true if from&.positive? && tokens[from - 1].tag == "md"

        from.nil? || first > from + (Words::ARTICLES.include?(low(from)) ? 1 : 0)
      end

      # "Clouds, which the | wind drives over the land"
      def of_which?(first)
        which = Words::ARTICLES.include?(low(first - 1)) ? first - 2 : first - 1
        which.positive? && low(which) == "which"
      end

      # "are | nice", "the strong and | handsome"
      def of_being?(first)
        return false unless tokens[first].tag == "jj"

        low(first - 1).match?(Things::BE) || (first > 1 && tokens[first - 1].tag == "cc" && tokens[first - 2].tag == "jj")
      end

      # Whether a word stands in what is told of a thing before it: "a boat that comes down the canal".
      def told_of?(first)
        whose = (first - 1).downto(0).take_while { |i| word?(i) }.find { |i| i.positive? && low(i).match?(/\A(?:that|which|who)\z/) && tokens[i - 1].noun? }
        !whose.nil? && ((whose + 1)...first).any? { |i| tokens[i].finite? }
      end

      # "When someone dies the family | has tea", "would let Tom | open": the last thing is what the next verb speaks of.
      def severed?(first, last)
        # "Wait half | an hour"
        return true if last > first && low(last) == "half" && Words::ARTICLES.include?(low(last + 1))

        following = tokens[last + 1]
        return true if following && last > first && torn?(first, last)
        return false unless following && word?(last + 1) && tokens[last].noun? && tokens[first..last].any?(&:verb?)

        following.finite? || %w[md vb].include?(following.tag) || (!following.tag.match?(LEADING) && tokens[first..last].any? { |t| t.low.match?(LETTING) })
      end

      def torn?(first, last)
        following = tokens[last + 1]
        # "Read it from end | to end", "was paid | for by a widow"
        return true if following.low.match?(/\A(?:to|till|until)\z/) && tokens[first..last].any? { |t| t.low == "from" }
        return true if low(last + 2) == "by" && following.low.match?(/\A(?:for|of|on|with)\z/)

        # "The town gave them | the old fire station"
        low(last).match?(SOMEBODY_ELSE) && low(last - 1).match?(GIVING) && following.tag.match?(/\A(?:det|prps|cd)\z/)
      end

      # "Children who never | say a word": of whom it is told only who they are.
      def opened?(first, last)
        at = ((first + 1)..last).find { |i| low(i).match?(/\A(?:who|which|whose)\z/) }
        (!at.nil? && (at..last).none? { |i| tokens[i].finite? }) || taking?(first, last)
      end

      # "Small things that need | five people"
      def taking?(first, last)
        last - first > 1 && low(last - 1).match?(/\A(?:that|which|who)\z/) && tokens[last].finite? && word?(last + 1) && tokens[last + 1].tag.match?(/\A(?:det|prps|cd|nn)/)
      end

      # Whether a run with a verb leaves off that it is not so: "None of this | appears on the bill", "Do not | touch the lens".
      def twisted?(first, last)
        return true if low(last + 1).match?(NOT)
        return false unless tokens[first..last].any?(&:verb?) || Words::IMPERATIVES.include?(low(first))

        (first - 1).downto(0).take_while { |i| word?(i) && tokens[i].tag != "cc" }.any? { |i| low(i).match?(NOT) }
      end
    end
  end
end
