# frozen_string_literal: true

module Peony
  module Notes
    # Plain text whose paragraphs are made alike, with blank lines between them: a head over one or more lines, or a number over what it is of.
    module Sections
      MOST = 5
      HEAD = /\A\s*[[:upper:]].*[[:alpha:]?]\s*\z/
      NUMBER = /\A\s*[£€$]?\d[\d,.]*(?:\s?(?:%|[[:alpha:]°]{1,3}))?\s*\z/

      module_function

      # @param runs [Array<Array<Text::Line>>] lines between blank lines
      # @return [Array<Array(Array<Text::Line>, Symbol)>] each with :head or :number where at least two are made so, else with nil
      def of(runs)
        made = runs.map { |run| kind(run) }
        often = made.compact.tally.select { |_, count| count >= 2 }
        runs.zip(made.map { |kind| kind if often.key?(kind) })
      end

      def kind(run)
        return nil unless run.size.between?(2, MOST) && run.none? { |line| line.text.match?(Text::HASH) || line.text.match?(Text::UNDERLINE) }
        return run.size == 2 && run.last.text.match?(/[[:alpha:]]{3}/) ? :number : nil if run.first.text.match?(NUMBER)

        :head if head?(run.first) && run.drop(1).none? { |line| head?(line) && run.size > 2 }
      end

      # A few words that end in no stop.
      def head?(line) = line.text.strip.split.size <= 4 && line.text.match?(HEAD) && !line.text.match?(Text::BULLET)

      # @param kind [Symbol] as told by {of}
      # @return [Array<Block>]
      def blocks(run, kind)
        return [number(run)] if kind == :number

        head, *rest = run
        alone = rest.all? { |line| line.text.match?(/[.!?]["”’)]?\s*\z/) && !line.text.match?(Text::BULLET) }
        [Text.as(head, "heading", 3), *(rest.one? || alone ? rest.map { |line| Text.as(line, "paragraph") } : Text.blocks_of(rest))]
      end

      # "412" over "children taught to swim": one entry.
      def number(run)
        Text.as(run.first, "item", 0).tap { |block| block.text = run.map { |line| line.text.strip }.join(" ") }
      end
    end
  end
end
