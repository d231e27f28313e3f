# frozen_string_literal: true

require_relative "server/boot"
require "rack/session"
require "rack/attack"

use PeonyServer::Guards
use Rack::Attack
use Rack::Deflater, if: ->(_env, _status, headers, _body) { headers["content-type"].to_s !~ /event-stream|png|jpeg|pdf/ }
PeonyServer::Throttle.install
PeonyServer::LOADER.eager_load
Peony::LOADER.eager_load
# Pages are served meanwhile.
Thread.new { Peony::Reading::Beside.ready }

readers = PeonyServer::ReadersApp.new
people = Rack::Builder.app do
  use Rack::Session::Cookie, key: "peony", secret: PeonyServer::Settings.secret, same_site: :lax, httponly: true, expire_after: 30 * 86_400,
                             secure: PeonyServer::Settings.address.to_s.start_with?("https")
  use PeonyServer::Accounts
  run PeonyServer::App
end

stand_in = PeonyServer::StandIn::Sheets.new

run(lambda do |env|
  next stand_in.call(env) if PeonyServer::Settings.demo? && env["PATH_INFO"].start_with?("/stand-in/")

  env["PATH_INFO"].match?(%r{\A/(?:e/|(?:edition|present)\.(?:css|js)|fonts|sign-in\.css|peony\.svg)}) ? readers.call(env) : people.call(env)
end)
