# frozen_string_literal: true

module Peony
  module Reading
    # What moments tell of each other: the century of a year of two digits, the year of a month, one scale for days and months. Part of {Dates}.
    module DatesTogether
      SHORT_YEAR = /\A['’]\d\d\z/

      # "In 1847 ... one night in '93 ... the election of 1931": a year of two digits lies between those it is told between.
      # @param list [Array<Moment>] in order of place
      def in_their_century(list)
        return list unless list.any? { |m| m.text.match?(SHORT_YEAR) }

        list.each_with_index.map do |m, i|
          next m unless m.text.match?(SHORT_YEAR)

          before, after = [list.first(i).reverse, list.drop(i + 1)].map { |side| side.find { |o| o.sort > 1000 && !o.text.match?(SHORT_YEAR) }&.sort }
          fitting = before && [1700, 1800, 1900, 2000].map { |century| century + m.text[/\d+/].to_f }.find { |year| year >= before.floor && (after.nil? || year <= after) }
          fitting && before < 1900 ? Dates::Moment.new(**m.to_h, sort: fitting) : m
        end
      end

      # Days and months without a year are put on one scale, in months, where both are told.
      def level(taken)
        in_years(taken)
        return taken unless taken.any? { |t| t.kind == :month && t.sort < 13 } && taken.any? { |t| t.kind == :day && t.sort < 1 }

        taken.map { |t| t.kind == :day && t.sort < 1 ? Dates::Moment.new(**t.to_h, kind: :month, sort: 1 + (t.sort * 12)) : t }
      end

      # "Planning permission November 2024 ... roof on by July": among months with years one without is the next of its name.
      def in_years(taken)
        taken.select { |t| %i[month day].include?(t.kind) }.sort_by(&:from).each_cons(2) do |before, own|
          next unless before.sort.between?(1000, 2100) && own.sort < 13

          part = own.kind == :month ? (own.sort - 1) / 12.0 : own.sort
          own.sort = before.sort.floor + part
          # A season is told roughly: March may lie in the spring that was named before it.
          own.sort += 1 if own.sort < before.sort - 0.06
        end
      end
    end
  end
end
