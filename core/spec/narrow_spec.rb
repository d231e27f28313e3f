# frozen_string_literal: true

RSpec.describe Peony::Scene::Narrow do
  let(:piece) do
    made = piece_of("Aligning\n\n#{Samples::STEPS}", form: "staircase")
    band = { "id" => "s", "type" => "shape", "shape" => "rectangle", "fill" => "accent-4", "box" => [0, 700, 1080, 300] }
    title = { "id" => "t", "type" => "text", "text" => "A word on a dark band", "role" => "title", "colour" => "surface",
              "box" => [80, 760, 900, 70] }
    [band, title].reduce(made) { |now, object| now.apply({ "op" => "object.add", "page" => "p1", "object" => object }).piece }
  end
  let(:picture) { described_class.all(piece).first }

  it "lays a page out anew for a phone: nothing leaves it, nothing is too small, no word is lost" do
    expect(picture.width).to eq 420
    boxes = picture.texts.map { |text| Peony::Scene::Boxes.of(text) }
    expect(boxes).to all(satisfy { |left, top, right, bottom| left >= 0 && top >= 0 && right <= 420 && bottom <= picture.height })
    expect(picture.texts.map(&:size).min).to be >= 12
    said = picture.texts.flat_map { |t| t.lines.map(&:first) }.join(" ")
    expect(said).to include("Point the main", "before locking everything", "dark band")
  end

  it "keeps the ground of a band behind its words" do
    rects = picture.nodes.grep(Peony::Scene::Rect).map(&:fill)
    expect(rects).to include(house.colour("accent-4"))
  end

  it "works for every form" do
    Peony::Figures::Form.members.each_value do |form|
      list = items([form.facts.least, 4].max.clamp(1, form.facts.most), "aspects" => [["weight", "4 kg"], ["price", "£12"]])
      object = { "id" => "f9", "type" => "figure", "form" => form.facts.form, "items" => list, "box" => [60, 60, 960, 700] }
      one = Peony::Piece.blank(title: "x").apply({ "op" => "object.add", "page" => "p1", "object" => object }).piece
      drawn = described_class.new(one, one.pages.first).picture
      expect(drawn.texts).not_to be_empty
      expect(drawn.texts.map { |t| Peony::Scene::Boxes.of(t)[2] }.max).to be <= 421
    end
  end

  it "leaves a poster as it is: a picture as a whole" do
    poster = Peony::Piece.blank(title: "x",
                                kind: "a3").apply({ "op" => "object.add", "page" => "p1",
                                                    "object" => { "id" => "t", "type" => "text", "text" => "Come", "box" => [0, 0, 500, 50] } }).piece
    expect(described_class.all(poster).first.width).to eq poster.width
  end
end
