# frozen_string_literal: true

RSpec.describe Peony::Figures do
  def texts(drawing) = Peony::Scene::Picture.new(nodes: drawing.nodes).texts
  def said(drawing) = texts(drawing).flat_map { |t| t.lines.map(&:first) }.join(" ")
  def draw(form, list, width: 900, height: 640, **more) = described_class.draw(form, list, house: house, width: width, height: height, **more)
  def groups(drawing) = drawing.nodes.grep(Peony::Scene::Group)

  def shapes(drawing, kind) = [].tap { |list| Peony::Scene::Picture.new(nodes: drawing.nodes).walk { |n| list << n if n.is_a?(kind) } }

  let(:sides) { [{ "title" => "Keen", "children" => [{ "title" => "Water" }, { "title" => "Vans" }] }, { "title" => "Against", "children" => [{ "title" => "Wind" }] }] }

  describe Peony::Figures::Search do
    { "stairs" => "staircase", "strengths and weaknesses" => "two-by-two", "who reports to whom" => "tree-down", "circles" => "circles", "pros and cons" => "balance",
      "thermometer" => "thermometer", "how people feel" => "lanes" }.each do |words, form|
      it("knows “#{words}”") { expect(described_class.forms(words).first(5)).to include(form) }
    end

    it "gives all for nothing said, and none for what is no word" do
      expect(described_class.forms("").size).to eq Peony::Figures::Form.members.size
      expect(described_class.forms("qqxzzv")).to eq []
    end
  end

  describe Peony::Figures::Specimen do
    it "draws every form in every finish, and tells which cannot" do
      Peony::Figures::Finish.members.each_key do |finish|
        samples = described_class.forms(house, finish)
        expect(samples.map(&:form)).to match_array Peony::Figures::Form.members.keys
        expect(samples.reject(&:drawing).map(&:form)).to eq []
      end
    end

    it "draws one form in all finishes and sizes" do
      expect(described_class.form("wheel", house).map(&:note)).to include("night", "pencil", "420 × 420 px")
    end

    it "makes one sheet of all of them" do
      sheet = described_class.sheet(house, "flat")
      expect(sheet.texts.map { |t| t.lines.first&.first }).to include("Staircase", "Fish bone", "Tree down")
    end
  end

  describe "nested items" do
    let(:tree) { [{ "title" => "Skipper", "children" => [{ "title" => "Mate", "children" => [{ "title" => "Cook" }] }, { "title" => "Engineer" }] }] }

    it "are drawn as a tree" do
      expect(said(draw("tree-down", tree)).split).to match_array %w[Skipper Mate Cook Engineer]
    end

    it "are told by their parts where a form is flat, so that no word is lost" do
      expect(said(draw("cards", tree))).to include("Mate", "Cook", "Engineer")
      expect(said(draw("cards", sides))).to include("Keen", "Water; Vans", "Wind")
    end

    it "come with a reading, threads and all, and pass the piece's schema" do
      reading = Peony::Reading.of(Peony::Notes::Text.read("Where to save things\n\n* Admin\n  * Contracts\n  * Minutes\n* Events\n  * Posters\n  * Photos"))
      proposal = Peony::Figures::Proposals.for(reading).find { |p| p.items.first["children"] }
      expect(proposal.items.first["children"].map { |c| c["title"] }).to eq %w[Contracts Minutes]
      expect(proposal.items.first["children"].first["refs"]).not_to be_empty
      expect { Peony::Piece::Schemas.check_part("item", proposal.items.first) }.not_to raise_error
    end
  end

  describe "numbers to scale" do
    it "ordered bars: twice the value, twice the length, the largest first" do
      drawing = draw("ordered-bars", [{ "title" => "a", "value" => 30 }, { "title" => "b", "value" => 60 }, { "title" => "c", "value" => 15 }])
      bars = groups(drawing).map { |g| g.children.grep(Peony::Scene::Rect).first.w }
      expect(bars[0] / bars[1]).to be_within(0.01).of(2)
      expect(said(drawing)).to match(/b.*a.*c/m)
    end

    it "blocks: areas by area" do
      drawing = draw("blocks", [{ "title" => "a", "value" => 60 }, { "title" => "b", "value" => 30 }, { "title" => "c", "value" => 10 }])
      areas = groups(drawing).map { |g| g.children.grep(Peony::Scene::Rect).first.then { |r| (r.w + 5.5) * (r.h + 5.5) } }
      expect(areas[0] / areas[1]).to be_within(0.06).of(2)
    end

    it "a slope: steeper for the larger change, level for none" do
      list = [%w[a 10 30], %w[b 10 10]].map { |t, one, two| { "title" => t, "value" => two.to_f, "aspects" => [["before", one], ["after", two]] } }
      lines = groups(draw("slope", list)).flat_map { |g| g.children.grep(Peony::Scene::Path) }.map { |p| p.commands[0][2] - p.commands[1][2] }
      expect(lines[0]).to be > 100
      expect(lines[1].abs).to be < 0.5
    end

    it "a slope: half the rise for half the change, and every start at its own height" do
      list = [%w[a 4 12], %w[b 8 12], %w[c 2 16]].map { |t, one, two| { "title" => t, "value" => two.to_f, "aspects" => [["before", one], ["after", two]] } }
      lines = groups(draw("slope", list)).flat_map { |g| g.children.grep(Peony::Scene::Path) }.map { |p| [p.commands[0][2], p.commands[1][2]] }
      rises = lines.map { |from, to| from - to }
      expect(rises[0] / rises[1]).to be_within(0.01).of(2)
      expect(lines.map(&:first)).to eq(lines.map(&:first).uniq)
      expect(lines[2][0]).to be > lines[0][0]
    end

    it "a scatter whose line leaves the field is cut, not bent" do
      list = [%w[0 0], %w[10 9], %w[20 10], %w[30 10]].map { |x, y| { "title" => "p#{x}", "value" => y.to_f, "aspects" => [["rain", x], ["crop", y]] } }
      drawing = draw("scatter", list)
      dots = shapes(drawing, Peony::Scene::Ellipse)
      (_, x1, y1), (_, x2, y2) = shapes(drawing, Peony::Scene::Path).find(&:dash).commands
      across = (dots.last.cx - dots.first.cx) / 30.0
      up = (dots[0].cy - dots[2].cy) / 10.0
      expect(((y1 - y2) / up) / ((x2 - x1) / across)).to be_within(0.005).of(0.31)
    end

    it "numbers beside a line that rises stand left of their points" do
      list = [10, 4, 8, 12].each_with_index.map { |v, i| { "title" => "y#{i}", "date" => "201#{i}", "value" => v.to_f, "strong" => i == 2 } }
      drawing = draw("trend-line", list)
      word = shapes(drawing, Peony::Scene::Text).find { |t| t.lines[0][0] == "8" }
      dot = shapes(drawing, Peony::Scene::Ellipse)[2]
      expect(word.lines[0][1] + word.font.width("8", word.size)).to be <= dot.cx + 6
    end

    it "works out the difference between before and after" do
      list = [{ "title" => "Bill", "value" => 31, "unit" => "GBP", "aspects" => [["before", "£84"], ["after", "£31"]] }]
      expect(said(draw("before-after", list))).to include("−63\u2009%")
      expect(said(draw("big-arrow", list))).to include("£84", "£31", "−63\u2009%")
    end

    it "a scatter: the dot with the larger numbers stands farther right and higher" do
      list = [%w[0 3], %w[40 5], %w[80 9]].map { |x, y| { "title" => "p#{x}", "value" => y.to_f, "aspects" => [["rain", x], ["crop", y]] } }
      drawing = draw("scatter", list)
      dots = shapes(drawing, Peony::Scene::Ellipse)
      expect(dots.map(&:cx)).to eq dots.map(&:cx).sort
      expect(dots.map(&:cy)).to eq dots.map(&:cy).sort.reverse
      expect(said(drawing)).to include("Rain", "Crop")
    end

    it "a row of people fills as many as were told" do
      drawing = draw("icon-row", [{ "title" => "left-handed", "value" => 12.5, "unit" => "%", "date" => "1 in 8" }])
      heads = shapes(drawing, Peony::Scene::Ellipse)
      expect(heads.size).to eq 8
      expect(heads.count { |h| h.fill == house.colour("surface-2") }).to eq 7
    end

    it "a person who is only partly told is filled from the left, head and shoulders alike" do
      drawing = draw("icon-row", [{ "title" => "seats", "value" => 45, "unit" => "%" }])
      half = shapes(drawing, Peony::Scene::Ellipse)[4]
      parts = shapes(drawing, Peony::Scene::Path).map { |p| p.commands.filter_map { |_, x, _| x }.max }
      expect(parts.size).to eq 2
      expect(parts).to all(be_within(1.5).of(half.cx))
    end
  end

  describe "two sides" do
    it "sink to the heavier one" do
      lines = shapes(draw("balance", sides), Peony::Scene::Path).find { |p| p.stroke && p.commands.size == 2 && (p.commands[0][1] - p.commands[1][1]).abs > 200 }
      expect(lines.commands[0][2]).to be > lines.commands[1][2]
    end

    it "keep every point" do
      %w[two-leaves do-and-dont split-page balance].each { |form| expect(said(draw(form, sides))).to include("Keen", "Water", "Vans", "Against", "Wind"), form }
    end
  end

  describe "finishes" do
    let(:list) { [{ "title" => "One" }, { "title" => "Two" }, { "title" => "Three" }] }

    it "night lays a dark sheet under everything" do
      sheet = draw("cards", list, finish: "night").nodes.first
      expect([sheet.w, sheet.h]).to eq [900, 640]
      expect(Peony::Colour::Mixing.luminance(sheet.fill)).to be < 0.06
    end

    it "cut paper casts an edge under each sheet and stays inside the box" do
      drawing = draw("cards", list, finish: "cut paper")
      expect(shapes(drawing, Peony::Scene::Rect).size).to be >= 6
      shapes(drawing, Peony::Scene::Rect).each { |r| expect([r.x + r.w, r.y + r.h]).to match [be <= 900.1, be <= 640.1] }
    end

    it "pencil wavers a little, and always in the same way" do
      one, two = Array.new(2) { Peony::Paint::SVG.fragment(draw("cards", list, finish: "pencil").nodes) }
      expect(one).to eq two
      expect(one).not_to include("<rect")
    end
  end

  it "proposes forms that look different: no three of one arrangement among the first six" do
    text = "Why the bell cracked\n\n- The rope: too light\n- The clapper: crooked\n- The cold: brittle bronze\n- No rest: three weddings"
    kinds = Peony::Figures::Proposals.for(Peony::Reading.of(Peony::Notes::Text.read(text))).first(6).map { |p| Peony::Figures::Form.fetch(p.form).kind }
    expect(kinds.tally.except("rows", "grid").values.max.to_i).to be <= 2
  end
end
