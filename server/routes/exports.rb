# frozen_string_literal: true

module PeonyServer
  module Routes
    # A piece as files.
    module Exports
      # px, the longest side of a saved picture
      LONGEST = 8000.0

      def self.registered(app)
        app.get("/api/pieces/:id/export.:format") do
          format = params["format"]
          pictures = Peony::Scene::Pages.all(piece.piece, ground: params["ground"] != "off", number: params["page"])
          bytes = format == "peony" ? piece.piece.to_json : Peony::Paint.file(pictures, format, scale: number("scale", 0.1..4, 1))
          content_type format == "peony" ? "application/json" : Peony::Paint::TYPES.fetch(format)
          attachment Exports.name(piece.piece.title, format, params["page"])
          bytes
        end

        # One figure, or one item of it. +width+ gives the picture that many px; otherwise +scale+ counts.
        app.get("/api/pieces/:id/objects/:object.:format") do
          format = params["format"]
          raise Peony::Error.new("A figure can be saved as PNG, SVG or PDF.", hint: "Choose one of these.") unless %w[png svg pdf].include?(format)

          picture = Peony::Scene::Selection.picture(piece.piece, params["object"], item: params["item"], ground: params["ground"] || "light")
          scale = params["width"] ? number("width", 16..8000, 1080) / picture.width : number("scale", 0.1..4, 1)
          # However narrow a picture is, its other side stays within what a file should hold.
          scale = [scale, LONGEST / picture.height, LONGEST / picture.width].min
          bytes = Peony::Paint.file([picture], format, scale: scale)
          content_type Peony::Paint::TYPES.fetch(format)
          attachment Exports.name(picture.title.to_s.split(". ").first || piece.piece.title, format, nil)
          bytes
        end
      end

      def self.name(title, format, page)
        base = title.gsub(%r{[\u0000-\u001F/\\:*?"<>|]}, " ").squeeze(" ").strip[0, 80]
        "#{base.empty? ? 'Piece' : base}#{" #{page}" if page}.#{format}"
      end
    end
  end
end
