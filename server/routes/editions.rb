# frozen_string_literal: true

module PeonyServer
  module Routes
    # Making editions, bringing them up to date and taking them back.
    module Editions
      def self.registered(app)
        app.post("/api/pieces/:id/editions") do
          Store::Editions.make(piece)
          json({ editions: State.editions(piece.id) }, 201)
        end

        app.post("/api/editions/:edition/renew") do
          edition = policy.edition!(Store::Editions.find(params["edition"]))
          Store::Editions.renew(edition[:id], Store::Pieces.find(edition[:piece_id]))
          json(editions: State.editions(edition[:piece_id]))
        end

        app.delete("/api/editions/:edition") do
          edition = policy.edition!(Store::Editions.find(params["edition"]))
          Store::Editions.take_back(edition[:id])
          json(editions: State.editions(edition[:piece_id]))
        end
      end
    end
  end
end
