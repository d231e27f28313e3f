# frozen_string_literal: true

require "date"

RSpec.describe Peony::Charts do
  def shape_of(csv) = Peony::Tables::Shape.new(Peony::Tables::Reader.table(Peony::Tables::Sheet.new(rows: csv.lines.map { |l| l.chomp.split(",", -1) })))

  def nights(days: 92)
    random = Random.new(4)
    rows = (0...days).map do |i|
      day = Date.new(2025, 8, 1) + i
      usual = (day.saturday? || day.sunday? ? 80 : 50) + random.rand(9)
      "#{day},#{i == 12 ? 301 : usual}"
    end
    ["Night,Guests", *rows].join("\n")
  end

  TABLES = {
    things: "Programme,Requests\nBrass on Sunday,598\nThe Long Shed,317\nOdd Socks,270\nSlow Train,35\nNight Tide with a rather long name to set,102",
    shares: "Dish,Share\nSoup and a roll,34.4%\nPasta,27%\nStew,20.6%\nFish pie,18%",
    wide: "Base,Jan 2025,Feb 2025,Mar 2025,Apr 2025\nCairnlow,28,23,20,16\nStell Pass,13,10,8,8\nMossop Edge,5,7,5,4\nBlack Ghyll,9,7,6,5",
    months: "Month,Membership (£),Shop (£)\n#{(0...18).map { |i| "#{(Date.new(2024, 1, 1) >> i).strftime('%B %Y')},#{1400 + (30 * i)},#{600 + ((i % 5) * 40)}" }.join("\n")}",
    season: "Month,Visitors,Shop (€)\nApril,310,640\nMay,540,1120\nJune,980,1900\nJuly,1240,2380\nAugust,1390,2510\nSeptember,520,1010",
    pairs: "Street,Lamps,Brightness\n#{(0...40).map { |i| "Street #{i},#{i},#{(0.3 + (i * 0.04) + ((i % 7) * 0.02)).round(2)}" }.join("\n")}",
    answers: "No.,Would you come again,Age,Mark (1-5)\n#{(1..60).map do |i|
      "#{i},#{%w[Agree Agree Agree Disagree][i % 4]},#{['under 25', '25 to 44'][i % 2]},#{[5, 5, 4, 4, 5, 1][i % 6]}"
    end.join("\n")}",
    places: "Country,Guests\nIreland,412\nGermany,236\nNorway,64\nMalta,3\nAtlantis,1",
    steps: "What,Amount\nMembership,5200\nShop,1800\nRepairs,-2400\nEnergy,-1300",
    measures: "Item,Before,After,Visits\nGrants,4200,5100,12\nShop,2600,3300,340\nHire,900,700,55\nTalks,1300,1500,140\nCamp,800,950,31"
  }.freeze

  def boxes(drawing)
    Peony::Scene::Picture.new(nodes: drawing.nodes).texts.flat_map do |text|
      text.lines.map do |words, x, baseline|
        wide = text.font.width(words, text.size)
        from = x - (wide * { start: 0, middle: 0.5, end: 1 }.fetch(text.anchor))
        [words, text.size, from, baseline - (text.size * 0.72), from + wide, baseline]
      end
    end
  end

  def faults(drawing)
    all = boxes(drawing)
    small = all.select { |_, size, *| size < 11.99 }.map { |w, *| "small: #{w}" }
    out = all.select { |_, _, l, t, r, b| l < -1.5 || t < -1.5 || r > drawing.width + 1.5 || b > drawing.height + 1.5 }.map { |w, *| "outside: #{w}" }
    over = all.combination(2).select { |a, b| [a[4], b[4]].min - [a[2], b[2]].max > 1.5 && [a[5], b[5]].min - [a[3], b[3]].max > 1.5 }.map { |a, b| "over: #{a[0]} / #{b[0]}" }
    small + out + over
  end

  it "sets months without a year beside each other, and says which they are" do
    shape = shape_of(TABLES[:season])
    made = Peony::Charts::Proposals.for(shape, said: Peony::Tables::Finding.all(shape), house: Peony::Style.fetch("Dome"), width: 560, height: 420)
    %w[column line].each do |chart|
      words = boxes(made.find { |m| m.chart == chart }.drawing).map { |w, _, left, *| [w, left] }
      expect(words.map(&:first)).to include("Apr", "Aug")
      expect(words.to_h.values_at("Apr", "May", "Jun").uniq.size).to eq(3)
    end
  end

  it "lets months without a year go on over the new year, each under its own column" do
    shape = shape_of("month,firings,broken\nSeptember,6,14\nOctober,8,11\nNovember,9,9\nDecember,12,15\nJanuary,7,6")
    made = Peony::Charts::Proposals.for(shape, said: Peony::Tables::Finding.all(shape), house: Peony::Style.fetch("Dome"), width: 560, height: 420)
    %w[column line].each do |chart|
      words = boxes(made.find { |m| m.chart == chart }.drawing).to_h { |w, _, left, *| [w, left] }
      told = %w[Sep Oct Nov Dec Jan].filter_map { |month| words[month] }
      expect(told).to eq(told.sort)
      expect(told.size).to be >= (chart == "column" ? 5 : 3)
      expect(words.keys.grep(/\A[12]\z/)).to be_empty
    end
    expect(made.first.heading.to_s + made.first.drawing.to_s).not_to match(/January 2\b/)
  end

  it "draws every table in many sizes, styles and finishes with no word outside, too small or on another" do
    found = Hash.new { |h, k| h[k] = [] }
    drawn = 0
    styles = Peony::Style.all.keys
    finishes = Peony::Figures::Finish.members.keys
    shapes = TABLES.transform_values { |csv| shape_of(csv) }.merge(nights: shape_of(nights), weeks: shape_of(nights(days: 30)))
    shapes.each_with_index do |(name, shape), k|
      said = Peony::Tables::Finding.all(shape)
      [[380, 320], [560, 420], [936, 480], [420, 900], [1100, 320], [300, 260]].each_with_index do |(w, h), i|
        house = Peony::Style.fetch(styles[(k + i) % styles.size]).with(finish: finishes[(k + (i * 2)) % finishes.size])
        Peony::Charts::Proposals.for(shape, said: said, house: house, width: w, height: h).each do |made|
          drawn += 1
          list = faults(made.drawing)
          found["#{name} #{made.chart} #{w}×#{h} #{house.name}"] = list.first(3) if list.any?
        end
      end
    end
    expect(drawn).to be > 250
    expect(found).to eq({})
  end

  it "offers several charts of one table, the finding as title, the one that leads marked" do
    list = Peony::Charts::Proposals.for(shape_of(TABLES[:things]))
    expect(list.first).to have_attributes(chart: "bar", heading: "Most requests: Brass on Sunday, 598", highlight: "Brass on Sunday")
    expect(Peony::Charts::Proposals.for(shape_of(nights)).map(&:chart)).to include("line", "weekdays", "area", "calendar")
  end

  it "draws lengths to scale" do
    made = Peony::Charts::Proposals.for(shape_of("Lane,Parcels\nAsh,400\nElm,200\nFir,100")).find { |p| p.chart == "bar" }
    bars = []
    Peony::Scene::Picture.new(nodes: made.drawing.nodes).walk { |n| bars << n.w if n.is_a?(Peony::Scene::Rect) }
    expect(bars.map { |w| (w / bars.min).round(2) }).to eq([4.0, 2.0, 1.0])
  end

  it "prints shares that make a hundred" do
    expect(Peony::Charts::Shares.rounded([1, 1, 1]).sum).to eq(100)
    random = Random.new(2)
    200.times { expect(Peony::Charts::Shares.rounded(Array.new(2 + random.rand(9)) { random.rand }).sum).to eq(100) }
  end

  it "puts a typed event at its date, a span over its days, and says what found no place" do
    shape = shape_of(nights)
    data = Peony::Charts::Proposals.for(shape).first.data
    marks, left = Peony::Charts::Events.read("13 August: Meteor shower\n- 28 August to 10 September: clouded out\n12–15 October: fair\nsome day: nothing", { "data" => data })
    expect(marks).to contain_exactly(include("kind" => "point", "at" => "2025-08-13", "text" => "Meteor shower"), include("kind" => "span", "from" => "2025-08-28", "to" => "2025-09-10"),
                                     include("kind" => "span", "from" => "2025-10-12", "to" => "2025-10-15"))
    expect(left).to eq(["some day: nothing"])
  end

  it "makes lines across of a goal and of the average, and takes neither for a date" do
    data = Peony::Charts::Proposals.for(shape_of("Lane,Parcels\nAsh,400\nElm,200\nFir,100")).first.data
    marks, left = Peony::Charts::Events.read("average\n1,200 goal for the year\n£5 most one pays\n12", { "data" => data })
    expect(marks.map { |m| [m["kind"], m["value"], m["text"]] }).to eq [["level", 233.3, "233.3 on average"], ["level", 1200.0, "goal for the year"], ["level", 5.0, "most one pays"]]
    expect(left).to eq ["12"]
    timed = Peony::Charts::Proposals.for(shape_of(nights)).first.data
    expect(Peony::Charts::Events.read("13 August: Meteor shower", { "data" => timed }).first).to match [include("kind" => "point", "at" => "2025-08-13")]
  end

  it "draws what is asked for in words, and tells which words it did not use" do
    shape = shape_of(nights)
    ask = ->(words) { described_class::Asked.for(words, shape, Peony::Tables::Finding.all(shape), house: Peony::Style.fetch("Dome")) }
    best = ask["guests per night as a line, show Saturdays and Sundays, say what the best three nights were"]
    expect(best.proposal.chart).to eq "line"
    expect(best.proposal.marks.map { |m| m["kind"] }.tally).to eq("weekends" => 1, "point" => 3)
    expect(best.left).to eq []
    expect(ask["a calendar of guests, in purple"]).to have_attributes(left: ["purple"], proposal: have_attributes(chart: "calendar"))
    expect(ask["the average, as an area"].proposal.marks).to include(hash_including("kind" => "level"))
    expect(ask["a map"].left).to include("map")
  end

  it "describes a chart in words" do
    made = Peony::Charts::Proposals.for(shape_of(nights)).first
    words = Peony::Charts::Describing.words({ "chart" => made.chart, "heading" => made.heading, "subtitle" => made.subtitle, "data" => made.data, "marks" => made.marks })
    expect(words).to include("301", "13 August 2025".tr(" ", "\u00A0"), "more guests on Saturdays and Sundays")
  end

  it "leaves missing values as gaps" do
    rows = (1..10).map { |i| "2025-03-#{format('%02d', i)},#{20 + i unless [4, 5].include?(i)}" }
    made = Peony::Charts::Proposals.for(shape_of("Day,Boats\n#{rows.join("\n")}")).find { |p| p.chart == "line" }
    lines = []
    Peony::Scene::Picture.new(nodes: made.drawing.nodes).walk { |n| lines << n if n.is_a?(Peony::Scene::Path) && n.commands.size > 2 }
    expect(lines.size).to eq(2)
  end

  it "makes of any table only the charts it can draw, and never breaks over the others" do
    made = TABLES.merge(nights: nights, words: "A,B\nx,y\nu,v\nw,z", bare: "Day,N\n2025-01-01,\n2025-01-02,\n2025-01-03,").to_h do |name, csv|
      table = { "id" => "t", "name" => "T", "cells" => "#{csv}\n" }
      [name, Peony::Charts::Chart.members.keys.select { |kind| Peony::Charts::Following.made(table, kind, nil) }]
    end
    expect(made[:words] + made[:bare]).to eq []
    expect(made[:things]).to include("bar", "ring").and(satisfy { |l| !l.intersect?(%w[line map stacked scatter]) })
    expect(made[:nights]).to include("line", "weekdays", "calendar", "column")
    expect(made[:wide]).to include("line", "heatmap", "stacked", "slope", "dumbbell")
  end

  it "refuses in words what it cannot hold" do
    data = { "x" => { "keys" => %w[a b] }, "series" => [{ "name" => "n", "values" => [-1, 2] }] }
    expect { described_class.draw("ring", data, house: Peony::Style.fetch("Dome"), width: 400, height: 300) }.to raise_error(Peony::Figures::Refusal, /below nothing/)
    expect { described_class.draw("bar", data, house: Peony::Style.fetch("Dome"), width: 90, height: 60) }.to raise_error(Peony::Figures::Refusal, /160 × 110/)
  end
