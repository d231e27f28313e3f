# frozen_string_literal: true

module Peony
  module Tables
    # How a table is built, which says what can be asked of it:
    #   :series   rows in time, one measure or more         :wide     a row a thing, a column a period
    #   :long     rows of time and thing with one measure   :things   a row a thing, with its measures
    #   :pairs    many rows with two measures or more       :answers  a row an answer: words chosen from a few
    #   :groups   many rows of a few kinds of things        :words    nothing to count
    class Shape
      # Numbers in order. +keys+ are periods or labels; +rows+ say which row of the table each stands in. +column+ is where they come from.
      Series = Struct.new(:name, :column, :keys, :values, :rows, keyword_init: true) do
        def size = values.size
        def total = values.sum
        # @return [String, Array<String>] what the place is called in files
        def key(index) = keys[index].respond_to?(:key) ? keys[index].key : keys[index].to_s
        def word(index) = keys[index].respond_to?(:key) ? keys[index].text : keys[index].to_s
        def at_most = values.each_index.max_by { |i| [values[i], -i] }
        def at_least = values.each_index.min_by { |i| [values[i], i] }
        # What follows from it, worked out once.
        def once(what) = (@once ||= {})[what] ||= yield
      end

      MANY = 20
      FEW = 12

      attr_reader :table

      # @param table [Table]
      def initialize(table)
        @table = table
      end

      # @return [Symbol]
      def kind
        @kind ||= if table.numeric.empty? then chosen.any? ? :answers : :words
                  elsif periods.size >= 3 && periods.size >= table.columns.size - 3 && table.time.nil? then :wide
                  elsif table.time then repeated_time? ? :long : :series
                  elsif answers? then :answers
                  elsif table.numeric.size >= 2 && table.size >= MANY && !repeated_labels? then :pairs
                  elsif repeated_labels? then :groups
                  else :things
                  end
      end

      def time = table.time
      def measures = kind == :wide ? [] : table.numeric
      # The column that names the rows: words that differ, unless they are remarks on what is counted.
      def label = @label ||= table.words.find { |c| c.distinct > table.size * 0.8 && (turn.nil? || c.values.compact.all? { |words| words.size <= BRIEF }) } || turn || table.words.first
      BRIEF = 24

      # "Week" 1, 2, 3 ...
      # @return [Column, nil]
      def turn = table.columns.find(&:turn?)
      def daily? = kind == :series && time.kind == "date" && step == 1
      def additive = measures.select(&:additive?)

      # What a chart can be asked to be about.
      # @return [Array<String>] names of columns
      def choices
        if kind == :answers
          chosen.map(&:name)
        else
          (kind == :wide ? [] : measures.map(&:name))
        end
      end

      # Columns of words with a few answers each.
      def chosen
        @chosen ||= table.columns.select { |c| %w[category boolean text place].include?(c.kind) && c.values.compact.size >= 6 && c.distinct.between?(2, FEW) && c.distinct <= table.size / 3 }
      end

      # In a wide table: the numeric columns whose names are periods, in order.
      def periods
        @periods ||= begin
          found = table.columns.select(&:numeric?).filter_map { |c| (p = Calendar.read(c.name)) && [c, p] }
          found.each_cons(2).all? { |(_, a), (_, b)| a.from < b.from } ? found : []
        end
      end

      # One series for each measure; in wide and long tables one for each thing.
      # @return [Array<Series>]
      def series
        @series ||= case kind
                    when :wide then wide
                    when :long then long
                    when :series then measures.map { |c| ordered(c) }
                    when :groups then additive.map { |c| grouped(c) }
                    else measures.map { |c| plain(c, label) }
                    end.select { |s| s.values.any? }
      end

      # Whether there is nothing to tell: no cell of a measure could be read.
      def bare? = kind != :answers && series.empty?

      # @return [Usual] what a series in time usually does
      def usual(series) = (@usual ||= {}.compare_by_identity)[series] ||= Usual.new(series, self)

      # Each thing's sum, in wide and long tables.
      # @return [Series]
      def totals = @totals ||= Series.new(name: nil, column: nil, keys: series.map(&:name), values: series.map(&:total), rows: series.map { |s| s.rows.first })

      # Usual number of days from row to row.
      def step
        @step ||= begin
          days = time.periods.map(&:from).uniq.sort
          days.size < 2 ? nil : days.each_cons(2).map { |a, b| (b - a).to_i }.tally.max_by(&:last).first
        end
      end

      # Days that a regular series leaves out.
      # @return [Array<Date>]
      def gaps
        return [] unless kind == :series && time.kind == "date" && step&.positive?

        days = time.values.compact.map { |p| p.from.jd }.sort
        days.each_cons(2).flat_map { |a, b| b - a > step && ((b - a) % step).zero? ? (1...((b - a) / step)).map { |i| Date.jd(a + (i * step)) } : [] }
      end

      private

      def repeated_time?
        return false if table.words.empty? || table.numeric.empty?

        time.values.count { |p| p } > time.periods.map { |p| p.from.jd }.uniq.size * 1.3
      end

      def repeated_labels? = label && label.distinct <= table.size * 0.6 && table.words.none? { |c| c.distinct > table.size * 0.8 }

      # Rows are answers where several columns of words take few values and no column names the rows.
      def answers?
        return false if table.size < MANY || chosen.empty?

        table.words.none? { |c| c.distinct > table.size * 0.6 } && (chosen.size >= 2 || table.columns.any?(&:counter?)) && additive_money.empty?
      end

      def additive_money = table.numeric.select { |c| c.kind == "money" || (c.additive? && !c.counter? && c.numbers.uniq.size > 12) }

      def ordered(column)
        picks = (0...table.size).select { |i| column.values[i] && time.values[i] }
        picks = picks.sort_by { |i| [time.values[i].from.jd, i] } unless picks.each_cons(2).all? { |a, b| time.values[a].from.jd <= time.values[b].from.jd }
        Series.new(name: column.name, column: column, keys: picks.map { |i| time.values[i] }, values: picks.map { |i| column.values[i].to_f }, rows: picks)
      end

      def plain(column, labels)
        picks = (0...table.size).select { |i| column.values[i] }
        Series.new(name: column.name, column: column, keys: picks.map { |i| labels&.names&.at(i) || "row #{i + 1}" }, values: picks.map { |i| column.values[i].to_f }, rows: picks)
      end

      def grouped(column)
        sums = Hash.new(0.0)
        first = {}
        table.size.times do |i|
          next unless column.values[i] && label.values[i]

          sums[label.values[i]] += column.values[i]
          first[label.values[i]] ||= i
        end
        Series.new(name: column.name, column: column, keys: sums.keys, values: sums.values, rows: first.values)
      end

      def wide
        names = label
        (0...table.size).filter_map do |i|
          picks = periods.select { |c, _| c.values[i] }
          next if picks.empty?

          Series.new(name: names&.names&.at(i) || "row #{i + 1}", column: nil, keys: picks.map(&:last), values: picks.map { |c, _| c.values[i].to_f }, rows: [i] * picks.size)
        end
      end

      # One pass: for each thing its sum of each day, and the first row that has it.
      def long
        thing = table.words.min_by(&:distinct)
        measure = additive.first || measures.first
        things = thing.values
        values = measure.values
        periods = time.values
        place = places_in_time
        sums = Hash.new { |all, name| all[name] = [] }
        first = Hash.new { |all, name| all[name] = [] }
        table.size.times do |row|
          next unless (name = things[row]) && (value = values[row]) && (period = periods[row])

          days = sums[name]
          if (day = days[at = place[period]]) then days[at] = day + value
          else
            days[at] = value.to_f
            first[name][at] = row
          end
        end
        first.map do |name, rows|
          rows.compact!
          Series.new(name: name, column: measure, keys: periods.values_at(*rows), values: sums[name].compact, rows: rows)
        end
      end

      # Each period written in the column of time and which of its days it is, the earliest being 0.
      def places_in_time
        rank = time.periods.map { |p| p.from.jd }.uniq.sort.each_with_index.to_h
        time.periods.each_with_object({}.compare_by_identity) { |p, places| places[p] = rank[p.from.jd] }
      end
    end
  end
end
