# frozen_string_literal: true

module Peony
  module Charts
    # A chart in words, for readers who cannot see it: its finding, what it shows, its highest and lowest, what is marked.
    module Describing
      LONGEST = 900

      module_function

      # @param object [Hash] a chart of a piece
      # @return [String]
      def words(object)
        data = Data.from(object["data"])
        heading = object["heading"].to_s.sub(/[.:]\z/, "")
        [heading.empty? ? nil : "#{heading}.", "#{Chart.fetch(object['chart']).facts.title}: #{object['subtitle'].to_s.empty? ? data.first.name : object['subtitle']}.",
         *data.series.first(6).map { |s| extent(data, s) }, *marked(object)].compact.join(" ")[0, LONGEST]
      end

      # @param object [Hash] a chart of a piece
      # @return [Array(String, Array<String>, Array<Array<String>>)] title, names of columns, rows as printed
      def table(object)
        data = Data.from(object["data"])
        rows = data.keys.each_index.map { |i| [data.word(i), *data.series.map { |s| s.values[i] ? s.text(s.values[i]) : "" }] }
        [object["heading"].to_s, [data.name.empty? ? " " : data.name, *data.series.map(&:name)], rows]
      end

      def extent(data, series)
        picks = series.values.each_index.select { |i| series.values[i] }
        return nil if picks.empty?

        name = data.series.size > 1 ? "#{series.name}: " : ""
        return "#{name}#{picks.map { |i| "#{data.word(i)} #{series.text(series.values[i])}" }.join('; ')}." if picks.size <= 8

        high = picks.max_by { |i| series.values[i] }
        low = picks.min_by { |i| series.values[i] }
        "#{name}#{name.empty? ? 'From' : 'from'} #{series.text(series.values[low])} (#{data.word(low)}) to #{series.text(series.values[high])} (#{data.word(high)}), #{picks.size} values."
      end

      def marked(object)
        words = (object["marks"] || []).filter_map { |m| m["text"] unless m["text"].to_s.empty? }
        words.empty? ? [] : ["Marked: #{words.join('; ')}."]
      end
    end
  end
end
