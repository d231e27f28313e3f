# frozen_string_literal: true

RSpec.describe "Documents and readings over HTTP" do
  before { sign_up }

  let(:id) { make }
  let(:documents) { File.expand_path("../../core/spec/documents", __dir__) }

  def bring(name, bytes) = custom_request("POST", "/api/pieces/#{id}/file?name=#{name}&tab=a", bytes, "CONTENT_TYPE" => "application/octet-stream", "HTTP_X_CSRF_TOKEN" => token).then { answer }
  def passages = fetch("/api/pieces/#{id}/passages")["passages"]
  def passage(heading) = passages.find { |p| p["heading"] == heading }
  def correct(heading, **body) = send_json("POST", "/api/pieces/#{id}/correct", { passage: passage(heading)["id"], tab: "a" }.merge(body))

  %w[docx odt html pptx pdf].each do |kind|
    it "puts a .#{kind} file behind the notes, and undo takes it away" do
      before = fetch("/api/pieces/#{id}")["piece"]["notes"]
      bring("season.#{kind}", File.binread(File.join(documents, "files", "season.#{kind}")))
      expect(passage("How an evening runs")["items"].size).to eq 5
      send_json("POST", "/api/pieces/#{id}/undo", { tab: "a" })
      expect(fetch("/api/pieces/#{id}")["piece"]["notes"]).to eq before
    end
  end

  it "refuses a broken file with one clear sentence and changes nothing" do
    seq = fetch("/api/pieces/#{id}")["seq"]
    refused = bring("broken.docx", "PK nonsense")
    expect(last_response.status).to eq 422
    expect(refused).to include("error" => /broken/, "hint" => /save it again/)
    expect(bring("empty.pdf", "")).to include("error" => /empty/)
    expect(fetch("/api/pieces/#{id}")["seq"]).to eq seq
  end

  it "draws tiny pictures of the passages that are worth one" do
    bring("season.md", File.read(File.join(documents, "season.md")))
    wanted = passages.map { |p| p["id"] }
    pictures = send_json("POST", "/api/pieces/#{id}/tiny", { passages: wanted })["pictures"]
    expect(pictures[passage("Who came")["id"]]).to include("<svg").and(include("school"))
    expect(passage("Thanks")).to include("families" => [], "silence" => /need no picture/)
  end

  it "keeps what a person put right, item by item, and forgets it when asked" do
    correct("Aligning", edit: { kind: "drop", index: 0 })
    expect(passage("Aligning")).to include("corrected" => true, "items" => satisfy { |items| items.size == 3 })
    correct("Aligning", family: "cycle")
    expect(passage("Aligning")["families"].first["family"]).to eq "cycle"
    expect(correct("Aligning", edit: { kind: "rename", index: 0, title: " " })).to include("error" => /needs a name/)
    correct("Aligning", reset: true)
    expect(passage("Aligning")).to include("corrected" => false, "items" => satisfy { |items| items.size == 4 })
  end

  it "offers proposals of the family that the person names" do
    correct("Aligning", family: "list")
    got = send_json("POST", "/api/pieces/#{id}/proposals", { passage: passage("Aligning")["id"] })
    expect(got["proposals"].first["family"]).to eq "list"
  end

  it "composes three drafts, puts one on the pages and takes it back with one undo" do
    bring("season.md", File.read(File.join(documents, "season.md")))
    drafts = fetch("/api/pieces/#{id}/drafts")["drafts"]
    expect(drafts.map { |d| d["title"] }).to contain_exactly("Lead and notes", "Ledger", "Spine")
    expect(drafts.map { |d| d["svg"].first }).to all(include("Trial"))
    before = fetch("/api/pieces/#{id}").values_at("pages", "objects")
    made = send_json("POST", "/api/pieces/#{id}/compose", { composition: "ledger", tab: "a" })
    expect(made["objects"].values.count { |o| o["type"] == "figure" }).to be >= 6
    send_json("POST", "/api/pieces/#{id}/undo", { tab: "a" })
    expect(fetch("/api/pieces/#{id}").values_at("pages", "objects")).to eq before
  end

  it "tells item by item what changed words would change, and takes over what is ticked" do
    figure = place(id)
    block = fetch("/api/pieces/#{id}")["piece"]["notes"].find { |b| b["text"].start_with?("Point the main tube") }
    change(id, { op: "notes.splice", at: 2, remove: 1, insert: [block.merge("text" => block["text"].sub("Look through the finder.", "Look through the small finder."))] })
    steps = fetch("/api/pieces/#{id}/renewal/#{figure}")["steps"]
    expect(steps.map { |s| s["state"] }).to eq %w[same same changed same]
    send_json("POST", "/api/pieces/#{id}/renew", { object: figure, taken: steps.map { |s| s["id"] }, tab: "a" })
    whole = fetch("/api/pieces/#{id}")
    expect(whole["objects"][figure]["items"][2]["title"]).to include("small finder")
    expect(whole["remarks"].map { |r| r["check"] }).not_to include("passage")
  end

  it "keeps an answer to a contradiction" do
    query = passage("Who came")["queries"].first
    expect(query).to include("message" => /105/, "answer" => nil)
    change(id, { op: "remark.accept", check: "numbers", object: "notes:x", state: query["working"], reason: "rounded" })
    expect(passage("Who came")["queries"].first["answer"]).to eq "rounded"
  end

  it "fills a figure by labels and tells what found no place" do
    figure = place(id, form: "cards")
    titles = fetch("/api/pieces/#{id}")["objects"][figure]["items"].map { |i| i["title"] }
    text = "#{titles[1]}: new words; Budget: £400"
    expect(send_json("POST", "/api/pieces/#{id}/fill", { object: figure, text: text, look: true })).to eq("filled" => [titles[1]], "left" => ["Budget"])
    send_json("POST", "/api/pieces/#{id}/fill", { object: figure, text: text, tab: "a" })
    expect(fetch("/api/pieces/#{id}")["objects"][figure]["items"][1]["detail"]).to eq "new words"
  end
end
