# frozen_string_literal: true

module Peony
  module Tables
    # From the cells of a sheet to a table: which rows hold names, data, totals and remarks, and what each column holds.
    class Reader
      TOTAL = /\A(?:grand |sub)?-?(?:totals?|sum|all|overall|summe|gesamt(?:summe)?|insgesamt|total général|somme|totale|average|mean|durchschnitt|mittelwert|together|alle)\b:?/i
      HEAD = 12
      SAMPLE = 60

      # @param sheet [Sheet]
      # @param correct [Hash] what a person put right: "header" (row of names, or -1 for none), "ignore" (rows), "kinds" (by name), "units" (by name)
      # @return [Table]
      # @raise [Peony::Error]
      def self.table(sheet, correct = {}) = new(sheet, correct).table

      def initialize(sheet, correct)
        @sheet = sheet
        @correct = correct
        @rows = sheet.rows
        @left = {}
      end

      def table
        @wide = usual_width
        header = header_row
        names = named(header)
        data = data_rows(header, names)
        raise Error.new("This table has names but no rows of data.", hint: "Bring its cells too, or check the row of names.") if data.empty?

        data = data[0..-2] if total?(data)
        Table.new(name: @sheet.name, columns: columns(names, data), from: data, left: @left, title: @title)
      end

      private

      def cell(row, column) = @rows[row][column].to_s.strip
      def filled(row) = @rows[row].count { |c| c && !c.strip.empty? }

      def bare(text)
        return "" if text.nil? || text.empty?

        text.getbyte(0) <= 32 || text.getbyte(-1) <= 32 ? text.strip : text
      end

      # How many columns most rows use, empty ones at the right end left out.
      def usual_width
        lengths = sample.map { |r| (@rows[r].rindex { |c| c && !c.strip.empty? } || -1) + 1 }.reject(&:zero?)
        raise Error.new("This table has no filled cells.", hint: "Bring one with a row of names and rows of cells.") if lengths.empty?

        often = lengths.tally
        lengths.uniq.select { |n| often[n] >= lengths.size * 0.2 }.max || lengths.max
      end

      def sample = @sample ||= @rows.size <= SAMPLE * 2 ? (0...@rows.size).to_a : ((0...SAMPLE).to_a + (1..SAMPLE).map { |i| i * (@rows.size - 1) / SAMPLE })

      # The first row that fills most columns with names, below lines that fill one cell; -1 where the data begins at once.
      def header_row
        return @correct["header"] if @correct["header"]

        (0...[@rows.size, HEAD].min).each do |r|
          next @left[r] = :blank if filled(r).zero?

          if @wide > 1 && filled(r) <= [1, @wide / 3].max && filled(r + 1 < @rows.size ? r + 1 : r) != filled(r)
            @title ||= @rows[r].find { |c| c && !c.strip.empty? }.to_s.strip
            next @left[r] = :title
          end
          return names?(r) ? r : -1
        end
        -1
      end

      # Names are words where the rows below hold numbers, or differ from all that stands below.
      def names?(row)
        below = ((row + 1)...[row + 12, @rows.size].min).select { |r| filled(r) > @wide / 2 }
        return true if below.empty?

        votes = (0...@wide).map do |c|
          cells = below.map { |r| cell(r, c) }.reject(&:empty?)
          next 0 if cells.empty?

          if cells.count { |t| value?(t) } > cells.size * 0.6 then value?(cell(row, c)) ? -1 : 2
          else cells.include?(cell(row, c)) ? -0.5 : 0.3
          end
        end
        (votes.sum.positive? && votes.any?(&:positive?)) || periods?(row)
      end

      # A row of periods over numbers: 2021, 2022, 2023 ...
      def periods?(row)
        found = (0...@wide).filter_map { |c| Calendar.read(cell(row, c)) }
        found.size >= 3 && found.each_cons(2).all? { |a, b| a.from < b.from } && found.size >= @wide - 2 && !value?(cell(row, 0))
      end

      def value?(text) = !text.empty? && (Numerals.read(text, ".") || Numerals.read(text, ",") || Calendar.read(text) || Numerals.empty?(text)) ? true : false

      def named(header)
        raw = (0...@wide).map { |c| header.negative? ? "" : cell(header, c).gsub(/\s+/, " ") }
        @left[header] = :header unless header.negative?
        seen = Hash.new(0)
        raw.each_with_index.map do |name, c|
          name = "Column #{c + 1}" if name.empty?
          (seen[name] += 1) > 1 ? "#{name} (#{seen[name]})" : name
        end
      end

      def data_rows(header, names)
        start = header.negative? ? (0...@rows.size).find { |r| !@left.key?(r) } || 0 : header + 1
        ignored = Array(@correct["ignore"])
        found = (start...@rows.size).select do |r|
          why = ignored.include?(r) ? :ignored : idle(r, names)
          @left[r] = why if why
          why.nil?
        end
        drop_notes(found)
      end

      def idle(row, names)
        first = @rows[row].first
        return nil if first && !first.empty? && !first.start_with?(" ", names.first)

        count = filled(row)
        return :blank if count.zero?

        :header if count > 1 && count == @wide && @rows[row].first(@wide).map { |c| c.to_s.strip } == names
      end

      # Remarks under the table fill one cell.
      def drop_notes(rows)
        while rows.size > 1 && @wide > 1 && filled(rows.last) == 1 && (@wide > 2 || cell(rows.last, 0).split.size > 3) && !cell(rows.last, 0).empty?
          @left[rows.last] = :note
          rows = rows[0..-2]
        end
        rows
      end

      def total?(data)
        return false if data.size < 3

        last = data.last
        first = (0...@wide).map { |c| cell(last, c) }.find { |t| !t.empty? }.to_s
        @left[last] = :total if first.match?(TOTAL) || sums?(data)
      end

      # A last row without a name whose numbers are the sums of those above.
      def sums?(data)
        return false unless cell(data.last, 0).empty? && data.size < 5000

        checks = (1...@wide).filter_map do |c|
          numbers = data.map { |r| Numerals.value(cell(r, c), ".") }
          next if numbers.any?(&:nil?)

          (numbers[0..-2].sum - numbers.last).abs <= [numbers.last.abs * 0.001, 0.5].max
        end
        checks.any? && checks.all?
      end

      # The cells column by column.
      def texts(data)
        rows = data.size == data.last - data.first + 1 ? @rows[data.first..data.last] : @rows.values_at(*data)
        rows = rows.map { |row| row.size == @wide ? row : Array.new(@wide) { |c| row[c] } } if rows.any? { |row| row.size != @wide }
        rows.transpose
      end

      # @param cells [Array<String, nil>] of one column
      # @return [Array(Array<String>, String)] without the blanks around them, and one below the other
      def stripped(cells)
        whole = Numerals.lines(cells)
        return [cells, whole] if whole.count(" \t\v\f\r\u00A0").zero? && cells.all?

        cells = cells.map { |c| bare(c) }
        [cells, Numerals.lines(cells)]
      end

      def columns(names, data)
        texts, wholes = texts(data).map { |cells| stripped(cells) }.transpose
        used = (0...@wide).reject { |c| names[c].start_with?("Column ") && texts[c].all?(&:empty?) }
        samples = texts.map { |list| list.first(40).grep(/\d/).reject { |t| Calendar.read(t) } }
        mark = Numerals.mark_of(samples.flatten, nil) || (samples.any? { |list| Numerals.thousands?(list) } ? "," : ".")
        used.each_with_index.map do |c, i|
          said = { kind: "kinds", unit: "units", decimals: "decimals" }.transform_values { |key| @correct.dig(key, names[c]) }
          Kinds.column(names[c], texts[c], mark, whole: wholes[c], index: i, rows: data.size, **said).tap { |column| column.place = c }
        end
      end
    end
  end
end
