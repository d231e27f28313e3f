# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # Columns of parts that each make a hundred per cent.
      class FullStacked < Stacked
        chart "full-stacked", title: "Shares over time", family: "stacked", areas: true, sees: "columns of parts, each a hundred per cent", reason: "how the parts shift",
                              tells: %w[leader share], most: 60

        def self.fit(shape, said) = super&.then { |fit| fit - 0.12 }

        def draw
          sums = data.keys.each_index.map { |i| data.series.sum { |s| s.values[i].to_f } }
          refuse("A row without any amount has no shares.") if sums.any? { |s| !s.positive? }
          shares = data.series.map do |s|
            s.dup.tap do |c|
              c.values = s.values.each_with_index.map { |v, i| (v.to_f / sums[i] * 100).round(6) }
              c.kind = "percent"
              c.decimals = 0
            end
          end
          @job = job.dup.tap { |j| j.data = Data.new(data.name, data.kind, data.keys, shares) }
          super
        end
      end
    end
  end
end
