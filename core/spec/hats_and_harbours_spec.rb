# frozen_string_literal: true

# What further lots of longer notes brought to light, in other words.
RSpec.describe "Notes of hats and harbours" do
  include WordsRead

  counts(
    "Caps come to 812 this spring. Scarves are not far behind at 640. Boots stood at 51." => [[812, "caps"], [640, "scarves"], [51, "boots"]],
    "Lockers are fewer, for the wait has fallen from 20 minutes to 6. Lamp stands have gone from 12 to 55." => [[20, "minutes"], [6, "minutes"], [12, "stands"], [55, "stands"]],
    "In March the keepers walk the cliffs and count the eggs of the grey gull. In 2019 they found 31, and the year after 40." => [[31, "eggs"], [40, "eggs"]],
    "A card goes to every farm in the dale, and there are 96 of those." => [[96, "farms"]],
    "The class takes toddlers, with a helper for every four of them. You have to be three." => [[4, "toddlers"], [3, "years"]],
    "Among the mothers it is two out of seven." => [[2, "mothers"], [7, "mothers"]],
    "At 14 degrees there were eight guests. At 21, on Sunday, there were forty." => [[14, "degrees"], [8, "guests"], [21, "degrees"], [40, "guests"]],
    "Age of the ewe and lambs a year, Hagg: 2 years, 1; 3 years, 2; 6 years, 3." => [[2, "years"], [1, "lambs"], [3, "years"], [2, "lambs"], [6, "years"], [3, "lambs"]],
    "Since the gate was moved: late guests 30 a week to 8, complaints from walkers 3 to 17." => [[30, "guests"], [8, "guests"], [3, "complaints"], [17, "complaints"]],
    "We asked each of the five ferries how many parcels it took across. The Gull had 120, the Tern 45." => [[5, "ferries"], [120, "parcels"], [45, "parcels"]],
    "It holds for an hour and three quarters." => [[1.75, "hours"]],
    "Fifty-two hundredths of it stay here." => [[52, "%"]],
    "Two fairs were held in the barn. A third was held in the mill." => [[2, "fairs"]],
    "Eighty days of waiting for a popular part have shrunk to nine." => [[80, "days"], [9, "days"]],
    "Visits have gone up to four trips a week from one." => [[4, "trips"], [1, "trips"]],
    "The mill broke into pieces. There were 900 in the audience." => [[900, "people"]],
    "Lost eels stood at forty a month and have settled at seven." => [[40, "eels"], [7, "eels"]],
    "Boats out in the rain have gone from 9 to 26. We used to lose 14 hours a month to fog and it's five now." => [[9, "boats"], [26, "boats"], [14, "hours"], [5, "hours"]],
    "Tove, 41, works at the quay." => [[41, "years"]],
    "In 2016 people came. By 2018 they had thrown in 52 coins." => [[52, "coins"]],
    "The wind blew at nine kilometres an hour." => [[9, "km/h"]],
    "It is a loaf that weighs two pounds and costs two pounds." => [[2, "pounds"], [2, "GBP"]],
    "It went back to a single one. The income was 900 crowns and is nought." => [[1, ""], [900, "crowns"], [0, "crowns"]],
    "Not every calf lives to see the fair. Of every twenty that are born, three die." => [[20, "calves"], [3, "calves"]],
    "Of umbrellas alone his guests left behind 250." => [[250, "umbrellas"]],
    "Of the 60 traders 34 sell bread, 21 sell fish." => [[60, "traders"], [34, "traders"], [21, "traders"]],
    "It is kept from one year to the next. I got a third!" => []
  )

  it "hand nothing back from what is counted later, and no share on to what is counted" do
    expect(amounts("Casting began with the whole street, 140 strong. Of these sixty could be heard. For the two queens we had three.").first(2)).to eq([[140, ""], [60, ""]])
    expect(amounts("They made it three hundred. Half of those were moths. Forty were flies.").map(&:last)).not_to include("flies")
    expect(amounts("They made it three hundred. Half of those were moths. Forty were flies.").last).not_to eq([40, "%"])
  end

  it "take hours, names and turns of phrase for no amount" do
    expect(amounts("The tram that used to leave at nine was stopped. We own gloves, hardly ever two of a kind. Put the two side by side.")).to eq([])
  end

  describe "decisions" do
    it "begin where something is asked, not with what leads up to it" do
      told = titles("decision", "When a guest rings at night to say that they hear something on the stairs, this is how the porter goes about it. Is it the cat? If so, say " \
                                "good night. If not, ask whether the light is on. With the light on it is Maud. Without it, go up with the lamp. He has a chair of his own.")
      expect(told.size).to eq(5)
      expect(told.first).to match(/cat/i)
    end

    it "part what is told with the same word twice, and answers behind a colon" do
      expect(titles("decision", "Is the bowl chipped? Cut it open: where the clay is grey it goes on the heap, where the clay is red it goes to the wheel. If it is whole, " \
                                "does it ring? A ringing one is sold. A dull one stays.").size).to eq(6)
      told = titles("decision", "Is the lamp lit? If it is, go in. If it is dark, find out if the key is under the mat: should it be there, take it; should it not, ring Hana.")
      expect(told.size).to eq(5)
    end
  end

  it "leave out causes that are ruled out, and what sums the others up" do
    fair = "The fair lost money again, and the committee has looked for the reasons. The tent was hired for a week. A rival market took the same Sunday. The programme was printed twice. " \
           "The weather cannot be blamed: it was splendid. Put together, these things cost us 400 crowns."
    expect(titles("cause", fair).size).to eq(3)
  end

  it "count how many follow where the second sentence says it" do
    expect(titles("cause", "You know what is behind the great sock shortage? Three things, I asked around. The dryer eats them. The dog buries them. And everyone takes the left ones. " \
                           "I timed the dog, it needs a minute a sock. We could all wear sandals.").size).to eq(3)
  end

  it "place what is told by this Easter, by a decade in full and by a war" do
    quay = "The first crane was set up in 1871. A second came during the nineteen-twenties. It was moved after the Second World War. " \
           "Since 1998 it has been rusting. Paint was brought this Easter."
    expect(found("timeline", quay).items.size).to eq(5)
    expect(titles("timeline", "- 4 May: nets out\n- Whit Monday: first race\n- late June: second race").size).to eq(3)
  end

  it "keep names of two words whole, whatever the second could do" do
    expect(told("ranking", "What the pickers brought, in crates: Amber Lamp 64, Tin Whistle 22, Old Sister 51, Parson's Cheek 9.").map(&:first)).to include("Tin Whistle")
  end

  it "keep as many sides as are announced" do
    tents = "Two kinds of tent are lent out by the scouts. The bell tent weighs 20 kilos and takes an hour to put up. The dome weighs three kilos, is up in a minute and sleeps two. " \
            "Fathers like the bell but have to carry it."
    expect(titles("comparison", tents).size).to eq(2)
  end

  it "see what is still wanted beside shares of other things" do
    choir = "Three singers in every ten have never sung before. One out of four is over seventy. New books have been ordered, for which 900 crowns are wanted and 540 are in the hat."
    expect(told("ratio", choir).map(&:last)).to eq([30, 25, 60])
  end

  it "leave those who fell away out of the stages" do
    stones = "The quarry breaks some 9,000 stones in a season. Of these 3,100 are marked. 2,400 get down the hill. In the end 1,800 were laid, sixty having been stolen for gardens."
    expect(told("funnel", stones).map(&:last)).to eq([9000, 3100, 2400, 1800])
  end

  it "tell three groups that all do something, and what each two share" do
    pier = "The rowers, the anglers and the divers all use one pier, and peace has been made by a list. Rowers and divers want the weed cut. Anglers and rowers are against motors. " \
           "Divers and anglers would like the swans moved. And there is not one of them all who will sweep the hut."
    told = found("overlap", pier).items
    expect(told.size).to eq(7)
    expect(told.map(&:title)).to include("Weed cut", "Swans moved")
    expect(told[3].detail).to eq("Rowers and divers want the weed cut")
  end

  it "put one over all who stands at the top, whatever he has below" do
    tram = "At the top sits the director, and he shouts at the heads of the two divisions. Traffic has under it the drivers and the inspectors. To Workshops belong fitters and painters."
    top = found("hierarchy", tram).items.first
    expect([top.title, top.children.map { |i| [i.title, i.children.map(&:title)] }]).to eq(["Director", [["Traffic", %w[Drivers Inspectors]], ["Workshops", %w[Fitters Painters]]]])
  end

  it "part all that is either one thing or another" do
    soups = "Soup has its own order here. All soups are either clear or bound. The clear ones come from bones or from roots. Bound soups are thickened with cream or with bread."
    expect(titles("hierarchy", soups)).to eq(%w[Clear Bound])
  end

  it "call the axes of a table by its columns" do
    table = "## How full\n\n| Class | Places | Taken |\n|---|---|---|\n| Rye | 12 | 12 |\n| Pastry | 10 | 7 |\n| Buns | 14 | 9 |\n| Festive | 8 | 8 |\n"
    said = Peony::Reading.of(Peony::Reading::Passages.of(Peony::Notes::Markdown.read(table)).last).findings.find { |f| f.family == "relation" }
    expect(said.items.first.aspects.map(&:first)).to eq(%w[places taken])
  end

  it "take no part for missing that is in both of the others, and no heads for entries" do
    queries = ->(words) { read(words).queries.select { |q| q.kind == "mismatch" } }
    expect(queries["Of the 50 houses in Mill Lane 30 have a cat and 19 have a dog; 11 have the two together."]).to be_empty
    expect(queries["Two ways to the island\n\nThe ferry\n- takes an hour\n- costs 9 crowns\n- runs all year\n\nThe bridge\n- takes ten minutes\n- costs nothing\n- shuts in a gale"]).to be_empty
    expect(queries["Two ways to the island:\n- ferry\n- bridge\n- balloon"].size).to eq(1)
  end

  it "name what changed without what is said of it" do
    expect(text("Gas, for which we paid 410 euros a month, is down to 265.").changes.map(&:name)).to eq(["Gas"])
  end

  it "show a change that is told in these turns" do
    expect(text("What used to be 46 days of waiting has shrunk to nineteen.").changes.map { |p| [p.one.value, p.two.value] }).to eq([[46, 19]])
    expect(text("Biscuits have gone up to three packets a week from one.").changes.map { |p| [p.one.value, p.two.value].sort }).to eq([[1, 3]])
  end
end
