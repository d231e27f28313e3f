# frozen_string_literal: true

module Peony
  module Reading
    # Short heads with a line or two below each, that say little alone and something together: "Just bakers: ovens", "Just brewers: barrels", "Both: yeast".
    # They make one passage under the heading above them.
    module Heads
      # Level of a heading that stands within a section.
      LEVEL = 3
      # More characters below a head are a section of its own.
      SHORT = 120
      MOST = 8

      module_function

      # @param groups [Array<Array(Notes::Block, Array<Notes::Block>)>] headings (or nil), each with the blocks below it
      # @return [Array<Array(Notes::Block, Array<Notes::Block>)>] the same, where heads belong together in one
      def joined(groups)
        runs = groups.chunk_while { |one, two| short?(one) && short?(two) }.to_a
        runs.each_with_object([]) do |run, list|
          next list.concat(run) unless run.size.between?(2, MOST) && short?(run.first) && (run.size > 2 || two?(run)) && together?(run)

          blocks = run.flat_map { |head, below| [head, *below] }
          # The heading above them, where nothing else stands below it.
          list.any? && list.last.first && list.last.last.empty? && list.last.first.level.to_i < LEVEL ? list.last.last.concat(blocks) : list << [nil, blocks]
        end
      end

      def short?(group)
        head, below = group
        head && head.level.to_i >= LEVEL && below.any? && below.sum { |b| b.text.length } <= SHORT
      end

      # Two of them belong together where they are called so: "For" and "Against", "The old hall" and "The new hall".
      def two?(run)
        named = run.map { |head, _| head.text.downcase.scan(/[[:alpha:]]+/) - Words::STOP.to_a }
        run.all? { |head, _| head.text.match?(Notes::Sections::SIDE) } || named.reduce(:&).any?
      end

      # Two sides, or half of them or more say nothing alone.
      def together?(run)
        return true if run.size == 2 && run.all? { |head, _| head.text.match?(Notes::Sections::SIDE) }

        run.count { |head, below| Kept.of(Notes::Passage.new(below, heading: head.text)).best.nil? } * 2 >= run.size
      end
    end
  end
end
