# frozen_string_literal: true

module PeonyServer
  module Routes
    # Who is here, what ships, and the web app itself.
    module Home
      TYPES = { ".js" => "text/javascript", ".css" => "text/css", ".ttf" => "font/ttf", ".svg" => "image/svg+xml", ".html" => "text/html",
                ".woff2" => "font/woff2" }.freeze

      def self.registered(app)
        app.get("/api/me") do
          json(name: person[:name], email: person[:email], token: Rack::Protection::AuthenticityToken.token(session), demo: Settings.demo?)
        end

        app.get("/api/catalogue") do
          json(Home.catalogue)
        end

        app.get("/assets/*") { Home.file(self, params["splat"].first) }

        app.get(%r{/(?:|shelf|catalogue|piece/.*)}) do
          redirect "/login", 303 unless person
          path = File.join(Settings.web, "index.html")
          halt 503, "The web app is not built yet: run bin/setup." unless File.file?(path)
          headers "cache-control" => "no-cache"
          content_type :html
          # The one thing the page needs to know at start: the word that lets its own styles pass the content security policy.
          File.read(path).gsub("__NONCE__", env.fetch("peony.nonce"))
        end
      end

      # @return [Hash] everything that ships
      def self.catalogue
        figures = Peony::Figures
        { forms: figures::Form.members.values.map { |form| form.facts.to_h }, charts: Peony::Charts::Chart.members.values.map { |kind| kind.facts.to_h.slice(:chart, :title, :scale, :areas) },
          finishes: figures::Finish.members.values.map { |f| { finish: f.name, sees: f.sees } },
          styles: Peony::Style.all.values.map(&:to_h), icons: Peony::Icons::SETS.map { |set, sees| { set: set, sees: sees } },
          kinds: Peony::Piece::KINDS.map { |kind, facts| { kind: kind, **facts } }, roles: Peony::Style::ROLES }
      end

      # Serves a file of the built web app; its name holds its contents' hash, so it never grows old.
      def self.file(app, name)
        base = File.expand_path(File.join(Settings.web, "assets"))
        path = File.expand_path(File.join(base, name))
        app.halt 404 unless path.start_with?("#{base}/") && File.file?(path)
        app.headers "cache-control" => "public, max-age=31536000, immutable"
        app.content_type TYPES.fetch(File.extname(path), "application/octet-stream")
        File.binread(path)
      end
    end
  end
end
