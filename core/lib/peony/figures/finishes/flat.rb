# frozen_string_literal: true

module Peony
  module Figures
    module Finishes
      # Full areas without lines.
      class Flat < Finish
        finish "flat", sees: "full areas of colour"

        def area(house, role, strength, _line, words: true)
          share = lightest + ((1 - lightest) * strength)
          share += 0.02 until share >= 1 || !words || carries_words?(house, house.tint(role, share))
          fill = house.tint(role, [share, 1.0].min)
          Area.new(fill: fill, ground: fill)
        end

        private

        # The share of colour in the lightest area.
        def lightest = 0.22

        # Middle tones on which neither the style's ink nor its surface reads are passed over, so that no third ink is needed.
        def carries_words?(house, fill)
          %w[surface ink].any? { |role| Colour::Mixing.contrast(house.colour(role), fill) >= Colour::Mixing::TEXT + 0.03 }
        end
      end
    end
  end
end
