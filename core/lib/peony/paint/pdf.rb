# frozen_string_literal: true

require "open3"
require "tmpdir"
require "fileutils"

module Peony
  module Paint
    # Scenes to PDF through librsvg: one page each, real text, fonts embedded.
    module PDF
      module_function

      # @param pictures [Array<Scene::Picture>] one a page
      # @param dpi [Numeric] px of the picture per inch of paper
      # @return [String] binary
      def paint(pictures, dpi: 96)
        Raster.prepare
        Dir.mktmpdir("peony-pdf") do |folder|
          files = pictures.each_with_index.map do |picture, index|
            File.join(folder, "#{index}.svg").tap { |file| File.write(file, SVG.paint(picture)) }
          end
          out, error, status = Open3.capture3("rsvg-convert", "-f", "pdf", "-d", dpi.to_s, "-p", dpi.to_s, *files, binmode: true)
          raise Error.new("The PDF could not be made.", hint: error.force_encoding("UTF-8").scrub.lines.first.to_s.strip) unless status.success?

          out
        end
      end
    end
  end
end
