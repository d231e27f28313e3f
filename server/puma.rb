# frozen_string_literal: true

# Every open tab holds one thread for its event stream, so there are many.
environment ENV.fetch("RACK_ENV", "production")
threads 4, 64
port ENV.fetch("PORT", 9292).to_i, ENV.fetch("HOST", "127.0.0.1")
quiet
on_booted do
  Peony::Icons::Search.prepare
  PeonyServer::Live.start
end
