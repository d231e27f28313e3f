# frozen_string_literal: true

module PeonyServer
  module Routes
    # Files that become notes, what a person puts right in a reading, whole pieces made of the notes, and figures that follow their words.
    module Readings
      # Tiny pictures asked for at once.
      TINY = 24

      def self.registered(app)
        # A file's bytes; its name says what it is.
        app.post("/api/pieces/:id/file") do
          name = params["name"].to_s
          @body_json = { "tab" => params["tab"] }
          Readings.bring(self, Peony::Notes.parse(request.body&.read.to_s, File.extname(name)))
        end

        # What is pasted, as blocks, with the operations that add its tables of numbers; nothing is kept yet.
        app.post("/api/pieces/:id/pasted") do
          document = Peony::Notes.parse(body_json["text"].to_s, body_json["extension"] || ".txt")
          json(blocks: document.blocks.map { |b| b.to_h.except("id") }, tables: Peony::Tables::Bringing.of_document(piece.piece, document, ids: Readings.ids))
        end

        # The best figure of passages, small.
        app.post("/api/pieces/:id/tiny") do
          wanted = Array(body_json["passages"]).first(TINY)
          readings = Peony::Proof::Readings.of(piece.piece).select { |r| wanted.include?(r.passage.id) }
          json(pictures: readings.to_h { |r| [r.passage.id, Readings.tiny(r, piece.piece.house)] })
        end

        # One item put right, another family, or the reading as it stands again.
        app.post("/api/pieces/:id/correct") do
          reading = Drawing.reading(piece.piece, { "passage" => body_json["passage"] })
          acknowledge(journal.apply(Readings.correction(piece.piece, reading, body_json)))
        end

        app.get("/api/pieces/:id/drafts") do
          drafts = Peony::Piece::Composing.drafts(piece.piece, ids: Readings.ids)
          json(drafts: drafts.map { |d| Readings.draft(d) }, objection: drafts.empty? ? "No passage of these notes asks for a picture. Write steps, dates, numbers or things side by side." : nil)
        end

        app.post("/api/pieces/:id/compose") do
          acknowledge(journal.apply(Peony::Piece::Composing.draft_of(piece.piece, body_json["composition"], ids: Readings.ids).operation, base: nil))
        end

        # What would change in a figure whose words have changed.
        app.get("/api/pieces/:id/renewal/:object") do
          _, object = piece.piece.find(params["object"])
          steps = Peony::Piece::Renewal.of(piece.piece, object)
          json(steps: (steps || []).map(&:to_h), gone: steps.nil?)
        end

        app.post("/api/pieces/:id/renew") do
          _, object = piece.piece.find(body_json["object"])
          blocks = object.dig("passage", "blocks") || []
          items = Peony::Piece::Renewal.items(piece.piece, object, Array(body_json["taken"]))
          set = { "items" => items, "passage" => object["passage"].merge("digest" => piece.piece.digest(blocks)) }
          acknowledge(journal.apply({ "op" => "object.change", "id" => object["id"], "set" => set }))
        end

        # Labelled text fills the places of a figure by their names; "look" only tells what it would do.
        app.post("/api/pieces/:id/fill") do
          _, object = piece.piece.find(body_json["object"])
          filled = Peony::Piece::Filling.fill(object["items"], body_json["text"].to_s)
          told = { filled: filled.filled, left: filled.left }
          next json(told) if body_json["look"] || filled.filled.empty?

          entry = journal.apply({ "op" => "object.change", "id" => object["id"], "set" => { "items" => filled.items } })
          acknowledge(entry)
        end
      end

      class << self
        # @return [Proc] fresh ids for pages and objects
        def ids = ->(prefix) { "#{prefix}#{Store::Pieces.name(7)}" }

        # Puts a document behind the notes that are there; its tables of numbers come as tables too.
        def bring(app, document)
          blocks = document.blocks.map(&:to_h)
          raise Peony::Error.new("There are no words in this file.", hint: "Choose another one.") if blocks.empty?

          taken = app.piece.piece.data["notes"].to_h { |b| [b["id"], true] }
          raise Peony::Error.new("These notes would hold more than 5,000 blocks.", hint: "Bring the document in parts, each into a piece of its own.") if taken.size + blocks.size > 5000

          stamp = Store::Pieces.name(4)
          blocks.each { |block| block["id"] = "#{stamp}#{block['id']}" if taken.key?(block["id"]) }
          notes = { "op" => "notes.splice", "at" => taken.size, "remove" => 0, "insert" => blocks }
          tables = Peony::Tables::Bringing.of_document(app.piece.piece, document, ids: ids)
          app.acknowledge(app.journal.apply(tables.empty? ? notes : { "op" => "batch", "operations" => [notes, *tables] }))
        end

        def tiny(reading, house)
          best = Peony::Figures::Proposals.for(reading, house: house, width: 420, height: 300, most: 1).first
          best && Peony::Paint::SVG.paint(Peony::Figures.picture(best.drawing, house, title: best.title, ground: false))
        end

        def correction(piece, reading, body)
          blocks = reading.passage.blocks.map(&:id)
          return { "op" => "reading.correct", "blocks" => blocks } if body["reset"]

          kept = Peony::Reading::Correction.of(reading.passage, piece.data["readings"]) || {}
          family = body["family"] || kept["family"] || reading.best&.family
          items = kept["items"]
          if body["edit"].is_a?(Hash)
            now = reading.best ? Peony::Figures::Proposals.items(reading.best, reading.passage) : []
            items = Peony::Reading::Correcting.apply(now, body["edit"], reading.passage)
          elsif family != kept["family"]
            items = nil
          end
          { "op" => "reading.correct", "blocks" => blocks, "family" => family, "items" => items, "digest" => piece.digest(blocks) }.compact
        end

        def draft(draft)
          pages = Peony::Scene::Pages.all(draft.piece).first(4)
          { composition: draft.name, title: draft.title, sees: draft.sees, figures: draft.figures, pages: draft.piece.pages.size,
            svg: pages.each_with_index.map { |picture, i| Peony::Paint::SVG.paint(picture, prefix: "#{draft.name}#{i}-") } }
        end
      end
    end
  end
end
