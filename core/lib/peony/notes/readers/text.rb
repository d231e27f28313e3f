# frozen_string_literal: true

module Peony
  module Notes
    # Plain text: blank lines part paragraphs; "- ", "* ", "• ", "1. " and "a) " begin items; an underlined or short lone line is a heading.
    module Text
      BULLET = /\A(\s*)([-*•–·▪]|\d{1,3}[.)]|[a-z][.)])\s+(?=\S)/
      HASH = /\A(\#{1,6})\s+(?=\S)/

      Line = Struct.new(:text, :at, keyword_init: true)

      module_function

      # @param text [String]
      # @return [Document]
      def read(text)
        blocks = []
        runs(text).each { |run| blocks.concat(blocks_of(run)) }
        promote(blocks)
        blocks.each_with_index { |block, index| block.id = "b#{index + 1}" }
        Document.new(blocks: blocks, title: Notes.title_of(blocks))
      end

      # @return [Array<Array<Line>>] lines between blank lines
      def runs(text)
        at = 0
        lines = text.each_line.map { |line| Line.new(text: line.chomp, at: at).tap { at += line.length } }
        lines.chunk_while { |one, two| !one.text.strip.empty? && !two.text.strip.empty? }.reject { |run| run.first.text.strip.empty? }
      end

      # "N1: every 20 minutes", "1958 – line closes": a label at the beginning of a line.
      LABELLED = /\A\s*(?=\S)[^.:–—]{1,34}(?::|\s[–—-])\s+\S/
      DATED = /\A\s*(?:\d|(?:January|February|March|April|May|June|July|August|September|October|November|December)\b)/

      def blocks_of(run)
        return listed(run) if list_of_lines?(run)

        run.each_with_object([]) do |line, blocks|
          if (match = line.text.match(HASH))
            blocks << block("heading", line, match[0].length, level: [match[1].length, 3].min)
          elsif (match = line.text.match(BULLET))
            blocks << block("item", line, match[0].length, level: match[1].gsub("\t", "    ").length, ordered: match[2].match?(/\w/))
          elsif blocks.last && continues?(blocks.last, line)
            blocks.last.text += " #{line.text.strip}"
          else
            blocks << block("paragraph", line, line.text[/\A\s*/].length)
          end
        end.then { |blocks| levels(blocks) }
      end

      # Lines that are entries although no bullet says so: short, and nearly all with a label at their beginning.
      def list_of_lines?(run)
        rest = run.drop(1)
        rest.size >= 2 && run.none? { |l| l.text.match?(BULLET) || l.text.match?(HASH) || l.text.length > 140 } && rest.count do |l|
          l.text.match?(LABELLED)
        end >= rest.size * 0.75
      end

      def listed(run)
        first, *rest = run
        heading = !first.text.match?(LABELLED) || (rest.all? { |l| l.text.match?(DATED) } && !first.text.match?(DATED))
        lines = run.each_with_index.map do |line, index|
          block(heading && index.zero? ? "heading" : "item", line, line.text[/\A\s*/].length, level: heading && index.zero? ? 2 : 0)
        end
        lines.each { |b| b.ordered = false if b.item? }
      end

      # A wrapped line belongs to the block before it; after an item only when it is indented or goes on in lower case.
      def continues?(block, line)
        return true if block.type == "paragraph"

        block.item? && line.text.match?(/\A\s{2,}|\A[[:lower:]]/)
      end

      def block(type, line, skip, level: nil, ordered: nil)
        Block.new(type: type, text: line.text[skip..].strip, level: level, ordered: ordered, at: line.at + skip)
      end

      # Indents in columns become levels 0, 1, 2 ...
      def levels(blocks)
        steps = blocks.select(&:item?).map(&:level).uniq.sort
        blocks.each { |block| block.level = steps.index(block.level) if block.item? }
      end

      # A short lone line without a closing stop, followed by longer text, is a heading.
      def promote(blocks)
        blocks.each_cons(2) do |one, two|
          next unless one.type == "paragraph" && one.text.length <= 70 && !one.text.match?(/[.:;,!?…]["”’)]?\z/)
          next unless two.type != "paragraph" || two.text.length > one.text.length

          one.type = "heading"
          one.level = blocks.first.equal?(one) ? 1 : 2
        end
      end
    end
  end
end
