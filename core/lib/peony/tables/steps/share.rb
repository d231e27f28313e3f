# frozen_string_literal: true

module Peony
  module Tables
    module Steps
      # What each row is of the whole, in per cent that add up to 100 as they are printed.
      class Share < Step
        step "share", title: "Shares of the whole", sees: "one more column: what each row is of all, in %", fields: { "column" => "number" }

        TENTHS = 1000

        def rows
          picked = numbers
          values = picked.values.map { |v| v.to_f }
          raise Error.new("Shares cannot be negative.", hint: "Leave out the rows below nothing first.") if values.any?(&:negative?)
          raise Error.new("“#{picked.name}” adds up to nothing.", hint: "Choose another column.") if values.sum.zero?

          with("Share of #{picked.plain}", parts(values).map { |tenths| "#{cell(tenths / 10.0, 1)} %" })
        end

        def said = "shares of #{self['column']}"

        private

        # The largest remainders are rounded up, so that the parts make the whole (Hamilton's method).
        # @return [Array<Integer>] tenths of a per cent
        def parts(values)
          exact = values.map { |v| TENTHS * v / values.sum }
          floors = exact.map(&:floor)
          up = exact.each_index.max_by(TENTHS - floors.sum) { |i| [exact[i] - floors[i], -i] }
          floors.each_with_index.map { |n, i| up.include?(i) ? n + 1 : n }
        end
      end
    end
  end
end
