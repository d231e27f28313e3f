# frozen_string_literal: true

require "rack/test"
require "rack/builder"

# Talks to the whole Rack stack, as a browser would, with a person signed in.
module Service
  include Rack::Test::Methods

  APP = Rack::Builder.parse_file(File.expand_path("../../config.ru", __dir__))
  NOTES = "# Handbook\n\n## Aligning\n\nPoint the main tube at a lamp at least 400 m away. Centre it in the eyepiece. Look through the finder. Turn the three screws until it sits.\n\n" \
          "## Who came\n\nOf 4,200 visitors, 45 % came with a school, 30 % on star nights, 20 % on holidays and 10 % for talks.\n"

  def app = APP

  def start_anew
    %i[editions changes pieces accounts].each { |table| PeonyServer::Store.db[table].delete }
    Rack::Attack.cache.store = PeonyServer::Throttle::Memory.new
    clear_cookies
  end

  # A new installation names its owner on the first visit.
  def sign_up(email = "owner@quillmere.example", password = "a dome on a hill")
    get "/create-account"
    post "/create-account", "login" => email, "password" => password, "password-confirm" => password, "_csrf" => csrf
    @token = nil
  end

  def csrf = last_response.body[/name="_csrf" value="([^"]+)"/, 1]

  def token
    @token ||= begin
      get "/api/me"
      JSON.parse(last_response.body)["token"]
    end
  end

  def send_json(verb, path, data = {}, token: self.token)
    custom_request(verb, path, JSON.generate(data), "CONTENT_TYPE" => "application/json", "HTTP_X_CSRF_TOKEN" => token)
    answer
  end

  def answer = JSON.parse(last_response.body)
  def fetch(path) = get(path).then { answer }
  def make(**more) = send_json("POST", "/api/pieces", { title: "Trial", text: NOTES }.merge(more))["id"]
  def change(id, operation, **more) = send_json("POST", "/api/pieces/#{id}/changes", { operation: operation, tab: "a" }.merge(more))

  # @return [String] name of the figure that was placed
  def place(id, form: "staircase", heading: "Aligning")
    passage = fetch("/api/pieces/#{id}/passages")["passages"].find { |p| p["heading"] == heading }
    placed = send_json("POST", "/api/pieces/#{id}/place", { passage: passage["id"], form: form, tab: "a" })
    placed["objects"]&.keys&.first or raise "not placed: #{placed}"
  end
end
