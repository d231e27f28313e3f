# frozen_string_literal: true

# Families whose words do not tell them outright, or tell them in an unusual way.
RSpec.describe "Families told in unusual ways" do
  include WordsRead

  def seen_as(family, words) = Peony::Reading::Finder.members.fetch(family).new(text(words)).find
  def titles(finding) = finding.items.map(&:title)

  it "sees two who speak as two sides, although neither says 'for' or 'against'" do
    found = seen_as("opposition", "Dr Varga holds that the baths should be shut. She has seen eleven infected ears. The filter is old. " \
                                  "Dr Ames would keep them open. Children who cannot swim drown, he says.")
    expect([found.items.size, found.items.map { |i| i.children.size }]).to eq([2, [3, 1]])
    expect(titles(found).first).to eq("Dr Varga")
  end

  it "takes 'do' and 'do not' for two sides" do
    expect(titles(seen_as("opposition", "With goats: do shut every gate, carry carrots, speak low. Do not kneel, wear wool or turn your back."))).to include(match(/kneel/i))
  end

  it "leaves what leads repeated labels out of them" do
    found = seen_as("opposition", "About the move: rumour and truth. Rumour: we are all going. Truth: only accounts is. Rumour: there will be no canteen. Truth: there will be one.")
    expect([titles(found), found.items.map { |i| i.children.size }]).to eq([%w[Rumour Truth], [2, 2]])
  end

  it "knows what two share by a label that names both" do
    found = seen_as("overlap", "- Maths only: proof, long division\n- Art only: charcoal, mess\n- Maths and art: symmetry, the golden section")
    expect([found.fit, titles(found)]).to eq([0.9, ["Maths only", "Art only", "Maths and art"]])
  end

  it "takes what stands in brackets behind a label for what is below it" do
    found = seen_as("hierarchy", "## The larder\nTop: sweet (jam, honey, syrup)\nMiddle: sour (pickles, vinegar, capers)\nBottom: heavy (flour, salt, potatoes)")
    expect(found.items.map { |i| [i.title, i.children.map(&:title)] }.first).to eq(["Top", %w[Jam Honey Syrup]])
  end

  it "sees four heads over a line each" do
    found = seen_as("quadrant", "## The panto\nWent well\nThe donkey. The songs.\nWent wrong\nThe second donkey.\nLearned\nNever let the mayor hold the rope.\nTo do\nThank the firemen.")
    expect(titles(found)).to eq(["Went well", "Went wrong", "Learned", "To do"])
  end

  describe "changes" do
    def changes(words) = seen_as("change", words)&.items.to_a.map { |i| [i.title, i.aspects.map(&:last)] }

    it "reads each of a row that only 'to' joins, where the words say that things are otherwise" do
      expect(changes("Less sugar in all our jams: plum 62 % to 48 %, quince 60 % to 45 %.")).to eq([["Plum", ["62 %", "48 %"]], ["Quince", ["60 %", "45 %"]]])
      expect(changes("Walks of 5 km to 8 km and rides of 10 km to 12 km.")).to be_empty
    end

    it "gives each of a row its own name, not that of the head" do
      expect(changes("Class sizes, last year and this: Year 3 from 31 to 26, Year 4 from 29 to 27, Year 5 from 24 to 30.").map(&:first)).to eq(["Year 3", "Year 4", "Year 5"])
    end

    it "tells two seasons apart, and what a result is out of from what changed" do
      expect(changes("Course completion is up: 58 % in the autumn, 74 % in the spring.").map(&:last)).to eq([["58 %", "74 %"]])
      expect(changes("In September the average was eleven out of twenty. Yesterday it was sixteen and a half.").map(&:last)).to eq([["eleven", "sixteen and a half"]])
    end
  end

  describe "times and dates" do
    def moments(words) = text(words).moments.map { |m| [m.text, m.sort] }

    it "puts ages of rocks and years before our era in order" do
      sorts = moments("The river ran some 300 million years ago. Ice came 20,000 years back. People left a hearth around 4,000 BC.").map(&:last)
      expect(sorts).to eq([2000 - 300_000_000, -18_000, -4000])
    end

    it "gives months without a year the year of those before them" do
      sorts = moments("Permission November 2024; ground broken February 2025; roof on by July; machines in from October; open day in January 2026.").map(&:last)
      expect(sorts).to eq(sorts.sort)
      expect(sorts[2].floor).to eq(2025)
    end

    it "knows 'half five', 'noon to two' and an hour that leads its line" do
      expect(moments("Doors at half five. Soup from noon to two. Half past ten: bells. Five: we go home.").map(&:last)).to contain_exactly(17.5, 12.0, 10.5, 17.0)
    end

    it "takes no count for an hour" do
      expect(moments("Six in the morning and we are on the slip.").map(&:last)).to eq([6.0])
      expect(text("We sold 11 in the morning and 12 in the afternoon.").quantities.map(&:value)).to eq([11, 12])
    end

    it "takes months in a row for what leads each, and the year over its days for no event" do
      expect(titles(seen_as("timeline", "Bee year: February first flights, April swarming starts, June main flow."))).to eq(["First flights", "Swarming starts", "Main flow"])
      found = seen_as("timeline", "In the spring of 1912 the women rose. On 4 March they asked. It was refused on the 6th. They sat down on Monday the 11th and sang. " \
                                  "The wife joined them on 15 March.")
      expect(found.items.size).to eq(4)
    end
  end

  describe "numbers" do
    def numbers(words) = text(words).quantities.map { |q| [q.value, q.unit] }

    it "reads prices as they are said" do
      expect(numbers("Four pounds go to the band. Two fifty pays for the hall.")).to eq([[4, "GBP"], [2.5, "GBP"]])
      expect(numbers("At three pounds fifty they looked at me. It is one metre thirty round.")).to eq([[3.5, "GBP"], [1.3, "metres"]])
      expect(numbers("The circus pays 19 grand, the council twelve grand.")).to eq([[19_000, "GBP"], [12_000, "GBP"]])
    end

    it "counts no kinds, no labels and nobody" do
      expect(numbers("A half plot goes from £28 to £30.")).to eq([[28, "GBP"], [30, "GBP"]])
      expect(numbers("Look for plot 114 behind the yews. All three make a guide.")).to be_empty
      expect(numbers("Vitamin C 80 mg, by car 46, by bus 31.").map(&:first)).to eq([80, 46, 31])
      expect(numbers("Anyone over seventy pays half.")).to eq([[70, "years"], [50, "%"]])
    end

    it "compares shares and totals without a false alarm" do
      expect(text("Rope and net were more than half of it, 58 percent. Bottles 19, polystyrene 12, balloons 4.").then { |t| Peony::Reading.of(t.passage).queries }).to be_empty
      expect(Peony::Reading.of(Peony::Notes::Text.read("The herd has 60 animals in total. 38 of these are milkers, 14 are heifers, 7 are calves and there is one bull.")).queries).to be_empty
      soot = "In the last winter of the stoves the filter caught 64 micrograms of soot; last winter it was 19. Coughs at the surgery fell by a third."
      expect(Peony::Reading.of(Peony::Notes::Text.read(soot)).queries).to be_empty
    end
  end

  it "reads how many, in words, beside what was measured" do
    found = seen_as("relation", "Cups of coffee after four and hours slept:\n- none: 7.9\n- one: 7.1\n- two: 6.4\n- four: 4.8")
    expect(found.items.map { |i| i.aspects.map(&:last) }).to eq([%w[0 7.9], %w[1 7.1], %w[2 6.4], %w[4 4.8]])
  end

  describe "tables and rows" do
    it "compares the columns of a table where each row is of one kind and no column is" do
      table = "| | Ferry | Bridge |\n|---|---|---|\n| Time | 25 minutes | 4 minutes |\n| Price | £6 | £9.50 |\n| In fog | no | yes |\n"
      found = Peony::Reading::Finder.members.fetch("comparison").new(Peony::Reading::Text.new(Peony::Notes::Passage.whole(Peony::Notes.parse(table, ".md")))).find
      aspects = [[["Time", "25 minutes"], ["Price", "£6"], ["In fog", "no"]], [["Time", "4 minutes"], ["Price", "£9.50"], ["In fog", "yes"]]]
      expect(found.items.map { |i| [i.title, i.aspects] }).to eq(%w[Ferry Bridge].zip(aspects))
      expect(found.items.map { |i| i.spans.map(&:text) }.last).to eq(["Bridge 4 minutes", "Bridge £9.50", "Bridge yes"])
    end

    it "compares the rows of any other table" do
      table = "| Inn | Beds | Price |\n|---|---|---|\n| Heron | 12 | £61 |\n| Plough | 5 | £44 |\n"
      found = Peony::Reading.of(Peony::Notes.parse(table, ".md")).finding("comparison")
      expect(found.items.map(&:title)).to eq(%w[Heron Plough])
    end

    it "reads arrows between two values, and the old value in brackets" do
      expect(seen_as("change", "Waiting time 48 → 19 min. Complaints 31 → 9. Staff 6 → 7.").items.map { |i| i.aspects.map(&:last) }).to eq([["48", "19 min"], %w[31 9], %w[6 7]])
      found = seen_as("change", "This year against last\n- Adults: 3,100 (2,800)\n- Children: 1,900 (2,200)\n- Dogs: 41 (12)")
      expect(found.items.map { |i| i.aspects.map(&:last) }).to eq([["2,800", "3,100"], ["2,200", "1,900"], %w[12 41]])
    end

    it "counts the last part of a whole that stands in a sentence of its own" do
      found = seen_as("parts", "There are fourteen of us altogether. Six on deck, three in the engine, four in the galley because of the chips. And the cat.")
      expect(found.items.map(&:value)).to eq([6, 3, 4, nil])
      expect(titles(found).last).to match(/cat/i)
    end
  end

  describe "what needs no picture" do
    def silence(words) = Peony::Reading.of(Peony::Notes::Text.read(words)).silence

    it "is where one is to be found" do
      expect(silence("Quillmere Observatory, Hill Road 4, Quillmere. Open every evening in winter. info@quillmere.example")).to match(/contacts/)
    end

    it "is not a list that ends in an address" do
      expect(silence("## What to bring\n\n- a hat\n- a spoon\n- dry socks\n\nQuestions to bettine@quillmere.example")).to be_nil
    end
  end

  it "names a number by what it is, not by what is said about it" do
    found = seen_as("headline", "We saw 4,310 animals. The night bell rang 640 times, which Yolanda says is too often. Your gifts came to £27,400.")
    expect(titles(found)).to eq(["animals", "The night bell rang", "Your gifts"])
  end

  describe "what is shown beside the best" do
    def names(words) = Peony::Reading.of(Peony::Notes::Text.read(words)).findings.map(&:family)

    it "is no funnel where the numbers make up the first one" do
      expect(names("Of the 1,260 people who signed, 640 live in the Old Town, 410 in Oxmere, 150 on the Levels and 60 further away.")).not_to include("funnel")
      expect(names("Of 260 who asked for the form 88 sent it back, 51 could be read, twenty were visited and three were chosen.").first).to eq("funnel")
    end

    it "is steps, an order or shares only where that is likelier than another family would have to be" do
      easy = Peony::Reading::Scorer::EASY
      expect(easy.values).to all(be > Peony::Reading::Scorer::LEAST)
      %w[season handbook].each do |name|
        Peony::Reading::Passages.of(Peony::Notes.open(File.join(__dir__, "documents", "#{name}.md"))).each do |passage|
          Peony::Reading.of(passage).findings.drop(1).each { |f| expect(f.fit).to be >= easy.fetch(f.family, Peony::Reading::Scorer::LEAST) }
        end
      end
    end
  end

  describe "rows told in other words" do
    it "sees parts with parts of their own behind one label" do
      found = seen_as("hierarchy", "Ground floor: minerals (quartz, ores), fossils (ferns, fish). First floor: birds (owls, waders), insects (bees, beetles).")
      told = found.items.map { |i| [i.title, i.children.map { |c| [c.title, c.children.map(&:title)] }] }
      expect(told.first).to eq(["Ground floor", [["Minerals", %w[Quartz Ores]], ["Fossils", %w[Ferns Fish]]]])
    end

    it "knows what two groups share by the words of both" do
      found = seen_as("overlap", "In our survey 52 families have a garden, 47 have a pet and 31 have a garden and a pet.")
      expect(found.items.map(&:value)).to eq([52, 47, 31])
    end

    it "sets the old one against the new one, and what was so far against what comes" do
      oven = "Where the old one ate eleven cords in a winter the new one gets by on six."
      expect(seen_as("change", oven).items.map { |i| i.aspects.map(&:last) }).to eq([%w[eleven six]])
      fees = "Prices from 1 May. Adults 9.50 (so far 8.50), children 4.00 (so far 4.00)."
      expect(seen_as("change", fees).items.first.aspects.map(&:last)).to eq(["8.50", "9.50"])
    end

    it "counts on every floor, and nothing handed on from a single thing" do
      expect(text("On the ground floor it was 72, on the second floor 96, on the sixth floor 139.").quantities.map(&:value)).to eq([72, 96, 139])
      expect(text("One moth trap, one summer. On the first night there were 22 moths, by midsummer 140.").quantities.map(&:unit).last(2)).to eq(%w[moths moths])
    end
  end

  it "works out no yearly growth up to a moment without a year, and tells that moment once" do
    reading = Peony::Reading.of(Peony::Notes::Text.read("## Members\n\nWe were 4 in 2023. In 2024 there were 11, a year later 23, and this spring we counted 31."))
    expect(reading.derived.map(&:unit)).not_to include("% a year")
    expect(reading.items.map { |i| [i.title, i.date] }.last).to eq(["This spring", "This spring"])
  end

  it "takes two plain entries for a list, however much they sound like two sides" do
    reading = Peony::Reading.of(Peony::Notes.parse("## For the youngest\n\n- Hold a hand on the stairs\n- Whisper\n", ".md"))
    expect(reading.findings.map(&:family)).to start_with("list").and(exclude_family("opposition"))
  end

  def exclude_family(name) = satisfy("leave out #{name}") { |families| !families.include?(name) }
end
