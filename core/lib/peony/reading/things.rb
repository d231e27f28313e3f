# frozen_string_literal: true

module Peony
  module Reading
    # The things of a sentence: where one ends and the next begins though no mark parts them ("after a week | tiny caterpillars hatch"),
    # which stand in a phrase ("in the yard"), and which of them a verb speaks of.
    class Things
      PART = /\A(?:nn.*|det|prps|jj|jjr|jjs|cd|pos)\z/
      PHRASE = /\A(?:in|to)\z/
      BE = /\A(?:is|are|was|were)\z/
      # What stands behind a verb of being where the sentence is turned round.
      THERE = /\A(?:nn.*|det|prps|cd|ex)\z/
      PAUSE = /\A(?:rb.*|md)\z/
      # How long something takes, or when: what follows in the same breath is another thing.
      TIME = /\A(?:second|minute|hour|day|night|week|month|year|decade|century|season|spring|summer|autumn|winter|morning|noon|afternoon|evening|holiday|weekend|lesson|
                 #{(Dates::DAYS + Dates::MONTHS).join('|')})s?\z/x

      # Words behind a time that say how it lies to what was told before.
      LATER = /\A(?:later|ago|earlier|afterwards)\z/
      TITLE = /\A(?:mr|mrs|ms|miss|dr)\.?\z/
      # With these a time opens a sentence: "Next morning | add salt".
      OPENING = /\A(?:next|this|that|last|one|every|each)\z/

      # What is longer than this is no sentence, and no thing of it is parted from the next.
      LONGEST = 200

      # @param tokens [Array<Tokens::Token>] of one sentence
      def initialize(tokens)
        @tokens = tokens
        @parts = tokens.map { |t| t.tag.match?(PART) }
        @parted = []
        @leads = []
        @subjects = {}
        tokens.each_index do |i|
          @parted << (i.positive? && tokens.size <= LONGEST && begins?(i))
          @leads << lead(i)
        end
      end

      # @return [Boolean] whether another thing begins at a word, right behind one
      def parted?(index) = @parted[index] || false

      # @return [Boolean] whether a word belongs to a thing behind "in", "by" and their like
      def in_phrase?(index) = @leads[index] >= 0 && tokens[@leads[index]].tag.match?(PHRASE)

      # @param verb [Integer] place of a verb
      # @return [Integer, nil] where the thing begins that it speaks of, as far as one stands before it
      def subject(verb)
        @subjects.fetch(verb) do
          at = (verb - 1).downto(0).find { |i| !tokens[i].tag.match?(PAUSE) }
          @subjects[verb] = at && (tokens[at].tag == "prp" ? at : head(at))
        end
      end

      private

      attr_reader :tokens

      def begins?(index)
        tag = tokens[index].tag
        return index == 2 && opening? && tag.start_with?("vb") unless @parts[index]
        return tokens[index - 1].low.match?(LATER) && index > 1 && time?(index - 2) unless tokens[index - 1].noun? || viewing?(index - 1)
        return true if %w[det prps].include?(tag) || (tag == "jj" && thing_ahead?(index)) || (index == 2 && opening?) || somebody?(index)

        of_phrase?(index)
      end

      # Whether a thing that begins at a word is no part of the phrase before it.
      def of_phrase?(index)
        in_phrase?(index - 1) && (so_many?(index) || time?(index - 1) || (name?(index) && tokens[index - 1].text.match?(/\A[[:lower:]]/)) || counted?(index - 1) || last?(index))
      end

      # "She gets the keys | Mrs Abel walks"
      def somebody?(index) = tokens[index].low.match?(TITLE) && tokens[index - 1].text.match?(/\A[[:lower:]]/)

      # "At the viewing | six people", but not "in room 12".
      def so_many?(index) = tokens[index].tag == "cd" && tokens[index].low.match?(/\A[a-z]/) && tokens[index + 1]&.tag == "nns"

      # "At the viewing | six people": what is done, as a thing.
      def viewing?(index) = tokens[index].tag == "vbg" && index.positive? && tokens[index - 1].tag == "det"

      # "Per head of population | Nettlebeck comes first"
      def name?(index) = tokens[index].tag == "nnp" || (tokens[index].noun? && tokens[index].text.match?(/\A[[:upper:]][[:lower:]]/) && tokens[index + 1]&.finite?)

      # "On the ground floor dogs | are welcome": where all before the verb stands in phrases, the verb speaks of the last.
      def last?(index)
        tokens[index].noun? && tokens[index + 1]&.finite? && !turned?(index + 1) && (0...index).none? { |i| tokens[i].tag == "prp" || (tokens[i].noun? && !in_phrase?(i)) }
      end

      # "In the chess club are Ada and Ben": what there is stands behind the verb.
      def turned?(verb) = tokens[verb].low.match?(BE) && (tokens[verb + 1].nil? || tokens[verb + 1].tag.match?(THERE))

      def time?(index) = tokens[index].low.match?(TIME)
      def opening? = tokens[0].low.match?(OPENING) && time?(1)

      # Place of the word before the thing that a word belongs to; -1 where none is.
      def lead(index)
        return -1 if index.zero? || @parted[index]

        @parts[index - 1] ? @leads[index - 1] : index - 1
      end

      # A word that describes has a thing to describe: "a week tiny caterpillars", not "a glass full".
      def thing_ahead?(index)
        following = ((index + 1)...tokens.size).find { |i| tokens[i].tag != "jj" }
        !following.nil? && tokens[following].noun?
      end

      def counted?(index)
        at = index
        at -= 1 while at.positive? && @parts[at] && tokens[at].tag != "cd"
        tokens[at].tag == "cd" && tokens[index].tag == "nns"
      end

      # Where the thing begins whose last word stands at +last+, with what it belongs to: "the tables near the buffet", "wind and frost".
      def head(last)
        return nil unless @parts[last]

        from = before_from(last)
        lead = from - 1
        return from if lead.negative? || parted?(from)
        return nil if tokens[lead].finite?

        joins = tokens[lead].tag
        return joins.match?(PHRASE) ? nil : from unless lead.positive? && @parts[lead - 1] && (joins.match?(PHRASE) || joins == "cc")

        earlier = head(lead - 1)
        joins == "cc" ? (earlier || from) : earlier
      end

      def before_from(last)
        at = last
        at -= 1 while at.positive? && @parts[at - 1] && !parted?(at)
        at
      end
    end
  end
end
