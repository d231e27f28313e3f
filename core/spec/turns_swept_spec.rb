# frozen_string_literal: true

# One thing told in many turns: each is read as what it is, with its items.
RSpec.describe "Turns of phrase for one thing" do
  include WordsRead

  {
    "hub" => { "In the middle: the pupil\nAround: teachers, parents, friends, the club" => ["Teachers", "Parents", "Friends", "The club"] },
    "hierarchy" => { "We sort bread into yeast bread and sourdough; the first into white and brown, the second into rye, spelt and mixed." => ["Yeast bread", "Sourdough"],
                     "The handbook has three parts. Part one covers seeds and soil, part two covers tools and sheds, part three covers harvest and storage." => ["Part one", "Part two",
                                                                                                                                                                 "Part three"] },
    "opposition" => { "For the bridge speaks that it is quick and dry; against it that it is loud and ugly." => nil,
                      "Rinse the jar and dry the lid. Never fill it hot, and never stack it high." => nil,
                      "Allowed are dogs, bread and songs. Forbidden are cats, glass and drums." => nil,
                      "Strong points of our shop are the bread and the talk. Weak points are the queue and the dark window." => nil },
    "cycle" => { "Eggs become tadpoles, tadpoles become frogs, and frogs lay eggs." => ["Eggs become tadpoles", "Tadpoles become frogs", "Frogs lay eggs"],
                 "It is a vicious circle: no guests, no money; no money, no paint; no paint, no guests." => ["No guests", "No money", "No paint"],
                 "January: pruning. April: tying. June: flower. September: harvest. Then it starts again in January." => nil,
                 "The four phases of the moon follow each other for ever: new moon, first quarter, full moon, last quarter." => ["New moon", "First quarter", "Full moon", "Last quarter"],
                 "Caterpillar, chrysalis, butterfly, egg, and the same from the beginning." => %w[Caterpillar Chrysalis Butterfly Egg],
                 "Wash, dry, fold, wear, and wash again." => %w[Wash Dry Fold Wear],
                 "Fewer buses run, so fewer people ride. Because fewer people ride, there is less money. Because there is less money, fewer buses run." =>
                 ["Fewer buses run", "Fewer people ride", "There is less money"] },
    "decision" => { "Do you eat nuts?\n- Yes: nut bread\n- No: do you like it dark?\n  - Yes: rye\n  - No: spelt" => nil,
                    "About money: ring the office. About boats: write. About keys: come by. All else: ask Bo." => nil },
    "comparison" => { "The bike is cheap and slow, the bus is dear and quick." => %w[Bike Bus] },
    "sequence" => { "To make tea, boil water, warm the pot, put in the leaves, pour, and wait four minutes." => ["Boil water", "Warm the pot", "Put in the leaves", "Pour", "Wait four minutes"],
                    "The water is boiled, the pot is warmed, the leaves are put in, and after four minutes the tea is poured." => nil,
                    "Tea is made by boiling water, warming the pot, adding the leaves and waiting for four minutes." => nil,
                    "From field to table: the wheat is cut, threshed, milled, baked and eaten." => nil },
    "list" => { "Topics of the evening: the roof, the rent, the fair, and who has the key." => ["The roof", "The rent", "The fair", "Who has the key"] },
    "timeline" => { "The doors open at 7. The choir sings at 8. At 9 there is soup. The last boat leaves at 11." => ["The doors open", "The choir sings", "There is soup",
                                                                                                                     "The last boat leaves"] }
  }.each do |family, texts|
    texts.each do |words, names|
      it "reads #{words.inspect} as #{family}" do
        finding = best(words)
        expect(finding.family).to eq(family)
        expect(finding.named.items.map(&:title)).to eq(names) if names
      end
    end
  end

  it "sees what two lists share, and shows it beside the two sides" do
    shared = read("Rowers: boat, breath, practice. Singers: hall, breath, practice.").findings.find { |f| f.family == "overlap" }
    expect(shared.named.items.map { |i| [i.title, i.detail] }.last).to eq(%w[Breath practice])
    expect(read("Rowers: boat, breath. Singers: hall, song.").findings.map(&:family)).not_to include("overlap")
  end

  it "sees four boxes where some do both of two things, some one of them, and some neither" do
    expect(titles("quadrant", "Of our members some pay and come, some pay and stay away, some come without paying, and some do neither.").size).to eq(4)
  end

  it "leaves what only comes of a thing without that thing" do
    expect(titles("cause",
                  "When the school closes, families move away, the shop loses customers and the band loses its drummers.")).to eq(["Families move away", "The shop loses customers",
                                                                                                                                   "The band loses its drummers"])
  end

  it "says each thing once that leads to the next" do
    words = "The more guests come, the more we bake. The more we bake, the better it smells. The better it smells, the more guests come."
    expect(titles("cycle", words).size).to eq(3)
  end

  { "There are 260 names on the list; it takes 400." => 65, "The tank holds 400 litres and has 260 in it." => 65, "Four guests per hundred leave a note." => 4,
    "Among twenty children three cannot drink milk." => 15,
    "Twenty children were asked; three cannot drink milk." => 15 }.each do |words, share|
    it("reads a share in #{words.inspect}") { expect(told("ratio", words).map(&:last)).to eq([share]) }
  end

  { "Before the new lamps: 11 kilowatts. With them: 4.2." => [["11 kilowatts", "4.2"]], "Letters 40 → 12\nCalls 90 → 35\nVisits 10 → 26" => [%w[40 12], %w[90 35], %w[10 26]],
    "Where we once printed 900 newsletters, 310 are enough." => [%w[900 310]], "The crossing took 50 minutes with the old ferry and takes 32 with the new one." => [["50 minutes", "32"]],
    "50 minutes was the crossing on the old ferry. On the new one it is 32." => [["50 minutes", "32"]],
    "The fridge hummed at 51 decibels. Its successor hums at 38." => [["51 decibels", "38"]] }.each do |words, values|
    it "knows what became of it in #{words.inspect}" do
      expect(best(words).family).to eq("change")
      expect(best(words).items.map { |i| i.aspects.map(&:last) }.map { |pair| pair.map { |v| v.delete_suffix(" ") } }).to eq(values)
    end
  end

  it "takes the first of several measured lines for no heading" do
    expect(found("relation", "Surface: 18 °C\n5 m: 14 °C\n10 m: 9 °C\n20 m: 5 °C").items.size).to eq(4)
    expect(Peony::Notes::Text.read("Ices sold: 2024\n10 °C: 40\n15 °C: 66").blocks.first.type).to eq("heading")
  end

  it "does not take a ban at the end of a recipe for the other side" do
    expect(best("Boil the eggs for ten minutes. Peel them under water. Cut them in half. Never use fresh ones.").family).to eq("sequence")
  end
