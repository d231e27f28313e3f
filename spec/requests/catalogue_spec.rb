# frozen_string_literal: true

RSpec.describe "The catalogue over HTTP" do
  before { sign_up }

  it "draws every form in a style and finish, and one form in all of them" do
    all = fetch("/api/specimen?style=Tide&finish=line")
    expect(all["samples"].map { |s| s["form"] }.uniq.size).to be >= 60
    expect(all["samples"].map { |s| s["svg"] }).to all(start_with("<svg"))
    one = fetch("/api/specimen?style=Tide&form=wheel")["samples"]
    expect(one.map { |s| s["note"] }).to include("cut paper", "night", "320 × 800 px")
  end

  it "says in words that a style or form is not there" do
    expect(fetch("/api/specimen?style=Nowhere")).to include("error" => /no house style/, "hint" => /Dome/)
    expect(fetch("/api/specimen?form=nothing")).to include("error" => /no form/)
  end

  it "finds forms by words, and icons by meaning in the set that is asked for" do
    expect(fetch("/api/forms?search=stairs")["forms"].first(3)).to include("staircase")
    expect(fetch("/api/forms?search=#{'x' * 5000}")["forms"]).to eq []
    icons = fetch("/api/icons?search=ship&set=round%20full")
    expect(icons["set"]).to eq "round full"
    expect(icons["icons"].first).to include("name" => /boat|ship/, "paths" => [a_string_starting_with("M")])
    expect(fetch("/api/icons?search=&set=none")).to include("icons" => [], "set" => "round")
  end

  it "keeps an item's icon with the piece, and takes it back with undo" do
    id = make
    figure = { "id" => "f1", "type" => "figure", "form" => "tiles", "items" => [{ "id" => "i1", "title" => "Tent" }, { "id" => "i2", "title" => "Boots" }], "box" => [80, 80, 800, 400] }
    page = fetch("/api/pieces/#{id}")["pages"].first["id"]
    send_json("POST", "/api/pieces/#{id}/changes", { operation: { op: "object.add", page: page, object: figure }, tab: "a" })
    send_json("POST", "/api/pieces/#{id}/changes", { operation: { op: "item.change", id: "f1", item: "i1", set: { icon: "tent" } }, tab: "a" })
    item = -> { fetch("/api/pieces/#{id}")["objects"]["f1"]["items"].first }
    expect(item.call["icon"]).to eq "tent"
    send_json("POST", "/api/pieces/#{id}/undo", { tab: "a" })
    expect(item.call).not_to have_key("icon")
  end

  it "refuses a set of icons that is not there and changes nothing" do
    id = make
    answer = send_json("POST", "/api/pieces/#{id}/changes", { operation: { op: "style.change", style: { name: "Dome", icons: "golden" } }, tab: "a" })
    expect(answer.to_s).to match(/no set of icons/)
    expect(fetch("/api/pieces/#{id}")["piece"]["style"]).not_to have_key("icons")
  end
end

RSpec.describe "A person's own icon" do
  before { sign_up }

  it "is brought as an SVG, cleaned, and given to an item; undo takes it away" do
    id = make
    place(id, form: "staircase")
    post "/api/pieces/#{id}/icon?name=boat.svg&tab=a", '<svg><script>x</script><path d="M0 0L9 0L9 9Z"/></svg>', { "CONTENT_TYPE" => "application/octet-stream", "HTTP_X_CSRF_TOKEN" => token }
    icon = answer["piece"]["icons"].first
    expect(icon).to include("title" => "boat", "paths" => [a_string_matching(/\AM[\d .L]+Z\z/)])
    send_json("POST", "/api/pieces/#{id}/undo", { tab: "a" })
    expect(answer["piece"]["icons"]).to eq []
    post "/api/pieces/#{id}/icon?name=x.svg&tab=a", "no drawing", { "CONTENT_TYPE" => "application/octet-stream", "HTTP_X_CSRF_TOKEN" => token }
    expect(answer["error"]).to match(/not an SVG/)
    expect(fetch("/api/icons?like=boat")["icons"].size).to be > 5
  end
end
