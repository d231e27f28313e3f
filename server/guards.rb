# frozen_string_literal: true

module PeonyServer
  # Middleware for every answer: a limit on bodies, and the headers that keep pages to themselves.
  class Guards
    def initialize(app)
      @app = app
    end

    def call(env)
      length = env["CONTENT_LENGTH"].to_i
      return too_large(env) if length > limit(env)

      nonce = env["peony.nonce"] = SecureRandom.base64(18)
      status, headers, body = @app.call(env)
      headers["content-security-policy"] ||= policy(nonce, env["PATH_INFO"])
      headers["x-content-type-options"] = "nosniff"
      headers["referrer-policy"] ||= "same-origin"
      headers["x-frame-options"] = "SAMEORIGIN"
      [status, headers, body]
    end

    private

    def policy(nonce, path)
      return "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; img-src 'self' data:; base-uri 'none'; form-action 'none'; frame-ancestors *" if path.start_with?("/e/")

      "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-#{nonce}'; font-src 'self' data:; img-src 'self' data: blob:; connect-src 'self'; " \
        "frame-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'"
    end

    # Only files may be large.
    def limit(env) = env["PATH_INFO"].match?(%r{\A/api/pieces/[^/]+/file\z}) ? Settings::FILE_LIMIT : Settings::BODY_LIMIT

    def too_large(env)
      [413, { "content-type" => "application/json" },
       [JSON.generate(error: "This is larger than #{limit(env) / 1024 / 1024} MB.", hint: "Bring it in parts. Nothing was changed.")]]
    end
  end
end
