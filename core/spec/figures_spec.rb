# frozen_string_literal: true

RSpec.describe Peony::Figures do
  def draw(form, list, width: 900, height: 600, **more) = described_class.draw(form, list, house: house, width: width, height: height, **more)
  def texts(drawing) = Peony::Scene::Picture.new(nodes: drawing.nodes).texts
  def said(drawing) = texts(drawing).flat_map { |t| t.lines.map(&:first) }.join(" ")

  it "ships at least sixty forms, two or more for every family, in six finishes and eight styles" do
    facts = Peony::Figures::Form.members.values.map(&:facts)
    expect(facts.size).to be >= 60
    expect(facts.map(&:title).uniq.size).to eq facts.size
    Peony::Figures::FAMILIES.each { |family| expect(facts.count { |f| f.family == family }).to be >= 2, family }
    expect(Peony::Figures::Finish.members.keys).to contain_exactly("flat", "line", "tint", "night", "cut paper", "pencil")
    expect(Peony::Style.all.keys).to eq %w[Dome Dusk Meadow Chalk Lamplight Harvest Ledger Tide]
  end

  describe "every form" do
    WORDS = %w[Harbour gate opens at dawn when crews bring nets ashore for sorting and weighing before buyers walk the quay with lists].freeze
    HARD = ["Wiederverwertungsgenossenschaft", "Überraschungsbesuch", "A", "12,480 t", "“Quoted” & <angled>",
            "Self-evaluation/peer-review checklist"].freeze
    BOXES = [[1000, 1000], [1000, 1300], [1200, 660], [760, 1900], [560, 380], [360, 300]].freeze

    def phrase(random, count) = Array.new(count) { WORDS.sample(random: random) }.join(" ").capitalize

    def jobs(facts, random)
      Array.new(24) do |k|
        count = [facts.least, [facts.most, 12].min, random.rand(facts.least..[facts.most, 12].min)][k % 3]
        list = Array.new(count) do |i|
          title = k % 4 == 3 ? HARD.sample(random: random) : phrase(random, random.rand(1..8))
          { "id" => "i#{i}", "title" => title, "detail" => k % 3 == 1 ? "" : phrase(random, random.rand(3..30)), "value" => random.rand(2..95), "unit" => "%", "date" => "20#{10 + i}",
            "aspects" => k.even? ? [["weight", "#{i} kg"], ["price", "£#{i}"]] : [], "strong" => i == 1 }
        end
        [list, *BOXES.sample(random: random), Peony::Figures::Finish.members.keys.sample(random: random),
         Peony::Style.all.values.sample(random: random), k.even? ? nil : phrase(random, 5)]
      end
    end

    # Nothing leaves the box, no two texts overlap, nothing is under 12 px, every word reads on what lies behind it.
    def faults(drawing, house)
      areas = []
      boxes = []
      found = []
      walk(drawing.nodes) do |node|
        if node.is_a?(Peony::Scene::Text)
          node.lines.each do |line|
            box = Peony::Scene::Boxes.of(node.dup.tap { |n| n.lines = [line] })
            found << "outside: #{line[0]}" if box[0] < -1 || box[1] < -1 || box[2] > drawing.width + 1 || box[3] > drawing.height + 1
            found << "overlap: #{line[0]}" if boxes.any? do |b|
              [b[2], box[2]].min - [b[0], box[0]].max > 1.5 && [b[3], box[3]].min - [b[1], box[1]].max > 1.5
            end
            boxes << box
            needed = node.size >= 24 ? 3.0 : 4.5
            under = areas.reverse.find { |a| covers?(a, (box[0] + box[2]) / 2, (box[1] + box[3]) / 2) }
            found << "contrast: #{line[0]}" if Peony::Colour::Mixing.contrast(node.fill, under&.fill || house.colour("surface")) < needed - 0.01
          end
          found << "small: #{node.lines.first&.first}" if node.size < 12
        elsif node.respond_to?(:fill) && node.fill
          areas << node
        end
      end
      found
    end

    def count(node) = node.respond_to?(:children) ? node.children.sum { |n| count(n) } : 1

    def covers?(area, x, y) = Peony::Scene::Outlines.cover?(area, x, y)

    def walk(nodes, &block)
      nodes.each { |node| node.respond_to?(:children) ? walk(node.children, &block) : yield(node) }
    end

    # Points and lines have no room for icons; leaves and pages set their words as lists; the road shows them in place of its numbers.
    without_icons = %w[trend-line trend-area trend-columns scatter slope two-by-two four-panes balance do-and-dont two-leaves split-page margin-list road].freeze

    Peony::Figures::Form.members.each do |name, form|
      it "#{name} holds whatever it takes on, or refuses with a reason" do
        random = Random.new(name.sum)
        refused = 0
        jobs(form.facts, random).each do |list, w, h, finish, style, heading|
          drawing = described_class.draw(name, list, house: style, width: w, height: h, finish: finish, heading: heading)
          expect(faults(drawing, style)).to eq []
        rescue Peony::Figures::Refusal => e
          refused += 1
          expect(e.full.length).to be > 30
        end
        expect(refused).to be <= 8
      end

      it "#{name} shows the icons of its items, clear of all words" do
        random = Random.new(name.sum + 1)
        shown = []
        jobs(form.facts, random).first(8).each do |list, w, h, finish, style, heading|
          with = list.each_with_index.map { |item, i| i.odd? && list.size > 3 ? item : item.merge("icon" => %w[tent lamp star boat][i % 4]) }
          plain = described_class.draw(name, list, house: style, width: w, height: h, finish: finish, heading: heading)
          drawing = described_class.draw(name, with, house: style, width: w, height: h, finish: finish, heading: heading)
          expect(faults(drawing, style)).to eq []
          shapes = ->(drawn) { drawn.nodes.sum { |n| count(n) } }
          shown << (shapes[drawing] != shapes[plain])
        rescue Peony::Figures::Refusal
          next
        end
        expect(shown).to be_empty.or include(true) unless without_icons.include?(name)
      end
    end
  end

  it "proposes no common scale for numbers of different kinds" do
    proposed = ->(words) { Peony::Figures::Proposals.for(Peony.read(words)).map(&:form) }
    scaled = %w[half-ring lollipops ordered-bars share-ring small-pies podium]
    mixed = proposed["4,212 guests came between August and October. 86 % of open nights had a team in full. 301 people stood in the meadow."]
    expect(mixed).to include("numbers")
    expect(mixed & scaled).to eq []
    expect(proposed["Cats come first with 148. Hedgehogs follow with 61. There were 39 pigeons, and 22 dogs."] & scaled).not_to be_empty
  end

  # A proposal sheet tries them all: one that breaks would take the others with it.
  describe "with values as they may come" do
    values = { "one as good as all" => [1_000_000, 1, 1], "nothing beside something" => [0, 40, 60], "nothing at all" => [0, 0, 0], "all alike" => [7, 7, 7], "below nothing" => [-5, 12, 3],
               "parts of one" => [0.001, 0.002, 0.997] }
    Peony::Figures::Form.members.each_key do |form|
      it "draws #{form}, or says why not" do
        values.each_value do |list|
          told = list.each_with_index.map { |v, i| { "id" => "i#{i}", "title" => "Mill #{i}", "detail" => "by the brook", "value" => v, "unit" => "%", "date" => (2001 + i).to_s } }
          [[560, 420], [220, 160], [360, 900]].each do |width, height|
            expect(draw(form, told, width: width, height: height).nodes).not_to be_empty
          rescue Peony::Figures::Refusal => e
            expect(e.message).not_to be_empty
          end
        end
      end
    end
  end

  it "is the same drawing every time" do
    one, two = Array.new(2) { Peony::Paint::SVG.fragment(draw("staircase", items(5)).nodes) }
    expect(one).to eq two
  end

  it "draws shares to scale: twice the value, twice the width" do
    drawing = draw("split-bar",
                   [{ "title" => "Schools", "value" => 60, "unit" => "%" }, { "title" => "Talks", "value" => 30, "unit" => "%" },
                    { "title" => "Rest", "value" => 10, "unit" => "%" }])
    bars = drawing.nodes.grep(Peony::Scene::Group).map { |g| g.children.grep(Peony::Scene::Rect).first }.compact
    expect((bars[0].w + 4) / (bars[1].w + 4)).to be_within(0.06).of(2)
  end

  it "leaves the rest of a whole open when shares make less than 100 %" do
    drawing = draw("hundred-squares", [{ "title" => "Schools", "value" => 40, "unit" => "%" }, { "title" => "Talks", "value" => 20, "unit" => "%" }])
    fills = []
    Peony::Scene::Picture.new(nodes: drawing.nodes).walk { |n| fills << n.fill if n.is_a?(Peony::Scene::Rect) }
    expect(fills.count(house.colour("surface-2"))).to eq 40
  end

  it "prints numbers with their unit, thousands parted, a real minus" do
    item = described_class.items([{ "title" => "x", "value" => -12_480.5, "unit" => "t" }]).first
    expect(Peony::Figures::Values.text(item)).to eq "−12,480.5\u2009t"
    expect(Peony::Figures::Values.text(described_class.items([{ "title" => "x", "value" => 4500, "unit" => "GBP" }]).first)).to eq "£4,500"
    # Of cents both digits are told.
    expect(Peony::Figures::Values.text(described_class.items([{ "title" => "x", "value" => 640.5, "unit" => "EUR" }]).first)).to eq "€640.50"
  end

  it "stresses one item with the signal colour" do
    plain = Peony::Paint::SVG.fragment(draw("staircase", items(4)).nodes)
    stressed = Peony::Paint::SVG.fragment(draw("staircase", items(4).tap { |l| l[2]["strong"] = true }).nodes)
    expect(plain).not_to include(house.colour("signal"))
    expect(stressed).to include(house.colour("signal"))
  end

  it "places the marks of a scaled line by time" do
    list = [%w[1900 a], %w[1910 b], %w[2000 c]].map { |date, title| { "title" => title, "date" => date } }
    marks = draw("scaled-line", list).nodes.grep(Peony::Scene::Group).map { |g| g.children.find { |c| c.is_a?(Peony::Scene::Ellipse) }.cy }
    expect((marks[1] - marks[0]) / (marks[2] - marks[0])).to be_within(0.01).of(0.1)
  end

  it "remembers which details it had to shorten" do
    long = items(6).each do |i|
      i["detail"] = "a detail that goes on and on with many words, far longer than there is room for in a small box like this one, " * 3
    end
    drawing = draw("cards", long, width: 420, height: 300)
    expect(drawing.cuts).not_to be_empty
    expect(said(drawing)).to include("…")
  end

  it "mirrors for right-to-left reading" do
    left = texts(draw("numbered-column", items(3))).map { |t| t.lines.first[1] }.min
    right = texts(draw("numbered-column", items(3), direction: "rtl")).map { |t| t.lines.first[1] }.max
    expect(right).to be_within(1).of(900 - left)
  end

  it "refuses in words: too many, too few, no values, no room, no such form" do
    { -> { draw("staircase", items(9)) } => /at most 8/, -> { draw("spine", items(2)) } => /at least 3/, lambda {
      draw("ring", items(3, "value" => nil))
    } => /needs a value/,
      -> { draw("cards", items(3), width: 60) } => /120 × 90/, -> { draw("cards", items(12), width: 130, height: 100) } => /too little room/i,
      -> { draw("spiral", items(3)) } => /no form called “spiral”/ }.each { |act, words| expect(&act).to raise_error(Peony::Error, words) }
  end

  describe Peony::Figures::Proposals do
    def forms(text, **more) = described_class.for(reading(text), **more).map(&:form)

    it "proposes forms of the family first, all drawn from the words" do
      found = described_class.for(reading(Samples::STEPS))
      expect(found.first.family).to eq "sequence"
      found.each { |p| expect(Peony::Paint::SVG.fragment(p.drawing.nodes)).to include("Centre it") }
    end

    it "gives each proposal the threads of its items" do
      refs = described_class.for(reading(Samples::SHARES)).first.items.map { |i| i["refs"] }
      expect(refs).to all(be_an(Array).and(satisfy { |r| r.any? }))
    end

    it "lets forms that are used already step back" do
      first = forms(Samples::STEPS).first
      expect(forms(Samples::STEPS, used: [first]).first).not_to eq first
    end

    it "keeps to one family when asked, and never repeats a form" do
      all = described_class.for(reading(Samples::HIRE))
      expect(all.map(&:form).uniq.size).to eq all.size
      expect(described_class.for(reading(Samples::HIRE), family: "list").map(&:family).uniq).to eq ["list"]
    end

    it "does not propose what does not hold" do
      expect(forms("- one: 1 %\n- two: 2 %")).not_to include("spine")
      expect(forms("Nothing in particular.")).to be_empty
    end
  end
end
