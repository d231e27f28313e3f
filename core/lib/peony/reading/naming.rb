# frozen_string_literal: true

module Peony
  module Reading
    # The few words that name what a sentence says: "In the morning the first sheet is compared with the signed proof" is "the first sheet".
    # Every run of words that can stand by itself ({Runs}) is weighed by its signs ({NamingSigns}), whose weights training/fit.rb fits;
    # steps are named otherwise than places, so some signs count for each family by itself.
    module Naming
      # Signs that are weighed for each family by itself as well.
      OWN = %i[thing order clause whole part head main object subject phrase ends before_phrase before_verb one two four five early late pronoun fresh].freeze
      # What may stand before a name without being missed.
      SLIGHT = /\A(?:the|an?|i|we|you|he|she|it|they|this|that|these|those)\z/i
      # "On top of that | people feed the ducks"
      LEADS_OFF = /\A(?:for (?:a start|one thing)|on top of (?:that|this|it all)|what is more|apart from (?:that|this)|in addition|above all|to make it worse|on the (?:other|one) hand|by contrast|in contrast|then again)\b,?\s+(?=\S)|\A(?:and |but )?what (?:they|both|the two|all three|all of them)(?: all)? (?:share|have in common)(?: above all| most)?,? (?:is|are) (?=\S)|\Aso (?=(?:the|an?|they|it|he|she|we|nobody|everybody) )|#{Titles::AMONG}/i
      # A sentence of more words than this is named by its first words, for it is none.
      LONGEST = 80

      # "Twelve | turns on the left are for the hours": how many there are names nothing.
      NUMBER_ALONE = /\A(?:#{Numbers::WORD}|\d[\d.,]*)\z/i

      # "Water and | carbon dioxide are turned": half of what it speaks of.
      HALVES = /\A(?:are|were|have)\z/

      # A run of words as a name: +signs+ say how it stands in its sentence; those that are 0 are left out.
      Candidate = Struct.new(:from, :to, :text, :signs, keyword_init: true)

      module_function

      # @param text [Reading::Text]
      # @param span [Span] a sentence or part of one
      # @param family [String] read as which family
      # @return [Array(String, String)] title and detail, cut from the words
      def of(text, span, family)
        # Several families come by here with the same stretch.
        name = best(untimed(text, span, family), family) unless text.at(:plain, span.from, span.to) { plain?(span) }
        title, rest = name ? [Titles.capital(name.text), detail(text, span, name)] : Titles.of(span.text)
        # "Driver leaves it in bay | 3": a place keeps its number.
        place = rest.match?(/\A\d{1,3}\z/) && title.match(/\A(?<what>.*\S) (?<where>(?:in|at|on|to|from|by) [[:lower:]]+)\z/)
        place ? [place[:what], "#{place[:where]} #{rest}"] : [title, rest]
      end

      # "Last spring a learner proposed in it": when it was names no cause, and no step.
      def untimed(text, span, family)
        runs = fit(text, span)
        dates = TIMELESS.include?(family) ? text.dates_in(span) : []
        return runs if dates.empty?

        runs.reject { |run| dates.any? { |d| d.from <= run.from && run.to <= d.to } }.then { |left| left.any? ? left : runs }
      end
      TIMELESS = %w[list cause hub sequence cycle].freeze

      # Whether a stretch names itself: it is short, has its name before a colon, or is too long for a sentence.
      def plain?(span) = span.text.match?(Titles::LABEL) || span.text.split.size > LONGEST || Titles.of(span.text).last.empty?

      # Behind a name that stands at the head comes what follows it, else the whole sentence; of "Without moving the tube, look through the finder"
      # what is not in the name.
      def detail(text, span, name)
        before = text.string[span.from...name.from].sub(Words::LEADS, "").strip
        after = text.string[name.to...span.to].sub(/\A[,;:\s]+/, "").sub(/[\s.;,:]+\z/, "")
        return after if before.empty? || before.match?(SLIGHT)
        return before.delete_suffix(",") if after.empty? && "#{before} ".match?(/#{Titles::SUBORDINATE}\z/o)

        Titles.capital(span.text.sub(Words::LEADS, "")).strip.sub(/[.;,:]+\z/, "")
      end

      # @param apart [#from, #to, nil] words that stand by themselves in the figure, as a date does, and are not to be in the name
      # @param about [Boolean] whether it is to be what the sentence speaks of: "Music takes up 52 %" is "Music"
      # @return [String, nil] the name alone
      def name(text, span, family, apart: nil, about: apart.is_a?(Quantity))
        return nil if span.text.split.size > LONGEST

        free = fit(text, span).reject { |c| apart && c.from < apart.to && c.to > apart.from }
        free = free.select { |c| c.signs.key?(:subject) && c.signs.key?(:noun_last) }.then { |found| found.any? ? found : free } if about
        best(free, family)&.then { |c| Titles.capital(c.text) }
      end

      # @param runs [Array<Candidate>]
      # @return [Candidate, nil]
      def best(runs, family)
        weights = Weights.read_as("titles", family)
        # Of equals the first; summed by hand, for this is asked for every stretch by every family.
        runs.max_by do |run|
          sum = -run.from * 1e-9
          run.signs.each { |name, value| sum += value * weights[name] }
          sum
        end
      end

      # What tells to do something is named by the deed and what it is done to, and "then come the twigs" by what comes, where there is such a run.
      def fit(text, span)
        text.at(:fit, span.from, span.to) do
          all = candidates(text, span)
          all = all.reject { |c| c.text.match?(NUMBER_ALONE) && text.string[c.to, 12].match?(/\A [[:lower:]]+s\b/) }.then { |named| named.any? ? named : all }
          all = all.reject { |c| half?(text, c) || torn?(text, c) }.then { |whole| whole.any? ? whole : all }
          [all.select { |c| c.signs.key?(:told_order) && c.text.include?(" ") }, alone(span, all), all.select { |c| c.signs.key?(:what_comes) }, all].find(&:any?) || all
        end
      end

      # "At eight | the commuters come": it may not begin in the middle of when it was.
      def torn?(text, run) = text.dates.any? { |d| d.from < run.from && run.from < d.to && run.to > d.to }

      # A single thing that "are", behind an "and".
      def half?(text, run)
        return false unless text.before(run, 4) == "and "

        tokens = text.tokens_between(run.from, run.to)
        verb = tokens.index { |t| t.low.match?(HALVES) }
        verb&.positive? && tokens[verb - 1].tag == "nn" && !Words.plural?(tokens[verb - 1].low)
      end

      # "And sandwiches, since there is no shop": a thing alone, and why.
      def alone(span, runs)
        thing = span.text[ALONE, :thing] or return []
        runs.select { |c| c.signs.key?(:thing) && c.text == thing }
      end
      ALONE = /\A(?:and |but |also )?(?:the |an? |some )?(?<thing>[[:alpha:]-]+(?: [[:alpha:]-]+){0,2}), (?:since|because|as|for|so that|which|who) /i

      # @return [Array<Candidate>] runs that can stand as a name
      def candidates(text, span)
        text.at(:names, span.from, span.to) do
          lead = span.from + span.text[LEADS_OFF].to_s.length
          tokens = text.tokens_in(span).drop_while { |t| t.from < lead }
          Runs.of(tokens).map { |first, last| candidate(text, span, tokens, first..last) }
        end
      end

      def candidate(text, span, tokens, run)
        from = tokens[run.first].from
        to = tokens[run.last].to
        Candidate.new(from: from, to: to, text: text.string[from...to], signs: NamingSigns.of(text, span, tokens, run))
      end

      # @return [Hash{String => Numeric}] the signs with those of the family, as they are fitted
      def owned(signs, family) = signs.transform_keys(&:to_s).merge(OWN.to_h { |name| ["#{family}/#{name}", signs.fetch(name, 0)] }).reject { |_, v| v.zero? }
    end
  end
end
