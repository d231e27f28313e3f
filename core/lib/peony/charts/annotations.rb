# frozen_string_literal: true

module Peony
  module Charts
    # Marks made of findings: what stands out in a series becomes words at its place.
    module Annotations
      MOST = 4

      module_function

      # @param said [Array<Tables::Finding::Said>]
      # @param column [Tables::Column, nil] what the chart is about
      # @param shape [Tables::Shape]
      # @return [Array<Hash>] marks as a piece keeps them
      def from(said, column, shape)
        own = said.select { |s| column.nil? || s.column == column.name }
        points = own.select { |s| %w[spike dip].include?(s.kind) }.first(MOST)
        points = own.select { |s| s.kind == "max" && shape.kind == :series }.first(1) if points.empty? && own.none? { |s| s.kind == "shift" }
        marks = points.map { |s| { "kind" => "point", "at" => s.at, "text" => "#{short(s.at)}: #{Tables::Amounts.text(s.value, column)}" } }
        marks += shift(own, column)
        marks << { "kind" => "weekends", "text" => "Saturdays and Sundays" } if own.any? { |s| s.kind == "weekly" }
        marks << { "kind" => "fit" } if own.any? { |s| s.kind == "trend" }
        marks
      end

      # The two levels of a shift, each over its own stretch.
      def shift(said, column)
        said.select { |s| s.kind == "shift" }.first(1).flat_map do |s|
          round = column.decimals
          [{ "kind" => "level", "value" => s.from.round(round), "text" => "#{Tables::Amounts.text(s.from.round(round), column)} on average", "to" => s.at },
           { "kind" => "level", "value" => s.to.round(round), "text" => "#{Tables::Amounts.text(s.to.round(round), column)} since #{short(s.at)}", "from" => s.at }]
        end
      end

      def short(key)
        period = Tables::Calendar.of_key(key.to_s)
        return key.to_s unless period

        period.kind == "date" ? "#{period.from.day} #{Date::ABBR_MONTHNAMES[period.from.month]}" : period.text
      end
    end
  end
end
