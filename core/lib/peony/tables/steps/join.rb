# frozen_string_literal: true

module Peony
  module Tables
    module Steps
      # The columns of another table, beside the rows that share a word or a date with it.
      class Join < Step
        step "join", title: "Join another table", sees: "the columns of another table, where a column agrees", fields: { "table" => "table", "column" => "column", "on" => "word" }

        def rows
          own = column
          other = @others.call(self["table"])
          on = other.column(self["on"].to_s.empty? ? own.name : self["on"]) || alike(own, other)
          found = (0...other.size).group_by { |r| on.values[r] && key(on.values[r]) }
          more = other.columns - [on]
          matched = (0...table.size).map { |r| own.values[r] && found[key(own.values[r])]&.first }
          raise Error.new("No row of “#{own.name}” is found in “#{on.name}” of the other table.", hint: "Choose columns that name the same things.") if matched.none?

          [[*names, *more.map { |c| free(c.name) }], *matched.each_with_index.map { |at, r| [*texts(r), *more.map { |c| at ? c.texts[at].to_s : "" }] }]
        end

        def said = "joined with another table on #{self['column']}"

        private

        # The column of the other table that shares most with this one.
        def alike(own, other)
          keys = own.values.compact.map { |v| key(v) }.uniq
          best = other.columns.max_by { |c| (c.values.compact.map { |v| key(v) }.uniq & keys).size }
          best || raise(Error.new("The other table has no columns.", hint: "Choose another one."))
        end
      end
    end
  end
end
