# frozen_string_literal: true

module Peony
  module Colour
    # Contrast, tints and inks. Everything a figure needs to stay legible by construction. Pure, with a cache of results.
    module Mixing
      TEXT = 4.5
      LARGE = 3.0

      @cache = {}

      module_function

      # WCAG 2.2 relative luminance.
      # @return [Float] 0..1
      def luminance(hex)
        kept([:lum, hex]) do
          r, g, b = hex.delete("#").scan(/../).map { |pair| OKLCH.expand(pair.hex / 255.0) }
          (0.2126 * r) + (0.7152 * g) + (0.0722 * b)
        end
      end

      # WCAG 2.2 contrast ratio.
      # @return [Float] 1..21
      def contrast(one, other)
        high, low = [luminance(one), luminance(other)].minmax.reverse
        (high + 0.05) / (low + 0.05)
      end

      # @param share [Float] 0 gives +ground+, 1 gives +colour+; mixed in OKLab so that tints keep their hue
      # @return [String] hex
      def tint(colour, ground, share)
        kept([:tint, colour, ground, share.round(3)]) do
          one = OKLCH.lab(colour)
          two = OKLCH.lab(ground)
          l, a, b = one.zip(two).map { |x, y| (x * share) + (y * (1 - share)) }
          OKLCH.to_hex(l, Math.hypot(a, b), Math.atan2(b, a) * 180 / Math::PI % 360)
        end
      end

      # The first of the wished inks that reads on a ground, else black or white, whichever reads better.
      # One of the two always reaches 4.58:1 on any ground.
      # @return [String] hex
      def ink_on(ground, wished, ratio = TEXT)
        wished.find { |ink| contrast(ink, ground) >= ratio + 0.03 } || %w[#111111 #ffffff #000000].max_by { |ink| contrast(ink, ground) }
      end

      # A colour moved in lightness, hue kept, until it reads on a ground.
      # @return [String] hex
      def legible(colour, ground, ratio = TEXT)
        return colour if contrast(colour, ground) >= ratio + 0.03

        kept([:legible, colour, ground, ratio]) do
          l, c, h = OKLCH.from_hex(colour)
          step = luminance(ground) > 0.18 ? -0.02 : 0.02
          found = (1..50).lazy.map { |i| l + (i * step) }.take_while { |v| v.between?(0, 1) }
                         .map { |v| OKLCH.to_hex(v, c, h) }.find { |hex| contrast(hex, ground) >= ratio + 0.03 }
          found || ink_on(ground, [], ratio)
        end
      end

      def kept(key)
        @cache.clear if @cache.size > 20_000
        @cache[key] ||= yield
      end
    end
  end
end
