# frozen_string_literal: true

module Peony
  module Charts
    # Charts for a table, drawn with its own numbers, best first, each with a finding as its title.
    module Proposals
      MOST = 12
      # A chart that suits less is drawn only when it is asked for.
      LEAST = 0.3

      module_function

      # @param shape [Tables::Shape]
      # @param said [Array<Tables::Finding::Said>]
      # @param column [Tables::Column, nil] the measure asked for
      # @param draw [Boolean] whether each is drawn; one that cannot be is not shown
      # @return [Array<Proposal>]
      def for(shape, said: Tables::Finding.all(shape), column: nil, house: Style.fetch("Dome"), width: 560, height: 420, draw: true, most: MOST)
        return [] if shape.bare?

        candidates = Chart.members.values.filter_map { |kind| (fit = kind.fit(shape, said)) && fit >= LEAST ? [kind, fit] : nil }
        candidates.sort_by { |kind, fit| [-fit, kind.facts.chart] }.filter_map { |kind, fit| proposal(kind, fit, shape, said, column, house, width, height, draw) }.first(most)
      end

      def proposal(kind, fit, shape, said, column, house, width, height, draw)
        data = kind.data(shape, column, said)
        return nil if data.nil? || data["x"]["keys"].empty?

        about = shape.table.column(data["series"].first["name"]) || column
        title = title(kind, said, data)
        marks = marks(kind, data, said, about, shape)
        made = Proposal.new(chart: kind.facts.chart, title: kind.facts.title, family: kind.facts.family, fit: fit.round(3), reason: kind.facts.reason, heading: title[0], highlight: title[1],
                            subtitle: subtitle(kind.facts.chart, data).then { |words| words == title[0] ? "" : words }, data: data, marks: marks)
        made.drawing = Charts.draw(made.chart, data, house: house, width: width, height: height, heading: made.heading, subtitle: made.subtitle, marks: marks, highlight: made.highlight) if draw
        made
      rescue Figures::Refusal
        nil
      end

      def marks(kind, data, said, about, shape)
        return scatter_marks(said) if kind.facts.chart == "scatter"

        kind <= Kinds::Line && data["series"].size == 1 ? Annotations.from(said, about, shape) : []
      end

      # The finding that this chart tells best, and what it is about.
      def title(kind, said, data)
        names = data["series"].flat_map { |s| [s["name"], data["x"]["name"]] }
        own = said.select { |s| s.column.nil? || names.include?(s.column) || (%i[map bar].include?(kind.facts.chart.to_sym) && data["series"].first["name"] == "In all") }
        best = kind.facts.tells.filter_map { |k| own.find { |s| s.kind == k } }.first
        words = best ? best.sentence.delete_suffix(".") : fallback(data)
        [words, best && %w[leader tie share].include?(best.kind) ? best.at : nil]
      end

      def fallback(data)
        names = data["series"].map { |s| s["name"] }
        names.size.between?(2, 4) ? Tables::Amounts.join(names) : [names.first, data["x"]["name"]].reject(&:empty?).first.to_s
      end

      def subtitle(chart, data)
        series = data["series"]
        what = series.map { |s| s["name"] }.join(" and ") if series.size <= 2
        return "#{data['x']['keys'].size} points, one for each #{Tables::Amounts.lower(data['x']['name'])}" if chart == "scatter" && !data["x"]["name"].empty?

        what = "How often each answer was given" if data["x"]["kind"] == "category" && series.size == 1 && series.first["name"] == data["x"]["name"]
        span = span(data)
        [what, span].compact.join(", ")
      end

      def span(data)
        return nil unless Data::TIMES.include?(data["x"]["kind"])

        first, last = [data["x"]["keys"].first, data["x"]["keys"].last].map { |k| Tables::Calendar.of_key(k)&.text }
        first == last ? first : "#{first} to #{last}"
      end

      def scatter_marks(said)
        relation = said.any? { |s| s.kind == "relation" && s.direction != "none" }
        outliers = said.select { |s| s.kind == "outlier" }.first(1)
        (relation ? [{ "kind" => "fit" }] : []) + outliers.map { |s| { "kind" => "point", "at" => s.at, "text" => s.at } }
      end
    end
  end
end
