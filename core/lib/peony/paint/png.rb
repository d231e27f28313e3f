# frozen_string_literal: true

require "tmpdir"
require "fileutils"

module Peony
  module Paint
    # Scene to PNG through libvips.
    module PNG
      LARGEST = 12_000

      module_function

      # @param picture [Scene::Picture]
      # @param scale [Numeric] px of the file for each px of the picture
      # @param format [String] ".png" or ".jpg"
      # @return [String] binary
      def paint(picture, scale: 1, format: ".png")
        check(picture, scale)
        Raster.prepare
        # Nokogiri brings an XML library of its own; it must be there before vips loads the system's, or it would call into that one.
        require "nokogiri"
        require "vips"
        image = Vips::Image.svgload_buffer(SVG.paint(picture), scale: scale.to_f)
        return image.flatten(background: [255, 255, 255]).jpegsave_buffer(Q: 90) if format == ".jpg"

        # Flat areas pack as well without row filters, and in half the time.
        image.pngsave_buffer(compression: 2, filter: :none)
      end

      def check(picture, scale)
        longest = [picture.width, picture.height].max * scale
        return if longest <= LARGEST && scale.positive?

        raise Error.new("That picture would be #{longest.round} px long.", hint: "Choose a smaller enlargement: #{LARGEST} px is the most.")
      end
    end
  end
end
