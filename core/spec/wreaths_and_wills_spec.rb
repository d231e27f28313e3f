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
      expect(name("Upstairs the chess players have the tower room.", "hub")).to eq("Chess players")
      expect(name("Once the lower gates swing open you may wave.", "sequence")).to eq("Lower gates swing open")
      expect(name("On top of that people feed the ducks, and what they leave sinks.", "cause")).to eq("People feed the ducks")
      expect(name("We say what it costs before you ask.")).to eq("We say what it costs")
      expect(name("Ask the members how it suited them for the first few weeks.", "cycle")).not_to end_with("how it")
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

  describe "sides, groups and ranks" do
    it "names a share behind the colon that leads to it" do
      words = "By my notebook: a third of it on doors, locks and lost keys. Radiators, another quarter. Ten per cent is finding out who did it. What's left I spend being asked where things are."
      expect(titles("parts", words).first).to eq("Doors, locks and lost keys")
    end

    it "keeps all that stands in and beside brackets" do
      tools = found("hierarchy", "In the tool library:\n- Wood: saws (hand, jig, band), planes, clamps\n- Metal: files, drills (bench, cordless)\n- Garden: spades, shears\n").items
      rows = tools.map { |i| i.children.map { |c| [c.title, c.children.size] } }
      expect(rows).to eq([[["Saws", 3], ["Planes", 0], ["Clamps", 0]], [["Files", 0], ["Drills", 2]], [["Spades", 0], ["Shears", 0]]])
    end

    it "takes entries that ask and answer for a decision" do
      words = "Which form do I need?\n1. Are you moving within the town? Yes: the green one. No: go on.\n2. Are you coming from abroad? Yes: the blue one. No: the white one.\n"
      expect(read(words).best.family).to eq("decision")
    end

    it "names each box by its two words, in whatever order it is told" do
      words = "Likely and bad: ice on the ramp. Likely but harmless: paper cuts. Unlikely and bad is the gas bottle in the shed. Unlikely and harmless, and top of everyone's list, are wasps."
      expect(found("quadrant", words).items.map { |i| [i.title, i.detail] }.last(2)).to eq([["Unlikely and bad", "the gas bottle in the shed"], ["Unlikely and harmless", "wasps"]])
    end

    it "tells of the two that the heading names" do
      words = "Tasting van against tram posters\n\nThe posters reach everybody and ask nothing; people remember the dog on them. The van meets one in five hundred of them, " \
              "but half of those take a bottle home. Per bottle the posters cost 7.63 euros and the van 4.23."
      expect(read(words).items.map(&:title)).to eq(["Tram posters", "Tasting van"])
    end

    it "names two times of day as the heading does" do
      words = "Morning or afternoon?\n\nIn the morning the water is clear and the bath is ours, but it is 19 degrees. In the afternoon it is 23, there are jellyfish, and people sit on the rail."
      expect(read(words).items.map(&:title)).to eq(%w[Morning Afternoon])
    end

    it "leaves out who says it" do
      words = "About the winter market people will never agree. It fills the inns at a dead time of year, says the landlord, and a town that sits at home forgets how to be one. " \
              "Those on Chapel Row count the other things: the generator, the car parks, mulled wine on the doorstep."
      expect(found("opposition", words).items.map { |i| i.children.size }).to eq([2, 3])
    end

    it "ends a round where more of the first would follow" do
      words = "How a shop gets into it\n\nTakings are down, so Irma orders less. With less on the shelves people find fewer of the things they came for. " \
              "They try the new place by the roundabout, and takings go down further."
      expect(read(words).items.map(&:title)).to eq(["Takings are down", "Irma orders less", "Find fewer of the things", "They try the new place"])
    end

    it "sets what is said against what is true" do
      bats = "What people say about bats, and what is true:\n- They fly into your hair. No: they hear a thread in the dark.\n- They drink blood. Ours eat midges.\n" \
             "- They gnaw at the beams. They have no teeth for it."
      expect(read(bats).best.family).to eq("opposition")
      expect(read(bats).items.map { |i| [i.title, i.children.size] }).to eq([["What people say", 3], ["What is true", 3]])
      expect(read(bats).items.last.children.first.title).to start_with("They hear a thread")
    end

    it "counts each order that forbids" do
      words = "Look at the back row. Say one thing. Bring water. Don't read from the screen, don't apologise for the slides, and never begin with the weather."
      expect(found("opposition", words).items.map { |i| i.children.size }).to eq([3, 3])
    end

    it "takes no announcement for a group" do
      words = "Two bands share our cellar. The Low Tides play shanties; Brass Monday is eleven winds and far too loud. Both need a drummer, both use the same van, and Ilse sings in both."
      expect(found("overlap", words).items.size).to eq(3)
    end

    it "puts those who work there below who looks after it" do
      words = "The nursery is run by Tamsin Eck. She has two people who answer to her: Joris for the glasshouses and Fenna for the shop. " \
              "In the glasshouses there are three growers and an apprentice. The shop has a cashier and a florist."
      top = found("hierarchy", words).items
      expect(top.map(&:title)).to eq(["Tamsin Eck"])
      expect(top.first.children.map { |i| [i.title, i.children.size] }).to eq([["Joris for the glasshouses", 2], ["Fenna for the shop", 2]])
    end

    it "shows a vote as parts and as an order" do
      words = "The results of the ice cream vote, 612 slips: poppy seed got 198, plum 154, burnt butter 131, sour cherry 88 and vanilla 41."
      expect(read(words).findings.first(3).map(&:family)).to include("parts", "ranking")
    end
  end
end
