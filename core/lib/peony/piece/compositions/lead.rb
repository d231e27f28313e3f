# frozen_string_literal: true

module Peony
  class Piece
    module Compositions
      # One big figure, small ones beside each other below it.
      class Lead < Composition
        composition "lead", title: "Lead and notes", sees: "the strongest figure large, the others two by two"

        # Smaller letters than this, px at 1080 px width, are not worth a row of two.
        FAIR = 14

        private

        def flow
          first, *rest = picks.sort_by.with_index { |pick, index| [-pick.fit, index] }.first(1) + picks
          rest.delete(first)
          place(first, large: true) if first
          rest.each_slice(2) { |pair| pair.size == 2 ? row(pair) : place(pair.first) }
        end

        # Whether both are fair where there is room enough.
        def beside?(pair, wide) = pair.all? { |pick| (fitting(pick.object, edge, edge, wide, wide * 1.25) || [0, 0])[1] >= FAIR * unit }

        # Two figures side by side; where one of them is too wide for half a page, or would be small print there, one after the other.
        def row(pair)
          wide = (width - gap) / 2
          if room < [piece.height * 0.24, wide * 0.62].min
            return pair.each { |pick| place(pick) } unless beside?(pair, wide)

            turn
          end
          before = page["objects"].size
          heights = pair.each_with_index.map do |pick, i|
            figure(pick, edge + (i * (wide + gap)), @y, wide, [room, wide * 1.25].min).then { |height| height if height && @smallest >= FAIR * unit }
          end
          if heights.all?
            row_from(before)
            return @y += heights.max + gap
          end

          page["objects"].slice!(before..)
          pair.each { |pick| place(pick) }
        end
      end
    end
  end
end
