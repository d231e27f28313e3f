# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # A hundred squares, one for each per cent of the whole.
      class Waffle < Ring
        chart "waffle", title: "Hundred squares", family: "waffle", areas: true, sees: "a hundred squares, one for each per cent", reason: "shares that can be counted", tells: %w[share leader]

        def self.fit(shape, said) = super&.then { |fit| fit - 0.04 }

        private

        def circle
          side = @r * 2 / 10
          pad = side * 0.08
          given = shares.each_with_index.flat_map { |n, i| [i] * n.round }
          100.times do |k|
            index = given[k]
            x = (k % 10) * side
            y = @cy - @r + ((k / 10) * side)
            area = index ? paint(index).paint : { fill: house.colour("surface-2") }
            pen.rect(x + pad, y + pad, side - (pad * 2), side - (pad * 2), radius: [radius * 0.4, side * 0.2].min, **area)
          end
        end

        def middle = nil
      end
    end
  end
end
