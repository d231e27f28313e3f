# frozen_string_literal: true

# Turns of phrase of handbooks, plans and lessons in the sciences.
RSpec.describe "Plain plans and handbooks" do
  include WordsRead

  describe "parts" do
    it "takes cents of a euro for shares, on either side of what they went to" do
      words = "Of every euro that the festival took, 46 cents went to the musicians and 22 to tents and sound. " \
              "Food for helpers swallowed 9, the town hall kept 8 for the field, and what remained, 15 cents, lies in a tin for next summer."
      expect(told("parts", words)).to eq([["Musicians", 46], ["Tents and sound", 22], ["Food for helpers", 9], ["Town hall", 8], ["Tin for next summer", 15]])
    end

    it "counts the single one at the end of a row" do
      words = "In the last three years fourteen people left. Six moved away, four found the pay too low, three went back to school and one married a cook in Ternby."
      expect(told("parts", words)).to eq([["Moved away", 6], ["Found the pay too low", 4], ["Back to school", 3], ["Married a cook in Ternby", 1]])
      expect(amounts("Know your audience, know your one message, know your time.")).to be_empty
    end

    it "begins the first of a row in brackets behind what is done" do
      expect(titles("parts", "The food comes from supermarkets (52 tonnes), farms (23 tonnes) and private gifts (9 tonnes).")).to eq(["Supermarkets", "Farms", "Private gifts"])
    end
  end

  describe "amounts" do
    it "knows acidity, and does not take the reach of a scale for a change" do
      words = "The pH scale runs from 0 to 14. Lemon juice has a pH of 2, vinegar 3, rain about 5.6, pure water 7, sea water 8 and soap 10."
      expect(told("ranking", words)).to eq([["Lemon juice", 2], ["Vinegar", 3], ["Rain", 5.6], ["Pure water", 7], ["Sea water", 8], ["Soap", 10]])
      expect(text(words).changes).to be_empty
    end

    it "takes a price without a currency neither for a count nor for an hour" do
      expect(amounts("There are two rivals on the shelf. Meadow costs 2.29, tastes sweet and comes in a plastic bottle.")).to eq([[2, "rivals"], [2.29, ""]])
      words = "The lowest wage was 12.10 euros an hour in 2021. It rose to 12.80 in 2022, to 14.00 in 2024 and stands at 15.20 today."
      expect(told("trend", words)).to eq([["2021", 12.1], ["2022", 12.8], ["2024", 14], ["Today", 15.2]])
    end

    it "keeps a distance and a depth apart" do
      words = "At 5 km the ash lay 120 cm deep, at 10 km 60 cm, at 20 km 22 cm and at 40 km 4 cm."
      expect(told("relation", words)).to eq([["5 km", 120], ["10 km", 60], ["20 km", 22], ["40 km", 4]])
      expect(amounts("The plank is 2 m 40 cm long.")).to eq([[240, "cm"]])
    end

    it "takes what is left of a number for no later value of it" do
      expect(text("The board has five members. Greta Lund chairs it; the other three each look after one area: drivers, stores and visitors.").changes).to be_empty
    end

    it "sets no larger number in a smaller one" do
      items = found("headline", "The workshop in Brool employs 46 people. Last year we sold 7,300 coats in eleven countries.").items
      expect(items.map { |i| [i.value, i.date] }).to eq([[46, nil], [7300, nil]])
      expect(items.map(&:title)).to all(match(/\w\z/))
    end
  end

  describe "ratios" do
    it "finds so many in so many behind a longer name" do
      item = found("ratio", "Only one young barn owl in four is alive after a year.").items.first
      expect(item.value).to eq 25
    end
  end

  describe "clubs" do
    it "takes a half beside sums of money for half of what it costs" do
      words = "Of the 68,000 euros that it costs, the district pays half, the club has saved 19,000, and 15,000 must come from donations."
      expect(told("parts", words)).to eq([["The district", 34_000], ["The club", 19_000], ["Must come from donations", 15_000]])
      expect(amounts(words).map(&:last)).to eq(["EUR", "%", "EUR", "EUR"])
    end

    it "tells ages, times of a race and years apart from what is counted" do
      expect(amounts("86 members rowed. The youngest was nine, the oldest 83.")).to eq([[86, "members"], [9, "years"], [83, "years"]])
      expect(amounts("Ines Tarn won the single sculls in 7:41, ahead of Wen Orr (7:58).")).to be_empty
      expect(amounts("Membership over the years: 2019 310, 2020 288, 2021 295.").map(&:last)).not_to include("years")
    end
  end

  describe "tables" do
    it "counts in what the head of a column says" do
      words = "## Stock\n\n| Place | Weight (kg) | Visitors | Euros |\n|---|---|---|---|\n| Ternby | 42 | 310 | 6,500 |\n| Brool | 31 | 220 | 18,000 |\n"
      read = Peony::Reading::Passages.of(Peony::Notes::Text.read(words))
      units = Peony::Reading::Text.new(read.first).quantities.map(&:unit)
      expect(units).to eq(%w[kg visitors EUR] * 2)
    end
  end

  describe "what is no amount" do
    it "leaves out telephone numbers, houses, hours and weeks that are told by their number" do
      ["Leave the house and ring 112 from outside.", "Tarn & Daughters, Mill Lane 4, Brool.", "Stay out of the sun between eleven and three.", "In week 3 you meet the cutters.",
       "On Monday at nine everybody starts in Mill Lane."].each { |words| expect(amounts(words)).to be_empty, words }
    end

    it "takes half a litre for half a litre" do
      words = "Of the nine litres that the goats give, the kids get four, three go to cheese, one and a half to the neighbours, and half a litre is spilled."
      expect(told("parts", words)).to eq([["The kids", 4], ["Cheese", 3], ["The neighbours", 1.5], ["Spilled", 0.5]])
      expect(amounts("We read for a quarter of an hour.")).to eq([[0.25, "hours"]])
    end

    it "finds the whole that a number is of, and no total by chance" do
      words = "Heating causes 5.1 of the 9.8 tonnes that a household gives off. Travel comes to 2.6 tonnes, food to 1.4 and electricity to 0.7."
      expect(told("parts", words)).to eq([["Heating", 5.1], ["Travel", 2.6], ["Food", 1.4], ["Electricity", 0.7]])
      expect(text("There were 61 single gloves, 34 umbrellas and 19 reading glasses. Hats came to 12. Of false teeth there were only 3.").totals).to be_empty
    end

    it "does not add up what people may say several times, nor shift the names of shares" do
      expect(found("parts", "In a survey 61 % said that they were afraid of noise. 44 % fear the longer way. 12 % said they would miss the old canteen.")).to be_nil
      expect(told("parts", "Search brought 46 % of all visits, social media 23 %, the newsletter 18 %, and direct visits made up the rest."))
        .to eq([["Search", 46], ["Social media", 23], ["The newsletter", 18], ["Direct visits", 13]])
      expect(told("ranking", "On an ordinary day our pupils spend 96 minutes on short films, 71 on messages, 48 on games and 12 on school work."))
        .to eq([["On short films", 96], ["On messages", 71], ["On games", 48], ["On school work", 12]])
    end
  end

  describe "time" do
    it "knows early years, centuries told shortly, and clock times before things" do
      words = "Around the year 15 BC soldiers crossed the pass. By AD 80 it had become a town. In 259 it was burned down by raiders, and about 400 the last soldiers left."
      expect(found("timeline", words).items.size).to eq 4
      words = "In the eleventh century letters were made of clay. Metal type was cast in the fourteenth. Books became cheap in the sixteenth century. Steam presses came in the nineteenth."
      expect(found("timeline", words).items.map(&:date)).to eq(["the eleventh century", "the fourteenth", "the sixteenth century", "the nineteenth"])
      words = "Lessons begin at 8.10. The first break is at 9.45, lunch at 12.30, and from 14.15 pupils have clubs. At 16.00 the buses leave."
      expect(found("timeline", words).items.map(&:date)).to eq(["8.10", "9.45", "12.30", "14.15", "16.00"])
    end

    it "keeps a weekday with its date, and the order of what is on no one scale" do
      words = "We move on Friday, 12 June. The old office closes at noon. On Monday at nine everybody starts in Mill Lane."
      expect(found("timeline", words).items.map(&:date)).to eq(["Friday, 12 June", "noon", "Monday"])
    end

    it "takes weeks and months that one is into something for moments" do
      words = "The first six months are a trial for both sides. In week 1 you get to know every bench. After a month we talk about how it is going. " \
              "At three months you get your own drawer of tools. In the sixth month we decide whether you stay."
      expect(found("timeline", words).items.map(&:date)).to eq(["week 1", "After a month", "At three months", "the sixth month"])
      expect(amounts(words).map(&:first)).not_to include(1)
    end

    it "names quarters as they are told" do
      words = "Demand rose in every quarter: 3,900 parcels in the first, 4,310 in the second, 4,730 in the third and 5,300 in the last."
      expect(told("trend", words)).to eq([["The first", 3900], ["The second", 4310], ["The third", 4730], ["The last", 5300]])
    end

    it "names a stage by when it is, not by one word of that" do
      words = "The evening before you lie awake. On the way you are sure you have forgotten the stick. In the middle you notice that somebody is nodding. When they clap you want to do it again."
      expect(titles("journey", words)).to eq(["The evening before", "On the way", "In the middle", "When they clap"])
    end
  end

  describe "comparisons" do
    it "tells two of one kind apart by their names, and keeps what goes on about each" do
      words = "Two wools are sold most. Hollin wool is coarse, grey and very strong; a ball costs 4.80 euros. Tarn wool is soft and white. It comes from lambs and costs 7.20 euros a ball."
      expect(titles("comparison", words)).to eq(["Hollin wool", "Tarn wool"])
    end

    it "takes neither what is told of both for a third nor leaves out ours" do
      words = "The forest week is for children who like mud: they sleep in tents, cook over a fire and walk a good deal. " \
              "The harbour week has bunks and a proper kitchen, and most of the day is spent in small boats. Swimming badges are needed for the second, but not for the first."
      expect(titles("comparison", words)).to eq(%w[Forest Harbour])
      expect(titles("comparison", "There are two rivals on the shelf. Meadow costs 2.29, tastes sweet and comes in a plastic bottle. " \
                                  "Barley costs 1.79 but is thin and separates in coffee. Ours will cost 1.99 and foams.")).to eq(%w[Meadow Barley Ours])
      expect(titles("comparison", "We looked at three rooms. Mill Lane is 40 m² and costs £310. The loft on Kirk Street has 55 m² but no lift. " \
                                  "The third, by the station, is the cheapest at £280.").size).to eq 3
    end
  end

  describe "decisions" do
    it "leaves out where one only goes on, and keeps the first of questions that are asked alike" do
      words = "1. Was the course cancelled by us? If yes, the whole fee goes back. If no, go to 2.\n2. Did you tell us 14 days before? If yes, half goes back. If no, nothing can be paid."
      expect(titles("decision", words).join(" ")).not_to match(/go to/i)
      words = "Do you compare things? Use bars. Do you show a change over time? Use a line. Are there parts of a whole? Then a ring will do."
      expect(titles("decision", words).first).to match(/compare/)
    end
  end

  describe "steps" do
    it "keeps the first order, and leaves out how what is done is called" do
      words = "Fold the sheet in half. Bring the upper corners to the middle. Turn up both edges. Open the hat and press it into a square. Pull the two tips apart."
      expect(titles("sequence", words).size).to eq 5
      words = "How a road was built: surveyors marked the line with stakes. A ditch was dug and filled with large stones. Gravel and sand came on top. Finally slabs were laid."
      expect(titles("sequence", words).first).to eq "Surveyors marked the line"
    end
  end

  describe "lists" do
    it "leaves out the question that all the others answer, and what leads to the first of a row" do
      words = "What could go wrong? The oat price may rise. The filling line in Brool might not be ready. A rival could cut the price. And the weather at the stations may be awful."
      expect(titles("list", words).size).to eq 4
      expect(titles("list", "Scientists watch for more earthquakes, a rise in the ground, warmer springs and a change in the gases.").first).to eq "More earthquakes"
    end
  end
end
