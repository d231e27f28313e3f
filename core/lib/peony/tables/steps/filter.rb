# frozen_string_literal: true

module Peony
  module Tables
    module Steps
      # Only rows in which a column holds, or does not hold, something.
      class Filter < Step
        HOW = { "is" => "is", "not" => "is not", "more" => "is more than", "less" => "is less than", "has" => "holds the words" }.freeze
        step "filter", title: "Keep some rows", sees: "only rows in which a column holds what you say", fields: { "column" => "column", "how" => HOW, "value" => "word" }

        def rows
          picked = column
          found = (0...table.size).select { |row| fits?(picked, row) }
          [names, *found.map { |row| texts(row) }]
        end

        def said = "only rows where #{self['column']} #{HOW.fetch(self['how'], 'is')} #{self['value']}"

        private

        def fits?(picked, row)
          value = picked.values[row]
          case self["how"]
          when "more", "less" then !value.nil? && limit(picked).then { |l| (comparable(value) <=> l) == (self["how"] == "more" ? 1 : -1) }
          when "has" then picked.texts[row].to_s.downcase.include?(self["value"].to_s.downcase)
          else same?(picked, row) == (self["how"] != "not")
          end
        end

        def same?(picked, row)
          wanted = self["value"].to_s.strip.downcase
          picked.texts[row].to_s.strip.downcase == wanted || (!picked.values[row].nil? && !wanted.empty? && picked.values[row] == number(wanted))
        end

        def number(text) = Numerals.read(text)&.value
        def comparable(value) = value.respond_to?(:from) ? value.from.jd : value

        def limit(picked)
          @limit ||= (picked.time? ? Calendar.read(self["value"].to_s)&.from&.jd : number(self["value"].to_s)) ||
                     raise(Error.new("“#{self['value']}” cannot be compared with “#{picked.name}”.", hint: picked.time? ? "Write a date." : "Write a number."))
        end
      end
    end
  end
end
