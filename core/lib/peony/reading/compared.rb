# frozen_string_literal: true

module Peony
  module Reading
    # Two things that running text sets side by side, one after the other, where it says so first: "Our school can be reached by two paths. The cliff path is a mile long.
    # It takes twenty minutes … By the lane it is two miles. …". Where the second begins is told by how alike it begins, and by whether it was spoken of before.
    class Compared
      # Says that two things are to be told of.
      ANNOUNCED = /\b(?:two|both|either|neither|between|twice|alternatives?|unlike|less alike|differen(?:t|ce)|whether to|which (?:is|of|one)|choose|swears? by)\b|\b[[:lower:]]+ (?:it )?or (?:[[:lower:]]+ )?(?:it|them)\b|\bthe [[:lower:]]+ or the [[:lower:]]+\b|\bby the other\b|\A(?:the )?[[:alpha:]]+ or [[:alpha:]]+[?,]/i
      # Tells of both in the end.
      OF_BOTH = /\b(?:both|neither|either|whichever|in each|each (?:place|case|of them)|the one\b.*\bthe other|which(?: of them)? (?:it is|they|she)|in the end|asked for|same in|most (?:people|pickers))\b/i
      A_THIRD = /\A(?:and |but )?(?:ours|mine|the third|a third (?:one|way|option))\b/i
      # What the tagger may take for a thing: "Meadow costs 2.29", "Miss Ferro files by date".
      DEED = /\A(?:costs?|files|weighs|meets|delivers|opens|runs|needs|takes|keeps|makes|holds|lasts|works|stands|hires|favours|pays|bends|starts|ends|sells|lives|burns|gives|brings|goes|comes|sits|lies)\z/
      THE_OTHER = /\A(?:but )?(?:the (?:other|new|second|latter)(?: one)?|the alternative|another|its (?:brother|sister|twin|rival|neighbour)|his \w+|her (?:successor|sister|brother))\b/i
      CALLED = /\b(?:is|are|was) called (?:the )?(?<name>[[:upper:]][[:alpha:]'’-]+)/
      ALTERNATIVE = /\Athe alternative (?:is|was|would be)(?: to)? (?<name>\S+ \S+(?: [[:lower:]]+)?)/i
      # "One | burns wood chips. … The other | takes its warmth out of the ground."
      ONE_AND_OTHER = /\A(?:the )?(?:one|other) (?<name>[[:lower:]]+ [^,;:.]{3,40})/i
      NAMED = /\A(?:the |my |our )?(?:new|other|second) one, (?<name>[[:upper:]][[:alpha:]'’-]+(?: [[:upper:]][[:alpha:]'’-]+)?),/i
      KIN = /\A(?:its|his|her) (?:brother|sister|twin|rival|neighbour|niece|nephew|successor|son|daughter|wife|husband)\z/
      # Begins with where, by what or with whom it is.
      PLACED = %w[in on at by with from for about over across].freeze
      NO_NAME = /\A(?:it|they|he|she|we|you|i|there|one|nobody|somebody|everything|everybody|what|that|this|these|those|his|her|its|their|both|neither|all|most|some|many|not)\z/
      # "Mr Abel", "Lower Osk"
      PROPER = /\A[[:upper:]][[:alpha:]'’]* [[:upper:]]/
      SURE = 2

      # @param text [Reading::Text]
      # @return [Array<Rivals::Side>, nil] two, in order
      def self.of(text) = new(text).sides

      def initialize(text)
        @text = text
        @list = text.sentences
      end

      def sides
        return nil unless @list.size.between?(4, 16) && @list.first.text.match?(ANNOUNCED) && @text.entries.empty?

        return nil if @list.any? { |s| s.text.match?(A_THIRD) }

        at = 1
        last = @list.size
        last -= 1 while last > at + 2 && @list[last - 1].text.match?(OF_BOTH)
        first = name(@list[at]) or return nil
        others = ((at + 1)...last).filter_map { |i| (named = name(@list[i])) && [i, named] }
        weighed = others.each_with_index.map { |(i, named), k| [weight(i, named, first, at) + place(i, k, at, last), i, named, -k] }
        other = weighed.max_by { |weight, _, _, k| [weight, k.zero? ? 0 : 1, k] }
        return nil if other.nil? || other.first < SURE

        # "On Pier Street you arrive with a hat", behind what is told of the other.
        again, told = @list[other[1]...last].partition { |s| s.from > @list[other[1]].from && again?(s, first) }
        [side(first, @list[at...other[1]] + again), side(other[2], told)]
      end

      private

      def again?(sentence, first) = (own = name(sentence)) && key(own).any? && (key(own) - key(first)).empty? && !sentence.text.match?(THE_OTHER)

      # Mostly the next of whom it is told is the other; a last sentence hardly begins with it.
      def place(index, among, at, last) = (among.zero? ? 2 : 0) - (index == last - 1 && index > at + 1 ? 2 : 0)

      def side(named, spans) = Rivals::Side.new(name: named.text, spans: spans)

      # How surely another thing is told of from here on.
      def weight(index, named, first, at)
        words = @list[index].text
        score = 0
        score += 3 if words.match?(THE_OTHER)
        score += 3 if spoken?(named) && (key(named) - key(first)).any?
        score += 2 if paragraph?(index)
        score += 2 if alike?(words, @list[at].text, named, first)
        score += 1 if words.match?(/\bon the other hand\b|\bhowever\b|\A(?:but|plus)\b/i)
        score += 1 if @list.drop(index + 1).any? { |s| (key(named) - key(first)).intersect?(stems(s.text)) }
        score -= 4 if (key(named) - key(first)).empty? && !words.match?(THE_OTHER)
        # "A blue from him": of the first, unless that is "a cornet".
        score -= 2 if words.match?(/\Aan? /i) && !@list[at].text.match?(/\Aan? /i)
        # Whose two things they are is none of them.
        score -= 4 if intro_key.any? && (intro_key - key(named)).empty?
        score
      end

      def intro_key = @intro_key ||= name(@list.first).then { |n| n ? key(n) : [] }
      def paragraph?(index) = @text.stretches.any? { |s| s.from == @list[index].from }

      # Whether the sentence that leads to both speaks of it.
      def spoken?(named) = key(named).intersect?(stems(@list.first.text))

      # "At the observatory …" and "in the bakery …", "Mr Abel …" and "Frieda …", "Ternby …" and "Varn …".
      def alike?(words, before, named, first)
        return true if [words, before].all? { |w| PLACED.include?(w[/\A[[:alpha:]]+/].to_s.downcase) }

        [named, first].all? { |n| n.text.match?(PROPER) } || (key(named).last == key(first).last && key(named).size > 1)
      end

      def key(named) = stems(named.text)
      def stems(words) = words.downcase.scan(/[[:alpha:]]+/).reject { |w| Words::STOP.include?(w) || w.length < 3 }.map { |w| w.delete_suffix("s")[0, 5] }

      # What a sentence is about, by its first words.
      # @return [Span, nil]
      def name(sentence)
        match = sentence.text.match(NAMED) || sentence.text.match(ALTERNATIVE) || (sentence.text.match?(THE_OTHER) && sentence.text.match(CALLED))
        return sentence.group(match, :name) if match

        match = sentence.text.match(ONE_AND_OTHER) if one_and_other?
        return cut(sentence.group(match, :name)) if match

        tokens = @text.tokens_in(sentence)
        tokens = tokens.drop(1) if tokens.first&.low&.match?(/\A(?:but|and|plus)\z/)
        tokens = tokens.drop(1) if tokens.first && PLACED.include?(tokens.first.low)
        # "Hired, a costume costs 45", "brushing needs no booth"
        alone = tokens.first&.tag.to_s.match?(/\Avb[ng]\z/) && tokens[1]&.tag.to_s.match?(/\A(?:ppc|vbz|nn|md)\z/)
        return @text.span(tokens.first.from, tokens.first.to) if alone

        phrase(tokens)
      end

      def one_and_other? = @list[1].text.match?(/\Aone [[:lower:]]+s\b/i) && @list.any? { |s| s.text.match?(/\Athe other [[:lower:]]+s\b/i) }

      def cut(named) = @text.span(named.from, named.from + Titles.cut(named.text).first.length)

      # @return [Span, nil] the noun phrase that they begin with, without its article
      def phrase(tokens)
        tokens = tokens.drop(2) if tokens.first(2).map(&:low) == %w[way of]
        return nil if tokens.empty? || tokens.first.tag.match?(/\A(?:in|to|rb|wrb)\z/)

        kin = tokens.first(2).map(&:low).join(" ").match?(KIN)
        return nil if tokens.first.low.match?(NO_NAME) && !kin

        led = tokens.first.low.match?(/\A(?:the|an?|our|my)\z/)
        tokens = tokens.drop(1) if led
        return nil if tokens.empty?

        length = kin ? 2 : run(tokens)
        length += from_where(tokens.drop(length), led && tokens.first.low == "one")
        @text.span(tokens.first.from, tokens[length - 1].to)
      end

      # "The people | of Saltings", "the one | at the school": what tells it from the other.
      def from_where(tokens, one)
        return 0 unless tokens.first&.low.to_s.match?(/\A(?:from|of|at|in)\z/)
        return 2 if tokens[1]&.text.to_s.match?(/\A[[:upper:]]/)

        one && tokens[1]&.low == "the" && tokens[2]&.noun? ? 3 : 0
      end

      # "Ormay burns white": a name, and what the tagger takes for things.
      def burns?(tokens)
        name, deed, what = tokens
        name.tag == "nnp" && deed&.low.to_s.match?(/\A[[:lower:]]+s\z/) && what&.tag.to_s.match?(/\A(?:jj|det|cd|in|prps)/) && deed.text == deed.low
      end

      # @return [Integer] how many tokens make the name
      def run(tokens)
        names = tokens.take_while { |t| t.text.match?(/\A[[:upper:]]/) && t.tag != "prp" }.size
        return [names, 4].min if names > 1 || burns?(tokens)

        return 1 if tokens.first.low.end_with?("ing") && tokens[1] && (tokens[1].finite? || tokens[1].low.end_with?("s"))

        length = 1 + tokens.drop(1).take_while { |t| !t.low.match?(DEED) && part?(t) && !t.finite? && !t.low.match?(NO_NAME) && t.tag != "prp" && t.tag != "cd" }.size
        [length, 4].min
      end

      def part?(token) = token.noun? || token.tag.match?(/\A(?:jj|vbn|vbg|pos)/) || token.text.match?(/\A[[:upper:]]/)
    end
  end
end
