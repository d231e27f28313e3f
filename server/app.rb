# frozen_string_literal: true

require "sinatra/base"
require "rack/protection"

module PeonyServer
  # The application for signed-in people: the API and the web app's files. Routes are one file a resource in routes/.
  class App < Sinatra::Base
    set :root, __dir__
    set :environment, :production
    set :protection, false
    set :host_authorization, { permitted_hosts: [] }
    set :show_exceptions, false
    set :raise_errors, false
    set :dump_errors, false
    set :static, false
    use Rack::Protection::AuthenticityToken, message: "This page has grown old. Reload it; nothing was lost."
    use Rack::ConditionalGet

    helpers do
      def rodauth = env["rodauth"]
      def person = @person ||= rodauth&.logged_in? ? Store.db[:accounts].where(id: rodauth.session_value).first : nil
      def policy = @policy ||= Policy.new(person)
      def piece = @piece ||= policy.piece!(Store::Pieces.find(params["id"]))

      # @return [Hash] the JSON body
      def body_json
        @body_json ||= JSON.parse(request.body&.read.to_s.then { |text| text.empty? ? "{}" : text }).tap do |data|
          raise Peony::Error, "The request is not an object." unless data.is_a?(Hash)
        end
      rescue JSON::ParserError
        raise Peony::Error.new("The request is not JSON.", hint: "Nothing was changed.")
      end

      def json(data, code = 200)
        status code
        content_type :json
        headers "cache-control" => "no-store"
        JSON.generate(data)
      end

      def number(name, range, default)
        value = Float(params[name] || body_json[name] || default, exception: false)
        value&.between?(range.min, range.max) ? value : raise(Peony::Error, "“#{name}” must be from #{range.min} to #{range.max}.")
      end
    end

    before { policy.person! if request.path_info.start_with?("/api/") }

    error(Policy::Refused) { json({ error: person ? "That is not here." : "Please sign in.", hint: person ? "It may have been removed." : "Your work is kept." }, person ? 404 : 401) }
    error(Store::Journal::Conflict) { |e| json({ error: e.message, hint: e.hint, state: State.whole(Store::Pieces.find(params["id"])) }, 409) }
    error(Peony::Error) { |e| json({ error: e.message, hint: e.hint }, 422) }
    not_found { request.path_info.start_with?("/api/") ? json({ error: "That is not here." }, 404) : "Nothing is here." }
    error do |e|
      warn "#{e.class}: #{e.message}\n  #{e.backtrace.first(8).join("\n  ")}"
      json({ error: "Something went wrong on the server.", hint: "Nothing was lost; try again." }, 500)
    end

    register Routes::Home, Routes::Pieces, Routes::Changes, Routes::Drawing, Routes::Readings, Routes::Tables, Routes::Exports, Routes::Editions, Routes::Presenting
  end
end
