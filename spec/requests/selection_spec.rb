# frozen_string_literal: true

require "open3"

RSpec.describe "A figure or item taken along by itself" do
  before do
    sign_up
    page = fetch("/api/pieces/#{id}")["pages"].first["id"]
    items = [{ "id" => "i1", "title" => "Tent", "icon" => "tent" }, { "id" => "i2", "title" => "Boots" }, { "id" => "i3", "title" => "Lamp" }]
    figure = { "id" => "f1", "type" => "figure", "form" => "cards", "heading" => "What to bring", "items" => items, "box" => [80, 80, 600, 400] }
    text = { "id" => "t1", "type" => "text", "text" => "Aside", "role" => "label", "box" => [80, 600, 300, 20] }
    [figure, text].each { |object| send_json("POST", "/api/pieces/#{id}/changes", { operation: { op: "object.add", page: page, object: object }, tab: "a" }) }
  end

  let(:id) { @id ||= make }

  def saved(rest)
    get "/api/pieces/#{id}/objects/#{rest}"
    last_response.body
  end

  def image(bytes) = Vips::Image.new_from_buffer(bytes, "")

  it "is a PNG at 1, 2 or 3 times its size, or as many px wide as one says" do
    expect([1, 2, 3].map { |scale| image(saved("f1.png?scale=#{scale}")).width }).to eq [600, 1200, 1800]
    expect(image(saved("f1.png?width=777")).width).to be_within(1).of(777)
    expect(last_response.headers["content-disposition"]).to include("What to bring.png")
  end

  it "keeps both sides within what a file should hold, however wide one wants it" do
    narrow = { "id" => "f2", "type" => "figure", "form" => "ruled-list", "items" => [{ "id" => "i1", "title" => "Oats" }, { "id" => "i2", "title" => "Rye" }], "box" => [700, 80, 160, 800] }
    send_json("POST", "/api/pieces/#{id}/changes", { operation: { op: "object.add", page: fetch("/api/pieces/#{id}")["pages"].first["id"], object: narrow }, tab: "a" })
    expect(image(saved("f2.png?width=8000")).then { |i| [i.width, i.height] }).to eq [1600, 8000]
  end

  it "stands on a light ground, a dark one or none" do
    corner = ->(ground) { image(saved("f1.png?ground=#{ground}")).getpoint(596, 14) }
    expect(corner["light"].first(3)).to eq [255, 255, 255]
    expect(corner["dark"].first(3).max).to be < 70
    expect(corner["none"].last).to eq 0
  end

  it "is an SVG of one item alone, and a PDF whose text can be read" do
    svg = saved("f1.svg?item=i2")
    expect(svg).to include("Boots")
    expect(svg).not_to include("Tent")
    words, = Open3.capture2("pdftotext", "-", "-", stdin_data: saved("f1.pdf"), binmode: true)
    expect(words).to include("What to bring", "Tent", "Boots", "Lamp")
  end

  it "says in words what cannot be taken along" do
    { "f9.png" => /not there/, "f1.gif" => /PNG, SVG or PDF/, "f1.png?ground=plaid" => /light, dark/, "t1.png" => /Only figures/, "f1.png?item=i9" => /not in the figure/ }.each do |rest, words|
      expect([rest, JSON.parse(saved(rest)).values.join(" ")]).to match [rest, words]
      expect(last_response.status).to be_between(400, 422)
    end
  end
end
