# frozen_string_literal: true

module Peony
  module Tables
    module Steps
      # The sum of all rows so far, in the order of time where there is one.
      class Running < Step
        step "running", title: "Running total", sees: "one more column: the sum of all rows so far", fields: { "column" => "number" }

        def rows
          picked = numbers
          sum = 0.0
          order = (0...table.size).to_a
          order = order.sort_by { |r| [table.time.values[r]&.from&.jd || Float::INFINITY, r] } if table.time
          totals = {}
          order.each { |r| totals[r] = picked.values[r] && cell(sum += picked.values[r], picked.decimals) }
          with("#{picked.plain}, running total", (0...table.size).map { |r| totals[r].to_s })
        end

        def said = "running total of #{self['column']}"
      end
    end
  end
end
