# frozen_string_literal: true

module Peony
  # What Peony finds in a passage.
  module Reading
    # A stretch of the passage's text, in characters.
    Span = Struct.new(:text, :from, :to) do
      # @param match [MatchData] of its words
      # @param name [Symbol] a group that matched
      # @return [Span] where that group stands
      def group(match, name) = Span.new(match[name], from + match.begin(name), from + match.end(name))
    end

    # How much or how many. +said+ tells whether the unit stands beside the number; else it was taken over from the words around.
    Quantity = Struct.new(:value, :unit, :text, :from, :to, :approximate, :said, keyword_init: true)

    # A number that follows from others, with its working.
    Derived = Struct.new(:value, :unit, :working, :from, :to, keyword_init: true)

    # Something in the words that contradicts itself. +from+ and +to+ mark the place.
    Query = Struct.new(:kind, :message, :working, :from, :to, keyword_init: true)

    # +findings+ are the likely ones, best first; +silence+ says why there is nothing to draw.
    Result = Struct.new(:passage, :findings, :quantities, :derived, :queries, :silence, keyword_init: true) do
      # @return [Finding, nil] the best
      def best = findings.first

      # @return [String, nil] the heading of the passage, or where others share that, how its own words begin
      def title = passage.part? && !Passages.table?(passage.blocks) ? Opening.of(passage.text) || passage.heading : passage.heading

      # @return [Array<String>] families that further finders see, for a person who knows better; looked for when it is asked
      def others = @others ||= Reading.seen(Text.new(passage), Finder.members.keys - findings.map(&:family)).map(&:family)

      # @return [Array<Item>]
      def items = best ? best.items : []

      # @param family [String]
      # @return [Finding, nil] what the passage is, seen as this family
      def finding(family) = findings.find { |f| f.family == family } || (Reading.as(passage, family) if others.include?(family))
    end

    # A passage longer than this is read up to here: a figure never needs more.
    LONGEST = 12_000

    module_function

    # @param family [String]
    # @return [Finding, nil] what one finder makes of a passage
    def as(passage, family)
      [passage, LineByLine.running(passage)].compact.lazy.filter_map do |way|
        finder = Finder.members.fetch(family).new(Text.new(way))
        (finder.find || finder.again)&.then { |finding| finding.named unless finding.short? }
      end.first
    end

    # @param source [Notes::Document, Notes::Passage]
    # @return [Result]
    def of(source)
      passage = source.is_a?(Notes::Passage) ? source : Notes::Passage.whole(source)
      told = read(passage)
      running = LineByLine.running(passage)&.then { |words| read(words) }
      # Where both say the same, the lines that somebody made tell the items.
      running&.best && running.best.family != told.best&.family && running.best.fit > told.best&.fit.to_f ? running.tap { |result| result.passage = passage } : told
    end

    # @param text [Reading::Text]
    # @param families [Array<String>]
    # @return [Array<Finding>] what their finders see, in no order
    def seen(text, families) = families.filter_map { |family| Finder.members.fetch(family).new(text).find }

    # @param passage [Notes::Passage]
    # @return [Result]
    def read(passage)
      text = Text.new(passage)
      found = Scorer.rank(text, seen(text, Scorer.thinkable(text)))
      Result.new(passage: passage, findings: found, silence: found.empty? ? Silence.reason(text) : nil,
                 quantities: text.heading_quantities + text.quantities,
                 derived: Arithmetic.derived(text, found), queries: Arithmetic.queries(text, found)).tap { text.forget }
    end
  end
end
