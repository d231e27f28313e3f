# frozen_string_literal: true

module PeonyServer
  module Routes
    # Changes, undo, redo, mending, and the stream that other tabs follow.
    module Changes
      def self.registered(app)
        app.helpers Acknowledging

        app.post("/api/pieces/:id/changes") do
          operation = body_json["operation"]
          raise Peony::Error.new("There is no operation in this request.", hint: "Nothing was changed.") unless operation.is_a?(Hash)

          acknowledge(journal.apply(operation, base: body_json["base"]))
        end

        # How a change would look, while a hand still holds it; nothing is kept.
        app.post("/api/pieces/:id/tried") do
          operation = body_json["operation"]
          raise Peony::Error.new("There is no operation in this request.", hint: "Nothing was changed.") unless operation.is_a?(Hash)

          json(svg: State.tried(piece.piece, piece.piece.apply(operation).piece, body_json["page"]))
        end

        app.post("/api/pieces/:id/undo") { acknowledge(journal.undo) }
        app.post("/api/pieces/:id/redo") { acknowledge(journal.redo) }

        app.post("/api/pieces/:id/mend") do
          acknowledge(journal.apply(Peony::Proof.mend(piece.piece, body_json["remark"], body_json["which"].to_i)))
        end

        # Pasted text becomes blocks in the notes.
        app.post("/api/pieces/:id/notes") do
          Readings.bring(self, Peony::Notes.parse(body_json["text"].to_s, body_json["extension"] || ".md"))
        end

        app.get("/api/pieces/:id/events") do
          id = piece.id
          content_type "text/event-stream"
          headers "cache-control" => "no-store", "x-accel-buffering" => "no"
          Stream.new(id, piece.seq)
        end
      end

      # Answers after a change.
      module Acknowledging
        def journal = Store::Journal.new(piece.id, person: person[:id], tab: body_json["tab"])

        # Acknowledges a change and tells the other tabs.
        def acknowledge(entry)
          return json({ seq: piece.seq, nothing: true }) unless entry

          answer = State.difference(piece.id, entry)
          Hub.tell(piece.id, answer.merge(tab: body_json["tab"]))
          json(answer)
        end
      end

      # The body of an event stream: written until the listener goes away.
      class Stream
        def initialize(id, seq)
          @id = id
          @seq = seq
        end

        def each
          queue = Hub.join(@id)
          yield "retry: 1500\ndata: #{JSON.generate(seq: @seq, greeting: true)}\n\n"
          loop { yield queue.pop }
        ensure
          Hub.leave(@id, queue) if queue
        end
      end
    end
  end
end
