# frozen_string_literal: true

# What a person can set of a chart: its scale, hatching, icons in place of bars.
RSpec.describe "Looks of charts" do
  let(:house) { Peony::Style.fetch("Dome") }

  def shape(csv) = Peony::Tables::Shape.new(Peony::Tables::Reader.table(Peony::Tables::Sheet.new(name: nil, rows: Peony::Tables::Readers::Delimited.rows(csv))))

  def draw(kind, csv, width: 560, height: 400, **more)
    Peony::Charts.draw(kind, Peony::Charts::Chart.fetch(kind).data(shape(csv), nil, []), house: house, width: width, height: height, **more)
  end

  def nodes(drawing, kind) = [].tap { |list| Peony::Scene::Picture.new(nodes: drawing.nodes).walk { |n| list << n if n.is_a?(kind) } }
  def words(drawing, part) = nodes(drawing, Peony::Scene::Text).select { |t| t.part == part }.flat_map { |t| t.lines.map(&:first) }
  def line(drawing) = nodes(drawing, Peony::Scene::Path).select(&:stroke).max_by { |p| p.commands.size }.commands

  GROWTH = "Month,Members\n#{(0..6).map { |i| "2025-0#{i + 1},#{10 * (2**i)}" }.join("\n")}\n".freeze
  GATES = "Gate,2021,2022,2023\nNorth,10,14,20\nSouth,22,18,16\nEast,5,9,12\n"

  it "a logarithmic scale makes what doubles a straight line" do
    ys = line(draw("line", GROWTH, axis: { "log" => true })).map(&:last)
    steps = ys.each_cons(2).map { |a, b| a - b }
    expect(steps).to all(be_within(0.5).of(steps.first))
    expect(words(draw("line", GROWTH, axis: { "log" => true }), "tick")).to include("10", "100", /\A1,000/)
  end

  it "refuses a logarithmic scale for lengths, and where something is nothing" do
    expect { draw("column", GROWTH, axis: { "log" => true }) }.to raise_error(Peony::Figures::Refusal, /mislead/)
    expect { draw("line", GROWTH.sub("01,10", "01,0"), axis: { "log" => true }) }.to raise_error(Peony::Figures::Refusal, /no place for nothing/)
  end

  it "reaches as far as a person wants, and never cuts the data" do
    expect(words(draw("line", GROWTH, axis: { "max" => 2000 }), "tick")).to include(/\A2,000/)
    narrow = draw("line", GROWTH, axis: { "min" => 300, "max" => 100 })
    bottom = nodes(narrow, Peony::Scene::Text).select { |t| t.part == "tick" }.flat_map { |t| t.lines.map(&:last) }.max
    expect(line(narrow).map(&:last)).to all(be_between(0, bottom))
  end

  it "columns begin at nothing, whatever is wanted" do
    columns = nodes(draw("column", GROWTH, axis: { "min" => 5 }), Peony::Scene::Group).select { |g| g.kind == "item" }.flat_map { |g| g.children.grep(Peony::Scene::Rect) }
    expect(columns[1].h / columns[0].h).to be_within(0.02).of(2)
  end

  it "leaves its rules out and gives its scale a title" do
    plain = draw("line", GROWTH)
    bare = draw("line", GROWTH, axis: { "grid" => false, "title" => "Members on the first" })
    expect(words(bare, "axis")).to eq ["Members on the first"]
    level = ->(drawing) { nodes(drawing, Peony::Scene::Path).count { |p| p.commands.size == 2 && p.commands[0][2] == p.commands[1][2] } }
    expect(level[bare]).to be < level[plain]
  end

  it "hatches every colour of areas in its own way, inside the area" do
    drawing = draw("stacked", GATES, patterns: true)
    areas = nodes(drawing, Peony::Scene::Group).select { |g| g.children.any?(Peony::Scene::Rect) }.flat_map { |g| g.children.each_cons(2).select { |a, b| a.is_a?(Peony::Scene::Rect) && b.is_a?(Peony::Scene::Path) } }
    expect(areas.size).to be >= 6
    areas.each do |rect, lines|
      xs, ys = lines.commands.map { |_, x, y| [x, y] }.transpose
      expect(xs.minmax).to all(be_between(rect.x - 0.1, rect.x + rect.w + 0.1))
      expect(ys.minmax).to all(be_between(rect.y - 0.1, rect.y + rect.h + 0.1))
    end
    slopes = areas.group_by { |rect, _| rect.fill }.values.map { |list| list.first.last.commands.first(2).then { |(_, x1, y1), (_, x2, y2)| Math.atan2(y2 - y1, x2 - x1).round(2) } }
    expect(slopes.uniq.size).to eq slopes.size
    expect(nodes(draw("stacked", GATES), Peony::Scene::Path).size).to be < nodes(drawing, Peony::Scene::Path).size
  end

  it "shows every colour of areas against its paper, in every style" do
    Peony::Style.all.each_key do |style|
      dark = Peony::Charts.draw("stacked", Peony::Charts::Chart.fetch("stacked").data(shape(GATES), nil, []), house: Peony::Style.fetch(style), width: 560, height: 400, finish: "night")
      ground = dark.nodes.grep(Peony::Scene::Rect).first.fill
      nodes(dark, Peony::Scene::Rect).drop(1).map(&:fill).compact.uniq.each { |c| expect(Peony::Colour::Mixing.contrast(c, ground)).to be >= 1.3, "#{style} #{c}" }
    end
  end

  describe "picture bars" do
    it "draw as many icons as there are, the last one cut, and say what one stands for" do
      drawing = draw("picture-bars", "Gate,Balls\nNorth,35\nSouth,20\nEast,5\n")
      rows = nodes(drawing, Peony::Scene::Group).select { |g| g.kind == "item" }
      counts = rows.map { |g| g.children.count { |n| n.is_a?(Peony::Scene::Ellipse) || (n.is_a?(Peony::Scene::Path) && n.fill) } }
      expect(words(drawing, "legend")).to eq ["one picture: 5"]
      expect(counts).to eq [7, 4, 1]
      half = draw("picture-bars", "Gate,Balls\nNorth,40\nSouth,12\nEast,5\n")
      cut = nodes(half, Peony::Scene::Group).select { |g| g.kind == "item" }[1].children
      whole = cut.grep(Peony::Scene::Ellipse).last
      part = cut.grep(Peony::Scene::Path).last
      left, _, right, = Peony::Scene::Boxes.of(part)
      expect((right - left) / (whole.rx * 2)).to be_within(0.06).of(0.4)
    end

    it "stay few however large the numbers are" do
      [3, 28, 29, 31, 740, 123_456, 8_000_000_000_000].each do |most|
        drawing = draw("picture-bars", "Gate,Balls\nNorth,#{most}\nSouth,3\n")
        row = nodes(drawing, Peony::Scene::Group).find { |g| g.kind == "item" }
        expect(row.children.grep(Peony::Scene::Ellipse).size).to be <= 12
        expect(words(drawing, "legend").first).to match(/\Aone picture: [\d,]+\z/)
      end
    end

    it "go round circles too: every row within three quarters, names where it begins, nothing over its edge" do
      [[18, 12, 7, 4], [415, 260, 140, 95], [40, 12, 5], [31, 22, 9, 3, 2], [3, 3], [9_000_000, 900_000]].each do |values|
        rows = values.each_with_index.map { |v, i| "Row #{i},#{v}" }.join("\n")
        drawing = draw("picture-rings", "Gate,Balls\n#{rows}\n")
        each = words(drawing, "legend").first[/[\d,]+\z/].delete(",").to_f
        drawn = nodes(drawing, Peony::Scene::Group).select { |g| g.kind == "item" }
        icons = drawn.map { |g| g.children.count { |n| n.is_a?(Peony::Scene::Ellipse) || (n.is_a?(Peony::Scene::Path) && n.fill) } }
        expect(icons).to eq(values.map { |v| (v / each).ceil })
        boxes = drawn.flat_map { |g| g.children.map { |n| Peony::Scene::Boxes.of(n) } }
        expect(boxes.map { |b| b[0] }.min).to be >= -0.5
        expect(boxes.map { |b| b[3] }.max).to be <= drawing.height + 0.5
        # The quarter of the names is free of icons.
        names = drawn.map { |g| Peony::Scene::Boxes.of(g.children.find { |n| n.is_a?(Peony::Scene::Text) && n.part == "title" }) }
        pictures = drawn.flat_map { |g| g.children.grep_v(Peony::Scene::Text).map { |n| Peony::Scene::Boxes.of(n) } }
        expect(names.product(pictures).select { |a, b| a[0] < b[2] && b[0] < a[2] && a[1] < b[3] && b[1] < a[3] }).to eq []
      end
    end

    it "are not for what cannot be counted" do
      expect(Peony::Charts::Chart.fetch("picture-bars").fit(shape("Plot,Yield\nA,2.5\nB,3.7\nC,4.1\n"), [])).to be_nil
    end
  end
end
