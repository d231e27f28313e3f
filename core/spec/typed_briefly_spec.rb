# frozen_string_literal: true

# What people type in a few short lines, without bullets and stops.
RSpec.describe "A few short lines" do
  include WordsRead

  { "Old price: 28 euros\nNew price: 41 euros" => [["28 euros", "41 euros"]], "Members then: 84\nMembers now: 131" => [%w[84 131]], "Members: +47 (84 to 131)" => [%w[84 131]],
    "Members 84 > 131" => [%w[84 131]],
    "Last year\n- 84 members\n- 19 boats\n\nThis year\n- 131 members\n- 22 boats" => [%w[84 131], %w[19 22]],
    "Letters 40 → 12\nCalls 90 → 35\nVisits 10 → 26" => [%w[40 12], %w[90 35], %w[10 26]] }.each do |words, values|
    it "sees what became what in #{words.inspect}" do
      expect(best(words).then { |f| [f.family, f.items.map { |i| i.aspects.map { |_, v| v.strip } }] }).to eq(["change", values])
    end
  end

  { "One press kit for everybody:\nnewspapers take the text\nradio takes the quotes\nschools take the pictures" => %w[heading item item item],
    "1 egg\n2 caterpillar\n3 chrysalis\n4 butterfly" => %w[item item item item],
    "First look\nThen speak\nThen call\nThen stay" => %w[item item item item], "Mon clean\nTue bake\nThu sell\nSun sleep" => %w[item item item item],
    "Good\nshort way\nkind people\nBad\nearly start\ncold floor" => %w[heading item item heading item item],
    "Then\npaper maps\nphone boxes\nNow\na screen for all" => %w[heading item item heading paragraph] }.each do |words, types|
    it("knows what the lines are in #{words.inspect}") { expect(Peony::Notes::Text.read(words).blocks.map(&:type)).to eq(types) }
  end

  it "calls what changed by what both labels name" do
    { "Old price: 28 euros\nNew price: 41 euros" => "Price", "Members then: 84\nMembers now: 131" => "Members",
      "Before the new lamps: 11 kilowatts. With them: 4.2." => "Before the new lamps" }.each do |words, name|
      expect(titles("change", words)).to eq([name])
    end
  end

  it "puts what has a dash below what has a number" do
    blocks = Peony::Notes::Text.read("1. Barn\n- free\n- cold\n2. Hall\n- 200 euros\n- warm").blocks
    expect(blocks.map { |b| [b.text, b.level] }).to eq([["Barn", 0], ["free", 1], ["cold", 1], ["Hall", 0], ["200 euros", 1], ["warm", 1]])
    expect(Peony::Notes::Text.read("1. Barn\n2. Hall\n- and a tent").blocks.map(&:level)).to eq([0, 0, 0])
  end

  { "Step 1: look\nStep 2: speak\nStep 3: call" => "sequence", "To get in: 1) ring the bell, 2) wait for Ole, 3) follow him." => "sequence", "sow, weed, pick, mend, sow ..." => "cycle",
    "3/3 posters, 10/3 letters, 20/3 opening" => "timeline",
    "Size\nup to 10 people: small room\n11 to 30: the library\nmore: the hall, with Ole" => "decision", "Good\nshort way\nkind people\nBad\nearly start\ncold floor" => "opposition",
    "Cat owners: 40, dog owners: 35, owners of both: 12." => "overlap",
    "Goal 26,000\nSo far 18,200" => "ratio" }.each do |words, family|
    it("reads #{words.inspect} as #{family}") { expect(best(words).family).to eq(family) }
  end

  it "takes the hours at the beginning of lines for hours, also from one to another" do
    words = "8.00 – 8.10 settling down\n8.10 – 8.30 the poem, twice\n8.30 – 8.45 in pairs\n8.45 – 9.00 we vote"
    expect(best(words).then { |f| [f.family, f.items.size] }).to eq(["timeline", 4])
    expect(amounts(words)).to eq([[2, "times"]])
  end

  it "sees parts under heads with a line or two below each" do
    words = "# How the county is run\n\n## County council\nIt has 31 members and elects the chair.\n\n## Committees\nMoney, roads, schools.\n\n## Offices\nEach committee has two: one that " \
            "writes and one that counts."
    expect(best(words).then { |f| [f.family, f.items.map { |i| i.children.size }] }).to eq(["hierarchy", [2, 3, 2]])
  end

  it "reads two values behind each name under a head that names both" do
    expect(best("Nightly rate, low season and high season\nSingle 62 / 84\nDouble 98 / 139\nAttic 40 / 71").then { |f| [f.family, f.items.map(&:title)] }).to eq(["comparison", %w[Low High]])
  end

  it "knows what it had when somebody handed over" do
    words = "Our association had 212 members when Mrs Bray took over. When she handed over to Tam Oakes, it had 640."
    expect(best(words).then { |f| [f.family, f.items.map { |i| i.aspects.map(&:last) }] }).to eq(["change", [%w[212 640]]])
  end

  it "numbers within a line count nothing" do
    expect(amounts("The rules are (1) no rings, (2) no chains and (3) no shouting.")).to eq([])
    expect(titles("list", "The rules are (1) no rings, (2) no chains and (3) no shouting.")).to eq(["No rings", "No chains", "No shouting"])
    expect(amounts("Crumble (3), trifle (2) and jelly (1) were left.").map(&:first)).to eq([3, 2, 1])
  end
end
