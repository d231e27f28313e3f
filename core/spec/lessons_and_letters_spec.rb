# frozen_string_literal: true

# What whole documents showed: how a law is made, results of a newsletter, sleep, a swimming club.
RSpec.describe "Lessons and letters, section by section" do
  include WordsRead

  describe "numbers" do
    it "takes 'three in four' for a share beside shares" do
      reading = read("Turnout has fallen for twenty years. In 2004 three in four people voted. In 2009 it was 68 %, in 2014 61 %, in 2019 57 % and in 2024 only 52 %.")
      expect(reading.best.family).to eq("trend")
      expect(reading.items.map { |i| [i.title, i.value, i.unit] }).to eq([["2004", 75, "%"], ["2009", 68, "%"], ["2014", 61, "%"], ["2019", 57, "%"], ["2024", 52, "%"]])
      expect(reading.items.map(&:sort)).to all(be_a(Numeric))
    end

    it "takes what a child needs for no unit, and its age for one" do
      expect(amounts("A baby sleeps 16 hours a day. A child of six needs 11, a teenager 9, an adult 8 and a person over 65 about 7."))
        .to eq([[16, "hours"], [6, "years"], [11, "hours"], [9, "hours"], [8, "hours"], [65, "years"], [7, "hours"]])
    end

    it "takes marks for no shares, whatever is told beside them" do
      expect(amounts("Before, 14 % of pupils came late; now 5 %. Marks in the first lesson rose from 3.1 to 2.7.")).to eq([[14, "%"], [5, "%"], [3.1, ""], [2.7, ""]])
      expect(amounts("It has a rating of 4.8 out of 5.").first).to eq([4.8, "ratings"])
    end

    it "works out what is left, where the rest is told by another number" do
      words = "In a survey of 1,200 pupils aged 13 to 16, only 22 % slept nine hours or more on school nights. 41 % slept eight, 25 % seven, and the rest less than seven."
      expect(told("parts", words)).to eq([["Slept nine hours", 22], ["Slept eight", 41], ["Seven", 25], ["The rest less than seven", 12]])
    end

    it "leaves what each order costs, and what was so another time, out of a whole" do
      spent = read("Writing and pictures cost 1,800 euros, the sending service 640, and the prizes 360. That is 2,800 euros in all, or 5.50 euros for each order.")
      expect([spent.best.family, spent.items.map(&:value), spent.queries]).to eq(["parts", [1800, 640, 360], []])
      seats = read("The assembly has 60 seats. The Harbour List holds 24 of them, the Farmers 18, the Greens 12 and the independents 6. In the last assembly the Farmers had 27.")
      expect([seats.best.family, seats.items.map(&:value), seats.queries]).to eq(["parts", [24, 18, 12, 6], []])
      plots = read("We have 64 plots. 51 are let, 9 are being cleared and 4 lie under water. The waiting list fell from 38 to 21.")
      expect([plots.best.family, plots.items.map(&:value)]).to eq(["parts", [51, 9, 4]])
    end
  end

  it "ranks names with a number each, which count what they name" do
    reading = read("What people bring\nLamps 121\nClothes 104\nBicycles 93\nToys 61\n")
    expect(reading.best.family).to eq("ranking")
    expect(reading.items.map { |i| [i.title, i.value, i.unit] }).to eq([["Lamps", 121, "lamps"], ["Clothes", 104, "clothes"], ["Bicycles", 93, "bicycles"], ["Toys", 61, "toys"]])
  end

  it "leaves what is told further of one of the parts out of the whole" do
    reading = read("We asked 90 pupils. 54 eat breakfast every day, 21 sometimes and 15 never. Of the 15, nine say that they have no time.")
    expect([reading.best.family, reading.items.map(&:value), reading.queries]).to eq(["parts", [54, 21, 15], []])
  end

  it "names a share by all that it goes to" do
    words = "Half of the plate should be fruit and vegetables. A quarter is for potatoes, rice or pasta and a quarter for beans, fish, eggs or meat."
    expect(titles("parts", words)).to eq(["Fruit and vegetables", "Potatoes, rice or pasta", "Beans, fish, eggs or meat"])
  end

  it "takes months that lead for the dates of a timeline" do
    reading = read("March: interviews. April and May: photos and texts. June: new shop online. September: warehouse moved.")
    expect([reading.best.family, reading.items.map(&:date)]).to eq(["timeline", ["March", "April and May", "June", "September"]])
  end

  it "takes a line that is sold or fished with for no numbered one" do
    expect(told("ranking", "A plastic bag lasts 20 years, a straw 200, a bottle 450 and a fishing line 600.").last).to eq(["Fishing line", 600])
  end

  it "counts in days what fell from so many to so many, whatever share stands before it" do
    words = "3 % of the chairs came back. Sick days fell from 11 to 8 for each person."
    expect(amounts(words)).to eq([[3, "%"], [11, "days"], [8, "days"]])
    expect(titles("headline", words).last).to eq("Sick days")
  end

  it "takes what was picked up for a whole, though its parts are called by what they are" do
    reading = read("Volunteers picked up 3,412 pieces on the beach in one morning. 1,190 were cigarette ends, 640 bottle tops, 510 pieces of rope, 402 bags and 370 straws. " \
                   "The rest was too small to tell.")
    expect([reading.best.family, reading.items.map(&:value)]).to eq(["parts", [1190, 640, 510, 402, 370, 300]])
  end

  it "sets whom all of them report to over them" do
    reading = read("Larch & Sons has three departments. Production has two halls. Sales has nine people, who look after the customers. All three report to Ida Larch.")
    expect([reading.best.family, reading.items.map(&:title)]).to eq(["hierarchy", ["Ida Larch"]])
  end

  it "names a striking number by what it is of" do
    expect(titles("headline", "Each repair saves about 14 kg of CO2. 1,840 hours of coaching. 36 badges.")).to eq(%w[CO2 coaching badges])
  end

  it "takes one price or the other, and so many in so many, for no change" do
    reading = read("From May there is a second dish without meat. A lunch costs £3.20, or £2.90 if you pay for the month. 7 in 10 children now eat at school.")
    expect(reading.findings.map(&:family)).not_to include("change")
  end

  it "counts in no money what money is only told of behind it" do
    expect(amounts("Grow the list from 8,400 to 12,000. Bring the cost per order below 5 euros.")).to eq([[8400, ""], [12_000, ""], [5, "EUR"]])
  end

  it "makes no tree of a table, and no orders of what was spent" do
    words = "## Last year\n\n| Channel | Spent | Orders |\n|---|---|---|\n| Email | 2,400 | 1,210 |\n| Search | 5,100 | 890 |\n| Leaflets | 3,300 | 150 |\n"
    reading = Peony::Reading.of(Peony::Reading::Passages.of(Peony::Notes.parse(words, ".md")).last)
    expect(reading.quantities.map { |q| [q.value, q.unit] }).to eq([[2400, ""], [1210, "orders"], [5100, ""], [890, "orders"], [3300, ""], [150, "orders"]])
    expect(reading.findings.map(&:family) + reading.others).not_to include("hierarchy")
  end

  describe "two sides" do
    it "compares three packages, whatever their names may mean" do
      words = "Start is for shops with fewer than 50 products and costs 900 euros. Grow is for shops with up to 500 products and costs 2,400. " \
              "Full has no limit, includes training, and costs 5,200."
      expect(titles("comparison", words)).to eq(%w[Start Grow Full])
    end

    it "compares an old thing with the new one, whatever is told of the new one besides" do
      reading = read("The old pool is 25 metres long, has four lanes and is heated with gas. The new one will be 50 metres, with eight lanes, and is heated by the bakery next door. " \
                     "Building begins in May 2027 and takes two years. It costs 6.2 million euros.")
      expect([reading.best.family, reading.items.map(&:title)]).to eq(["comparison", ["Old pool", "New pool"]])
    end

    it "takes three things told in one sentence for no side" do
      expect(read("Tadpoles pay 12 euros a month, Frogs 18 and Otters 30. Brothers and sisters pay half.").best.family).not_to eq("comparison")
      expect(told("parts", "Tadpoles pay 12 euros a month, Frogs 18 and Otters 30. Brothers and sisters pay half.")).to eq([["Tadpoles", 12], ["Frogs", 18], ["Otters", 30]])
    end

    it "names the sides by who wants it and who does not, with what each says" do
      reading = read("Those who want it say that young people pay taxes and will live with the decisions longest. They also say that voting early makes it a habit. " \
                     "Those who do not want it answer that at 16 few have paid a bill of their own, and that schools would be pulled into the campaign.")
      expect([reading.best.family, reading.items.map(&:title)]).to eq(["opposition", ["Those who want it", "Those who do not want it"]])
      expect(reading.items.map { |i| i.children.size }).to eq([2, 2])
      expect(titles("opposition", "Enough sleep helps you to learn and keeps you healthy. Too little makes you forget and puts you in a bad mood.")).to eq(["Enough sleep", "Too little"])
    end
  end

  it "keeps a few apart from few" do
    words = "Often the case is glued. For some there are no spare parts. And a few were simply too old."
    expect(titles("cause", words).last).to eq("A few were simply too old")
  end

  it "sets nobody below another who only looks after something else" do
    expect(found("hierarchy", "Ilse Brandt is the chair. Tom Okoro looks after the money and Mira Sand after the members. Ana Reis and Luc Ferro coach the groups.")).to be_nil
    expect(titles("hierarchy", "Anna is responsible for sales. She has two assistants. Bela looks after the warehouse. He has four packers and a driver.")).to eq(%w[Anna Bela])
  end

  it "lists what people say under their names, with a dash before them or without" do
    words = "\"My daughter used to be afraid of the bath. Now I cannot get her out.\" Nils, Brool\n\"Friendly, patient and never late.\" The Ottaway family"
    expect(titles("list", words)).to eq(["Nils, Brool", "The Ottaway family"])
  end

  describe "plain text" do
    def outline(words) = Peony::Notes::Text.read(words).blocks.map { |b| [b.type, b.text] }

    it "takes a longer line for a head where the next would have begun beside it" do
      words = "Of 8,400 subscribers 2,600 opened the seed swap letter. 510 clicked, 330 put something into the basket and 212 paid."
      expect(outline("How a click becomes an order\n#{words}")).to eq([["heading", "How a click becomes an order"], ["paragraph", words]])
      broken = "The lighthouse on the point was built in the year\nWalter Finch was born, of stone from the quarry\nat Stang, which he bought."
      expect(outline(broken)).to eq([["paragraph", broken.tr("\n", " ")]])
    end

    it "joins two heads with a line each only where they are called so" do
      passages = ->(words) { Peony::Reading::Passages.of(Peony::Notes::Text.read(words)).map(&:heading) }
      expect(passages["What she says\n\"We should have done it.\" Inga Maren\n\nLessons\nAsk before you build.\n"]).to eq(["What she says", "Lessons"])
      expect(passages["In favour\nIt is quicker.\n\nAgainst\nIt is dear.\n"].size).to eq(1)
    end

    it "takes lines with commas for the rows of a table where most are numbers under their names" do
      document = Peony::Notes::Text.read("What we sent\nNewsletter, Opened, Orders\nSeed swap, 38 %, 1,212\nGarden tools, 29 %, 97\nBees, 35 %, 31\n")
      expect(document.tables.map(&:rows)).to eq([[["Seed swap", "38 %", "1,212"], ["Garden tools", "29 %", "97"], ["Bees", "35 %", "31"]]])
      expect(document.blocks.first.text).to eq("What we sent")
      ["- Ana, 1 hour, 48 %\n- Ben, 3 hours, 61 %\n- Cleo, 4 hours, 72 %", "Ana, our cook, left\nBen, the porter, stays\nCleo, a maid, is ill"].each do |words|
        expect(Peony::Notes::Text.read(words).tables).to be_empty
      end
    end
  end
end
