# frozen_string_literal: true

RSpec.describe "Changes" do
  before { sign_up }

  let(:id) { make }
  let(:figure) { place(id) }

  def title_of(figure) = fetch("/api/pieces/#{id}")["objects"][figure]["items"].first["title"]

  it "are answered with only what changed: the object, its drawing, the remarks" do
    figure
    other = place(id, form: "ring", heading: "Who came")
    got = change(id, { op: "item.change", id: figure, item: "i1", set: { title: "Aim" } })
    expect(got["objects"].keys).to eq [figure]
    expect(got["svg"].keys).to eq [figure]
    expect(got["svg"][figure]).to include("Aim")
    expect(got["svg"]).not_to include(other)
  end

  it "are tried without being kept: only what would look otherwise is drawn" do
    figure
    other = place(id, form: "ring", heading: "Who came")
    seq = fetch("/api/pieces/#{id}")["seq"]
    got = send_json("POST", "/api/pieces/#{id}/tried", { operation: { op: "item.change", id: figure, item: "i1", set: { title: "Aim" } }, page: "p1" })
    expect(got["svg"].keys).to eq [figure]
    expect(got["svg"][figure]).to include("Aim")
    expect(got["svg"]).not_to include(other)
    expect(fetch("/api/pieces/#{id}")["seq"]).to eq seq
    expect(title_of(figure)).not_to eq "Aim"
    send_json("POST", "/api/pieces/#{id}/tried", { operation: { op: "item.change", id: "nothing", item: "i1", set: { title: "Aim" } }, page: "p1" })
    expect(last_response.status).to eq 422
    send_json("POST", "/api/pieces/#{id}/tried", { operation: { op: "item.change", id: figure, item: "i1", set: { title: "Aim" } }, page: "p9" })
    expect(last_response.status).to eq 422
  end

  it "redress everything at once" do
    figure
    got = change(id, { op: "style.change", style: { name: "Dusk" } })
    expect(got["svg"][figure]).to include("Figtree")
    expect(got["piece"]["style"]).to eq("name" => "Dusk")
  end

  it "undo and redo back to the first change, also after the server was started anew" do
    figure
    change(id, { op: "item.change", id: figure, item: "i1", set: { title: "Aim" } })
    change(id, { op: "item.change", id: figure, item: "i1", set: { title: "Aim high" } })
    PeonyServer::Store.close
    3.times { send_json("POST", "/api/pieces/#{id}/undo", { tab: "b" }) }
    whole = fetch("/api/pieces/#{id}")
    expect(whole["objects"]).to be_empty
    expect(whole.values_at("undo", "redo")).to eq [false, true]
    expect(send_json("POST", "/api/pieces/#{id}/undo", {})["nothing"]).to be true
    2.times { send_json("POST", "/api/pieces/#{id}/redo", {}) }
    expect(title_of(figure)).to eq "Aim"
    change(id, { op: "item.change", id: figure, item: "i1", set: { title: "Other" } })
    expect(fetch("/api/pieces/#{id}")["redo"]).to be false
    2.times { send_json("POST", "/api/pieces/#{id}/undo", {}) }
    expect(title_of(figure)).to eq "Point the main tube"
  end

  it "to the same thing from another window are refused with the state as it is; to other things they are taken" do
    other = place(id, form: "ring", heading: "Who came")
    base = change(id, { op: "item.change", id: figure, item: "i1", set: { title: "Aim" } })["seq"] - 1
    refused = change(id, { op: "item.change", id: figure, item: "i1", set: { title: "Late" } }, tab: "b", base: base)
    expect(last_response.status).to eq 409
    expect(refused["state"]["objects"][figure]["items"].first["title"]).to eq "Aim"
    change(id, { op: "object.change", id: other, set: { colour: "signal" } }, tab: "b", base: base)
    expect(last_response.status).to eq 200
  end

  it "that are malformed or do not fit change nothing" do
    figure
    seq = fetch("/api/pieces/#{id}")["seq"]
    [{ op: "fly" }, { op: "object.change", id: figure, set: { box: "wide" } }, { op: "object.remove", id: "gone" }, "text", nil,
     { op: "batch", operations: [{ op: "object.remove", id: figure }, { op: "fly" }] }].each do |wrong|
      change(id, wrong)
      expect(last_response.status).to eq 422
      expect(answer["error"]).not_to be_empty
    end
    custom_request("POST", "/api/pieces/#{id}/changes", "{", "CONTENT_TYPE" => "application/json", "HTTP_X_CSRF_TOKEN" => token)
    expect(last_response.status).to eq 422
    expect(fetch("/api/pieces/#{id}")["seq"]).to eq seq
  end

  it "mend a remark in one step" do
    figure
    remark = fetch("/api/pieces/#{id}")["remarks"].find { |r| r["check"] == "description" }
    got = send_json("POST", "/api/pieces/#{id}/mend", { remark: remark["id"], which: 0 })
    expect(got["remarks"].map { |r| r["check"] }).not_to include("description")
    send_json("POST", "/api/pieces/#{id}/mend", { remark: remark["id"] })
    expect(last_response.status).to eq 422
  end

  it "add a file to the notes without touching what is there" do
    before = fetch("/api/pieces/#{id}")["piece"]["notes"]
    got = send_json("POST", "/api/pieces/#{id}/notes", { text: "# More\n\n- one\n- two\n", extension: ".md" })
    expect(got["piece"]["notes"].first(before.size)).to eq before
    expect(got["piece"]["notes"].map { |b| b["id"] }.uniq.size).to eq got["piece"]["notes"].size
    send_json("POST", "/api/pieces/#{id}/notes", { text: "   ", extension: ".txt" })
    expect(last_response.status).to eq 422
  end

  it "reach the other windows" do
    figure
    queue = PeonyServer::Hub.join(id)
    change(id, { op: "item.change", id: figure, item: "i1", set: { title: "Aim" } }, tab: "one")
    event = JSON.parse(queue.pop.delete_prefix("data: "))
    expect(event).to include("tab" => "one", "seq" => fetch("/api/pieces/#{id}")["seq"])
    expect(event["svg"][figure]).to include("Aim")
    PeonyServer::Hub.leave(id, queue)
  end

  it "from many threads at once are all kept, one after another" do
    kept = PeonyServer::Store::Pieces.find(id)
    threads = Array.new(6) do |n|
      Thread.new { 5.times { |k| PeonyServer::Store::Journal.new(kept.id, tab: n.to_s).apply({ "op" => "object.add", "page" => "p1", "object" => { "id" => "t#{n}x#{k}", "type" => "text", "text" => "x", "box" => [0, 0, 90, 9] } }) } }
    end
    threads.each(&:join)
    after = PeonyServer::Store::Pieces.find(id)
    expect(after.seq).to eq kept.seq + 30
    expect(after.piece.objects.size).to eq 30
    journal = PeonyServer::Store.db[:changes].where(piece_id: id).order(:seq).select_map(:operation)
    expect(journal.reduce(kept.piece) { |piece, json| piece.apply(JSON.parse(json)).piece }.data).to eq after.piece.data
  end
end
