# frozen_string_literal: true

# What notices, minutes and a will showed: shares that lead a statement, what rows add up to, names that are no broken sentence.
RSpec.describe "Reading wreaths and wills" do
  include WordsRead

  describe "numbers" do
    it "takes a half that does something for a share, and a half of a kind for none" do
      will = "Aunt Wilma left it all written down. Half goes to the bell fund. A quarter is for the three nieces. The dog gets ten per cent, in trust, and the rest is to be drunk."
      expect(found("parts", will).items.map { |i| [i.value, i.unit] }).to eq([[50, "%"], [25, "%"], [10, "%"], [15, "%"]])
      expect(amounts("Half pays for the roof, half stays in the bank.")).to eq([[50, "%"], [50, "%"]])
      expect(amounts("Half plots cost 20 euros.")).to eq([[20, "EUR"]])
    end

    it "gives rows the unit of the sum above them" do
      lesson = "How we used the ninety minutes\n- warming up: 10\n- new steps: 25\n- partners: 30\n- band plays: 20\n- stretching: 5\n"
      expect(amounts(lesson).map(&:last).uniq).to eq(["minutes"])
      expect(read(lesson).best.family).to eq("parts")
      expect(amounts("What we saw in the ninety minutes\n- new steps: 25\n- partners: 30\n- bands: 20\n").last).not_to eq([20, "minutes"])
    end

    it "goes on about what was told before, whatever was done since" do
      words = "Until the autumn a caller waited for seven minutes on the average. Since the two desks were put together it has been under three. Complaints have gone from 41 a month to 16."
      expect(amounts(words)).to eq([[7, "minutes"], [2, "desks"], [3, "minutes"], [41, "complaints"], [16, "complaints"]])
      expect(found("change", words).items.map { |i| [i.title, i.aspects.map(&:last)] }).to eq([["A caller", %w[seven three]], ["Complaints", %w[41 16]]])
    end

    it "reads two years with a dash, and the week behind a feast, as dates" do
      expect(amounts("Moved to the vault 1943; typed afresh 1962–65; filmed in 1988.")).to eq([])
      rows = "Book fair\n- 12 January: stand booked\n- 20 March: proofs to Merle\n- Week after Easter: catalogue printed\n- 3 May: vans leave\n"
      expect(found("timeline", rows).items.map(&:title)).to include("Catalogue printed")
    end

    it "takes no form of a school for an amount, and measures the marks against the hours" do
      words = "Form 9 wrote down how long they slept before the test. Those with five hours got 48 points in the mean, with six hours 55, with seven 63, and with eight or more 66."
      expect(amounts(words).map(&:first)).to eq([5, 48, 6, 55, 7, 63, 8, 66])
      expect(found("relation", words).items.map { |i| [i.title, i.value] }.first(2)).to eq([["Five hours", 48], ["Six hours", 55]])
    end

    it "measures otherwise behind the colon of a measure" do
      crust = found("relation", "Distance from the oven door and colour of the crust (1 pale, 10 black)\n- 10 cm: 3\n- 30 cm: 5\n- 50 cm: 7\n- 70 cm: 9\n").items
      expect(crust.map { |i| [i.title, i.value, i.unit] }.first).to eq(["10 cm", 3, ""])
      expect(crust.first.aspects.map(&:first)).to eq(["cm", "colour of the crust"])
    end

    it "sets as many numbers of today against those of then" do
      words = "When I began here there were 34 in a class and one cupboard. Today we are at 22, with eleven cupboards."
      expect(found("change", words).items.map { |i| [i.title, i.aspects.map(&:last)] }).to eq([["In a class", %w[34 22]], ["Cupboards", %w[one eleven]]])
    end

    it "gives each of two names its number, and things that are counted each by itself no common unit" do
      words = "Gorse Top is the highest with 412 metres, and the Anvil follows at 388. Widow's Seat and Kettle Hill, 301 and 296, are for families. Little Bump has a bench on it: 104."
      expect(told("ranking", words)).to eq([["Gorse Top", 412], ["Anvil", 388], ["Widow's Seat", 301], ["Kettle Hill", 296], ["Little Bump", 104]])
      lost = found("ranking", "Left behind on the trams in October: umbrellas 131, gloves (single) 88, telephones 64, shopping 41.").items
      expect(lost.map { |i| [i.title, i.unit] }.first(2)).to eq([["Umbrellas", ""], ["Gloves (single)", ""]])
    end

    it "takes no degrees for so many per cent more" do
      boiler = "Before and after the new boiler\n- water temperature: 18 °C, now 23 °C\n- lessons called off: 31, now 4\n"
      expect(read(boiler).derived.map { |d| [d.value, d.unit] }).to eq([[5, "°C"], [87.1, "%"], [27, "lessons"]])
      items = read(boiler).items.map { |i| i.to_h.slice(:title, :detail, :value, :unit).transform_keys(&:to_s).merge("aspects" => i.aspects) }
      nodes = Peony::Figures.draw("before-after", items, house: Peony::Style.fetch("Dome"), width: 900, height: 600).nodes
      expect(Peony::Paint::SVG.fragment(nodes)).to include("+5\u2009°C", "−87\u2009%")
    end

    it "begins each of a row with the word that leads it" do
      words = "Where they come from\n\nFrom Saltings itself 168, from Norrick 97, from the villages along the dyke 84, and from the ferry side, over the water and back every time, 63."
      expect(read(words).items.map { |i| [i.title, i.value, i.unit] }).to eq([["Saltings itself", 168, ""], ["Norrick", 97, ""], ["Villages along the dyke", 84, ""], ["Ferry side", 63, ""]])
    end

    it "names what is left by what it buys" do
      words = "Half of the money goes on heating. Wages take 34 per cent, the bus nine. What is left buys floats and tea."
      expect(told("parts", words)).to eq([["Heating", 50], ["Wages", 34], ["The bus", 9], ["Floats and tea", 7]])
    end

    it "takes the heads of columns for what is counted there" do
      words = "## Where people met us\n\n| Place | Contacts | Bottles sold |\n|---|---|---|\n| Tram posters | 210,000 | 1,900 |\n| Tasting van | 8,400 | 2,650 |\n| Film | 96,000 | 740 |\n"
      passage = Peony::Reading::Passages.of(Peony::Notes.parse(words, ".md")).first
      expect(Peony::Reading.of(passage).quantities.map(&:unit).uniq).to eq(%w[contacts bottles])
    end

    it "knows the rows of a table in a piece, which keeps no grid" do
      words = "## Where people met us\n\n| Place | Contacts | Bottles sold |\n|---|---|---|\n| Tram posters | 210,000 | 1,900 |\n| Tasting van | 8,400 | 2,650 |\n| Film | 96,000 | 740 |\n"
      piece = Peony::Piece.new(Peony::Piece.blank(title: "x").data.merge("notes" => Peony::Notes.parse(words, ".md").blocks.map(&:to_h)))
      reading = Peony::Reading.of(Peony::Reading::Passages.of(piece.notes).first)
      expect(reading.quantities.map(&:unit).uniq).to eq(%w[contacts bottles])
      expect(reading.items.map { |i| i.aspects.map(&:first) }.uniq).to eq([["Contacts", "Bottles sold"]])
    end

    it "reads a price by itself as one, and measures nothing against another row" do
      expect(amounts("4.40 euros")).to eq([[4.4, "EUR"]])
      cups = "What we asked for a cup and how many we sold\n- 1.50 euros: 210 cups\n- 2.00 euros: 180 cups\n- 2.50 euros: 120 cups\n- 3.00 euros: 60 cups\n"
      expect([read(cups).best.family, amounts(cups).size]).to eq(["relation", 8])
      rows = "What changed\n- People who know the label: 31 % then, 47 % now\n- Shops that stock us: 22, now 36\n- Average price: 3.90 euros, now 4.40 euros\n"
      items = read(rows).items.map { |i| i.to_h.slice(:title, :detail, :value, :unit).transform_keys(&:to_s).merge("aspects" => i.aspects) }
      draw = ->(list) { Peony::Paint::SVG.fragment(Peony::Figures.draw("before-after", list, house: Peony::Style.fetch("Dome"), width: 900, height: 700).nodes) }
      expect(draw[items]).to include("+64\u2009%", "+13\u2009%")
      items[2]["aspects"] = [%w[before nothing], %w[after more]]
      expect { draw[items] }.to raise_error(/two values/)
    end

    it "draws stages that are counted in times and in people on one scale" do
      words = "The film was started 96,000 times. 41,000 people watched it to the end, 9,300 went on to the shop page, and 740 bottles were bought there."
      expect(Peony::Figures::Proposals.for(read(words), family: "funnel").map(&:form).first(4)).to include("narrowing-bands")
    end

    it "takes what is sold for so much for a price, whatever else is measured" do
      words = "The dry cider has 4 grams of sugar a litre and sells for 5.20. The medium, with 18 grams, goes for 4.60. The sweet has 42 and costs 3.90, " \
              "and the children's juice, at 98 grams, is 2.80."
      expect(told("relation", words)).to eq([["The dry cider", 5.2], ["The medium", 4.6], ["The sweet", 3.9], ["The children's juice", 2.8]])
      expect(found("relation", words).items.map(&:unit).uniq).to eq([""])
    end

    it "takes one in three for no change, and somebody's age for no week" do
      words = "One bottle in three is now drunk by somebody under forty. 5,700 bottles in eight weeks. 2.1 million seconds of dog."
      expect(read(words).best.family).to eq("headline")
      expect(amounts(words).first(3)).to eq([[1, "bottles"], [3, "bottles"], [40, "years"]])
    end

    it "lets a plan go on over the new year" do
      words = "By 15 November the partners vote. In December Ines talks to the deposit people. The new label is printed in January, and on 2 March the van goes on the road again."
      expect(found("timeline", words).items.map(&:date)).to eq(["15 November", "December", "January", "2 March"])
      mixed = "In June we picnic. In March we clean. In May we row. In October we sit by the stove."
      expect(found("timeline", mixed).items.map(&:date)).to eq(%w[March May June October])
    end

    it "names points in time by when they were" do
      words = "Sales, week by week\n\nIn the first week of September we sold 410 bottles. The week after it was 520, then 870 when the van came to Norrick. " \
              "The week of the fair brought 1,640. Since then it has been around 900."
      expect(titles("trend", words).drop(1)).to eq(["The week after", "When the van came to Norrick", "The week of the fair", "Since then"])
    end

    it "counts in rows what the heading names, and keeps all of them" do
      words = "Boxes\n\n- Accounts: 84\n- Studio: 132\n- Sales: 51\n- Board: 12\n- Kitchen: 9, of which 7 are mugs\n"
      items = read(words).items
      expect(items.map { |i| [i.title, i.value] }).to eq([["Accounts", 84], ["Studio", 132], ["Sales", 51], ["Board", 12], ["Kitchen", 9]])
      expect(read(words).findings.map(&:family)).not_to include("funnel")
      expect(amounts(words).map(&:last).uniq).to eq(["boxes"])
    end

    it "takes a limit and the ends of a range for no value of their own" do
      words = "In the yard we measured 41 decibels at seven in the morning and 58 at noon. When the school next door has its break it is 74. Above 65 nobody can telephone."
      expect(values("trend", words)).to eq([41, 58, 74])
      expect(found("ranking", "By bicycle it is 14 minutes from the station, by bus 11, and by car between 6 and 25.")).to be_nil
    end

    it "parts two measured together at the comma, not at what they are measured by" do
      words = "At 10 cm below it was 4 tonnes a hectare and year, at 20 cm 9 tonnes, at 40 cm 21 and at 80 cm 38."
      expect(told("relation", words)).to eq([["10 cm", 4], ["20 cm", 9], ["40 cm", 21], ["80 cm", 38]])
    end

    it "finds no mistake where more was set aside than was spent" do
      words = "The movers want 18,600 euros, the electricians 11,300, and new desks come to 9,400. Paint, cake and the tree house are 2,700. Altogether we have %s."
      expect(read(format(words, "set 45,000 aside")).queries).to eq([])
      expect(read(format(words, "spent 45,000")).queries.size).to eq(1)
      expect(read(format(words, "set 45,000 aside")).items.last.title).to eq("Paint, cake and the tree house")
    end

    it "keeps each share with what took it, told before it or behind it" do
      fleece = "When a fleece has been washed you see how little of it was wool. Grease made up nearly a third of the weight, sweat 14 per cent, and 11 per cent was simply moor. " \
               "The remaining 42 per cent can be spun."
      expect(told("parts", fleece)).to eq([["Grease", 33.3], ["Sweat", 14], ["Moor", 11], ["Can be spun", 42]])
    end

    it "takes the first number of a row for its amount, and what it adds up to for no things" do
      grant = "Where your 50,000 goes\n* 22,000 the well itself\n* 13,500 pipes\n* 8,500 two people, trained\n* 6,000 a pump\n"
      expect(told("parts", grant)).to eq([["The well itself", 22_000], ["Pipes", 13_500], ["Two people, trained", 8500], ["A pump", 6000]])
      expect(found("parts", grant).items.map(&:unit).uniq).to eq([""])
    end

    it "takes so many in a class for a ratio" do
      words = "In a class of 28 there are now, on average, five with hay fever."
      expect(read(words).best.family).to eq("ratio")
      expect(read(words).derived.map { |d| [d.value, d.unit] }).to include([17.9, "%"])
    end

    it "ranks on one scale, each by its name whatever is told of it" do
      words = "Who has the longest way to school? Tilde travels for 70 minutes. Oskar needs 45. For Mina it's half an hour on the bus, and Ben, " \
              "who lives over the bakery, is here in four minutes and always late."
      expect(told("ranking", words)).to eq([["Tilde", 70], ["Oskar", 45], ["Mina", 30], ["Ben", 4]])
      expect(found("ranking", words).items.map(&:unit).uniq).to eq(["minutes"])
    end

    it "counts what the words before a list say in brackets" do
      words = "Best sellers, first half of the year (pieces)\n1. Folding spoon: 4,120\n2. Lamp with a clip: 3,870\n3. Tin for tea: 2,950\n"
      expect(amounts(words).map(&:last).uniq).to eq(["pieces"])
    end

    it "calls what is reached so far by what it is to be" do
      expect(titles("ratio", "We set out to plant 1,000 trees this spring. As of today it's 640. Who has a spade?")).to eq(["Trees"])
    end

    it "takes the shops that something went to for no part of it" do
      words = "Of the 640 jars we filled, 250 were sold at the gate, 180 went to the three shops and 95 to the brewery. The other 115 were eaten by beekeepers."
      expect(told("parts", words).map(&:last)).to eq([250, 180, 95, 115])
    end

    it "measures no pulse in flights of stairs" do
      expect(amounts("Ola's pulse: 62 lying, 71 standing, 118 after one flight of stairs, 96 two minutes later.").first).to eq([62, ""])
    end

    it "shows a large number that leads a line" do
      expect(read("4,312 people signed. That is more than have ever voted in a council election in this town.").best.family).to eq("headline")
    end
  end

  describe "names" do
    def name(words, family = "list") = Peony::Reading::Naming.of(text(words), text(words).sentences.first, family).first

    it "names what comes by what it is" do
      expect(name("Then come the twigs, always in the same direction.", "sequence")).to eq("Twigs")
      expect(name("Last comes gum from the cherry tree, so that it does not run.", "sequence")).to eq("Gum from the cherry tree")
    end

    it "leaves no word hanging" do
      expect(name("The cones and berries are stuck in right at the end.", "sequence")).to eq("The cones and berries")
      expect(name("Something that keeps you warm at four in the morning.")).to eq("Something that keeps you warm")
      expect(name("Children who never say a word in class give orders there.")).to eq("Children")
      expect(name("On Fridays the harbour board meets round her table, whether she likes it or not.", "hub")).not_to match(/round\z/)
    end

    it "gives no name whose verb speaks of something else" do
      expect(name("A boat that comes down the canal sounds its horn at the white post.", "sequence")).to eq("Sounds its horn")
      expect(name("Higher up it cools and becomes clouds, which the wind drives over the land.", "cycle")).not_to include("Wind")
      expect(name("Upstairs the chess players have the tower room.", "hub")).to eq("Chess players")
      expect(name("Once the lower gates swing open you may wave.", "sequence")).to eq("Lower gates swing open")
      expect(name("On top of that people feed the ducks, and what they leave sinks.", "cause")).to eq("People feed the ducks")
      expect(name("We say what it costs before you ask.")).to eq("We say what it costs")
      expect(name("Ask the members how it suited them for the first few weeks.", "cycle")).not_to end_with("how it")
    end

    it "names a thing alone by itself, and a deed by what is to be done" do
      expect(name("And sandwiches, since there is no shop for nine kilometres.")).to eq("Sandwiches")
      expect(name("If nobody answers, climb over the gate at your own risk, as Pieter does.", "decision")).to eq("Climb over the gate")
    end

    it "ends a sentence behind a short word" do
      expect(text("You are looked at before the screen is.\nNobody waits.").tokens.map(&:low)).to include("is", ".")
    end

    it "parts a stage from those who are met there" do
      expect(name("At the viewing six people look at you over soup, and you are terribly polite.", "journey")).to eq("Viewing")
    end

    it "names a share by what it is, not by what is said of it" do
      words = "Of what we find in the bins, 38 per cent is kitchen waste that belongs on the compost, 21 per cent packaging and 9 per cent glass. Only the rest is really rubbish."
      expect(titles("parts", words).first(3)).to eq(["Kitchen waste", "Packaging", "Glass"])
    end
  end
end