end

RSpec.describe Peony::Paint::HTML do
  it "gives a chart's points their numbers, by pointer and by keys, and the table behind it" do
    csv = "Lane,Parcels\nAsh,400\nElm & Co,200\nFir,100\n"
    piece = Peony::Piece.blank(title: "Post").apply({ "op" => "table.add", "table" => { "id" => "t1", "name" => "Post", "cells" => csv } }).piece
    chart = Peony::Piece::Placing.chart(piece.table("t1"), chart: "bar").merge("id" => "c1", "box" => [80, 80, 800, 500])
    piece = piece.apply({ "op" => "object.add", "page" => "p1", "object" => chart }).piece
    page = described_class.paint(Peony::Scene::Pages.all(piece))
    expect(page).to include("<title>Elm &amp; Co: 200</title>", 'tabindex="0" role="img" aria-label="Ash: 400"', '<th scope="row">Fir</th><td>100</td>', "The numbers behind the chart")
  end
end

RSpec.describe "Tables of any kind" do
  CELLS = ["", "-", "n/a", "12", "1,234.5", "3,5", "£4", "45%", "2025-01-02", "Jan 2024", "Q3 2025", "2021", "yes", "no", "Norway", "Elm Row", "<b>x</b>", "=1+1", "\"", "0", "-7", "9" * 30,
           "ü" * 50, "🙂", "NaN"].freeze

  it "are read, told and drawn, or refused in words, whatever stands in their cells" do
    random = Random.new(31)
    200.times do
      pool = Array.new(1 + random.rand(6)) { CELLS.sample(random: random) }
      rows = Array.new(1 + random.rand(30)) { Array.new(1 + random.rand(7)) { random.rand < 0.7 ? pool.sample(random: random) : CELLS.sample(random: random) } }
      begin
        sheet = Peony::Tables.sheets(rows.map { |r| r.join(",") }.join("\n").b, ".csv").first
        shape = Peony::Tables::Shape.new(Peony::Tables::Reader.table(sheet))
        said = Peony::Tables::Finding.all(shape)
        drawn = Peony::Charts::Proposals.for(shape, said: said, width: 300 + random.rand(900), height: 220 + random.rand(800))
        expect(drawn.map { |p| Peony::Paint::SVG.fragment(p.drawing.nodes) }).to all(start_with("<"))
      rescue Peony::Error => e
        expect(e.hint.to_s).not_to be_empty
      end
    end
  end
end
