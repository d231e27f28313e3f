# frozen_string_literal: true

module Peony
  module Reading
    # How a run of words stands in its sentence, and what that sentence says beside the others: see {Naming}.
    class NamingSigns
      PRONOUN = /\A(?:this|that|these|those|it|they|one|some|others|another|someone|somebody|everyone|everybody|nobody|anyone|all)\z/
      # Words that name hardly anything by themselves.
      LIGHT = /\A(?:go|goes|went|gone|come|comes|came|take|takes|took|get|gets|got|make|makes|made|put|puts|keep|keeps|kept|give|gives|gave|have|let|lets|want|wants|need|needs|say|says|said|do|
                 use|uses|used|see|sees|look|looks|people|thing|things|time|times|day|days|week|weeks|year|years|way|ways|lot|place|part|rest|end|half|one|two|three|four|five|first|second|last|
                 next|new|good|same|other|others|own)\z/x

      # What a word shows by itself, whatever run it stands in.
      Word = Struct.new(:noun, :verb, :finite, :describes, :said, :light, :long, :rare, :number, :name, :often, :heading, keyword_init: true)

      # @param text [Reading::Text]
      # @param span [Span] the sentence
      # @param tokens [Array<Tokens::Token>] its words
      # @param run [Range] places of the first and the last word among them
      # @return [Hash{Symbol => Numeric}] those that are not 0
      def self.of(text, span, tokens, run) = new(text, span, tokens, run).signs

      def initialize(text, span, tokens, run)
        @text = text
        @tokens = tokens
        @first = run.first
        @last = run.last
        @run = tokens[run]
        @frame = text.at(:frame, span.from, span.to) { frame(span) }
        @words = @frame[:words][run]
      end

      def signs
        @signs = {}
        build
        make
        stand
        before
        ends
        size
        words
        @signs
      end

      private

      attr_reader :text, :tokens, :first, :last, :run

      def mark(name, stands) = stands && (@signs[name] = 1)

      # What counts for every run of a sentence: where its main clause begins, its verb, subject and object, and each of its words.
      def frame(span)
        lead = span.text[Titles::SUBORDINATE].to_s.length
        lead = span.text[Words::LEADS].to_s.length if lead.zero?
        main = tokens.index { |t| t.from >= span.from + lead && Runs.word?(t) } || 0
        verb = (main...tokens.size).find { |i| tokens[i].finite? || (i == main && tokens[i].tag == "vb") }
        { main: main, verb: verb, told: text.told?(span) || Runs.told?(tokens, main) || (lead.positive? && bid?(main)), words: tokens.map { |t| see(t) },
          object: verb && ((verb + 1)...tokens.size).find { |i| tokens[i].noun? }, subject: verb && (main...verb).find { |i| tokens[i].noun? } }
      end

      # "If nobody answers, | climb over the gate": a deed without anybody who does it.
      def bid?(main)
        return false unless tokens[main].tag.match?(/\A(?:vb|vbp|nn)\z/) && Tokens.deed?(tokens[main].low) && %w[in rp].include?(tokens[main + 1]&.tag)

        tokens.drop(main + 1).take_while { |t| Runs.word?(t) }.none?(&:finite?)
      end

      def see(token)
        low = token.low
        noun = token.noun?
        verb = token.verb?
        describes = token.tag.start_with?("jj")
        said = (noun || verb || describes) && !Words::STOP.include?(low)
        Word.new(noun: noun, verb: verb, finite: token.finite?, describes: describes, said: said, light: low.match?(LIGHT), long: low.length >= 8,
                 number: token.tag == "cd", name: token.tag == "nnp", rare: said && noun && !low.match?(/\d/) && !Vectors.known?(low),
                 often: said ? often.fetch(stem(token), 1) : 0, heading: said && heading.include?(stem(token)))
      end

      def stem(token) = token.low[0, 5]
      def heading = text.once(:heading_words) { text.passage.heading.to_s.downcase.scan(/[[:alpha:]]{3,}/).map { |w| w[0, 5] } }
      def often = text.once(:often) { text.tokens.select { |t| t.noun? || t.verb? }.map { |t| stem(t) }.tally }

      # A thing, an order, a statement or part of one.
      def build
        finite = @words.any?(&:finite)
        tag = run.first.tag
        told = %w[vb vbp].include?(tag) || Words::IMPERATIVES.include?(run.first.low)
        thing = @words.none?(&:verb)
        mark(:thing, thing)
        mark(:order, told)
        mark(:clause, finite && !told)
        mark(:part, !finite && !told && !thing)
        mark(:ing, tag == "vbg")
        mark(:passive, tag == "vbn")
      end

      def make
        tag = run.first.tag
        mark(:pronoun, tag == "prp" || run.first.low.match?(PRONOUN))
        mark(:owner, tag == "prps")
        mark(:article, Words::ARTICLES.include?(run.first.low) && run.first.low.match?(/\A(?:the|an?)\z/))
        mark(:adverb, tag.start_with?("rb"))
        mark(:name, @words.any?(&:name))
        mark(:number, @words.any?(&:number))
        mark(:noun_last, @words.last.noun)
        mark(:verb_last, @words.last.verb)
        mark(:adverb_last, run.last.tag.start_with?("rb", "rp", "in"))
        mark(:describing_last, @words.last.describes)
        nouns = @words.count(&:noun)
        @signs[:nouns] = [nouns, 3].min / 3.0 if nouns.positive?
      end

      def stand
        main = @frame[:main]
        subject, verb, object = @frame.values_at(:subject, :verb, :object).map { |i| i&.between?(first, last) }
        place = first.to_f / [tokens.size - 1, 1].max
        mark(:head, first.zero?)
        mark(:main, first == main || (first == main + 1 && Words::ARTICLES.include?(tokens[main].low)))
        mark(:whole, first <= main && last >= tokens.size - 2)
        mark(:subject, subject)
        mark(:verb, verb)
        mark(:object, object)
        mark(:both, verb && object)
        mark(:all_three, subject && verb && object)
        mark(:lead, first < main)
        mark(:told_order, @frame[:told] && first == main)
        mark(:early, place < 0.25)
        mark(:late, place > 0.6)
      end

      # The word before the run, an article left out.
      def before
        at = first - 1
        at -= 1 if at.positive? && Words::ARTICLES.include?(tokens[at].low)
        return if at.negative?

        word = tokens[at]
        mark(:after_verb, word.verb?)
        mark(:phrase, %w[in to].include?(word.tag))
        mark(:after_mark, !Runs.word?(word))
        mark(:after_and, word.tag == "cc")
        # "Then come | the twigs": see {Naming.fit}.
        mark(:what_comes, at.positive? && word.low.match?(Runs::COMES) && tokens[at - 1].low.match?(Runs::AT_LAST) && @words.none?(&:verb))
      end

      def ends
        word = tokens[last + 1]
        mark(:ends, word.nil? || word.text.match?(/\A[.!?]/))
        return unless word

        mark(:before_mark, !Runs.word?(word))
        mark(:before_phrase, %w[in to].include?(word.tag))
        mark(:before_and, word.tag == "cc")
        mark(:before_verb, word.finite?)
      end

      def size
        words = run.each_cons(2).count { |a, b| b.from > a.to } + 1
        mark(:one, words == 1)
        mark(:two, words == 2)
        mark(:four, words == 4)
        mark(:five, words >= 5)
        @signs[:letters] = [run.last.to - run.first.from, 40].min / 40.0
      end

      # Words that stand nowhere else in the passage name an item; those of every sentence name the passage.
      def words
        said = @words.select(&:said)
        fresh = said.count { |w| w.often == 1 }
        @signs[:fresh] = [fresh, 3].min / 3.0 if fresh.positive?
        @signs[:said] = [said.size, 4].min / 4.0 if said.any?
        mark(:none_fresh, fresh.zero?)
        mark(:common, said.any? { |w| w.often >= 3 })
        mark(:heading, said.any?(&:heading))
        mark(:dated, text.dates.any? { |d| d.from < run.last.to && d.to > run.first.from })
        mark(:long_word, said.any?(&:long))
        mark(:light, said.all?(&:light))
        mark(:light_verb, @words.any? { |w| w.verb && w.light })
        mark(:rare, said.any?(&:rare))
      end
    end
  end
end
