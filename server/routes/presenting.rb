# frozen_string_literal: true

module PeonyServer
  module Routes
    # A piece as it is now, page by page over the whole window, for those who work on it; its clocks run.
    module Presenting
      def self.registered(app)
        app.get("/present/:id") do
          kept = piece
          content_type :html
          headers "cache-control" => "no-store"
          Peony::Paint::HTML.paint(Peony::Scene::Pages.all(kept.piece), title: kept.piece.title, css: "/edition.css", present: true)
        end
      end
    end
  end
end
