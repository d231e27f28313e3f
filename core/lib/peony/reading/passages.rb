# frozen_string_literal: true

module Peony
  module Reading
    # Cuts a document into the stretches that hang together: what stands under each heading; in text without headings, paragraphs that speak of
    # one thing, with the lists that follow them.
    module Passages
      # A section longer than this (characters) is cut at its paragraphs.
      LONG = 1800
      # A remark shorter than this stays with the list before it.
      REMARK = 160
      # Where no heading parts them, paragraphs of up to this length together may be of one thing; how they are read tells whether they are.
      TOGETHER = 900
      # A section shorter than this is one.
      SEVERAL = 320
      # A paragraph says plainly what it is from this likelihood on.
      PLAIN = 0.6
      # All of a section together says hardly anything below this, and its paragraphs say more where they are likelier by so much.
      WEAK = 0.35
      MORE = 0.14
      WEAK_OF_SORTS = 0.4
      MORE_OF_SORTS = 0.08
      GOES_ON = /\A(?:it|its|they|their|he|she|this|that|these|those|but|yet|then|after that|on the other hand|the (?:second|third|other|former|latter|rest)|in contrast|however|finally|both)\b/i

      module_function

      # @param document [Notes::Document]
      # @return [Array<Notes::Passage>] in order
      def of(document)
        heading = nil
        groups = document.blocks.each_with_object([]) do |block, list|
          if block.heading?
            list << [heading = block, []]
          else
            list << [heading, []] if list.empty? || parts?(list.last, block)
            list.last.last << block
          end
        end
        groups = Heads.joined(groups).reject { |_, blocks| blocks.empty? }
        times = groups.map { |head, _| head.object_id }.tally
        sections = groups.map { |head, blocks| Notes::Passage.new(blocks, heading: head&.text, part: !head.nil? && times[head.object_id] > 1) }
        alone = sections.map { |s| paragraphs(s) }
        return sections if alone.all?(&:empty?)

        # All that is asked for is read at once: the paragraphs, and then what may stay together, with the sections that are not cut, for these are asked for next.
        Kept.all(alone.flatten)
        parts = sections.zip(alone).map { |section, list| Part.of(section, list) }
        Kept.all(parts.filter_map { |part| part.whole unless various?(part.alone) })
        parts.flat_map { |part| [*part.before, *judged(part), *part.behind] }
      end

      # What may stay together: +whole+, and its paragraphs each +alone+ (none where it is not to be cut); where there are no headings, what says nothing +before+ and +behind+ it.
      Part = Struct.new(:whole, :alone, :before, :behind) do
        # A greeting before what is told, and thanks behind it, stand by themselves, but under a heading.
        def self.of(section, list)
          first = list.index { |p| Kept.of(p).best } unless section.heading
          return new(section, list, [], []) unless first

          last = list.rindex { |p| Kept.of(p).best }
          inner = list[first..last]
          whole = inner.size == list.size ? section : Notes::Passage.new(inner.flat_map(&:blocks))
          new(whole, inner.one? ? [] : inner, list.first(first), list.drop(last + 1))
        end
      end

      # @return [Array<Notes::Passage>] the paragraphs of a section that may be cut, each by itself; none where it stays whole
      def paragraphs(passage)
        parts = stanzas(passage)
        return [] if parts.size < 2 || passage.text.length < SEVERAL

        parts.map { |blocks| Notes::Passage.new(blocks, heading: passage.heading, part: !passage.heading.nil?) }
      end

      # Several paragraphs are cut where they say things of different kinds, each more plainly than all of them together.
      # @param part [Part]
      # @return [Array<Notes::Passage>]
      def judged(part)
        alone = part.alone
        return [part.whole] if alone.empty?
        return alone if various?(alone)

        whole = Kept.of(part.whole).best&.fit.to_f
        plain = plainly(alone)
        told = plain.map(&:family).uniq.size == 2 && whole <= mean(plain)
        told || weak?(whole, alone.filter_map { |p| Kept.of(p).best }, alone) ? alone : [part.whole]
      end

      # Whether paragraphs plainly say things of more than two kinds: then it does not matter what all of them say together.
      def various?(alone) = plainly(alone).map(&:family).uniq.size > 2

      # @return [Array<Finding>] of the paragraphs that say plainly what they are
      def plainly(alone) = alone.filter_map { |p| Kept.of(p).best }.select { |f| f.fit >= PLAIN }

      # All together says little: the more sorts of things its paragraphs say, the less they need say it more plainly.
      def weak?(whole, said, alone)
        sorts = said.map(&:family).uniq.size
        weak, more = sorts > 2 && said.size == alone.size ? [WEAK_OF_SORTS, MORE_OF_SORTS] : [WEAK, MORE]
        sorts >= 2 && whole < weak && said.size * 2 > alone.size && mean(said) >= whole + more
      end

      def mean(findings) = findings.sum(&:fit) / findings.size

      # Each paragraph with the list that follows it; one that only goes on stays with the one before.
      def stanzas(passage)
        passage.blocks.chunk_while { |_, block| block.item? || block.text.match?(GOES_ON) }.to_a
      end

      def parts?(group, block)
        head, blocks = group
        return false if blocks.empty? || block.item?
        return block.text.length > REMARK || head.nil? if blocks.last.item?

        blocks.sum { |b| b.text.length } + block.text.length > (head ? LONG : TOGETHER)
      end
    end
  end
end
