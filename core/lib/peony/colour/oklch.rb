# frozen_string_literal: true

module Peony
  module Colour
    # sRGB to and from OKLab and its polar form OKLCH.
    # Matrices: Björn Ottosson, "A perceptual color space for image processing" (2020), as in CSS Color 4.
    module OKLCH
      module_function

      # @param hex [String] "#rrggbb"
      # @return [Array(Float, Float, Float)] L 0..1, C 0..~0.37, h in degrees
      def from_hex(hex)
        l, a, b = lab(hex)
        [l, Math.hypot(a, b), Math.atan2(b, a) * 180 / Math::PI % 360]
      end

      # @return [String] "#rrggbb"; chroma is reduced until the colour is inside sRGB
      def to_hex(lightness, chroma, hue)
        12.times do
          rgb = linear(lightness, chroma, hue)
          return pack(rgb) if rgb.all? { |v| v > -0.0005 && v < 1.0005 }

          chroma *= 0.88
        end
        pack(linear(lightness, 0, hue))
      end

      # @return [Array(Float, Float, Float)] OKLab of a hex colour
      def lab(hex)
        r, g, b = hex.delete("#").scan(/../).map { |pair| expand(pair.hex / 255.0) }
        l = Math.cbrt((0.4122214708 * r) + (0.5363325363 * g) + (0.0514459929 * b))
        m = Math.cbrt((0.2119034982 * r) + (0.6806995451 * g) + (0.1073969566 * b))
        s = Math.cbrt((0.0883024619 * r) + (0.2817188376 * g) + (0.6299787005 * b))
        [(0.2104542553 * l) + (0.7936177850 * m) - (0.0040720468 * s),
         (1.9779984951 * l) - (2.4285922050 * m) + (0.4505937099 * s),
         (0.0259040371 * l) + (0.7827717662 * m) - (0.8086757660 * s)]
      end

      def linear(lightness, chroma, hue)
        a = chroma * Math.cos(hue * Math::PI / 180)
        b = chroma * Math.sin(hue * Math::PI / 180)
        l = (lightness + (0.3963377774 * a) + (0.2158037573 * b))**3
        m = (lightness - (0.1055613458 * a) - (0.0638541728 * b))**3
        s = (lightness - (0.0894841775 * a) - (1.2914855480 * b))**3
        [(4.0767416621 * l) - (3.3077115913 * m) + (0.2309699292 * s),
         (-1.2684380046 * l) + (2.6097574011 * m) - (0.3413193965 * s),
         (-0.0041960863 * l) - (0.7034186147 * m) + (1.7076147010 * s)]
      end

      def pack(rgb) = format("#%02x%02x%02x", *rgb.map { |v| (compress(v.clamp(0.0, 1.0)) * 255).round })

      def expand(value) = value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055)**2.4

      def compress(value) = value <= 0.0031308 ? value * 12.92 : (1.055 * (value**(1 / 2.4))) - 0.055
    end
  end
end
