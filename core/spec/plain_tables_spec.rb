# frozen_string_literal: true

# Tables of words and amounts, whichever way they are set out; names of shares, ranks and amounts in reports.
RSpec.describe "Plain tables and reports" do
  include WordsRead

  def table(heading, *rows)
    head, *body = rows
    document = Peony::Notes.parse("## #{heading}\n\n#{[head, '|---' * head.count('|').pred, *body].map { |row| "#{row}\n" }.join}", ".md")
    Peony::Reading.of(Peony::Reading::Passages.of(document).last)
  end

  def aspects(reading) = reading.items.map { |i| [i.title, i.aspects.map { |name, words| "#{name}: #{words}" }] }

  describe "a table of things that are compared" do
    it "takes columns for the things where each line holds one kind" do
      reading = table("Two ideas compared",
                      "| | Click and collect | Second till |",
                      "| Cost | 6,500 euros | 11,000 euros |",
                      "| Ready in | 3 months | 5 weeks |",
                      "| Helps | planners | everybody |")
      expect(reading.best.family).to eq("comparison")
      expect(aspects(reading)).to eq([["Click and collect", ["Cost: 6,500 euros", "Ready in: 3 months", "Helps: planners"]],
                                      ["Second till", ["Cost: 11,000 euros", "Ready in: 5 weeks", "Helps: everybody"]]])
      expect(reading.queries).to be_empty
    end

    it "takes columns for the things where the heading names them, also with commas in the cells" do
      reading = table("Frogs and toads",
                      "| | Frog | Toad |",
                      "| Skin | smooth and wet | dry and warty |",
                      "| Legs | long, for jumping | short, for walking |")
      expect(aspects(reading)).to eq([["Frog", ["Skin: smooth and wet", "Legs: long, for jumping"]], ["Toad", ["Skin: dry and warty", "Legs: short, for walking"]]])
    end

    it "lets a word stand among amounts" do
      reading = table("Which plan?",
                      "| Feature | Basic | Plus | Team |",
                      "| Price a month | free | 9 euros | 24 euros |",
                      "| Pages | 3 | 30 | no limit |",
                      "| Help | by mail | by mail | by telephone |")
      expect(reading.items.map(&:title)).to eq(%w[Basic Plus Team])
    end

    it "lets a line right over typed rows stand by itself" do
      words = "Which plan?\nFeature | Basic | Plus | Team\nPrice a month | free | 9 euros | 24 euros\nPages | 3 | 30 | no limit\nHelp | by mail | by mail | by telephone\n"
      expect(Peony::Notes::Text.read(words).blocks.first.text).to eq("Which plan?")
      expect(read(words).items.map(&:title)).to eq(%w[Basic Plus Team])
    end

    it "keeps lines for the things where each column holds one kind, and gives words their heads" do
      reading = table("Our hens",
                      "| Breed | Colour | Eggs | Temper |",
                      "| Marling | brown | large, and many | calm |",
                      "| Tarn Grey | grey | small | nervous |",
                      "| Fell White | white | middling | likes children |")
      expect(aspects(reading).first).to eq(["Marling", ["Colour: brown", "Eggs: large, and many", "Temper: calm"]])
      rooms = table("Our rooms",
                    "| | Price | Seats |",
                    "| Hall | 120 euros | 200 |",
                    "| Loft | 80 euros | 40 |")
      expect(rooms.items.map(&:title)).to eq(%w[Hall Loft])
    end
  end

  describe "names in reports" do
    it "leaves out how a share is taken" do
      expect(told("parts", "Heating accounts for 42 % of emissions, transport for 31 % and purchased goods for 18 %. Waste and water make up the remaining 9 %."))
        .to eq([["Heating", 42], ["Transport", 31], ["Purchased goods", 18], ["Waste and water", 9]])
    end

    it "finds the best behind what it is, and the next behind 'followed by'" do
      words = "The most frequent answer was the staff (204 mentions). Freshness came second with 171, followed by the range (96), opening hours (58) and prices (31)."
      expect(titles("ranking", words)).to eq(["Staff", "Freshness", "Range", "Opening hours", "Prices"])
    end

    it "does not name what changed by when it did" do
      expect(titles("change", "In 1950 rainforests covered about 15 % of the land on Earth. Today it is only 6 %.")).to eq(["Rainforests"])
    end

    it "tells what was done so much, not what was done besides" do
      words = "We cut our energy use by 14 %, sent nothing to landfill for the first time and planted 3,200 trees. Ninety-one per cent of our suppliers have now signed the code of conduct."
      expect(told("headline", words).map(&:last)).to eq([14, 3200, 91])
      expect(titles("headline", words).first).to eq("We cut our energy use")
      expect(read(words).findings.map(&:family)).not_to include("parts")
    end
  end

  describe "amounts" do
    it "knows what is counted by a word behind several numbers, and that one of them is none" do
      words = "A handwritten bible cost as much as a house: about 50 gulden. A printed one cost 12 gulden in 1460, 5 gulden in 1480 and under 2 gulden in 1500."
      expect(amounts(words)).to eq([[50, "gulden"], [12, "gulden"], [5, "gulden"], [2, "gulden"]])
    end

    it "takes hours for hours where it is told of them" do
      words = "The core hours are from 9.30 to 15.00. You can start between 7.00 and 9.30 and leave between 15.00 and 18.30. Full-time staff work 38.5 hours a week."
      expect(amounts(words)).to eq([[38.5, "hours"]])
      expect(amounts("Rents are between 7.00 and 9.30 euros, and from 8.50 to 10.50 in the old town.").map(&:first)).to include(7, 9.3)
    end

    it "knows years of three digits in a row of them" do
      words = "In 793 they raided a monastery. By 860 they had reached Iceland. Around 985 they settled in Greenland, and about the year 1000 Leif Eriksson landed in North America."
      expect(amounts(words)).to be_empty
      expect(text(words).moments.map(&:sort)).to eq([793, 860, 985, 1000])
    end

    it "takes bare numbers for what they add up to" do
      words = "Costs\nHall 900\nBand 1,200\nPrinting 340\nDrinks 760\nThat makes 3,200 euros in all."
      expect(told("parts", words)).to eq([["Hall", 900], ["Band", 1200], ["Printing", 340], ["Drinks", 760]])
      expect(read(words).queries).to be_empty
    end

    it "knows ages where it is told of growing older" do
      words = "# Getting older\n\nAt 20 most people hear up to 18,000 hertz, at 40 up to 14,000, at 60 up to 10,000 and at 80 only up to 6,000."
      expect(text(words).quantities.map { |q| [q.value, q.unit] }.each_slice(2).map(&:first)).to eq([[20, "years"], [40, "years"], [60, "years"], [80, "years"]])
    end

    it "takes neither a reach nor what is new for a change" do
      expect(text("People hear from 20 to 20,000 hertz. Dogs hear up to 45,000, cats up to 64,000 and bats up to 110,000.").changes).to be_empty
      expect(text("Up to 80 decibels nothing happens. From 85 decibels on the ear is damaged after eight hours a day. At 100 decibels it takes 15 minutes.").changes).to be_empty
      expect(text("We want 500 new members by the end of June. We have 1,840 now.").changes).to be_empty
      expect(text("Cats come first with eleven, then dogs with eight, rabbits with four and one tortoise.").changes).to be_empty
      expect(text("Members rose from 500 to 1,840.").changes.size).to eq(1)
    end

    it "counts again what was done before to the same thing, and takes a boat for none" do
      words = "The old boathouse holds 14 boats and stands 300 metres from the water. The new one will hold 22 and stand at the pontoon."
      expect(amounts(words)).to eq([[14, "boats"], [300, "metres"], [22, "boats"]])
      expect(amounts("After eight lessons you may row in a four. In September the best row in the regatta.")).to eq([[8, "lessons"]])
    end

    it "takes per cent in words whole" do
      expect(text("Ninety-one per cent signed, and nine did not.").quantities.first.text).to eq("Ninety-one per cent")
    end
  end

  it "takes what is told of first for sides too" do
    words = "Solids keep their shape and cannot be poured. Their particles are packed close together and only vibrate. Liquids can be poured and take the shape of the container, " \
            "since their particles can move past one another. In a gas the particles are far apart and move quickly, so it spreads out to fill the space."
    expect(titles("comparison", words)).to eq(%w[Solids Liquids Gas])
  end

  it "compares things that are told of in a sentence each" do
    words = "Rye bread is dark and keeps for a week. Spelt bread tastes of nuts. Corn bread needs no yeast and bakes in ten minutes."
    expect(titles("comparison", words)).to eq(["Rye bread", "Spelt bread", "Corn bread"])
    expect(titles("comparison", "The old office had 14 rooms. Mill Lane has 9. The rent is 1,100 euros lower.")).to eq(["Old office", "Mill Lane"])
  end

  it "calls sides as the heading does, and parts without the word that leads all of them" do
    words = "# Photosynthesis and respiration\n\nIn photosynthesis carbon dioxide is used and oxygen is given off. In respiration oxygen is used and carbon dioxide is given off."
    expect(titles("comparison", words)).to eq(%w[Photosynthesis Respiration])
    expect(titles("parts", "Income was 1.24 million euros: 830,000 from fees, 290,000 from the town and 120,000 from companies.")).to eq(%w[Fees Town Companies])
  end

  it "calls two sides as a heading does that joins them" do
    words = "# Old boathouse and new boathouse\n\nThe old boathouse holds 14 boats and is damp. The new one will hold 22 and be dry."
    expect(titles("comparison", words)).to eq(["Old boathouse", "New boathouse"])
  end

  it "contradicts no one who tells some of a whole, or of another" do
    expect(read("Of 500 letters 320 were opened, 96 answered and 31 brought in money.").queries).to be_empty
    expect(read("Practice\n\n- Bert: 5 hours, 17 notes\n- Chiara: 7 hours, 11 notes\n- Dov: 11 hours, 4 notes\n").queries).to be_empty
    expect(read("The hall has 214 new seats. The work cost €1.9 million, of which the city paid 60 %, the friends 25 % and the cinema itself the rest.").queries).to be_empty
    expect(read("The fair took £1,480 in all: books £520, plants £410, teas £330 and the tombola £180.").queries.map(&:message)).to eq(["The parts make 1,440, not 1,480."])
  end

  it "names parts of a course by themselves, and takes no height for a length" do
    words = "In its upper course a river is fast and cuts deep into the rock. In the middle course the valley is wider, and the river begins to meander. " \
            "In the lower course it is slow and drops sand and mud."
    expect(titles("comparison", "# Three parts of a river\n\n#{words}")).to eq(["Upper course", "Middle course", "Lower course"])
    expect(text("The Ness rises at 1,240 metres in the Kehr hills. For the first 30 km it runs through a narrow gorge. Now it slows down.").changes).to be_empty
  end

  it "lists what people say under their names" do
    words = "What riders say\n\n\"I sold my car after three weeks.\" – Ottoline, Ternby\n\"The children fight over who may sit in front.\" – Bram, Hagg\n"
    expect(found("list", words).items.map { |i| [i.title, i.detail] })
      .to eq([["Ottoline, Ternby", "I sold my car after three weeks."], ["Bram, Hagg", "The children fight over who may sit in front."]])
  end

  it "keeps the first line below a head that stands among others" do
    notes = Peony::Notes::Text.read("Risks\nRain (likely, bad)\nBand cancels (unlikely, bad)\nToo few helpers (likely, not so bad)\n\nThe evening\n17.00 doors\n17.30 choir\n18.00 end\n")
    expect(notes.blocks.map(&:type)).to eq(%w[heading item item item heading item item item])
  end

  it "takes what is less or more for no share" do
    expect(found("parts", "We sell 40 % less plastic, bake 25 % more bread and throw away hardly anything.")).to be_nil
  end
end
