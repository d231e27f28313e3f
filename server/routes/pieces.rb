# frozen_string_literal: true

module PeonyServer
  module Routes
    # The shelf, and pieces as wholes.
    module Pieces
      def self.registered(app)
        app.get("/api/pieces") do
          rows = Store::Pieces.list(person[:id], search: params["search"])
          json(pieces: rows.map { |row| Pieces.card(row) })
        end

        app.post("/api/pieces") do
          data = body_json
          made = Peony::Piece.blank(title: data["title"].to_s.strip.then do |t|
            t.empty? ? Peony::Piece::UNTITLED : t[0, 200]
          end, kind: data["kind"] || "infographic",
                                    size: data["size"], style: data["style"] || "Dome", lang: data["lang"] || "en")
          made.data["notes"] = Peony::Notes.parse(data["text"], data["extension"] || ".md").blocks.map(&:to_h) if data["text"]
          Peony::Piece::Schemas.check(made.data)
          json({ id: Store::Pieces.create(person[:id], made).id }, 201)
        end

        app.get("/api/pieces/:id") { json(State.whole(piece)) }

        app.post("/api/pieces/:id/copy") do
          copy = Peony::Piece.new(piece.piece.data.merge("title" => "#{piece.piece.title} (copy)"[0, 200]))
          json({ id: Store::Pieces.create(person[:id], copy).id }, 201)
        end

        app.delete("/api/pieces/:id") do
          Store::Pieces.delete(piece.id)
          json(removed: true)
        end

        app.get("/api/pieces/:id/first.svg") do
          headers "cache-control" => "private, no-cache"
          etag "#{piece.id}-#{piece.seq}", kind: :weak
          content_type "image/svg+xml"
          Peony::Paint::SVG.paint(Peony::Scene::Pages.picture(piece.piece, piece.piece.pages.first), embed: true)
        end
      end

      def self.card(row)
        document = JSON.parse(row[:document])
        { id: row[:id], title: row[:title], kind: row[:kind], seq: row[:seq], updatedAt: row[:updated_at], pages: document["pages"].size, size: document["size"],
          editions: row[:editions] }
      end
    end
  end
end
