# frozen_string_literal: true

module Peony
  module Charts
    # A chart asked for in words: "visitors per night as a line, show Saturdays and Sundays, say what the best nights were".
    # Words that name a chart, a column or something to mark are used; the others are told back.
    module Asked
      KINDS = {
        "line" => /\b(?:lines?|curve|course)\b/, "area" => /\barea\b/, "bar" => /\b(?:bars?|rank\w*|in order)\b/, "column" => /\bcolumns?\b/,
        "ring" => /\b(?:ring|doughnut)\b/, "pie" => /\bpie\b/, "waffle" => /\b(?:squares|waffle)\b/, "scatter" => /\b(?:scatter|points|dots|relation|against|goes with)\b/,
        "bubble" => /\bbubbles?\b/, "histogram" => /\b(?:histogram|how often|spread|distribution)\b/, "heatmap" => /\bheat ?map\b/, "calendar" => /\bcalendar\b/,
        "map" => /\b(?:map|world|countries)\b/, "stacked" => /\bstacked\b/, "full-stacked" => /\b(?:hundred per ?cent|shares over)\b/, "grouped" => /\bside by side\b/,
        "slope" => /\bslopes?\b/, "dumbbell" => /\bdumb ?bells?\b/, "waterfall" => /\bwaterfall\b/, "multiples" => /\bsmall multiples\b/,
        "weekdays" => /\b(?:days of the week|week ?days)\b/, "table-bars" => /\btable\b/
      }.freeze
      MARKS = { "weekends" => /\b(?:saturdays?|sundays?|weekends?)(?: and (?:saturdays?|sundays?))?\b/, "fit" => /\b(?:trend(?: line)?|fit|line of best fit)\b/, "level" => /\b(?:average|mean)\b/,
                "high" => /\b(?:best|highest|most|top|peaks?|busiest|strongest)\b/, "low" => /\b(?:worst|lowest|fewest|dips?|quietest|weakest)\b/ }.freeze
      COUNT = /\b(?:the )?(one|two|three|four|five|[1-5])\b/
      NUMBERS = %w[none one two three four five].freeze
      FILLER = %w[a an the as and or of for in on by per with to show me say what were was is are mark draw make give please it its each every which that this chart picture from all how they
                  their there do did].freeze
      MOST = 3

      # +used+ and +left+: words of the person.
      Answer = Struct.new(:proposal, :column, :used, :left, keyword_init: true)

      module_function

      # @param words [String]
      # @param shape [Tables::Shape]
      # @param said [Array<Tables::Finding::Said>]
      # @return [Answer]
      # @raise [Peony::Error] when no chart can be made of it
      def for(words, shape, said, house:, width: 560, height: 420)
        rest = words.downcase
        chart, rest = take(KINDS, rest)
        wanted = MARKS.select { |_, pattern| rest.match?(pattern) }.keys
        count = (m = rest.match(COUNT)) && (NUMBERS.index(m[1]) || m[1].to_i)
        MARKS.each_value { |pattern| rest = rest.gsub(pattern, " ") }
        column, rest = column(shape, rest)
        list = Proposals.for(shape, said: said, column: column, house: house, width: width, height: height)
        made = list.find { |p| p.chart == chart } || other(chart, shape, said, column, house, width, height) || list.first
        raise Error.new("No chart can be made of this table.", hint: "Check how its columns are understood.") unless made

        left = rest.gsub(COUNT, count && wanted.intersect?(%w[high low]) ? " " : '\0').scan(/[[:alnum:]€£%]+/) - FILLER
        left << chart if chart && made.chart != chart
        marked = marked(made, wanted, count || MOST)
        made.marks = marked if marked
        redraw(made, house, width, height)
        Answer.new(proposal: made, column: column&.name, used: [chart, column&.plain, *wanted].compact, left: left.uniq)
      end

      # A chart that would not be proposed, but can be drawn.
      def other(chart, shape, said, column, house, width, height)
        kind = chart && Chart.fetch(chart)
        Proposals.proposal(kind, Proposals::LEAST, shape, said, column, house, width, height, true) if kind && !shape.bare? && kind.fit(shape, said)
      end

      def take(patterns, words)
        name, pattern = patterns.find { |_, p| words.match?(p) }
        [name, pattern ? words.sub(pattern, " ") : words]
      end

      # The column whose name shares most words with what was asked.
      def column(shape, words)
        columns = shape.kind == :answers ? shape.chosen : shape.measures
        stems = words.scan(/[[:alpha:]]{3,}/).map { |w| stem(w) }
        best = columns.max_by { |c| (names(c) & stems).size }
        return [nil, without(shape, words)] if best.nil? || !names(best).intersect?(stems)

        [best, without(shape, words)]
      end

      def names(column) = column.name.downcase.scan(/[[:alpha:]]{3,}/).map { |w| stem(w) }
      def stem(word) = word.delete_suffix("s")[0, 6]

      def without(shape, words)
        known = shape.table.columns.flat_map { |c| names(c) } + %w[night day month week year quarte]
        words.gsub(/[[:alpha:]]{3,}/) { |w| known.include?(stem(w)) ? " " : w }
      end

      # @return [Array<Hash>, nil] marks as asked for; nil where nothing was asked
      def marked(made, wanted, count)
        return nil if wanted.empty?

        data = Data.from(made.data)
        series = data.first
        list = made.marks.reject { |m| %w[weekends fit level].include?(m["kind"]) && !wanted.include?(m["kind"]) }
        list = list.reject { |m| m["kind"] == "point" } if wanted.intersect?(%w[high low])
        %w[weekends fit].each { |kind| list << mark_of(kind) if wanted.include?(kind) && list.none? { |m| m["kind"] == kind } }
        list << Events.mean(series).merge("own" => true) if wanted.include?("level")
        list + extremes(data, series, wanted, count)
      end

      def mark_of(kind) = kind == "fit" ? { "kind" => "fit", "own" => true } : { "kind" => "weekends", "text" => "Saturdays and Sundays", "own" => true }

      def extremes(data, series, wanted, count)
        order = series.values.each_index.select { |i| series.values[i] }.sort_by { |i| [-series.values[i], i] }
        picks = (wanted.include?("high") ? order.first(count) : []) + (wanted.include?("low") ? order.last(count) : [])
        picks.uniq.map { |i| { "kind" => "point", "at" => data.keys[i], "text" => "#{Annotations.short(data.keys[i])}: #{series.text(series.values[i])}", "own" => true } }
      end

      def redraw(made, house, width, height)
        made.drawing = Charts.draw(made.chart, made.data, house: house, width: width, height: height, heading: made.heading, subtitle: made.subtitle, marks: made.marks, highlight: made.highlight)
      end
    end
  end
end
