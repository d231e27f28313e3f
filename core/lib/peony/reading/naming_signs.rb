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

      # @param text [Reading::Text]
      # @param span [Span] the sentence
      # @param tokens [Array<Tokens::Token>] its words
      # @param run [Range] places of the first and the last word among them
      # @return [Hash{Symbol => Numeric}]
      def self.of(text, span, tokens, run) = new(text, span, tokens, run).signs

      def initialize(text, span, tokens, run)
        @text = text
        @tokens = tokens
        @first = run.first
        @last = run.last
        @run = tokens[run]
        @frame = text.once(:frame, span.from, span.to) { frame(span) }
      end

      def signs = build.merge(make, stand, before, ends, size, words)

      private

      attr_reader :text, :tokens, :first, :last, :run

      # What counts for every run of a sentence: where its main clause begins, its verb, subject and object.
      def frame(span)
        lead = span.text[Titles::SUBORDINATE].to_s.length
        lead = span.text[Words::LEADS].to_s.length if lead.zero?
        main = tokens.index { |t| t.from >= span.from + lead && Runs.word?(t) } || 0
        verb = (main...tokens.size).find { |i| tokens[i].finite? || (i == main && tokens[i].tag == "vb") }
        { main: main, verb: verb, told: text.told?(span) || Runs.told?(tokens, main),
          object: verb && ((verb + 1)...tokens.size).find { |i| tokens[i].noun? }, subject: verb && (main...verb).find { |i| tokens[i].noun? } }
      end

      def stem(token) = token.low[0, 5]
      def heading = text.once(:heading_words) { text.passage.heading.to_s.downcase.scan(/[[:alpha:]]{3,}/).map { |w| w[0, 5] } }
      def often = text.once(:often) { text.tokens.select { |t| t.noun? || t.verb? }.map { |t| stem(t) }.tally }

      # A thing, an order, a statement or part of one.
      def build
        finite = run.any?(&:finite?)
        told = %w[vb vbp].include?(run.first.tag) || Words::IMPERATIVES.include?(run.first.low)
        thing = run.none?(&:verb?)
        { thing: one(thing), order: one(told), clause: one(finite && !told), part: one(!finite && !told && !thing), ing: one(run.first.tag == "vbg"), passive: one(run.first.tag == "vbn") }
      end

      def make
        { pronoun: one(run.first.tag == "prp" || run.first.low.match?(PRONOUN)), owner: one(run.first.tag == "prps"), article: one(run.first.low.match?(/\A(?:the|an?)\z/)),
          adverb: one(run.first.tag.start_with?("rb")), name: one(run.any? { |t| t.tag == "nnp" }), number: one(run.any? { |t| t.tag == "cd" }), noun_last: one(run.last.noun?),
          verb_last: one(run.last.verb?), adverb_last: one(run.last.tag.start_with?("rb", "rp", "in")), describing_last: one(run.last.tag.start_with?("jj")),
          nouns: [run.count(&:noun?), 3].min / 3.0 }
      end

      def stand
        main = @frame[:main]
        subject, verb, object = @frame.values_at(:subject, :verb, :object).map { |i| one(i&.between?(first, last)) }
        place = first.to_f / [tokens.size - 1, 1].max
        { head: one(first.zero?), main: one(first == main || (first == main + 1 && Words::ARTICLES.include?(tokens[main].low))), whole: one(first <= main && last >= tokens.size - 2),
          subject: subject, verb: verb, object: object, both: verb * object, all_three: subject * verb * object, lead: one(first < main),
          told_order: one(@frame[:told] && first == main), early: one(place < 0.25), late: one(place > 0.6) }
      end

      # The word before the run, an article left out.
      def before
        at = first - 1
        at -= 1 if at.positive? && Words::ARTICLES.include?(tokens[at].low)
        word = tokens[at] if at >= 0
        { after_verb: one(word&.verb?), phrase: one(word && word.tag.match?(/\A(?:in|to)\z/)), after_mark: one(word && !Runs.word?(word)), after_and: one(word&.tag == "cc") }
      end

      def ends
        word = tokens[last + 1]
        { ends: one(word.nil? || word.text.match?(/\A[.!?]/)), before_mark: one(word && !Runs.word?(word)), before_phrase: one(word && word.tag.match?(/\A(?:in|to)\z/)),
          before_and: one(word&.tag == "cc"), before_verb: one(word && (word.finite? || word.tag == "md")) }
      end

      def size
        words = run.each_cons(2).count { |a, b| b.from > a.to } + 1
        { one: one(words == 1), two: one(words == 2), four: one(words == 4), five: one(words >= 5), letters: [run.last.to - run.first.from, 40].min / 40.0 }
      end

      # Words that stand nowhere else in the passage name an item; those of every sentence name the passage.
      def words
        said = run.select { |t| (t.noun? || t.verb? || t.tag.start_with?("jj")) && !Words::STOP.include?(t.low) }
        times = said.map { |t| often.fetch(stem(t), 1) }
        { fresh: [times.count(1), 3].min / 3.0, none_fresh: one(times.none?(1)), common: one(times.any? { |n| n >= 3 }), heading: one(said.any? { |t| heading.include?(stem(t)) }),
          dated: one(text.dates.any? { |d| d.from < run.last.to && d.to > run.first.from }), long_word: one(said.any? { |t| t.low.length >= 8 }),
          light: one(said.all? { |t| t.low.match?(LIGHT) }), light_verb: one(run.any? { |t| t.verb? && t.low.match?(LIGHT) }),
          rare: one(said.any? { |t| t.noun? && !t.low.match?(/\d/) && Vectors.of(t.low).nil? }), said: [said.size, 4].min / 4.0 }
      end

      def one(value) = value ? 1 : 0
    end
  end
end
