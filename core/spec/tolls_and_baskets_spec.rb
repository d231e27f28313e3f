# frozen_string_literal: true

# What lots of the harder families brought to light, in other words.
RSpec.describe "Notes of tolls and baskets" do
  include WordsRead

  counts(
    "None of the three can see a screw on the floor." => [],
    "They used to be asked the same question 200 times a day." => [[200, "times"]],
    "Lorries account for it: from 88 on an average day to 29. The toll was £41,000." => [[88, "lorries"], [29, "lorries"], [41_000, "GBP"]],
    "Before it, people rang 4.2 times. Now it's 1.3." => [[4.2, "times"], [1.3, "times"]],
    "Three months of the basket, does it work? We used to finish in 95 minutes. It's 60 now." => [[3, "months"], [95, "minutes"], [60, "minutes"]],
    "She's got it down from six times a meeting to once." => [[6, "times"], [1, "times"]],
    "It used 41 litres of oil a night and uses none." => [[41, "litres"], [0, "litres"]],
    "How cold was it, and how many pigeons were there? Plus four: 6 pigeons. Nought degrees gave him eleven. After minus five he counted 24." =>
      [[4, "degrees"], [6, "pigeons"], [0, "degrees"], [11, "pigeons"], [-5, "degrees"], [24, "pigeons"]],
    "One burns wood chips. The other costs £61,000." => [[61_000, "GBP"]],
    "As for wrong notes, of which he keeps a list, he counted eleven." => [[11, "notes"]],
    "Kilometres cycled to work in May, by class: Class 9 1,120, staff 640." => [[1120, "km"], [640, "km"]],
    "A result took us 26 hours, of which the post needed twenty." => [[26, "hours"], [20, "hours"]],
    "The sea was in it for the jury; in fifty-six one could hear it." => [[56, ""]],
    "510 children who brought one back." => [[510, "children"]],
    "Seven in nine of those who came to the two concerts had never looked." => [[7, "people"], [9, "people"], [2, "concerts"]],
    "The squares are 15 by 15 centimetres." => [[15, "cm"], [15, "cm"]],
    "Upper Gill has 5.1 km. The two children from Gorse Step have the longest way with 7.3." => [[5.1, "km"], [2, "children"], [7.3, "km"]],
    "The council will want to see a third year." => [],
    "Journeys went from 62 a year to 93, one and a half times as many." => [[62, "journeys"], [93, "journeys"], [1.5, "times"]],
    "The toll bridge is two hundred this year." => [[200, "years"]],
    "The house had 12 cards. Old Benno had none." => [[12, "cards"], [0, "cards"]],
    "Hours of sun in August, stations of the county: Gull Island 241, Thrawle 198." => [[241, "hours"], [198, "hours"]],
    "- 150 invitations answered\n- 121 said yes" => [[150, "invitations"], [121, "people"]],
    "Walkers are the largest group by a good way, 1,140 of them." => [[1140, "walkers"]]
  )

  it "sees goals in further turns, also beside how many of them did something" do
    hedge = "It goes well with the hedge! We said a thousand plants, and as of Saturday there are 640 in the ground. Bring wellingtons."
    expect(values("ratio", hedge)).to include(64)
    trees = "The town wants to plant 500 street trees. By this spring the green stood at 215. One in eight of those has had to be put in again."
    expect(values("ratio", trees)).to eq([43, 12.5])
    roof = "The carpenter has reckoned again and it's £27,500. What we've got is £16,500. It rained on the hymn board."
    expect(values("ratio", roof)).to eq([60])
  end

  it "tells changes of what was then and is now, sentence by sentence" do
    menu = "The queue had been 16 minutes and has come down to eight. The cooks used to be asked the same question 200 times before lunch. Last week they were asked it thirty-one times."
    expect(values("change", menu)).to eq([8, 31])
  end

  it "knows the middle of a century, decades at the head of a sentence and a weekday that closes the years" do
    tree = "The tree was planted in 1658. Lightning took its crown in 1803. Around the middle of the century it bore for the first time. In 1904 a ring was laid round it."
    expect(found("timeline", tree).items.map(&:title).join(" ")).to match(/bore/i)
    door = "First night, 4 October 1911. Electric light, spring 1920. Early sixties, first woman on the fly floor. Roof repaired, 1988."
    expect(found("timeline", door).items.size).to eq(4)
    cup = "The cup was thrown from the pier in July 2006. In 2011 somebody photographed it off Solmouth. It was washed up on the island in 2015. On Tuesday the owner gave it to our museum."
    expect(found("timeline", cup).items.size).to eq(4)
  end

  it "sets everything in four boxes that is told by two columns" do
    zoo = "The director has two columns for her animals. One says what an animal eats, the other how many people come because of it. Otters eat little and draw crowds. " \
          "The elephants draw them too, and eat the budget. Tortoises cost next to nothing and are passed by. What remains are the tapirs, dear to feed and visited by hardly anyone."
    expect(read(zoo).best.family).to eq("quadrant")
    expect(read(zoo).items.size).to eq(4)
  end

  it "gives what one cause leads to a place of its own" do
    river = "Too little water came in, because the rains failed. Too much went out, because a paddle would not close. " \
            "Low water warmed up and brought the weed, and the weed is what has stopped the boat."
    expect(titles("cause", river).size).to eq(4)
  end

  it "leaves out an entry that only says the first once more, and keeps what stands in front of each row" do
    rumour = "A rumour at the harbour\n- Lund says something in the bar.\n- Somebody mishears it.\n- By morning it is on the quay.\n- The mate tells it to Lund.\n- Lund says it in the bar."
    expect(found("cycle", rumour).items.size).to eq(4)
    cards = "Reading, start to finish\n- 820 cards handed out\n- 510 children who brought one back\n- 240 with five stamps\n- 96 with all ten\n- 94 at the party (two had measles)"
    expect(values("funnel", cards)).to eq([820, 510, 240, 96, 94])
  end
end
