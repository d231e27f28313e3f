# frozen_string_literal: true

module Peony
  module Notes
    # The lines of a PDF page: runs of letters that stand on one base line, from top to bottom.
    module PDFLines
      # +x+, +y+ and +size+ in points; +gap+ to the line above.
      Line = Struct.new(:text, :x, :right, :y, :size, :bold, :page, :gap, :cells, keyword_init: true)

      module_function

      # @param page [PDF::Reader::Page]
      # @return [Array<Line>]
      def of(page)
        receiver = Receiver.new
        page.walk(receiver)
        lines = rows(receiver.runs).map { |row| line(row, page.number) }.reject { |l| l.text.strip.empty? }
        lines.each_cons(2) { |a, b| b.gap = a.y - b.y }
        lines
      end

      def rows(runs)
        runs.sort_by { |r| [-r.y, r.x] }.each_with_object([]) do |run, rows|
          last = rows.last
          if last && (last.first.y - run.y).abs <= [run.font_size, last.first.font_size].max * 0.4 then last << run
          else
            rows << [run]
          end
        end
      end

      def line(row, page)
        row = row.sort_by(&:x)
        text = +""
        cells = [+""]
        row.each_with_index do |run, i|
          before = row[i - 1]
          space = i.zero? ? 0 : run.x - (before.x + before.width)
          wide = space > run.font_size * 1.6
          cells << +"" if wide
          text << " " if i.positive? && space > run.font_size * 0.12 && !text.end_with?(" ")
          text << run.text
          cells.last << (cells.last.empty? || space <= run.font_size * 0.12 ? "" : " ") << run.text
        end
        sizes = row.group_by { |r| r.font_size.round(1) }.max_by { |_, l| l.sum { |r| r.text.length } }
        Line.new(text: text.gsub(/\s+/, " ").strip, x: row.first.x, right: row.last.x + row.last.width, y: row.first.y, size: sizes.first, bold: row.all? do |r|
          r.bold ||
                  r.text.strip.empty?
        end, page: page, gap: nil, cells: cells.map(&:strip))
      end

      # @param pages [Array<Array<Line>>]
      # @return [Array<Line>] without running heads, feet and page numbers
      def without_running(pages)
        seen = pages.flat_map { |lines| (lines.first(2) + lines.last(2)).uniq.map { |l| key(l) } }.tally
        pages.flat_map do |lines|
          edge = lines.first(2) + lines.last(2)
          lines.reject { |l| edge.include?(l) && (l.text.match?(%r{\A(?:page )?\d{1,4}(?: (?:of|/) \d+)?\z}i) || (pages.size > 2 && seen[key(l)] > pages.size * 0.5)) }
        end
      end

      def key(line) = line.text.gsub(/\d+/, "#")

      # Takes the letters with their places and whether their font is bold.
      class Receiver < ::PDF::Reader::PageTextReceiver
        Run = Struct.new(:x, :y, :width, :font_size, :text, :bold)

        # @return [Array<Run>]
        def runs = @found ||= @characters.map { |c| Run.new(c.x, c.y, c.width, c.font_size, c.text, @bold.fetch(c.object_id, false)) }

        def page=(page)
          @bold = {}
          super
        end

        private

        def internal_show_text(string)
          before = @characters.size
          super
          name = @state.current_font&.basefont.to_s
          @characters[before..].each { |c| @bold[c.object_id] = true } if name.match?(/bold|black|heavy|semibold|demi/i)
        end
      end
    end
  end
end