end

RSpec.describe "Further turns of phrase for one thing" do
  include WordsRead

  { "The price of paper went up from 3.20 to 4.65 within a year." => %w[3.20 4.65], "We use 4,800 sheets a month. Two years ago we used 9,000." => %w[9,000 4,800],
    "2022: 9,000 sheets a month. 2024: 4,800." => %w[9,000 4,800],
    "Pupils 1998: 412. Pupils 2024: 655." => %w[412 655], "When the mill closed, 2,100 people lived in Brool. Now there are 1,340 of them." => %w[2,100 1,340],
    "Average order (old page / new page): 31 / 44 euros" => ["31", "44 euros"], "Instead of 14 minutes it takes seven." => ["14 minutes", "seven"],
    "Last season 61 children sang with us; this season there are 94." => %w[61 94],
    "With the new start page people stay for 144 seconds. On the old one it was 50 seconds." => ["50 seconds", "144 seconds"] }.each do |words, values|
    it "knows which became which in #{words.inspect}" do
      finding = best(words)
      expect(finding.family).to eq("change")
      expect(finding.items.map { |i| i.aspects.map(&:last) }).to eq([values])
    end
  end

  it "reads a time of day as one, also from one to another" do
    expect(read("The hall is open from 3.20 to 4.45 in the afternoon.").quantities).to eq([])
  end

  { "We sowed 20 seeds and 17 came up." => 85, "44 boats lie in the harbour. Eleven of them are new." => 25, "Of the harbour's 44 boats only eleven are new." => 25,
    "Every eleventh household in Brool shares a car." => 9.1,
    "To break even the festival has to sell 3,000 day tickets. Yesterday it stood at 2,460." => 82 }.each do |words, share|
    it("reads a share in #{words.inspect}") {
      expect(told("ratio", words).map(&:last)).to eq([share])
    }
  end

  it "asks the first question of all, where yes and no stand below it" do
    words = "Do you eat nuts?\n- Yes: nut bread\n- No: do you like it dark?\n  - Yes: rye\n  - No: spelt"
    expect(titles("decision", words)).to eq(["Do you eat nuts?", "Nut bread", "Do you like it dark?", "Rye", "Spelt"])
  end

  it "takes two lists under two heads for no share of one another" do
    expect(found("ratio", "## Seagull\n- 64 beds\n- by the harbour\n\n## Heather House\n- 18 beds\n- on the moor")).to be_nil
  end

  { "✓ say your name\n✓ smile\n✗ eat\n✗ sigh" => "opposition", "👍 shops earn\n👍 the band plays\n👎 mud\n👎 noise" => "opposition",
    "I love the band and the lights. I hate the mud and the noise." => "opposition",
    "Two questions decide: is it ready, and is it ours? Ready and ours: print. Ready, not ours: ask. Ours, not ready: write on. Neither: bin." => "quadrant",
    "How to send us your text?\nUp to one page: in the mail itself\nLonger, no pictures: as a document\nWith pictures: as a folder, pictures apart" => "decision" }.each do |words, family|
    it("reads #{words.inspect} as #{family}") { expect(read(words).findings.first(2).map(&:family)).to include(family) }
  end

  it "shows four boxes beside what is decided, where the last case is neither" do
    words = "If it is ready and ours, we print it. If it is ready but not ours, we ask. If it is ours but not ready, we write on. If it is neither, it goes into the bin."
    expect(read(words).findings.first(2).map(&:family)).to contain_exactly("decision", "quadrant")
  end

  it "shares out a ticket by what stands behind each number" do
    words = "From each ten-euro ticket six euros go to the musicians, two to the hall, one and a half to the sound people, and half a euro stays with us."
    expect(titles("ranking", words).first(3)).to eq(["Musicians", "Hall", "Sound people"])
  end

  it "reads names and what each is like, line by line, as two heads with their words" do
    blocks = Peony::Notes::Text.read("Ebba 3\nLight, battery for 12 hours, small screen\nNorr Pro\nHeavy, battery for 6 hours, large screen").blocks
    expect(blocks.map { |b| [b.type, b.text[/\A\w+/]] }).to eq([%w[heading Ebba], %w[paragraph Light], %w[heading Norr], %w[paragraph Heavy]])
  end

  it "counts the number behind a label, not the one within it" do
    expect(told("funnel", "- started: 2,300\n- got past the first five minutes: 1,480\n- heard it to the end: 910").map(&:last)).to eq([2300, 1480, 910])
  end

  it "reads short lines with a comma as entries" do
    expect(Peony::Notes::Text.read("For the night hike\ntorch with new batteries\nsomething warm\none sandwich, one to trade\nno phone").blocks.map(&:type)).to eq(%w[heading item item item item])
  end

  it "counts none of what the others have" do
    expect(amounts("Sugar per glass: cola 27 g, milk 12 g, water none.").map(&:first)).to eq([27, 12, 0])
  end
