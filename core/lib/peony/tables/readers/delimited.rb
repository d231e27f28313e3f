# frozen_string_literal: true

require "csv"

module Peony
  module Tables
    module Readers
      # Text with cells between commas, semicolons, tabs or upright strokes; quoted as RFC 4180 says.
      module Delimited
        MARKS = [",", ";", "\t", "|"].freeze
        SAMPLE = 40
        LONGEST = 1_000_000

        module_function

        # @param bytes [String]
        # @return [Array<Sheet>]
        # @raise [Peony::Error] when it holds no text
        def sheets(bytes) = [Sheet.new(name: nil, rows: rows(decoded(bytes)))]

        # @param text [String] UTF-8 with \n
        # @param mark [String] what parts the cells
        # @return [Array<Array<String>>]
        def rows(text, mark = nil)
          lines = text.split("\n")
          if lines.first&.match?(/\Asep=.\z/i)
            mark ||= lines.first[-1]
            lines.shift
          end
          mark ||= mark_of(lines.reject { |l| l.strip.empty? }.first(SAMPLE))
          text.include?('"') ? quoted(lines, mark) : lines.map { |line| line.split(mark, -1) }
        end

        # The mark that parts most lines into equally many cells.
        def mark_of(lines)
          MARKS.max_by do |mark|
            counts = lines.map { |line| unquoted(line).count(mark) }
            usual, often = counts.reject(&:zero?).tally.max_by { |n, times| [times, n] }
            if usual
              [often.to_f / lines.size >= 0.5 ? 1 : 0, often * Math.log(1 + usual)]
            else
              [-1, 0]
            end
          end
        end

        def unquoted(line) = line.gsub(/"(?:[^"]|"")*"/, "")

        # Only lines with quotes take the slower way. A quote left open goes on in the next lines.
        def quoted(lines, mark)
          rows = []
          open = nil
          lines.each do |line|
            line = "#{open}\n#{line}" if open
            if line.count('"').odd? && line.size < LONGEST then open = line
            else
              open = nil
              rows << (line.include?('"') ? parsed(line, mark) : line.split(mark, -1))
            end
          end
          rows.concat(open.split("\n").map { |line| line.split(mark, -1) }) if open
          rows
        end

        def parsed(line, mark)
          CSV.parse_line(line, col_sep: mark, liberal_parsing: true).map(&:to_s)
        rescue CSV::MalformedCSVError
          line.split(mark, -1).map { |cell| cell.delete('"') }
        end

        def decoded(bytes)
          text = Notes::Decoding.decode(bytes.b)
          raise Error.new("This file does not hold a table as text.", hint: "Save it as CSV, or bring the spreadsheet itself (.xlsx, .ods).") if text.count("\u0000").positive?

          text.include?("\r") ? text.gsub(/\r\n?/, "\n") : text
        end
      end
    end
  end
end
