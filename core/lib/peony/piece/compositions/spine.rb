# frozen_string_literal: true

module Peony
  class Piece
    module Compositions
      # Title, then figures down a column.
      class Spine < Composition
        composition "spine", title: "Spine", sees: "the title, then one figure after the other down a column"

        private

        def flow = picks.each { |pick| place(pick) }
      end
    end
  end
end
