# frozen_string_literal: true

module Peony
  module Tables
    module Steps
      # Each row against the same day, month, quarter or year before, in per cent.
      class YearAgo < Step
        step "year ago", title: "Against a year ago", sees: "one more column: the change against a year ago, in %", fields: { "column" => "number" }

        def rows
          picked = numbers
          time = table.time or raise Error.new("There is no column of dates to find a year ago by.", hint: "Say in Gather which column holds dates.")
          known = {}
          table.size.times { |r| known[place(time.values[r])] ||= picked.values[r] if time.values[r] }
          cells = (0...table.size).map { |r| change(picked.values[r], time.values[r] && known[before(time.values[r])]) }
          raise Error.new("No row has one a year before it.", hint: "Two years of rows are needed.") if cells.all?(&:empty?)

          with("#{picked.plain} against a year ago", cells)
        end

        def said = "#{self['column']} against a year ago"

        private

        def change(now, before) = now.nil? || before.nil? || before.zero? ? "" : "#{cell(100.0 * (now - before) / before.abs, 1)} %"
        def place(period) = [period.kind, period.from]
        # The 29th of February is set against the 28th.
        def before(period) = [period.kind, period.from.prev_year]
      end
    end
  end
end
