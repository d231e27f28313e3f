# frozen_string_literal: true

RSpec.describe "Pieces" do
  before { sign_up }

  it "are made, shown newest first, searched by title and words, copied and removed" do
    first = make(title: "Handbook")
    second = make(title: "Poster", text: "Count falling stars with us.")
    expect(fetch("/api/pieces")["pieces"].map { |p| p["title"] }).to eq %w[Poster Handbook]
    expect(fetch("/api/pieces?search=falling")["pieces"].map { |p| p["id"] }).to eq [second]
    expect(fetch("/api/pieces?search=100%25")["pieces"]).to be_empty
    send_json("POST", "/api/pieces/#{first}/copy")
    expect(fetch("/api/pieces")["pieces"].first["title"]).to eq "Handbook (copy)"
    send_json("DELETE", "/api/pieces/#{first}")
    get "/api/pieces/#{first}"
    expect(last_response.status).to eq 404
  end

  it "open with everything the screens need" do
    id = make
    figure = place(id)
    whole = fetch("/api/pieces/#{id}")
    expect(whole["pages"].first["objects"]).to eq [figure]
    expect(whole["svg"][figure]).to include("Point the main")
    expect(whole["remarks"].map { |r| r["check"] }).to include("description", "numbers")
    expect(whole.values_at("undo", "redo")).to eq [true, false]
  end

  it "refuse a kind or size that is none, and notes that are no text, and change nothing" do
    [{ kind: "banner" }, { kind: "own", size: { width: 1, height: 1 } }, { text: "x", extension: ".xyz" }].each do |wrong|
      send_json("POST", "/api/pieces", { title: "x" }.merge(wrong))
      expect(last_response.status).to eq 422
      expect(answer["error"]).not_to be_empty
    end
    expect(fetch("/api/pieces")["pieces"]).to be_empty
  end

  it "show their first page as a picture that carries its letters, and is not sent twice" do
    id = make
    get "/api/pieces/#{id}/first.svg"
    expect(last_response.body).to start_with("<svg")
    get "/api/pieces/#{id}/first.svg", {}, "HTTP_IF_NONE_MATCH" => last_response.headers["etag"]
    expect(last_response.status).to eq 304
  end

  it "export as files with the right type, name and pages" do
    id = make(title: "Trial: a/b")
    place(id)
    { "png" => "image/png", "svg" => "image/svg+xml", "pdf" => "application/pdf", "html" => "text/html",
      "peony" => "application/json" }.each do |format, type|
      get "/api/pieces/#{id}/export.#{format}?scale=2"
      expect(last_response.headers["content-type"]).to start_with(type)
      expect(last_response.headers["content-disposition"]).to include("Trial a b.#{format}")
    end
    expect(Peony::Piece.parse(last_response.body).title).to eq "Trial: a/b"
    get "/api/pieces/#{id}/export.png?scale=2"
    expect(last_response.body.b[16, 8].unpack("N2")).to eq [2160, 3840]
    ["bmp", "png?page=9", "png?scale=99"].each do |wrong|
      get "/api/pieces/#{id}/export.#{wrong}"
      expect(last_response.status).to eq 422
    end
  end

  it "propose figures of a passage, or of just the words that are marked" do
    id = make
    passage = fetch("/api/pieces/#{id}/passages")["passages"].find { |p| p["heading"] == "Aligning" }
    found = send_json("POST", "/api/pieces/#{id}/proposals", { passage: passage["id"], width: 400, height: 300 })
    expect(found["proposals"].first).to include("family" => "sequence", "svg" => a_string_including("<svg"))
    block = passage["blocks"].first
    marked = send_json("POST", "/api/pieces/#{id}/proposals", { marked: [{ block: block, start: 0, end: 112 }] })
    texts = marked["proposals"].first["items"].flat_map { |i| i["refs"] }
    expect(texts.map { |r| r["end"] }.max).to be <= 112
    send_json("POST", "/api/pieces/#{id}/proposals", { passage: "gone" })
    expect(last_response.status).to eq 422
  end

  it "put a figure on a new page when the one in hand is full" do
    id = make
    4.times { place(id) }
    expect(fetch("/api/pieces/#{id}")["pages"].size).to be > 1
  end

  it "are told to the screens with everything that ships" do
    make
    catalogue = fetch("/api/catalogue")
    expect(catalogue["forms"].map { |f| f["form"] }).to include("staircase", "ring", "spine")
    expect(catalogue["styles"].map { |s| s["style"] }).to eq %w[Dome Dusk Meadow Chalk Lamplight Harvest Ledger Tide]
    expect(catalogue["kinds"].map { |k| k["kind"] }).to include("infographic", "square", "wide", "slide", "slide-4-3", "a4", "a3", "own")
    expect(catalogue["finishes"].size).to be >= 3
  end

  it "are laid out anew for a phone" do
    id = make
    place(id)
    pages = fetch("/api/pieces/#{id}/narrow")["pages"]
    expect(pages.size).to eq 1
    expect(pages.first).to include('width="420"', "Point the main")
  end

  it "show a change before it is made, and every form with a figure's items" do
    id = make
    figure = place(id)
    look = send_json("POST", "/api/pieces/#{id}/look", { operation: { op: "object.change", id: figure, set: { form: "rail" } } })
    expect(look["svg"].keys).to eq [figure]
    expect(fetch("/api/pieces/#{id}")["objects"][figure]["form"]).to eq "staircase"
    forms = send_json("POST", "/api/pieces/#{id}/forms", { object: figure })["forms"]
    expect(forms.size).to eq Peony::Figures::Form.members.size
    expect(forms.reject { |f| f["svg"] }).to all(include("objection" => a_string_matching(/\w/)))
  end
end
