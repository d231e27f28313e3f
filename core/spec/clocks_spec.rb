# frozen_string_literal: true

# Clocks and countdowns on a page: what they show standing still, and what an edition needs to run them.
RSpec.describe Peony::Scene::Clocks do
  let(:house) { Peony::Style.fetch("Dome") }
  let(:noon) { Time.utc(2025, 8, 1, 12, 34, 20) }

  def group(**object) = described_class.nodes(house, { "box" => [100, 100, 300, 300], "face" => "round" }.merge(object.transform_keys(&:to_s)), now: noon).first
  def flat(node) = node.respond_to?(:children) ? node.children.flat_map { |n| flat(n) } : [node]
  def words(node) = flat(node).grep(Peony::Scene::Text).flat_map { |t| t.lines.map(&:first) }

  # The angle of a hand, degrees from the top, clockwise.
  def angle(node, part)
    path = flat(node).grep(Peony::Scene::Path).find { |p| p.part == part }
    _, x, y = path.commands.last
    (Math.atan2(x - 250, 250 - y) * 180 / Math::PI) % 360
  end

  it "turns its hands to a stated time" do
    face = group(shows: "time", time: "21:40")
    expect(angle(face, "hour")).to be_within(0.5).of((9 + (40 / 60.0)) * 30)
    expect(angle(face, "minute")).to be_within(0.5).of(240)
  end

  it "tells the time of another place by its distance from UTC, over midnight too" do
    expect(words(group(shows: "now", face: "digits", zone: 120))).to eq(["14:34"])
    expect(words(group(shows: "now", face: "digits", zone: -780))).to eq(["23:34"])
    expect(words(group(shows: "now", face: "digits", zone: 330, words: "Far away"))).to eq(["18:04", "Far away"])
  end

  it "writes countdowns from seconds to hours" do
    { 9 => "0:09", 300 => "5:00", 3600 => "1:00:00", 359_999 => "99:59:59" }.each { |s, said| expect(words(group(shows: "countdown", seconds: s, face: "digits"))).to eq([said]) }
    expect(words(group(shows: "countdown", seconds: 90, face: "tiles")).join).to eq("1:30")
  end

  it "stays inside its box in every face, with long words under it" do
    described_class::FACES.product([[300, 300], [600, 180], [140, 400]], [{ "shows" => "countdown", "seconds" => 359_999 }, { "shows" => "time", "time" => "08:05" }]).each do |face, (w, h), more|
      nodes = described_class.nodes(house, { "box" => [0, 0, w, h], "face" => face, "words" => "Until the dome opens and everybody may come in at last" }.merge(more), now: noon)
      left, top, right, bottom = Peony::Scene::Boxes.of(nodes.first)
      expect([left, top, w - right, h - bottom].min).to be >= -1, "#{face} #{w}x#{h}"
    end
  end

  describe "in a piece" do
    let(:piece) do
      Peony::Piece.parse(File.read(File.expand_path("../../demo/pieces/moon.peony", __dir__))).then do |p|
        p.apply({ "op" => "object.add", "page" => p.pages.first["id"],
                  "object" => { "id" => "k1", "type" => "clock", "box" => [60, 60, 300, 300], "shows" => "countdown", "seconds" => 300, "face" => "ring" } }).piece
      end
    end

    it "is in the page's SVG and PDF, and runs only in an edition" do
      picture = Peony::Scene::Pages.all(piece).first
      expect(Peony::Paint::SVG.paint(picture)).to include("5:00")
      expect(Peony::Paint::SVG.paint(picture)).not_to include("data-clock")
      page = Peony::Paint::HTML.paint([picture])
      expect(page).to include("data-clock").and include("performance.now")
      expect(Peony::Paint::HTML.paint([picture], css: "/edition.css")).to include('src="/edition.js"')
    end

    it "refuses a clock without its time" do
      change = { "op" => "object.change", "id" => "k1", "set" => { "shows" => "time" } }
      expect { piece.apply(change) }.to raise_error(Peony::Error)
    end

    it "has its place on a phone" do
      expect(Peony::Scene::Narrow.new(piece, piece.pages.first).picture.texts.flat_map { |t| t.lines.map(&:first) }).to include("5:00")
    end
  end
end
