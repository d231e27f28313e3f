# frozen_string_literal: true

module Peony
  module Notes
    # Plain text: blank lines part paragraphs; "- ", "* ", "• ", "1. " and "a) " begin items; an underlined or short lone line is a heading.
    module Text
      extend ListsOfLines

      BULLET = /\A(\s*)([-*•–·▪◦‣○●■□◆❖☐☑+✓✔✗✘→➔➜►▸»]|(?<=\s)o(?=\s+[[:alpha:]])|\d{1,3}[.)]|[a-z][.)](?!\s+(?:1\d|20)\d\d\b))\s+(?=\S)/
      DOTTED = /\A(\s*)(\d{1,2})((?:\.\d{1,2})+)\.?\s+(?=[[:alpha:]])/
      # "├── bread", "│   └── rye": a tree drawn with strokes.
      BRANCH = /\A([\s│]*)(?:├|└)─*\s*(?=\S)/
      TOP = /\A(\s*)(\d{1,2})[.)]?\s+(?=[[:alpha:]])/
      UNDERLINE = /\A\s*(?:={3,}|-{3,}|~{3,})\s*\z/
      HASH = /\A(\#{1,6})\s+(?=\S)/

      Line = Struct.new(:text, :at, keyword_init: true)

      module_function

      # @param text [String]
      # @return [Document]
      def read(text)
        blocks = []
        tables = []
        Sections.of(runs(text)).each do |run, as|
          if (rows = TextTable.rows(run))
            headless = Headless.entries(rows)
            headless ? run.zip(headless) { |line, words| blocks << Block.new(type: "item", level: 0, text: words, at: line.at) } : table(rows, run, blocks, tables)
          else
            blocks.concat(as ? Sections.blocks(run, as) : blocks_of(run))
          end
        end
        promote(blocks)
        blocks.each_with_index { |block, index| block.id = "b#{index + 1}" }
        Document.new(blocks: blocks, title: Notes.title_of(blocks), tables: tables)
      end

      # The rows of a table are entries too, each where its line stands.
      def table(rows, run, blocks, tables)
        made = Builder.new
        made.table(rows)
        made = made.document
        tables.concat(made.tables)
        lines = run.reject { |line| line.text.match?(TextTable::RULE) }.drop(1)
        made.blocks.each_with_index { |block, index| blocks << Block.new(type: block.type, level: block.level.to_i, table: tables.size - 1, text: block.text, at: (lines[index] || run.last).at) }
      end

      # @return [Array<Array<Line>>] lines between blank lines; a line marked as a heading stands by itself
      def runs(text)
        at = 0
        lines = text.each_line.map { |line| Line.new(text: line.chomp, at: at).tap { at += line.length } }
        lines.chunk_while { |one, two| [one, two].none? { |l| l.text.strip.empty? || l.text.match?(HASH) } }.reject { |run| run.first.text.strip.empty? }
             .flat_map { |run| over_table?(run) ? [run.first(1), run.drop(1)] : [run] }
      end

      # "Which plan?" right over the rows of a table stands by itself.
      def over_table?(run)
        head, *rest = run.map(&:text)
        return false if rest.size < 2 || TextTable.rows(run.drop(1)).nil?

        TextTable.by_commas(rest) ? TextTable.by_commas(run.map(&:text)).nil? : ["\t", "|"].any? { |mark| !head.strip.include?(mark) && rest.all? { |line| line.include?(mark) } }
      end

      # "N1: every 20 minutes", "1958 – line closes": a label at the beginning of a line.
      LABELLED = /\A\s*(?=\S)(?:[^.:–—]|(?<=\d) ?[.:–](?= ?\d)|(?<=\bc|ca)\.){1,40}(?::|\s[–—-])\s+\S/
      # "during break → the school"
      LEADS_TO = /\A[^→⟶]*\S\s*(?:→|⟶|->|=>)\s*\S/
      DATED = /\A\s*(?:\d|(?:#{Reading::Dates::MONTH}|#{Reading::Dates::SHORT_DAY}|#{Reading::Dates::DAY})(?![[:alpha:]]))/
      # A name and its number, and nothing else.
      ROW = /\A\s*[^\d:]{2,40}\s[£€$]?\d[\d,.]*\s?[%°£€$[:alpha:]]{0,3}\s*\z/
      # "Autumn term 184 children" over "Spring term 201 children": the same is counted in each.
      COUNT = /\A\s*[^\d:]{2,40}\s\d[\d,.]*\s+([[:alpha:]]+)\s*\z/
      # "2019 46"
      DATED_ROW = /\A\s*(?:1\d|20)\d\d\s+[£€$]?\d[\d,.]*\s?%?\s*\z/
      # "9 a.m. 1.5", "noon 2.1", "14:30 85"
      CLOCK_ROW = /\A\s*(?:at )?(?:\d{1,2}(?:[.:]\d\d)? ?[ap]\.?m\.?|\d{1,2}:\d\d|noon|midday|midnight)\s+[£€$]?\d[\d,.]*\s?[%°£€$[:alpha:]]{0,3}\s*\z/i
      NUMBERED = Regexp.union(ROW, COUNT, DATED_ROW, CLOCK_ROW)
      # "Week 1 Interviews", "Weeks 3 and 4 Building"
      COUNTED = /\A\s*(?:Day|Week|Month|Year|Term|Lesson|Step|Stage|Session)s? \d/
      # "People say: …" over "And so: …": two such lines are entries.
      HEADED = /\A\s*[[:upper:]]\S*(?: \S+){0,2}:\s/
      # A line longer than this was not broken: every line is a paragraph.
      UNBROKEN = 130
      # Prose that was broken into lines goes on in lower case somewhere and has lines of this length.
      WRAPPED = 58

      def blocks_of(run)
        told = Sections.run(run)
        return told if told
        return [unbroken(run)] if wrapped?(run.map(&:text))
        return listed(run) if list_of_lines?(run)
        return run.flat_map { |line| blocks_of([line]) }.then { |blocks| levels(blocks) } if run.size > 1 && run.any? { |line| line.text.length > UNBROKEN }

        line_by_line(run)
      end

      # What was broken into lines, as one paragraph.
      def unbroken(run) = run.drop(1).each_with_object(as(run.first, "paragraph")) { |line, block| block.text += " #{line.text.strip}" }

      def line_by_line(run)
        tops = tops(run)
        run.each_with_index.with_object([]) do |(line, index), blocks|
          if line.text.match?(UNDERLINE) && blocks.last&.type == "paragraph" && index == 1
            blocks.last.type = "heading"
            blocks.last.level = line.text.include?("=") ? 1 : 2
          elsif (match = line.text.match(HASH))
            blocks << block("heading", line, match[0].length, level: [match[1].length, 3].min)
          elsif (entry = entry(line, tops))
            blocks << entry
          elsif blocks.last && continues?(blocks.last, line, run[index + 1])
            blocks.last.text += " #{line.text.strip}"
          else
            blocks << block("paragraph", line, line.text[/\A\s*/].length)
          end
        end.then { |blocks| levels(blocks) }
      end

      # Prose that was broken at a width: no first word of a line would have had room in the line before it, and some line ends within a sentence.
      # @param lines [Array<String>]
      def wrapped?(lines)
        width = lines.map { |line| line.strip.length }.max
        return false if lines.size < 2 || !width.between?(NARROWEST, WIDEST) || lines.any? { |line| marked?(line) }

        lines.each_cons(2).all? { |one, two| one.length + two[/\A\S+/].length + 1 > width } && lines.each_cons(2).any? { |one, two| within?(one, two) }
      end
      NARROWEST = 55
      WIDEST = 100

      # A line that is no prose: "644. Then came gardening" is.
      def marked?(line) = (line.match?(BULLET) && !line.match?(/\A\d{2,3}\. /)) || line.match?(HASH) || line.match?(/\A\s|[|\t]|\A\z/)

      # "complaints 61 → 70," over "frogs", "44. Mill" over "Lane comes next"
      def within?(one, two) = !one.match?(/[.!?:…]["”’)]?\z/) && (one.end_with?(",") || two.match?(/\A[[:lower:]\d]/) || one.match?(/[.!?] /)) && (one.match?(/[.!?;,] /) || two.match?(/[.!?]/))

      def as(line, type, level = nil) = block(type, line, line.text[/\A\s*/].length, level: level)

      # @param tops [Set<String>] numbers that other lines begin with
      def entry(line, tops)
        return nil if Reading::Enumerated.in(line.text).any?

        if (match = line.text.match(BRANCH)) then block("item", line, match[0].length, level: match[1].length)
        elsif (match = line.text.match(DOTTED)) && tops.include?(match[2]) then block("item", line, match[0].length, level: match[1].length + (match[3].count(".") * 4), ordered: true)
        elsif (match = line.text.match(TOP)) && tops.include?(match[2]) then block("item", line, match[0].length, level: match[1].length, ordered: true)
        elsif (match = line.text.match(BULLET)) then block("item", line, match[0].length, level: match[1].gsub("\t", "    ").length, ordered: match[2].match?(/\w/) || nil)
        end
      end

      # "1. Library", below which "1.1 Children" is an entry too.
      def tops(run)
        below = run.filter_map { |line| line.text[DOTTED, 2] }.to_set
        tops = run.filter_map { |line| line.text[TOP, 2] }
        # "3 Shop", with nothing below it, where 1 and 2 have something.
        counted = tops.size > 2 && tops.map(&:to_i) == (1..tops.size).to_a && (below & tops).size > 1
        counted ? tops.to_set : below & tops
      end

      # A wrapped line belongs to the block before it; after an item only when it is indented or goes on in lower case.
      # A line that leads a list stands by itself.
      def continues?(block, line, following)
        return block.item? && line.text.match?(/\A\s{2,}|\A[[:lower:]]/) unless block.type == "paragraph"
        return true unless block.text.length < WRAPPED && line.text.match?(/\A\s*[[:upper:]\d£€$"“]/)
        return true if block.text.match?(/[,;]\z/)
        return false if last_of_two?(block, following)
        return false if heads?(block, line)

        !(line.text.match?(/:\s*\z/) || block.text.match?(/:\z/) || (following && following.text.match?(BULLET)))
      end

      # "How a click becomes an order" over a line that says something, and that would have begun beside it had it been broken off there.
      def heads?(block, line)
        return false if block.text.match?(/[.!?:]\z/) || !line.text.match?(Sections::STOP)

        block.text.split.size <= 5 || (block.text.split.size <= 10 && line.text.length > [WRAPPED, block.text.length + line.text.index(" ").to_i + 1].max)
      end

      # "Strengths", and below it one line: a head and its words.
      def last_of_two?(block, following) = following.nil? && block.text.split.size <= 3 && !block.text.match?(/[.!?:,;]\z/)

      def block(type, line, skip, level: nil, ordered: nil)
        Block.new(type: type, text: line.text[skip..].strip, level: level, ordered: ordered, at: line.at + skip)
      end

      # Indents in columns become levels 0, 1, 2 ...
      def levels(blocks)
        # "1. Barn" over "- free" and "- cold", and again: what has a dash stands below what has a number.
        items = blocks.select(&:item?)
        groups = items.map(&:level).uniq.one? && items.first&.ordered ? items.slice_before(&:ordered).to_a : []
        groups.each { |group| group.drop(1).each { |block| block.level += 1 } } if groups.size > 1 && groups.all? { |group| group.size > 1 }
        steps = items.map(&:level).uniq.sort
        blocks.each { |block| block.level = steps.index(block.level) if block.item? }
      end

      # "Which bench?" by itself, over a paragraph that says more.
      def asked?(one, two) = one.text.match?(/\A[[:upper:]][^.?!:;,]{2,60}\?\z/) && one.text.split.size <= 9 && two.type == "paragraph" && two.text.length >= 60

      # A short lone line without a closing stop, followed by longer text, is a heading.
      def promote(blocks)
        below = blocks.each_cons(2).with_object(Set.new.compare_by_identity) { |(head, block), set| set << block if head.heading? && head.level.to_i >= 3 }
        blocks.each_cons(2).to_a.reverse_each do |one, two|
          next unless one.type == "paragraph" && one.text.length <= 70 && one.text.match?(/[[:alpha:]]/) && (!one.text.match?(/[.:;,!?…]["”’)]?\z/) || asked?(one, two))
          # What stands above heads of the lowest level is the heading of them all.
          next if two.heading? && (two.level.to_i < 3 || below.include?(one)) && !blocks.first.equal?(one)
          next unless two.type != "paragraph" || two.text.length > one.text.length || two.text.match?(/[.!?:,]|\A[+–−-]\z/)

          one.type = "heading"
          one.level = blocks.first.equal?(one) ? 1 : 2
        end
        last_head(blocks)
      end

      # "Walking" over two entries, "Cycling" over three, "Riding" over none yet: the last of several heads.
      def last_head(blocks)
        last = blocks.last
        heads = blocks.select { |b| b.heading? && b.level == 2 }
        return if heads.size < 2 || last.type != "paragraph" || !blocks[-2].item? || last.text.length > heads.map { |b| b.text.length }.max + 4 || last.text.match?(/[.:;,!?…]["”’)]?\z/)

        last.type = "heading"
        last.level = 2
      end
    end
  end
end
