# frozen_string_literal: true

RSpec.describe "Tables of a piece" do
  before { sign_up }

  let(:id) { @id ||= make }
  let(:csv) do
    "Night,Guests\n#{(0...40).map do |i|
      d = Date.new(2025, 8, 1) + i
      "#{d},#{i == 12 ? 301 : 50 + (i % 5)}"
    end.join("\n")}\n"
  end

  def bring(name = "nights.csv", bytes = csv)
    token = fetch("/api/me")["token"]
    post "/api/pieces/#{id}/tables?name=#{URI.encode_www_form_component(name)}&tab=a", bytes, { "CONTENT_TYPE" => "application/octet-stream", "HTTP_X_CSRF_TOKEN" => token }
    JSON.parse(last_response.body)
  end

  def table = fetch("/api/pieces/#{id}")["piece"]["tables"].last
  def change(operation) = send_json("POST", "/api/pieces/#{id}/changes", { operation: operation, tab: "a" })
  def chart(kind = "line") = send_json("POST", "/api/pieces/#{id}/chart", { table: table["id"], chart: kind, page: "p1", tab: "a" })

  it "are brought as files, understood, and told without their cells" do
    bring
    expect(table).to include("name" => "nights")
    expect(table).not_to have_key("cells")
    whole = fetch("/api/pieces/#{id}/tables/#{table['id']}")
    expect(whole["columns"].map { |c| [c["name"], c["kind"]] }).to eq [%w[Night date], %w[Guests number]]
    expect(whole["rows"][1]).to eq %w[2025-08-01 50]
    expect(whole["findings"].map { |f| f["sentence"].tr("\u00A0", " ") }).to include("Guests on 13 August 2025: 301, where about 53 would be usual.")
  end

  it "come along with a document that holds them, where they hold numbers, and one undo takes all back" do
    words = "# Season\n\nA good one.\n\n## Guests\n\n| Month | Guests |\n|---|---|\n| May | 410 |\n| June | 380 |\n\n## Keys\n\n| Who | Key |\n|---|---|\n| Ann | shed |\n| Bob | dome |\n"
    token = fetch("/api/me")["token"]
    post "/api/pieces/#{id}/file?name=season.md&tab=a", words, { "CONTENT_TYPE" => "application/octet-stream", "HTTP_X_CSRF_TOKEN" => token }
    expect(fetch("/api/pieces/#{id}")["piece"]["tables"].map { |t| t["name"] }).to eq ["Guests"]
    expect(fetch("/api/pieces/#{id}/tables/#{table['id']}")["columns"].map { |c| [c["name"], c["kind"]] }).to eq [%w[Month month], %w[Guests number]]
    expect(fetch("/api/pieces/#{id}")["piece"]["notes"].map { |b| b["text"] }).to include("May: Guests 410")
    send_json("POST", "/api/pieces/#{id}/undo", { tab: "a" })
    after = fetch("/api/pieces/#{id}")["piece"]
    expect([after["tables"], after["notes"].map { |b| b["text"] }.grep(/Guests/)]).to eq [[], []]
  end

  it "are brought as cells that were copied, and taken out and brought back" do
    send_json("POST", "/api/pieces/#{id}/tables/text", { text: "Lane\tParcels\nAsh\t12\nElm\t30\n", name: "Post", tab: "a" })
    expect(table["name"]).to eq "Post"
    change({ op: "table.remove", id: table["id"] })
    expect(fetch("/api/pieces/#{id}")["piece"]["tables"]).to eq []
    send_json("POST", "/api/pieces/#{id}/undo", { tab: "a" })
    expect(table["name"]).to eq "Post"
  end

  it "propose charts, and one on the page follows when a cell changes, and goes back" do
    bring
    answer = send_json("POST", "/api/pieces/#{id}/tables/#{table['id']}/charts", { width: 400, height: 320 })
    expect(answer["charts"].map { |c| c["chart"] }).to include("line", "area", "calendar")
    expect(answer["charts"].first["svg"]).to include("<svg", "13 Aug: 301")
    made = chart
    object = made["objects"].values.first
    expect(object["heading"].tr("\u00A0", " ")).to include("301")
    after = change({ op: "table.cells", id: table["id"], cells: [[13, 1, "420"]] })
    expect(after["svg"].values.join).to include("13 Aug: 420")
    back = send_json("POST", "/api/pieces/#{id}/undo", { tab: "a" })
    expect(back["svg"].values.join).to include("13 Aug: 301")
  end

  it "keep a person's own heading and marks when the numbers change, and tell when a chart cannot follow" do
    bring
    object = chart["objects"].values.first
    send_json("POST", "/api/pieces/#{id}/charts/#{object['id']}/events", { text: "20 August: dome closed", tab: "a" })
    change({ op: "object.change", id: object["id"], set: { heading: "Our August" } })
    after = change({ op: "table.cells", id: table["id"], cells: [[13, 1, "55"]] })
    kept = after["objects"].values.first
    expect(kept["heading"]).to eq "Our August"
    expect(kept["marks"].map { |m| m["text"] }).to include("dome closed")
    gone = change({ op: "table.columns", id: table["id"], at: 1, remove: 1, insert: [] })
    expect(gone["remarks"].map { |r| r["title"] }).to include("It shows older numbers")
  end

  it "take events, a goal and the average as lines of words, and give back what found no place" do
    bring
    object = chart["objects"].values.first
    answer = send_json("POST", "/api/pieces/#{id}/charts/#{object['id']}/events", { text: "13 August: Meteor shower\n120 goal\naverage\nsometime: nothing", tab: "a" })
    expect(answer["left"]).to eq ["sometime: nothing"]
    expect(answer["objects"].values.first["marks"].last(3).map { |m| m["text"] }).to match ["Meteor shower", "goal", /on average/]
    again = send_json("POST", "/api/pieces/#{id}/charts/#{object['id']}/events", { text: "nowhere: nothing", tab: "a" })
    expect(again).to include("nothing" => true, "left" => ["nowhere: nothing"])
  end

  it "are drawn another way, exported with the page and told in words" do
    bring
    object = chart["objects"].values.first
    other = send_json("POST", "/api/pieces/#{id}/charts/#{object['id']}", { chart: "column", tab: "a" })
    expect(other["objects"].values.first["chart"]).to eq "column"
    expect(other["remarks"].find { |r| r["check"] == "description" }["detail"]).to include("301")
    expect(fetch("/api/pieces/#{id}/charts/#{object['id']}")["charts"].size).to be >= 3
    get "/api/pieces/#{id}/objects/#{object['id']}.svg"
    expect(last_response.body).to include("August")
  end

  it "are sorted, put right, and given back as CSV" do
    bring("post.csv", "Lane,Parcels\nAsh,12\nElm,30\nFir,7\n=cmd,3\n")
    send_json("POST", "/api/pieces/#{id}/tables/#{table['id']}/sort", { column: 1, descending: true, tab: "a" })
    get "/api/pieces/#{id}/tables/#{table['id']}.csv"
    expect(last_response.body).to eq "Lane,Parcels\nElm,30\nAsh,12\nFir,7\n'=cmd,3\n"
    change({ op: "table.change", id: table["id"], set: { correct: { "ignore" => [4] } } })
    expect(fetch("/api/pieces/#{id}/tables/#{table['id']}")).to include("data" => 3, "left" => include("4" => "ignored"))
  end

  it "say in words what is wrong, and change nothing" do
    expect(bring("x.csv", "   ")["error"]).to match(/empty/)
    expect(bring("x.xlsx", "no spreadsheet")).to include("error" => /spreadsheet/, "hint" => String)
    expect(bring("x.exe", "MZ")["error"]).to match(/does not read tables/)
    expect(send_json("POST", "/api/pieces/#{id}/tables/text", { text: " ", tab: "a" })["error"]).to match(/no cells/)
    expect(fetch("/api/pieces/#{id}")["piece"]["tables"]).to eq []
    bring
    expect(change({ op: "table.rows", id: table["id"], at: 900, remove: 2, insert: [] })["error"]).to match(/no such row/)
    expect(chart("map")["error"]).to match(/does not make that chart/)
  end

  it "are not shown to strangers" do
    bring
    path = "/api/pieces/#{id}/tables/#{table['id']}"
    clear_cookies
    get path
    expect(last_response.status).to eq 401
  end
end
