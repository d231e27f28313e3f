# frozen_string_literal: true

# What lots in the very mix of the shared passages brought to light, in other words.
RSpec.describe "Notes of grounds and ledgers" do
  include WordsRead

  counts(
    "The club was begun by seven men and a cook." => [[7, "men"]],
    "Shut the tap, then give it a quarter turn." => [[0.25, "turns"]],
    "Beds let at the inn\n- 2021: 310\n- 2022: 402\nWe count dogs as people." => [[310, "beds"], [402, "beds"]],
    "Baths per guest have gone up: 1.1 a day then and 1.6 now. The bill is €90." => [[1.1, "baths"], [1.6, "baths"], [90, "EUR"]],
    "Plates go back into the crates (there were 70 on Monday)." => [[70, "plates"]],
    "The ring at berth 7 is loose." => [],
    "It elects a board of five." => [[5, "members"]],
    "From poster to pool\n- 900 rang up\n- 210 came to the pool\n- 60 signed up\n" => [[900, "people"], [210, "people"], [60, "people"]],
    "Who finished\n- signed up: 60\n- came on Sunday: 48\n- sat the test: 20\n" => [[60, "people"], [48, "people"], [20, "people"]],
    "Of the 240 letters 132 asked for a song and 60 complained." => [[240, "letters"], [132, "letters"], [60, "letters"]],
    "The notice drew 340 letters. Thirty were asked to come, and four stayed for a week." => [[340, "letters"], [30, "people"], [4, "people"]],
    "The Early: leaves at 6, three hours. The Late: leaves at 11, two hours." => [[3, "hours"], [2, "hours"]],
    "Steps counted by the lamplighters: Hill Ward 21,400, Old Town 9,800." => [[21_400, "steps"], [9800, "steps"]],
    "Nobody under fifteen touches the salad." => [[15, "years"]],
    "Our only cook is sixty-four and says no." => [[64, "years"]],
    "Lorries press it down a bit more, 20 or 30 of them a day." => [[20, "lorries"], [30, "lorries"]],
    "Wettest places (mm)\n- Hagg 212\n- Brow 187\n- Tollen 143\n" => [[212, "mm"], [187, "mm"], [143, "mm"]],
    "How fast they run, in km/h\n- Hare 70\n- Horse 65\n- Hen 14\n" => [[70, "km/h"], [65, "km/h"], [14, "km/h"]],
    "Wind and what it gave: 4 m/s 90 W, 6 m/s 300 W." => [[4, "m/s"], [90, "W"], [6, "m/s"], [300, "W"]],
    "Hardly any child is driven to school: a mere one in twenty." => [[1, "children"], [20, "children"]],
    "Hours practised and wrong notes: Ida 2 and 31, Tom 5 and 22, Wen 9 and 12." => [[2, "hours"], [31, "notes"], [5, "hours"], [22, "notes"], [9, "hours"], [12, "notes"]],
    "What they grumbled about: parking 88 times, noise 61, the site 34." => [[88, "times"], [61, "times"], [34, "times"]],
    "A lunch comes to 3 crowns: 1.20 is for food, and the van takes 0.40." => [[3, "crowns"], [1.2, "crowns"], [0.4, "crowns"]],
    "The otter log is kept by Wen. In 2012 there were two. It was five in 2017, and seven in 2020." => [[2, "otters"], [5, "otters"], [7, "otters"]],
    "Sales of the yellow hat: in the first winter we sold 120. The next brought 310." => [[120, "hats"], [310, "hats"]],
    "With two hatches it takes 11. It took a class 25 minutes before." => [[2, "hatches"], [11, "minutes"], [25, "minutes"]],
    "The noise dropped to 41 decibels. Complaints, which had come in at nine a month, are down to one." => [[41, "decibels"], [9, "complaints"], [1, "complaints"]],
    "It takes a horse fifty minutes, or a tractor eleven." => [[50, "minutes"], [11, "minutes"]],
    "Of the labels, all forty thousand of them, none is lost." => [[40_000, "labels"]],
    "One child wanted nothing." => [[1, "children"]],
    "A third way was named, and not discussed." => [],
    "- two vets\n- one ghost\n- carpenters\n" => [[2, "vets"], [1, "ghosts"]],
    "He counted how often he woke up. Over the mill it was seven times. At the inn he put down eleven." => [[7, "times"], [11, "times"]]
  )

  it "keeps a last step that begins otherwise than the first, whatever month both name" do
    bags = "A year of our bags\n- New bags come out of the shop in May.\n- They are worn until Easter.\n- Zips are mended.\n- In June they are washed.\n- The shop sells them again in May."
    expect(found("cycle", bags).items.size).to eq(5)
  end

  it "finds three groups wherever the first sentence names them, and what two of them share" do
    told = found("overlap", "It is not by chance that the smiths, the bellfounders and the paper mill moved under one roof. The smiths cannot do without " \
                            "the mill's rags. With the founders they share the big crane. " \
                            "Founders and mill both boil glue. All three hate the damp. But the anvils are the smiths' affair, and the ducks belong to the mill.")
    expect(told.items.map(&:title).first(3)).to eq(%w[Smiths Bellfounders] + ["Paper mill"])
    expect(told.items.size).to eq(7)
    expect(told.items.map { |i| i.title.downcase }.join(" ")).to include("crane", "glue", "damp").and(satisfy { |words| !words.include?("ducks") })
  end

  it "takes what makes something go wrong for causes" do
    expect(read("What makes our soup go sour: old beans, a warm cellar, a lid left open, or somebody who tastes too often.").best.family).to eq("cause")
  end

  it "leaves out that there are two causes" do
    causes = "When the bushes died there was an inquiry. Mr Ipsley blamed two things. The roots stood wet, because the drain was blocked. " \
             "And the bushes were weak, because they were picked too late. Weak bushes freeze."
    expect(titles("cause", causes).join(" ")).not_to include("Ipsley")
  end

  it "does not count a share that only seems so among the parts, nor one that was told roughly before" do
    day = "Cows take 41 per cent of our time. Driving to them is a quarter. Small animals come to 18 %, and paperwork to a tenth, though it feels like half. Whatever's left is tea."
    expect(values("parts", day)).to eq([41, 25, 18, 10, 6])
    bin = "Nearly half, 47 % to be exact, could go on the compost. Packaging is next with 28. Glass makes up a tenth. Nappies come to 9 per cent. And the rest, he says, is other."
    expect(values("parts", bin)).to eq([47, 28, 10, 9, 6])
  end

  it "tells two numbers of one short sentence apart, and leaves out what a thing can do" do
    expect(titles("headline", "This autumn: 41 tonnes picked. 3 ladders broken. 128 helpers, 0 falls. Thank you.").size).to eq(4)
    year = found("headline", "We played 211 evenings. The puppets went to 27 schools with a van that does 80 km/h downhill. We sold 38,400 seats.")
    expect(year.items.map(&:value)).to eq([211, 27, 38_400])
  end

  it "sees a goal in what one has of a price" do
    piano = "Right, the piano. A new one for the hall is €12,500 with delivery. We've got €4,500 in the tin since the fête. The window stays shut."
    expect(read(piano).best.family).to eq("ratio")
    expect(read(piano).items.first.value).to eq(36)
  end

  it "makes no stage of so many in a hundred, and no point of some of them" do
    funnel = found("funnel", "It began with 250 essays. Of these 130 were about something. Sixty-one could be listened to. Ten were printed, which is four in a hundred of what was sent.")
    expect(funnel.items.map(&:value)).to eq([250, 130, 61, 10])
    trend = found("trend", "There were 212 carts in 1998. In 2008 he wrote down 180, of which three were on fire. In 2012 only ninety came by. By 2021 it was down to 40.")
    expect(trend.items.map(&:value)).to eq([212, 180, 90, 40])
  end

  it "knows the turn of the millennium, and that both wars were a time" do
    choir = "It was founded in 1921. Both wars were spent in the cellar. The first record was made in 1978. At the turn of the millennium it stood still."
    expect(found("timeline", choir).items.size).to eq(4)
  end
end
