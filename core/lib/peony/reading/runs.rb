# frozen_string_literal: true

module Peony
  module Reading
    # The runs of words in a sentence that can stand by themselves: none begins or ends within a thing ("the old | oak"), with a word that
    # leads on ("of", "and", "is"), or between a verb and what it takes; none says that something is so which the sentence denies.
    class Runs
      include BrokenRuns

      MOST = Titles::MOST
      SELVES = %w[them him me us himself herself itself themselves].freeze
      NEVER_FIRST = %w[is are was were be been being am 's 're 'm 'll 've 'd n't not has have had do does did will would can could may might must should shall
                       then also only just very too so as than that which who whose where when while if because once until till of up off down out away back
                       and or but nor yet either there here however instead perhaps well yes please really actually simply].concat(SELVES).to_set.freeze
      NEVER_LAST = (NEVER_FIRST - %w[up off down out away back there here too instead] - SELVES +
                    %w[the a an this these those its their our your his her my every each some any no more most less we you i he she they who about almost nearly
                       at least else by for from with without to into onto cannot now still quite rather]).freeze
      DESCRIBING = /\A(?:det|prps|jj|jjr|jjs|cd|pos)\z/
      # What a verb can take.
      TAKEN = /\A(?:nn.*|det|prps|prp|jj|jjr|jjs|cd)\z/
      # With these another statement begins.
      SUBJECT = /\A(?:i|we|he|she|they|it)\z/
      SOMEBODY = /\A(?:nobody|somebody|someone|everybody|everyone|anybody|anyone)\z/
      SUBORDINATE = /\A(?:because|if|when|while|until|till|although|though|unless|since|whenever|wherever|whatever|whoever|where|which|whose|so|as|than|before|after)\z/
      # What tells when, beside a word of time.
      WHEN = /\A(?:the|an?|next|this|that|same|overnight)\z/
      COMES = /\A(?:comes?|came|goes|go|went|stands?|stood|lies?|lay|hangs?|hung|follows?|followed)\z/
      AT_LAST = /\A(?:then|next|last|first|finally|here|there|now|behind|below|above|beside|inside|outside|after|before|in|on)\z/
      OPENS = /\A(?:upstairs|downstairs|outside|inside|indoors|outdoors|first|second|third|next|last|finally|later|afterwards|now|today|tomorrow|meanwhile)\z/
      # "Meets round | her table", "stuck in right | at the end"
      AROUND = /\A(?:round|around|along|across|past|through|under|near|down|off|over|up|out)\z/
      NEARER = /\A(?:right|just|even|only)\z/
      WHATEVER = /\A(?:something|anything|everything|someone|anyone|those|ones?|ours|mine|yours|theirs|whoever|whatever)\z/
      SAYS_IT = /\A(?:it|this|that)\z/
      PARTICLES = %w[up off down out away back over on in through].to_set.freeze

      class << self
        # @param tokens [Array<Tokens::Token>] of one sentence
        # @return [Array<Array(Integer, Integer)>] first and last word of each run
        def of(tokens) = new(tokens).all

        # @return [Boolean] whether a token is a word, and no mark between words
        def word?(token) = token.text.match?(/[[:alnum:]]|\A['’%£€$&]/)

        # An order, though the tagger may take it for a thing: "Brush on two coats", "Rinse the jar".
        def told?(tokens, index)
          return false unless index.zero? || !word?(tokens[index - 1])

          Words::IMPERATIVES.include?(tokens[index].low) || (tokens[index + 1]&.tag.to_s.match?(/\A(?:det|prps)\z/) && tokens[index].tag.match?(/\A(?:nn|vb|vbp|nnp)\z/))
        end
      end

      def initialize(tokens)
        @tokens = tokens
        @words = tokens.map { |t| Runs.word?(t) }
      end

      def all
        tokens.each_index.select { |first| begins?(first) }.flat_map do |first|
          reach(first).filter_map { |last| [first, last] if ends?(last) && says?(first, last) && !nothing?(first, last) && !broken?(first, last) }
        end
      end

      private

      attr_reader :tokens

      def word?(index) = index >= 0 && (@words[index] || false)
      def low(index) = tokens[index]&.low.to_s
      def describing?(index) = tokens[index].tag.match?(DESCRIBING)
      def part_of_thing?(index) = tokens[index].noun? || describing?(index)
      # Words that are one on paper: "do" and "n't".
      def joined?(index) = word?(index - 1) && tokens[index - 1].to == tokens[index].from

      # Nothing, by itself, names nothing.
      def nothing?(first, last) = first == last && low(first).match?(/\A(?:nothing|something|everything|anything)\z/) && tokens.size > 3

      def begins?(index)
        return false if !word?(index) || joined?(index) || tokens[index].text.start_with?("'", "’")
        return false if opens?(index) || lone?(index) || turned?(index) || behind_and?(index) || of_last?(index)
        return denied?(index) if NEVER_FIRST.include?(low(index)) || tokens[index].tag.match?(LEADING)
        return true unless word?(index - 1)

        !low(index).match?(/\A(?:the|an?)\z/) && !(low(index) == "each" && low(index + 1) == "other") && !within?(index)
      end

      # "Do not touch" begins with its "do".
      def denied?(index) = low(index) == "do" && low(index + 1).match?(NOT)

      # "First | we make people curious", "From August on | we harvest"
      def opens?(index)
        return false unless word?(index + 1) && (low(index).match?(OPENS) || tokens[index].tag == "rp")

        # "First Ole lets them blow candles"
        tokens[index + 1].tag.match?(/\A(?:prp|det|prps)\z/) || (index.zero? && tokens[1].tag == "nnp" && tokens[2]&.finite?)
      end

      # "Then come | the twigs": what comes is the name.
      def turned?(index) = index.positive? && low(index).match?(COMES) && low(index - 1).match?(AT_LAST) && word?(index + 1) && part_of_thing?(index + 1)

      # "Something that | keeps you warm", "brought | round in the oven"
      def of_last?(index)
        return !part_of_thing?(index) if low(index).match?(AROUND)

        index > 1 && low(index - 1).match?(RELATIVE) && low(index - 2).match?(WHATEVER)
      end

      # "There is one till and it | jams": what it does, alone.
      def lone?(index) = index.positive? && low(index - 1).match?(SUBJECT) && (low(index).end_with?("s") || tokens[index].tag == "vbd") && !word?(index + 1)

      # "They weed and | brag": one of two deeds names neither.
      def behind_and?(index) = index > 1 && tokens[index - 1].tag == "cc" && tokens[index].verb? && tokens[index - 2].verb? && !word?(index + 1)

      # "the old | oak": what describes a thing stays with it; an article alone may go.
      def within?(index) = part_of_thing?(index) && part_of_thing?(index - 1) && !Words::ARTICLES.include?(low(index - 1)) && !things.parted?(index)

      # Where one thing ends and the next begins, and what a verb speaks of.
      def things = @things ||= Things.new(tokens)

      # The words from the first on, as far as a name goes and no mark parts them.
      def reach(first)
        phrase = phrase?(first)
        words = 1
        ((first + 1)...tokens.size).each_with_object([first]) do |index, found|
          words += 1 unless joined?(index)
          break found if !word?(index) || words > MOST || (phrase && said?(index)) || anew?(first, index)

          found << index
        end
      end

      def said?(index) = tokens[index].finite? || tokens[index].tag == "vb"

      # Whether a run begins in a phrase such as "by the second evening": what follows is said of something else.
      def phrase?(first) = things.in_phrase?(first)

      # Whether another statement begins with a word: with its subject, or with a thing right behind a thing.
      def anew?(first, index)
        token = tokens[index]
        verb = tokens[first...index].any?(&:verb?)
        return verb if token.tag == "cc"
        return true if low(index).match?(SUBORDINATE) || (token.verb? && tokens[index - 1].tag == "cc" && !verb)
        return true if token.tag == "ex"
        return low(index) != "it" || tokens[index + 1]&.finite? if subject?(index) && !(verb && low(index - 1).match?(/\A(?:what|how)\z/))

        !verb && !Runs.told?(tokens, index - 1) && things.parted?(index)
      end

      def subject?(index) = (low(index).match?(SUBJECT) && (!tokens[index - 1].verb? || low(index) != "it")) || (low(index) == "you" && you_do?(index))

      # "Once the gates swing open | you may wave", "when the gates are open | you steer in"
      def you_do?(index)
        following = tokens[index + 1]&.tag
        (following == "md" && low(index - 1) != "what") || ((tokens[index - 1].tag == "jj" || PARTICLES.include?(low(index - 1))) && %w[vbp vbd vb].include?(following))
      end

      def ends?(index)
        closed = !word?(index + 1)
        return false if leads_on?(index, closed)
        return true if closed
        return false if joined?(index + 1) || %w[of 's n't].include?(low(index + 1)) || dangling?(index) || of_next?(index)

        # "A jigsaw nobody | has finished": what is said of it follows.
        return false if low(index).match?(SOMEBODY)

        # "You are looked | at before the screen is"
        return false if tokens[index].verb? && low(index + 1).match?(/\A(?:at|for|after|into)\z/) && (!word?(index + 2) || low(index + 2).match?(SUBORDINATE))

        deed = tokens[index].verb? || Runs.told?(tokens, index)
        !thing_goes_on?(index) && !(deed && (tokens[index + 1].tag.match?(TAKEN) || particle?(index + 1)))
      end

      # "Meets round | her table", "stuck in right | at the end", "October it | still holds its leaves"
      def dangling?(index)
        return true if low(index).match?(NEARER) || (low(index).match?(SUBJECT) && low(index - 1).match?(/\A(?:what|how)\z/))
        return true if low(index) == "it" && tokens[index - 1].noun? && (tokens[index + 1].finite? || tokens[index + 1].tag.start_with?("rb"))

        low(index).match?(AROUND) && !(tokens[index].noun? && !tokens[index - 1].finite?) && (part_of_thing?(index + 1) || tokens[index + 1].tag == "prp")
      end

      # "Something | that keeps you warm", "it teaches | that", "nobody really | knows": what it is about follows.
      def of_next?(index)
        following = low(index + 1)
        return following.match?(RELATIVE) && !(index.positive? && tokens[index - 1].tag == "jj") if low(index).match?(WHATEVER)
        return low(index) != "alone" if tokens[index].tag.start_with?("rb") && tokens[index + 1].finite?

        tokens[index].finite? && following == "that" && low(index - 1).match?(SAYS_IT)
      end

      def leads_on?(index, closed)
        # "Grows for three | or four winters", "Tickets can now | be bought"
        return true if tokens[index].tag == "cd" && tokens[index + 1]&.tag == "cc" && tokens[index + 2]&.tag == "cd"
        return true if tokens[index].tag.start_with?("rb") && index.positive? && tokens[index - 1].tag == "md"
        return true if NEVER_LAST.include?(low(index)) || tokens[index].tag == "prps"

        tokens[index].tag.match?(LEADING) && !(closed && index.positive? && tokens[index - 1].verb? && PARTICLES.include?(low(index)))
      end

      def thing_goes_on?(index)
        part_of_thing?(index) && (tokens[index + 1].noun? || (describing?(index + 1) && !Words::ARTICLES.include?(low(index + 1)) && !tokens[index].noun?))
      end

      def particle?(index) = PARTICLES.include?(low(index))

      # Some word with a meaning of its own. "Next morning", "a week", "overnight": when it was names nothing that is done.
      def says?(first, last) = tokens[first..last].any? { |t| means?(t) } && !(last - first < 2 && tokens[first..last].all? { |t| t.low.match?(WHEN) || t.low.match?(Things::TIME) })

      def means?(token) = (token.noun? || token.verb? || token.tag.start_with?("jj") || token.tag == "cd") && !Words::STOP.include?(token.low)
    end
  end
end
