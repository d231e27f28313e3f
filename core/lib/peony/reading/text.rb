# frozen_string_literal: true

module Peony
  module Reading
    # A passage seen as language: its sentences, list entries, quantities and dates, each worked out once.
    class Text
      # A list entry with its place and depth.
      Entry = Struct.new(:span, :level, :ordered, :children, keyword_init: true)

      attr_reader :passage, :string

      # @param passage [Notes::Passage]
      def initialize(passage)
        @passage = passage
        @string = passage.text[0, LONGEST]
      end

      # @return [Array<Span>] sentences of all blocks that are not list entries, in order
      def sentences = @sentences ||= stretches.reject { |s| s.block.item? }.flat_map { |s| Sentences.of(string, s.from, s.to) }

      # @return [Array<Entry>] list entries, nested ones included
      def entries
        @entries ||= begin
          above = []
          stretches.select { |s| s.block.item? }.map do |s|
            entry = Entry.new(span: span(s.from, s.to), level: s.block.level.to_i, ordered: s.block.ordered, children: [])
            above.pop while above.any? && above.last.level >= entry.level
            above.last&.children&.push(entry)
            above.push(entry).last
          end
        end
      end

      # @return [Array<Entry>] entries of the outermost level
      def outer = @outer ||= entries.select { |e| e.level.zero? }

      # @return [Array<Entry>] entries directly below one
      def below(entry) = entry.children

      # @return [Array<Quantity>] without years, dates, clock times and list numbers
      def quantities = @quantities ||= Quantities.in(string, dates)

      # @return [Array<Dates::Moment>]
      def dates = @dates ||= Dates.in(string)

      def quantities_in(span) = quantities.select { |q| q.from >= span.from && q.to <= span.to }
      def dates_in(span) = dates.select { |d| d.from >= span.from && d.to <= span.to }

      # @return [Span]
      def span(from, to) = Span.new(text: string[from...to], from: from, to: to)

      # @return [String] heading and words, lower case: for cues
      def all_words = @all_words ||= "#{passage.heading}\n#{string}".downcase

      # @return [String] heading, and the sentences before or after a list
      def frame = @frame ||= "#{passage.heading} #{sentences.map(&:text).join(' ')}".downcase

      private

      def stretches = passage.stretches.select { |s| s.from < string.length }
    end
  end
end
