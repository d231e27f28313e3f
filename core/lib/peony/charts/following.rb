# frozen_string_literal: true

module Peony
  module Charts
    # Charts follow their table: when its cells change, so do their numbers, the marks Peony made and the heading, where it is still the one Peony found.
    module Following
      # px of the drawing that shows whether a chart can be made.
      TRIAL = [560, 420].freeze

      module_function

      # @param piece [Piece] a copy that may be changed
      # @param id [String] of the table
      # @return [Array<String>] ids of the charts that changed
      def update(piece, id)
        table = piece.table(id)
        piece.objects.select { |o| o["type"] == "chart" && o["table"] == id }.filter_map do |object|
          fresh = made(table, object["chart"], object["column"])
          next unless fresh

          before = object.slice("data", "marks", "heading", "subtitle", "highlight")
          take(object, fresh)
          object["id"] if object.slice(*before.keys) != before
        end
      end

      # @param trial [Boolean] whether it is drawn once, so that a chart that refuses its numbers is not made
      # @return [Proposal, nil] the same chart of the table as it is now; nil where it cannot be made any more
      def made(table, chart, column, trial: true)
        kept = Tables::Kept.of(table)
        kind = Chart.fetch(chart)
        return nil if kept.shape.bare? || kind.fit(kept.shape, kept.said).nil?

        Proposals.proposal(kind, 1.0, kept.shape, kept.said, Following.column(kept, column), Style.fetch("Dome"), *TRIAL, trial)
      rescue Error
        nil
      end

      def column(kept, name) = name && kept.table.column(name)

      def take(object, fresh)
        object["data"] = fresh.data
        object["marks"] = fresh.marks + (object["marks"] || []).select { |m| m["own"] }
        object["subtitle"] = fresh.subtitle
        return unless object["heading"] == object["found"]

        object["heading"] = object["found"] = fresh.heading
        fresh.highlight ? object["highlight"] = fresh.highlight : object.delete("highlight")
      end

      # @return [Boolean] whether a chart shows what its table holds now
      def current?(piece, object)
        table = (piece.data["tables"] || []).find { |t| t["id"] == object["table"] }
        return true if object["table"].nil?

        table && made(table, object["chart"], object["column"], trial: false)&.data == object["data"]
      end
    end
  end
end
