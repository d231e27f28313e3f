# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # Shares of a whole as sectors, names beside their parts.
      class Pie < Ring
        chart "pie", title: "Pie", family: "pie", areas: true, sees: "shares of a whole as sectors", reason: "a few parts of one whole", tells: %w[share leader], most: 400

        MOST = 6

        def self.fit(shape, said) = super&.then { |fit| shape.table.size <= MOST ? fit - 0.08 : fit - 0.2 }

        private

        def hole = 0.0
        def middle = nil
      end
    end
  end
end
