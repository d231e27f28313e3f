# frozen_string_literal: true

RSpec.describe Peony::Scene do
  describe Peony::Scene::Arcs do
    it "puts angle 0 at the top and turns clockwise" do
      expect(described_class.point(0, 0, 10, 0)).to match [be_within(0.001).of(0), be_within(0.001).of(-10)]
      expect(described_class.point(0, 0, 10, 90)).to match [be_within(0.001).of(10), be_within(0.001).of(0)]
    end

    it "stays on the circle: the middle of each curve is a radius away" do
      [[0, 45], [10, 200], [0, 359]].each do |from, to|
        start = described_class.point(0, 0, 100, from)
        described_class.curve(0, 0, 100, from, to).each do |_, x1, y1, x2, y2, x, y|
          middle = [(start[0] + (3 * x1) + (3 * x2) + x) / 8, (start[1] + (3 * y1) + (3 * y2) + y) / 8]
          expect(Math.hypot(*middle)).to be_within(0.05).of(100)
          start = [x, y]
        end
      end
    end
  end

  describe Peony::Scene::Boxes do
    let(:text) do
      Peony::Scene::Text.new(lines: [["Quillmere", 100, 50]], font: house.font("body"), size: 20, fill: "#000000", anchor: :start)
    end

    it "knows where a text stands, whatever its anchor" do
      width = house.font("body").width("Quillmere", 20)
      lefts = %i[start middle end].map { |anchor| described_class.of(text.dup.tap { |t| t.anchor = anchor })[0] }
      expect(lefts).to match [be_within(0.01).of(100), be_within(0.01).of(100 - (width / 2)), be_within(0.01).of(100 - width)]
    end

    it "moves everything in a group, and leaves the original alone" do
      group = Peony::Scene::Group.new(children: [text, Peony::Scene::Rect.new(x: 0, y: 0, w: 10, h: 10, radius: 0)])
      moved = described_class.moved(group, 5, 7)
      expect(moved.children.first.lines.first).to eq ["Quillmere", 105, 57]
      expect(moved.children.last.x).to eq 5
      expect(text.lines.first).to eq ["Quillmere", 100, 50]
    end

    it "mirrors twice to where it began" do
      shape = Peony::Scene::Rect.new(x: 30, y: 5, w: 40, h: 10, radius: 0)
      once = described_class.mirrored(shape, 200)
      expect(once.x).to eq 130
      expect(described_class.mirrored(once, 200).x).to eq 30
    end
  end

  describe Peony::Scene::Shapes do
    def svg_of(shape)
      object = { "id" => "s", "type" => "shape", "box" => [100, 100, 200, 80] }.merge(shape)
      piece = Peony::Piece.blank(title: "x").apply({ "op" => "object.add", "page" => "p1", "object" => object }).piece
      Peony::Paint::SVG.fragment([Peony::Scene::Pages.objects(piece, piece.pages.first).first.last])
    end

    it "draws rectangles, ellipses, lines and paths" do
      expect(svg_of("shape" => "rectangle", "fill" => "accent-1")).to include('<rect x="100" y="100" width="200" height="80"', house.colour("accent-1"))
      expect(svg_of("shape" => "ellipse", "fill" => "signal")).to include('cx="200" cy="140" rx="100" ry="40"')
      expect(svg_of("shape" => "line", "stroke" => "ink", "line" => 4)).to include("M100 100L300 180", 'stroke-width="4"')
      expect(svg_of("shape" => "path", "fill" => "ink", "points" => [[0, 0], [1, 0], [0.5, 1]])).to include("M100 100L300 100L200 180Z")
    end

    it "draws smooth paths through every point" do
      path = svg_of("shape" => "path", "stroke" => "ink", "curve" => true, "points" => [[0, 0], [0.5, 1], [1, 0]])
      expect(path).to include("M100 100C").and match(/ 200 180C/).and match(/ 300 100"/)
    end

    it "takes a share of a colour over the ground" do
      expect(svg_of("shape" => "rectangle", "fill" => "accent-1", "share" => 0.5)).to include(Peony::Colour::Mixing.tint(house.colour("accent-1"), "#ffffff", 0.5))
    end
  end

  describe Peony::Registry do
    it "lists members by name, and says what there is when asked for another" do
      expect(Peony::Figures::Form.members.keys).to eq Peony::Figures::Form.members.keys.sort
      expect { Peony::Figures::Finish.fetch("glitter") }.to raise_error(Peony::Error) { |e| expect(e.full).to include("flat", "tint") }
    end
  end

  describe "a snug box" do
    let(:piece) { piece_of("Numbers\n\n112 open nights. 38 volunteers. 3,400 mugs of cocoa.") }
    let(:object) do
      items = reading("112 open nights. 38 volunteers. 3,400 mugs of cocoa.").items
      { "type" => "figure", "form" => "numbers", "items" => items.map { |i| Peony::Figures::Proposals.kept(i, 0, reading("x x").passage) } }
    end

    it "leaves no empty room below a figure, and draws it as it was" do
      box = Peony::Piece::Layout.snug(piece, object, [60, 60, 900, 800])
      expect(box[3]).to be < 600
      drawn = Peony::Scene::Pages.drawing(piece, object.merge("box" => box), "#ffffff")
      bottom = drawn.nodes.filter_map { |n| Peony::Scene::Boxes.of(n)&.last }.max
      expect(bottom).to be_between(box[3] * 0.6, box[3])
    end
  end
end
