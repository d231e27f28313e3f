# frozen_string_literal: true

module Peony
  module Tables
    module Steps
      # Rows put together that share a word, or a month, quarter, year or day of the week.
      class Group < Step
        HOW = { "sum" => "sums", "mean" => "means", "count" => "number of rows", "largest" => "largest", "smallest" => "smallest" }.freeze
        WHEN = { "day" => "day", "weekday" => "day of the week", "month" => "month", "quarter" => "quarter", "year" => "year" }.freeze
        step "group", title: "Put rows together", sees: "one row for each word, month, quarter, year or day of the week",
                      fields: { "column" => "column", "by" => { "" => "as it stands" }.merge(WHEN), "how" => HOW }

        def rows
          by = column
          groups = (0...table.size).reject { |r| by.values[r].nil? }.group_by { |r| name_of(by, by.values[r]) }
          groups = groups.sort_by { |_, list| order(by, by.values[list.first]) }.to_h if by.time?
          measures = self["how"] == "count" ? [] : table.numeric - [by]
          raise Error.new("There are no numbers to put together.", hint: "Count the rows instead.") if measures.empty? && self["how"] != "count"

          head = [heading(by), *(measures.empty? ? ["Rows"] : measures.map { |c| named(c) })]
          [head, *groups.map { |name, list| [name, *(measures.empty? ? [list.size.to_s] : measures.map { |c| rounded(together(list.filter_map { |r| c.values[r] })) })] }]
        end

        def said = "#{HOW.fetch(self['how'], 'sums')} by #{self['by'].to_s.empty? ? self['column'] : "#{WHEN[self['by']]} of #{self['column']}"}"

        private

        # Means are called so: they are not summed again.
        def named(column) = self["how"] == "mean" ? "#{column.name}, average" : column.name

        # A mean has no more figures than say something.
        def rounded(value) = cell(value, self["how"] == "mean" && value ? [2 - Math.log10([value.abs, 0.01].max).floor, 0].max : 2)

        def heading(by) = by.time? && WHEN[self["by"]] ? WHEN[self["by"]].capitalize : by.name

        def name_of(by, value)
          unless by.time?
            return (if by.kind == "boolean"
                      value ? "yes" : "no"
                    else
                      value.to_s
                    end)
          end

          day = value.from
          case self["by"]
          when "weekday" then Date::DAYNAMES[day.wday]
          when "month" then format("%<y>d-%<m>02d", y: day.year, m: day.month)
          when "quarter" then "#{day.year}-Q#{((day.month - 1) / 3) + 1}"
          when "year" then day.year.to_s
          else value.key
          end
        end

        # A week begins on Monday.
        def order(_by, value) = self["by"] == "weekday" ? (value.from.wday - 1) % 7 : value.from.jd

        def together(values)
          return nil if values.empty?

          case self["how"]
          when "mean" then values.sum / values.size.to_f
          when "largest" then values.max
          when "smallest" then values.min
          else values.sum
          end
        end
      end
    end
  end
end
