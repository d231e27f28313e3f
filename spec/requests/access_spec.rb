# frozen_string_literal: true

RSpec.describe "Access" do
  it "asks a new installation for its owner, once" do
    get "/"
    expect(last_response.headers["location"]).to end_with("/create-account")
    sign_up
    expect(fetch("/api/me")["email"]).to eq "owner@quillmere.example"
    clear_cookies
    get "/create-account"
    expect(last_response.headers["location"]).to end_with("/login")
  end

  it "signs in with the right password only, and slows down guessing" do
    sign_up
    clear_cookies
    attempt = lambda do |password|
      get "/login"
      post "/login", "login" => "owner@quillmere.example", "password" => password, "_csrf" => csrf
    end
    attempt.call("wrong wrong wrong")
    get "/api/me"
    expect(last_response.status).to eq 401
    attempt.call("a dome on a hill")
    get "/api/me"
    expect(last_response.status).to eq 200
    clear_cookies
    13.times { attempt.call("wrong wrong wrong") }
    expect(last_response.status).to eq 429
  end

  it "shows nothing to who is not signed in" do
    sign_up
    id = make
    clear_cookies
    ["/api/pieces", "/api/pieces/#{id}", "/api/pieces/#{id}/export.pdf", "/api/pieces/#{id}/first.svg", "/api/me", "/api/pieces/#{id}/events", "/present/#{id}",
     "/api/catalogue"].each do |path|
      get path
      expect([path, last_response.status]).to eq [path, 401]
      expect(last_response.body).not_to include("Handbook")
    end
  end

  it "keeps one person's pieces from another" do
    sign_up
    id = make
    edition = send_json("POST", "/api/pieces/#{id}/editions")["editions"].first["id"]
    other = PeonyServer::Store.db[:accounts].insert(email: "tove@quillmere.example", name: "Tove")
    PeonyServer::Store.db[:pieces].where(id: id).update(owner_id: other)
    expect(fetch("/api/pieces")["pieces"]).to be_empty
    [["GET", "/api/pieces/#{id}"], ["POST", "/api/pieces/#{id}/changes"], ["POST", "/api/pieces/#{id}/undo"], ["DELETE", "/api/pieces/#{id}"], ["POST", "/api/pieces/#{id}/editions"],
     ["DELETE", "/api/editions/#{edition}"], ["POST", "/api/editions/#{edition}/renew"], ["GET", "/api/pieces/#{id}/export.svg"], ["POST", "/api/pieces/#{id}/look"]].each do |verb, path|
      verb == "GET" ? get(path) : send_json(verb, path, { operation: { op: "piece.change", set: { title: "Mine" } } })
      expect([path, last_response.status]).to eq [path, 404]
    end
    expect(PeonyServer::Store.db[:pieces].where(id: id).get(:title)).to eq "Trial"
  end

  it "takes no change without the page's token" do
    sign_up
    id = make
    [nil, "wrong"].each do |wrong|
      custom_request("POST", "/api/pieces/#{id}/changes", JSON.generate(operation: { op: "piece.change", set: { title: "Stolen" } }), "CONTENT_TYPE" => "application/json",
                                                                                                                                      "HTTP_X_CSRF_TOKEN" => wrong)
      expect(last_response.status).to eq 403
    end
    expect(fetch("/api/pieces/#{id}")["piece"]["title"]).to eq "Trial"
  end

  it "sends a strict content security policy with every page" do
    sign_up
    get "/login"
    policy = last_response.headers["content-security-policy"]
    expect(policy).to include("default-src 'none'", "script-src 'self'").and not_include("unsafe")
    expect(last_response.headers["x-content-type-options"]).to eq "nosniff"
  end

  it "refuses bodies that are too large, in words" do
    sign_up
    token
    custom_request("POST", "/api/pieces", "x" * ((6 * 1024 * 1024) + 1), "CONTENT_TYPE" => "application/json", "HTTP_X_CSRF_TOKEN" => token)
    expect(last_response.status).to eq 413
    expect(answer["error"]).to include("6 MB")
  end

  it "serves no file outside the web app's own" do
    sign_up
    ["/assets/../index.html", "/assets/..%2f..%2fpackage.json", "/fonts/..%2f..%2fGemfile", "/fonts/OFL-karla.txt"].each do |path|
      get path
      expect([path, last_response.status]).to eq [path, 404]
    end
  end

  RSpec::Matchers.define_negated_matcher :not_include, :include
end
