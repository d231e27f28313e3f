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
      # Neighbouring paragraphs whose words lie this close (cosine) speak of one thing, up to this length together.
      CLOSE = 0.86
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
        # All that is asked for is read at once, the sections too, which are asked for next.
        Kept.all([*alone.flatten, *sections]) if alone.any?(&:any?)
        sections.zip(alone).flat_map { |section, paragraphs| parted(section, paragraphs) }
      end

      # @return [Array<Notes::Passage>] the paragraphs of a section that may be cut, each by itself; none where it stays whole
      def paragraphs(passage)
        parts = stanzas(passage)
        return [] if parts.size < 2 || passage.heading.nil? || passage.text.length < SEVERAL

        parts.map { |blocks| Notes::Passage.new(blocks, heading: passage.heading, part: true) }
      end

      # A section of several paragraphs is cut where they say things of different kinds, each more plainly than all of them together.
      def parted(passage, alone)
        return [passage] if alone.empty?

        said = alone.filter_map { |p| Kept.of(p).best }
        whole = Kept.of(passage).best&.fit.to_f
        plain = said.select { |f| f.fit >= PLAIN }
        sorts = plain.map(&:family).uniq.size
        told = sorts > 2 || (sorts == 2 && whole <= mean(plain))
        told || weak?(whole, said, alone) ? alone : [passage]
      end

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
        return !one_topic?(blocks, block) if head.nil?

        blocks.sum { |b| b.text.length } + block.text.length > LONG
      end

      def one_topic?(blocks, block)
        return false if blocks.sum { |b| b.text.length } + block.text.length > TOGETHER
        return true if blocks.last.text.match?(/:\z/) || block.text.match?(GOES_ON)

        Vectors.cosine(*[blocks.last.text, block.text].map { |words| middle(words) }) > CLOSE
      end

      def middle(words) = Vectors.middle(words.downcase.scan(/[[:alpha:]]{3,}/).reject { |w| Words::STOP.include?(w) }.first(80))
    end
  end
end
