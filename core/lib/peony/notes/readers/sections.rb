# frozen_string_literal: true

module Peony
  module Notes
    # Heads of plain text, and what stands below them: in one run of lines ("Went well", "The donkey.", again and again), or in paragraphs that are made alike,
    # with blank lines between them: a head over one or more lines, or a number over what it is of.
    module Sections
      MOST = 5
      HEAD = /\A\s*[[:upper:]].*[[:alpha:]?]\s*\z/
      # Within a run of lines a question may be what is said.
      INNER = /\A\s*[[:upper:]\d].*[[:alpha:]]\s*\z/
      NUMBER = /\A\s*[£€$]?\d[\d,.]*(?:\s?(?:%|[[:alpha:]°]{1,3}))?\s*\z/
      STOP = /[.!?]["”’)]?\s*\z/
      # A line below a head says something, or goes on from it in lower case.
      BELOW = /#{STOP}|\A\s*[[:lower:]]/

      module_function

      # Heads and what is said below each, under a title or not, without blank lines.
      # @param run [Array<Text::Line>]
      # @return [Array(Text::Line, Array<Array<Text::Line>>), nil] the title, if there is one, and each head with its lines
      def heads(run)
        return nil if run.size < 4 || run.any? { |line| line.text.match?(Text::BULLET) || line.text.match?(Text::HASH) }

        title, rest = title?(run[0]) && few?(run[1], INNER) ? [run.first, run.drop(1)] : [nil, run]
        groups = rest.slice_before { |line| few?(line, INNER) }.to_a
        told = groups.size >= 2 && groups.all? { |head, *body| few?(head, INNER) && body.any? && body.all? { |line| line.text.match?(BELOW) } }
        [title, groups] if told
      end

      def title?(line) = few?(line, INNER) || (line.text.strip.split.size <= 10 && line.text.match?(/[[:alpha:]?:]\s*\z/))

      # @return [Array<Block>]
      def headed(title, groups)
        parts = groups.flat_map { |head, *body| [Text.as(head, "heading", 3), *body.map { |line| Text.as(line, "paragraph") }] }
        title ? [Text.as(title, "heading", 2), *parts] : parts
      end

      # @param runs [Array<Array<Text::Line>>] lines between blank lines
      # @return [Array<Array(Array<Text::Line>, Symbol)>] each with :head or :number where at least two are made so, else with nil
      def of(runs)
        made = runs.map { |run| kind(run) }
        often = made.compact.tally.select { |_, count| count >= 2 }
        runs.zip(made.map { |kind| kind if often.key?(kind) })
      end

      def kind(run)
        return nil unless run.size.between?(2, MOST) && run.none? { |line| line.text.match?(Text::HASH) || line.text.match?(Text::UNDERLINE) }
        return (:number if run.size == 2 && run.last.text.match?(/[[:alpha:]]{3}/)) if run.first.text.match?(NUMBER)

        :head if head?(run.first) && (run.size == 2 || run.drop(1).none? { |line| head?(line) })
      end

      def head?(line) = few?(line, HEAD) && !line.text.match?(Text::BULLET)

      # A few words that end in no stop.
      def few?(line, pattern) = line.text.strip.split.size <= 4 && line.text.match?(pattern)

      # @param kind [Symbol] as told by {of}
      # @return [Array<Block>]
      def blocks(run, kind)
        return [number(run)] if kind == :number

        head, *rest = run
        alone = rest.all? { |line| line.text.match?(STOP) && !line.text.match?(Text::BULLET) }
        rest.one? || alone ? headed(nil, [run]) : [Text.as(head, "heading", 3), *Text.blocks_of(rest)]
      end

      # "412" over "children taught to swim": one entry.
      def number(run)
        Text.as(run.first, "item", 0).tap { |block| block.text = run.map { |line| line.text.strip }.join(" ") }
      end
    end
  end
end
