# frozen_string_literal: true

module Peony
  class Piece
    module Compositions
      # Headings in a gutter on the left, the figures beside them, a rule above each.
      class Ledger < Composition
        composition "ledger", title: "Ledger", sees: "headings in a narrow column, the figures beside them"

        GUTTER = 0.29

        private

        def flow = picks.each { |pick| entry(pick) }

        def entry(pick)
          gutter = width * GUTTER
          wide = width - gutter - (gap * 0.6)
          turn if room < [piece.height * 0.22, wide * 0.4].min
          before = page["objects"].size
          top = @y
          rule
          high = figure(pick, edge + gutter + (gap * 0.6), top + (gap * 0.4), wide, room - gap, heading: false)
          if high.nil?
            page["objects"].slice!(before..)
            return place(pick)
          end
          words = pick.heading ? text(pick.heading, "heading", edge, gutter, advance: false, y: top + (gap * 0.4), size: (25 * unit).round) : 0
          row_from(before)
          @y = top + [high, words].max + (gap * 1.2)
        end

        def rule
          page["objects"] << { "id" => @ids.call("s"), "type" => "shape", "shape" => "line", "stroke" => "line", "line" => (1.5 * unit).round(1), "box" => [edge, @y, width,
                                                                                                                                                            0].map { |v| v.round(1) } }
        end
      end
    end
  end
end
