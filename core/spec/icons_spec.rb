# frozen_string_literal: true

RSpec.describe Peony::Icons do
  it "ships some ten thousand icons in six sets, every one of them readable" do
    icons = described_class.sets.values.flat_map(&:values)
    expect(icons.size).to be > 10_000
    expect(described_class.sets.keys).to eq described_class::SETS.keys
    icons.each_slice(97) { |icon, *| expect(described_class.commands(icon).flatten(1).map(&:first).uniq - %w[M L C Z]).to eq [] }
  end

  it "keeps out the marks of companies" do
    expect(described_class.sets.values.flat_map(&:keys).grep(/\Abrand-|-logo\z/)).to eq []
  end

  describe Peony::Icons::Search do
    { "ship" => /boat|ship/, "bread" => /bread/, "teacher" => /teacher/, "money" => /money|coin|wallet/, "berries" => /cherr|berr/, "automobile" => /car/ }.each do |word, wanted|
      it("finds #{word} by name, tag or meaning") { expect(described_class.find(word).first(5).map(&:name).join(" ")).to match wanted }
    end

    it "finds what one is still typing" do
      expect(described_class.find("umbr").map(&:name)).to include("umbrella")
    end

    it "finds nothing for nothing, and nothing for what is no word" do
      expect(described_class.find("")).to eq []
      expect(described_class.find("qqxzzv")).to eq []
    end

    it "draws no 1 for the small one" do
      expect(described_class.for_items(["The small one", "The big one", "Twelve"])).to eq([nil, nil, nil])
    end

    it "gives each item one that surely fits, none twice, and none where none does" do
      names = described_class.for_items(["A tent", "Walking boots", "The old umbrella", "An umbrella more", "Jurisprudence"])
      expect(names.first(3)).to match [/tent/, /boot/, /umbrella/]
      expect(names.compact.uniq.size).to eq names.compact.size
      expect(names.last).to be_nil
    end

    it "keeps to one set" do
      expect(described_class.find("house", set: "fine full").map(&:set).uniq).to eq ["fine full"]
    end
  end

  describe Peony::Icons::Outline do
    def ends(data) = described_class.parse(data).filter_map { |_, *n| n.last(2).map { |v| v.round(3) } if n.any? }

    it "makes relative and short commands absolute" do
      expect(ends("M10 10h5v-3l2,2z m1 1 2 2")).to eq [[10, 10], [15, 10], [15, 7], [17, 9], [11, 11], [13, 13]]
    end

    it "turns arcs into curves that end where the arc ends and stay on its circle" do
      curves = described_class.parse("M0 0a5 5 0 1 1 10 0").grep(->(c) { c[0] == "C" })
      expect(curves.last.last(2)).to match [be_within(0.001).of(10), be_within(0.001).of(0)]
      curves.each { |c| expect(Math.hypot(c[-2] - 5, c[-1])).to be_within(0.01).of(5) }
    end

    it "reads flags that stand close together, and smooth curves" do
      expect(ends("M9 6a3 3 0 106 0a3 3 0 10-6 0").last).to eq [9, 6]
      expect(described_class.parse("M0 0C0 5 5 5 5 0S10-5 10 0").last[1, 2]).to eq [5, -5]
    end

    ["", "hello", "M", "M1 2 3", "M0 0 X", "Z1", "M0 0a1 1 0 2 0 5 5", "L" * 9000].each do |data|
      it("refuses or ignores #{data[0, 20].inspect} in words") do
        expect(described_class.parse(data)).to eq [] if data.empty?
        expect { described_class.parse(data) }.to raise_error(Peony::Error, /outline/) unless data.empty?
      end
    end
  end

  it "stands in a figure in the piece's own set, and changes with it" do
    list = [{ "title" => "Tent", "icon" => "tent" }, { "title" => "Boots", "icon" => "boot" }]
    one, two = ["round", "round full"].map { |set| Peony::Paint::SVG.fragment(Peony::Figures.draw("tiles", list, house: house.with(icons: set), width: 600, height: 300).nodes) }
    expect(one).not_to eq two
    plain = Peony::Paint::SVG.fragment(Peony::Figures.draw("tiles", list.map { |i| i.except("icon") }, house: house, width: 600, height: 300).nodes)
    expect(plain).to include(">T<").and include(">B<")
    expect(one).not_to include(">T<")
  end

  it "is proposed with the items of a list of things, and not with steps" do
    read = ->(words) { Peony::Reading.of(Peony::Notes::Text.read(words)) }
    things = Peony::Figures::Proposals.for(read["What to bring\n\n- A tent: dry\n- Boots: laced\n- Bread: for the ducks\n- A book: for the rain"])
    expect(things.first.items.map { |i| i["icon"] }.compact.size).to be >= 3
    steps = Peony::Figures::Proposals.for(read["1. Put up the tent.\n2. Light the lamp.\n3. Cut the bread.\n4. Open the book."])
    expect(steps.first.items.map { |i| i["icon"] }.compact).to eq []
  end

  describe Peony::Icons::Own do
    it "keeps of a drawing its outlines alone, in a square, whatever else is in it" do
      svg = '<?xml version="1.0"?><!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]><svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 20"><script>alert(1)</script>' \
            '<g transform="translate(2 3) scale(2)"><rect width="3" height="5" onclick="x()"/><circle cx="1" cy="1" r="1"/></g><image href="http://a.example/x.png"/><text>&x;</text></svg>'
      icon = described_class.clean(svg)
      expect(icon["paths"].size).to eq 2
      expect(icon["paths"].join).to match(/\A[MLCZ\d. -]+\z/)
      numbers = icon["paths"].join(" ").scan(/-?[\d.]+/).map(&:to_f)
      expect(numbers.minmax).to match [be >= 0, be <= 256]
      expect(described_class.clean(svg)["name"]).to eq icon["name"]
    end

    it "tells lines from areas, and refuses in words what is no drawing" do
      expect(described_class.clean('<svg fill="none" stroke="#000"><path d="M0 0L9 9"/><polyline points="0,9 9,0 3,3"/></svg>')["stroked"]).to be true
      ["", "<html/>", "<svg/>", "<svg><text>a</text></svg>", "<svg>#{'<rect width=\'1\' height=\'1\'/>' * 400}</svg>", "x" * 300_000].each do |bad|
        expect { described_class.clean(bad) }.to raise_error(Peony::Error) { |e| expect(e.hint).not_to be_nil }
      end
    end

    it "is drawn where an item has it" do
      icon = described_class.clean('<svg><path d="M0 0L10 0L10 10Z"/></svg>')
      house = Peony::Style.fetch("Dome").with(own: { icon["name"] => described_class.icon(icon) })
      items = Array.new(3) { |i| { "id" => "i#{i}", "title" => "Thing #{i}", "icon" => icon["name"] } }
      draw = ->(own) { Peony::Paint::SVG.fragment(Peony::Figures.draw("tiles", items, house: own, width: 600, height: 400).nodes).scan("<path").size }
      expect(draw.call(house)).to be > draw.call(Peony::Style.fetch("Dome"))
    end
  end

  it "knows others like one" do
    expect(described_class.like("boat").map(&:name)).to include(a_string_matching(/boat|sail|ship/))
  end

  it "has a second tone as strong as one likes" do
    items = [{ "id" => "i1", "title" => "Tent", "icon" => "tent" }, { "id" => "i2", "title" => "Boat", "icon" => "boat" }]
    fills = lambda do |tone|
      found = []
      drawing = Peony::Figures.draw("tiles", items, house: Peony::Style.fetch("Dome").with(tone: tone), width: 500, height: 300)
      Peony::Scene::Picture.new(nodes: drawing.nodes).walk { |n| found << n.fill if n.is_a?(Peony::Scene::Path) }
      found
    end
    expect(fills.call(0.3).size).to be > fills.call(0).size
    expect(fills.call(0.3) & fills.call(0.5)).to eq fills.call(0).uniq
  end
end
