# frozen_string_literal: true

module Peony
  module Reading
    # What is asked, and in which case what is done: "Without one | it comes down on the next dry day", "A dull one | means there's a crack",
    # "He looks over the wall to see if | the water is above the ring". The case stands at the way, what is done at its end.
    class Cases
      # A name of more words is cut.
      MOST = 8
      # Cut off, it keeps so many.
      LEAST = 4
      # A case of more words is told with the whole sentence.
      LONGEST = 9

      ASKED = /\b(?:asks?|asked|asking|wonders?|finds? out|sees?|looks?|checks?|knows?|decides?|depends? on|establish(?:ed)?|question|thing|first) (?:(?:him|her|it|your|them|our)sel(?:f|ves) |is |to ask is |we ask is )*(?:if|whether)\s+(?=\S)/i
      TOLD_TO_ASK = /(?:\A|, )\K(?:ask|look|check|see|find out|count) (?:if|whether|when|where|how|what) .+\z/i
      # Of so many words what is asked is told whole.
      BRIEF = 7
      LEADS = /\A(?:and |but |so |then )*/i
      # What opens a case that is told in a clause, and in a few words.
      CLAUSAL = "(?:if|when|where|unless|once|should|as long as|until|in case)"
      CONDITION = "(?:#{CLAUSAL}|with|without|for|above|below|over|under|beyond|up to|after|before|otherwise|else|in that case|at|from|on|in)".freeze
      # "If there is money in it, it goes into the safe"
      BEFORE_COMMA = /#{LEADS}(?<case>#{CONDITION}\b[^,;:?]{0,70}(?:, (?:and|or) (?:it|they|he|she) [^,;:?]{2,40})?|otherwise|else),\s+(?<done>\S.+)\z/im
      BEGINS = /#{LEADS}#{CONDITION}\b/i
      BEGINS_CLAUSE = /#{LEADS}#{CLAUSAL}\b/i
      # "An east wind holds the sea back, | so he opens one gate"
      SO = /\A[^,;:]{3,60}, (?:and )?so (?<done>(?:he|she|it|they|we|you) \S.+)\z/im
      # "No boats, and | all three gates go up"
      NONE = /\A(?:no|any) [[:alpha:]-]+(?: [[:alpha:]-]+)?, (?:and )?(?<done>\S+ \S.+)\z/im
      # Those that a case speaks of: "a light one", "anything older", "boats", "no boats", "sound ones".
      ONE_OF_THEM = /\A(?:(?:an?|any|no|all) (?:\S+ ){0,3}\S+|(?:any|every|some)(?:thing|one|body)(?: (?:else|\S+er))?|those(?: \S+){0,4}|whoever .+|(?:the )?(?:\S+ ){0,2}(?:ones?|others?|rest)|[[:alpha:]-]+s|(?:[[:alpha:]-]+ ){1,2}[[:alpha:]-]+s)\z/i
      # Whose deed it is matters less than what it is.
      DOER = /\A(?:he|she|it|they|there (?:is|are))\s+(?=\S+\s+\S)/i
      BEING = /\A(?:is|are|was|were|will be|may be|can be|must be|has to be|have to be|gets?|got)\s+(?=(?:\S+ly )?\S+(?:ed|en|t|wn|ne|id)\b)/i
      DOER_ALONE = /\A(?:he|she|it|they|we|you)\z/
      # Behind these somebody does no second thing.
      GOES_ON = /\A(?:and|or|that|who|which|what|where|how|if|whether|than)\z/
      # What goes on behind what is done: "it goes into the safe, | and a notice is put up".
      ON = /[,;]\s+(?:and|but|so|which|who|for|since|because)\s.*\z|\s+[–—-]\s.*\z/m
      VERB_OF_BEING = /\A(?:is|are|was|were|do|does|did|has|have|had|can|may|will)\z/i

      # @param text [Reading::Text]
      # @param span [Span] a sentence or clause that asks or tells what is done
      # @return [Array(String, String), nil] title and detail, cut from the words; nil where no case can be told from what is done
      def self.of(text, span) = new(text, span).told

      def initialize(text, span)
        @text = text
        @span = span
        @words = span.text.sub(/[\s.;,:!]+\z/, "")
      end

      def told
        return nil if @words.empty? || @words.split.size > Naming::LONGEST || @words.match?(/\?|\A[^:]{2,40}: /)

        asked || done
      end

      private

      def whole = Titles.capital(@words.sub(LEADS, ""))

      # What is asked names a question; the sentence says who asks, and when.
      def asked
        match = @words.match(ASKED) or return nil
        # "If there is none, | look whether it ticks, leaks or smells": what is to be done is to ask.
        told = @words[TOLD_TO_ASK]
        return [Titles.capital(told), @words.length > told.length ? whole : ""] if told && told.split.size <= BRIEF

        name = match.post_match.sub(ON, "").sub(/\A(?:there (?:is|are)|it(?:['’]s| is)) (?=\S+ \S)/, "")
        name.split.size.between?(1, LONGEST) ? [Titles.capital(name), whole] : nil
      end

      def done
        from = start_of_deed or return nil
        # "If so" is a case.
        lead = @words[0...from].sub(LEADS, "").sub(/(?:(?<!\Aif)[\s,]+(?:still|only|also|then|so|and))?[\s,]+\z/i, "")
        deed = brief(@words[from..])
        return nil if lead.empty? || deed.nil? || lead.split.size > LONGEST

        left = @words[from..].sub(ON, "").length < @words[from..].length || !@words.sub(/\A.*#{Regexp.escape(deed)}/m, "").strip.empty?
        [Titles.capital(deed), left ? whole : Titles.capital(lead)]
      end

      # @return [Integer, nil] where the words for what is done begin
      def start_of_deed
        match = @words.match(BEFORE_COMMA)
        return (@words.match(SO) || @words.match(NONE))&.begin(:done) if match.nil? && (@words.match?(SO) || @words.match?(NONE))

        if @words.match?(BEGINS_CLAUSE) then second_doer(match ? match.end(:case) : @words.length) || match&.begin(:done)
        elsif match && tokens.none? { |t| t.finite? && t.to - @span.from <= match.end(:case) } then match.begin(:done)
        elsif @words.match?(BEGINS) then behind_case
        else behind_one
        end
      end

      # "When it is from somebody else | we shake it": no comma parts them.
      def second_doer(stop)
        verb = tokens.index(&:finite?) or return nil
        at = ((verb + 2)...(tokens.size - 1)).find { |i| tokens[i].from - @span.from < stop && does?(i) }
        at && (tokens[at].from - @span.from)
      end

      def does?(index) = tokens[index].low.match?(DOER_ALONE) && tokens[index + 1].finite? && !tokens[index - 1].low.match?(GOES_ON)

      # "With a note | half is paid back": the clause begins with whoever does it or to whom it is done.
      def behind_case
        at = verb or return nil
        first = at
        first -= 1 while first.positive? && subject?(tokens[first - 1]) && !opens?(tokens[first])
        first.positive? && first < at ? tokens[first].from - @span.from : nil
      end

      def subject?(token) = token.noun? || token.low == "there" || token.tag.match?(/\A(?:jj|det|prp|prps|cd|ex|vbg)/)

      # Nothing of a name stands before its article or a pronoun.
      def opens?(token) = token.tag == "det" || token.tag == "prps" || token.low.match?(/\A(?:it|he|she|they|we|you|i|there|nothing|half)\z/)

      # "A light one | still lets us use the courtyard"
      def behind_one
        at = verb
        return nil unless at&.positive?

        name = @words[0...(tokens[at].from - @span.from)].sub(LEADS, "").strip.sub(/\s+(?:still|only|also|then|always|never)\z/, "")
        return nil if !name.match?(ONE_OF_THEM) || (tokens[at].low.match?(VERB_OF_BEING) && !@words[(tokens[at].from - @span.from)..].match?(BEING))

        tokens[at].from - @span.from
      end

      # The first verb that is not told of who or which.
      def verb
        at = tokens.index(&:finite?) or return nil
        who = tokens.first(at).rindex { |t| t.low.match?(/\A(?:who|that|which|whoever)\z/) } or return at

        stop = tokens.index { |t| t.tag == "ppc" && t.from > tokens[at].from } || tokens.size
        last = tokens.first(stop).rindex(&:finite?)
        last if last > at || who.zero?
      end

      def tokens = @tokens ||= @text.tokens_in(@span).select { |t| t.from < @span.from + @words.length }

      # @return [String, nil] what is done, in few words
      def brief(words)
        deed = words.sub(ON, "").sub(/\A(?:the|an?|means?(?: that)?) (?=\S+ \S)/i, "").sub(/[\s.;,:!]+\z/, "")
        plain = deed.sub(DOER, "").sub(BEING, "")
        deed = plain unless plain.match?(/\A(?:is|are|was|were|do|does|has|have|can)\b/i)
        deed = shortened(deed) if deed.split.size > MOST
        deed unless deed.empty? || deed.match?(/\A(?:and|or|but|so|who|which)\b/i) || (deed.split.one? && words.split.size > 3)
      end

      # Ends before a preposition, with some words to stand on.
      def shortened(deed)
        words = deed.split
        at = (LEAST..MOST).select { |i| Words::PREPOSITIONS.include?(words[i].to_s.downcase) && words[i] != "of" }.max || MOST
        words.first(at).join(" ").sub(Titles::HANGING, "").sub(/[,;:]\z/, "")
      end
    end
  end
end