end

RSpec.describe "Turns of phrase in running text" do
  include WordsRead

  { "Most of our visitors come back: of 50 we asked, 41 had been here before." => 82, "When we asked 50 visitors, 41 said they had been here before." => 82,
    "80 families were written to. 62 have answered." => 77.5,
    "There are fifteen streets in our quarter; only three have trees." => 20 }.each do |words, share|
    it("reads a share in #{words.inspect}") { expect(best(words).then { |f| [f.family, f.items.map(&:value)] }).to eq(["ratio", [share]]) }
  end

  { "A place in the nursery costs 310 euros from August. So far it was 275." => %w[275 310],
    "The class reads more. In autumn each child finished 2 books a month, in spring 5." => %w[2 5] }.each do |words, values|
    it("knows which was first in #{words.inspect}") { expect(found("change", words).items.map { |i| i.aspects.map { |_, v| v[/\d+/] } }).to eq([values]) }
  end

  { "27 pupils play football, 19 play chess, and 6 of these play football as well." => "overlap", "Some guests come for the food, some for the view, and some, the best, for both." => "overlap",
    "We used to believe that people read our mails. Now we know that they read the first line." => "opposition",
    "The new timetable pleases those who live in town, for buses come every ten minutes. Those in the villages are angry; theirs was cancelled." => "opposition" }.each do |words, family|
    it("reads #{words.inspect} as #{family}") { expect(read(words).findings.first(3).map(&:family)).to include(family) }
  end

  { "Hedgehogs and bats sleep through the winter. But while the hedgehog does it on the ground and alone, the bat does it in the air and by the thousand." => 3,
    "Trams and buses run on fixed routes. A bus, when the road is up, goes round the block. A tram, when the road is up, waits." => 3,
    "A good waiter and a good teacher see who needs something. The waiter carries plates. The teacher carries on." => 3 }.each do |words, size|
    it("sees what two do, and then each by itself, in #{words.inspect}") do
      expect(read(words).findings.first(3).map(&:family)).to include("overlap")
      expect(titles("overlap", words).size).to eq(size)
    end
  end

  ["The harbour master's radio reaches\nthe ferries\nthe pilot boat\nthe lock keeper",
   "Sponsors of the regatta get\n- their name on a buoy\n- six places on the launch\n- a table at the dinner"].each do |words|
    it("draws around the middle what the heading goes on to, and shows the list beside it: #{words.inspect}") { expect(read(words).findings.first(2).map(&:family)).to eq(%w[hub list]) }
  end
end
