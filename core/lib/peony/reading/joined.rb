# frozen_string_literal: true

module Peony
  module Reading
    # Paragraphs that may be of one thing: +whole+ is all of them together, +alone+ each by itself (none where they are not to be cut).
    # Where there is no heading, what says nothing in front and at the end stands +before+ and +behind+ them.
    class Joined
      # A paragraph says plainly what it is from this likelihood on.
      PLAIN = 0.6
      # All of a section together says hardly anything below this, and its paragraphs say more where they are likelier by so much.
      WEAK = 0.35
      # Beside the rows of a table a paragraph tells something of its own from this likelihood on.
      LIKELY = 0.45
      MORE = 0.14
      WEAK_OF_SORTS = 0.4
      MORE_OF_SORTS = 0.08

      # @return [Notes::Passage]
      attr_reader :whole

      # @return [Float] how likely it is what all of it together says best; asked for where it is not {various?}
      attr_accessor :together

      # @param section [Notes::Passage]
      # @param alone [Array<Notes::Passage>] its paragraphs
      # @param best [Array<Finding, nil>] what each of them says
      def initialize(section, alone, best)
        first, last = section.heading ? nil : [best.index(&:itself), best.rindex(&:itself)]
        inner = first ? first..last : (0..)
        @before = first ? alone.first(first) : []
        @behind = last ? alone.drop(last + 1) : []
        @alone = alone[inner]
        @said = best[inner].compact
        @beside_table = @alone.zip(best[inner]).partition { |passage, _| Passages.table?(passage.blocks) }
        @whole = @alone.size == alone.size ? section : Notes::Passage.new(@alone.flat_map(&:blocks))
      end

      # @return [Boolean] whether the paragraphs say things of more than two kinds, two of them plainly: then it does not matter what all of them say together
      def various? = sorts(plain) > 1 && sorts(@said.select { |f| f.fit >= LIKELY }) > 2

      # @return [Array<Notes::Passage>] in order; cut where the paragraphs say things of different kinds, each more plainly than all of them together
      def passages = [*@before, *(cut? ? @alone : [whole]), *@behind]

      private

      def plain = @plain ||= @said.select { |f| f.fit >= PLAIN }
      def sorts(findings) = findings.map(&:family).uniq.size
      def mean(findings) = findings.sum(&:fit) / findings.size

      def cut?
        return true if various? || apart_from_table?

        (sorts(plain) == 2 && together <= mean(plain)) || weak? || one_tells?
      end

      # "Of every twenty euros nine go on repairs. ..." above a table of months: two pictures, if both can be drawn and are of different kinds.
      def apart_from_table?
        rows, words = @beside_table.map { |pairs| pairs.filter_map(&:last) }
        rows.any? && words.any? { |f| f.fit >= LIKELY && rows.none? { |other| other.family == f.family } }
      end

      # One paragraph says something far more plainly than all of them together: the others speak of something else. Under a heading they may lead to it.
      def one_tells? = whole.heading.nil? && plain.any? { |f| f.fit >= together + MORE }

      # All together says little: the more sorts of things the paragraphs say, the less they need say it more plainly.
      def weak?
        weak, more = sorts(@said) > 2 && @said.size == @alone.size ? [WEAK_OF_SORTS, MORE_OF_SORTS] : [WEAK, MORE]
        sorts(@said) >= 2 && together < weak && @said.size * 2 > @alone.size && mean(@said) >= together + more
      end
    end
  end
end
