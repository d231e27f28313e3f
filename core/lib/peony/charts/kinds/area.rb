# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # A line with the ground under it filled; several series stand on each other.
      class Area < Line
        chart "area", title: "Area", family: "area", scale: "lengths", areas: true, sees: "how much there was, filled from zero", reason: "how much, and how it went",
                      tells: %w[shift weekly spike growth trend max], most: 4000

        def self.fit(shape, _said)
          case shape.kind
          when :series then shape.additive.any? && shape.table.size >= 12 ? 0.72 : nil
          end
        end

        private

        def zero? = true

        def trace(runs, index)
          pen.group("item", item: "area-#{index}") do
            runs.select { |run| run.size > 1 }.each do |run|
              base = @y.zero
              pen.polygon([[run.first[0], base], *thin(run), [run.last[0], base]], **fill(index, quiet: true).paint)
            end
          end
          super
        end
      end
    end
  end
end
