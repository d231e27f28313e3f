# frozen_string_literal: true

module Peony
  module Tables
    module Steps
      # The rows with the largest numbers, and the others as one where that can be summed.
      class Top < Step
        COUNTS = (3..12).map(&:to_s).freeze
        step "top", title: "The largest rows", sees: "the rows with the largest numbers, the others together as one", fields: { "column" => "number", "count" => COUNTS.zip(COUNTS).to_h }

        def rows
          picked = numbers
          order = (0...table.size).select { |r| picked.values[r] }.sort_by { |r| [-picked.values[r], r] }
          most = self["count"].to_i.clamp(1, 100)
          rest = order.drop(most)
          list = order.first(most).map { |r| texts(r) }
          list << others(rest) if rest.size > 1 && picked.additive?
          list << texts(rest.first) if rest.size == 1
          [names, *list]
        end

        def said = "the #{self['count']} largest by #{self['column']}"

        private

        def others(rest)
          label = table.words.first
          table.columns.map do |c|
            if c == label then "Others (#{rest.size})"
            else
              c.numeric? && c.additive? ? cell(rest.sum { |r| c.values[r].to_f }, c.decimals) : ""
            end
          end
        end
      end
    end
  end
end
