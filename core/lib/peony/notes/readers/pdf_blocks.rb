# frozen_string_literal: true

module Peony
  module Notes
    # Lines of a PDF as headings, paragraphs and entries.
    class PDFBlocks
      MARK = /\A([•◦▪–·●○■□‣⁃*-]|\d{1,2}[.)]|[a-z][.)])\s+(?=\S)/

      # @param lines [Array<PDFLines::Line>]
      def initialize(lines)
        @lines = lines
        @body = lines.group_by { |l| l.size.round(1) }.max_by { |_, list| list.sum { |l| l.text.length } }.first
        @leading = lines.filter_map { |l| l.gap if l.gap && (l.size - @body).abs < 0.6 && l.gap.positive? }.tally { |g| g.round }.then { |t| t.max_by(&:last)&.first } || (@body * 1.3)
        @sizes = lines.select { |l| heading?(l) }.map { |l| l.size.round }.uniq.sort.reverse
        @left = lines.map { |l| l.x.round }.tally.max_by(&:last).first
      end

      # @return [Document]
      def document
        builder = Builder.new
        groups.each { |group| group.size > 1 && group.all? { |l| cells?(l) } ? builder.table(group.map(&:cells)) : add(builder, group) }
        builder.document
      end

      private

      # A line of a table: words with wide gaps between them.
      def cells?(line) = line.cells.size >= 2 && line.cells.none?(&:empty?) && !line.text.match?(MARK)

      # Larger than the text, or bold and alone on a short line.
      def heading?(line)
        return false if line.text.length > 160 || (line.text.match?(MARK) && (line.size <= @body * 1.05 || !line.text.match?(/\A\d/)))

        line.size > @body * 1.08 || (line.bold && line.text.length < 90 && !line.text.match?(/[.,;:]\z/) && line.cells.size == 1)
      end

      # Lines that belong together: one heading, one entry, one paragraph.
      def groups
        @lines.each_with_object([]) { |line, groups| joins?(groups.last, line) ? groups.last << line : groups << [line] }
      end

      def joins?(group, line)
        return false if group.nil? || line.text.match?(MARK)

        last = group.last
        return last.page == line.page && last.cells.size == line.cells.size && close?(last, line, 2.2) if cells?(line) || (cells?(last) && group.size > 1)
        return heading?(last) && (last.size - line.size).abs < 0.5 && last.bold == line.bold && close?(last, line, 1.5) if heading?(line) || heading?(last)
        return true if last.page != line.page && !last.text.match?(/[.!?:]["”’)]?\z/) && line.text.match?(/\A[[:lower:]]/)

        last.page == line.page && close?(last, line, 1.3) && !(last.text.length < 40 && last.text.match?(/:\z/))
      end

      def close?(last, line, times) = line.gap && line.gap.positive? && line.gap <= [@leading, last.size * 1.25].max * times && last.page == line.page

      def add(builder, group)
        text = joined(group)
        first = group.first
        if heading?(first) then builder.heading(text, @sizes.index(first.size.round).to_i + 1)
        elsif (mark = text.match(MARK)) then builder.item(text[mark.end(0)..], level: level(first), ordered: mark[1].match?(/\w/))
        else builder.paragraph(text)
        end
      end

      # How far an entry is set in, beside the other entries.
      def level(line)
        @steps ||= @lines.select { |l| l.text.match?(MARK) }.map(&:x).sort.each_with_object([]) { |x, steps| steps << x if steps.empty? || x - steps.last > 6 }
        @steps.rindex { |x| line.x >= x - 3 } || 0
      end

      # A word that was hyphenated at the end of a line becomes whole.
      def joined(group)
        group.map(&:text).reduce { |a, b| a.match?(/[[:lower:]]-\z/) && b.match?(/\A[[:lower:]]/) ? a.chomp("-") + b : "#{a} #{b}" }
      end
    end
  end
end
