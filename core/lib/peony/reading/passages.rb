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
      # No longer are the words that only say what a table shows; what longer ones are is told by how they are read.
      CAPTION = 80
      # Where no heading parts them, paragraphs of up to this length together may be of one thing; how they are read tells whether they are.
      TOGETHER = 900
      # What stands under a heading and is shorter than this is one.
      SEVERAL = 320
      GOES_ON = /\A(?:it|its|they|their|he|she|this|that|these|those|but|yet|then|after that|on the other hand|the (?:second|third|other|former|latter|rest)|in contrast|however|finally|both)\b/i

      module_function

      # @param document [Notes::Document]
      # @return [Array<Notes::Passage>] in order
      def of(document)
        sections = sections(document)
        alone = sections.map { |s| paragraphs(s) }
        return sections if alone.all?(&:empty?)

        # All that is asked for is read at once: the paragraphs, and then what may stay together, with the sections that are not cut, for these are asked for next.
        said = Kept.all(alone.flatten).map(&:best)
        joined = sections.zip(alone).map { |section, list| Joined.new(section, list, said.shift(list.size)) }
        asked = joined.reject(&:various?)
        asked.zip(Kept.all(asked.map(&:whole))) { |one, together| one.together = together.best&.fit.to_f }
        joined.flat_map(&:passages)
      end

      # @return [Array<Notes::Passage>] what stands under each heading, the long ones in parts
      def sections(document)
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
        groups.map { |head, blocks| Notes::Passage.new(blocks, heading: head&.text, part: !head.nil? && times[head.object_id] > 1) }
      end

      # @return [Array<Notes::Passage>] the paragraphs of a section that may be cut, each by itself; none where it stays whole
      def paragraphs(passage)
        parts = stanzas(passage)
        # Heads that were joined belong together.
        return [] if parts.size < 2 || passage.blocks.any?(&:heading?) || (passage.heading && passage.length < SEVERAL && !table?(passage.blocks))

        parts.map { |blocks| Notes::Passage.new(blocks, heading: passage.heading, part: !passage.heading.nil?) }
      end

      # Each paragraph with the list that follows it; one that only goes on stays with the one before.
      def stanzas(passage)
        rows = table?(passage.blocks)
        list = passage.heading && !rows
        least = rows ? CAPTION : REMARK
        passage.blocks.chunk_while do |before, block|
          next block.text.match?(GOES_ON) unless block.item?

          list || !told?(before, least)
        end.to_a
      end

      # Whether there are rows of a table: also where notes that were pasted or typed keep only their words ("Shore: People 640, Benches 9", and so on).
      def table?(blocks)
        heads = blocks.select(&:item?).map { |b| b.text.scan(Text::HEADS).flatten }
        blocks.any?(&:table) || (heads.size > 2 && heads.uniq.one? && heads.first.any? && heads.first.all? { |head| head.match?(/\A[[:upper:]]/) })
      end

      # Whether a paragraph has told something of its own and does not lead to the list, or the rows of a table, behind it.
      def told?(block, least) = !block.item? && block.text.length > least && !block.text.match?(/:\s*\z/)

      def parts?(group, block)
        head, blocks = group
        return false if blocks.empty? || block.item?
        return block.text.length > REMARK || head.nil? if blocks.last.item?

        blocks.sum { |b| b.text.length } + block.text.length > (head ? LONG : TOGETHER)
      end
    end
  end
end
