# frozen_string_literal: true

module PeonyServer
  module Routes
    # A piece as files.
    module Exports
      def self.registered(app)
        app.get("/api/pieces/:id/export.:format") do
          format = params["format"]
          pictures = Peony::Scene::Pages.all(piece.piece, ground: params["ground"] != "off", number: params["page"])
          bytes = format == "peony" ? piece.piece.to_json : Peony::Paint.file(pictures, format, scale: number("scale", 0.1..4, 1))
          content_type format == "peony" ? "application/json" : Peony::Paint::TYPES.fetch(format)
          attachment Exports.name(piece.piece.title, format, params["page"])
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
