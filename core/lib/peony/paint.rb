# frozen_string_literal: true

module Peony
  # Painters: they only translate a scene, they never place anything.
  module Paint
    TYPES = { "svg" => "image/svg+xml", "png" => "image/png", "jpg" => "image/jpeg", "pdf" => "application/pdf", "html" => "text/html" }.freeze

    module_function

    # @param pictures [Array<Scene::Picture>] pages
    # @param format [String] svg, png, jpg, pdf or html
    # @param scale [Numeric]
    # @return [String] the file's bytes; the first page for formats that hold one
    # @raise [Peony::Error] for a format that is not known
    def file(pictures, format, scale: 1)
      case format
      when "svg" then SVG.paint(pictures.first, embed: true, scale: scale)
      when "png", "jpg" then PNG.paint(pictures.first, scale: scale, format: ".#{format}")
      when "pdf" then PDF.paint(pictures)
      when "html" then HTML.paint(pictures)
      else raise Error.new("Peony cannot write “.#{format}” files.", hint: "It can write #{TYPES.keys.map { |k| ".#{k}" }.join(', ')}.")
      end
    end

    # @return [String]
    def svg(picture, **options) = SVG.paint(picture, **options)
  end
end
