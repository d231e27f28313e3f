# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # The mean of each day of the week, Saturday and Sunday in the loud colour where they differ.
      class Weekdays < Column
        chart "weekdays", title: "Days of the week", family: "column", sees: "the mean of each day of the week", reason: "which days of the week", tells: %w[weekly max], most: 7

        def self.fit(shape, said)
          return unless shape.daily?

          said.any? { |s| s.kind == "weekly" } ? 0.74 : 0.1
        end

        def self.data(shape, column, _said)
          series = shape.series.find { |s| s.column.equal?(column || measure(shape)) }
          groups = series.values.each_index.group_by { |i| (series.keys[i].from.wday + 6) % 7 }
          means = (0..6).map { |d| groups[d] && Tables::Statistics.mean(groups[d].map { |i| series.values[i] }).round([series.column.decimals, 1].max) }
          { "x" => { "name" => "Day of the week", "kind" => "category", "keys" => Date::DAYNAMES.rotate(1) }, "series" => hash(nil, [], [[series.name, means, series.column]])["series"].map { |s| s.merge("decimals" => s["decimals"].to_i.zero? ? 0 : 1) } }
        end

        private

        def loud?(key) = job.highlight.nil? ? %w[Saturday Sunday].include?(key) : super
      end
    end
  end
end
