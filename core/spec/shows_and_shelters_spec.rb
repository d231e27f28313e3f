# frozen_string_literal: true

# Longer notes, told as people tell them: asides between the numbers, who is over whom, what is left of a note.
RSpec.describe "Notes of shows and shelters" do
  include WordsRead

  it "rank what is measured, and not who did it" do
    weighed = "The marrow weigh-in. Bertil's monster came to 112 kilos, and he never sang to it. Close behind was the infant school with 104; thirty children " \
              "had watered it. Nobody had expected the Reverend, whose entry came up on the scales at 71. My own brought 38, and Ottilie's, grown in a " \
              "bathtub, a brave nine."
    expect(valued(weighed)).to eq([["Bertil's monster", 112], ["Infant school", 104], ["Reverend", 71], ["My own", 38], ["Ottilie", 9]])
    expect(amounts(weighed).map(&:last)).to eq(%w[kg kg children kg kg kg])
    leeks = "The longest was Tam Ferrow's, at 84 cm from root to ribbon. Two brothers from Pell were second with 79. The vicarage managed 66. Someone had " \
            "entered a spring onion for the joke of it: eleven."
    expect(valued(leeks)).to eq([["Tam Ferrow's", 84], ["Two brothers from Pell", 79], ["Vicarage", 66], ["Spring onion", 11]])
  end

  it "change each in what it is counted in" do
    told = "A tram used to need eleven minutes to turn round and now needs six. Complaints have dropped from 74 a month to 31. The number of drivers who " \
           "stay longer than a year has doubled, from 9 to 18. The only thing that went the wrong way is sandwiches: the canteen sold 140 a day and sells 95 today."
    expect(amounts(told).map(&:last)).to eq(%w[minutes minutes complaints complaints drivers drivers sandwiches sandwiches])
    expect(names("It is not all good news: sick days on the night crew have gone up, from two a month to five.")).to eq(["Sick days"])
    expect(amounts("Wenzel lasted four minutes and ten seconds.")).to eq([[250, "seconds"]])
  end

  it "part a note to the last penny, and what was weighed to the last boot" do
    note = "Every ten-pound note that goes into the tin is accounted for. Fuel swallows £3.20 of it. Another £2.50 is spent on training, most of that on getting " \
           "people over the side. The suits cost £2.10. £1.40 is put by for the next engine, and the rest keeps a light on in the boathouse."
    expect(valued(note).map(&:last)).to eq([3.2, 2.5, 2.1, 1.4, 0.8])
    expect(names(note)[1]).to eq("Training")
    bin = "We weighed the school bin for a week. 54 kilos. Paper made up half of it. Another 14 kilos was crusts. Then came 8 kilos of juice boxes, and the rest, " \
          "I'm told, was odd socks and one whole boot."
    expect(told("parts", bin).map(&:last)).to eq([27, 14, 8, 5])
    engine = read("It costs €36,000 fitted, of which €27,000 was in the tin when the treasurer shook it out.")
    expect(engine.best.family).to eq("ratio")
  end

  it "know who is over all, though the beginning speaks of something else" do
    circus = read("People imagine that a circus is all one family. Ours is more like a ship. Signora Zandrini owns it and says what is what. Two people answer to " \
                  "her: the ringmaster, who has charge of everything in the light, and Goran, who has everything behind it. The riders, the clowns and the band " \
                  "take their orders from the ringmaster. To Goran belong the drivers, the kitchen and a tent crew of nine.").items
    expect(circus.map { |i| i.named.title }).to eq(["Signora Zandrini"])
    expect(circus.first.children.map { |c| [c.named.title, c.children.size] }).to eq([["Ringmaster", 3], ["Goran", 3]])
    kitchen = read("New here? Then learn the kitchen first. Chef is Anouk, and whatever Anouk says is so. She's got two under her: Piet on the hot side and " \
                   "Salma, who runs the cold. Piet has the grill, the soups and a boy called Finn. Salma's people do the salads and the pastry.").items
    expect(kitchen.first.named.title).to eq("Anouk")
    expect(kitchen.first.children.size).to eq(2)
  end

  it "leave asides out of rows, stages and boxes" do
    expect(valued("A good summer. 14,300 tickets. Thirty-one performances, two of them in the dark. £9,850 in the bucket for the roof.").map(&:last)).to eq([14_300, 31, 9850])
    expect(valued("We wrote to 310 farms. Of these, 188 answered. At 121 the answer was yes. Nests were found in 23. Just nine had young that flew, one of them " \
                  "into Mr Pargeter's hat.").map(&:last)).to eq([310, 188, 121, 23, 9])
    boxes = read("We judge a plant by how much water it wants and how much looking after. Lavender needs neither, and the terrace is full of it. The willows drink " \
                 "like horses yet have not been touched for years. With the roses it is the other way round: hardly a can all summer, but pruning and tying. As for " \
                 "the tree ferns, thirsty and spoilt, there is one, in the hall. Visitors may not feed it.")
    expect(boxes.best.family).to eq("quadrant")
    expect(boxes.items.map { |i| i.spans.first.text }.join).not_to include("Visitors")
  end

  it "call a thing by its name, whatever else that may mean" do
    told = names("I've worn both jackets. The Fell is the heavy one, stiff as a door; rain runs off it for a whole day. With the Tarn you forget you've got it on. " \
                 "It lets the wet in at the shoulders after two hours.")
    expect(told).to eq(%w[Fell Tarn])
  end

  it "put each number with its moment, however that is told" do
    expect(valued("There is a mark for every flood. In 1987 the water reached 62 cm. It was worse two years on, when the mark had to be cut at 95. The new weir " \
                  "brought it down to 40 in 1996. Since then it has crept up again: 58 in 2009, 71 in 2018 and, last March, 83."))
      .to eq([["1987", 62], ["Two years on", 95], ["1996", 40], ["2009", 58], ["2018", 71], ["Last March", 83]])
    expect(valued("The otters are counted. Three turned up in the summer of 2014. The count stood at five when the weir was rebuilt in 2017, fell to two the year " \
                  "after, and has climbed ever since: seven in 2020 and, by last December, eleven.").map(&:last)).to eq([3, 5, 2, 7, 11])
    lime = text("In the hungry year of 1847 people boiled its leaves. Lightning took the crown one night in '93. A loudspeaker was hung in it for the election of 1931.")
    expect(lime.moments.map { |m| m.sort.floor }).to eq([1847, 1893, 1931])
    expect(lime.quantities).to be_empty
  end

  it "tell then and now by the verb, and from nothing to something" do
    expect(text("The length of it took them five minutes and takes them three and a half.").changes.map { |p| [p.one.value, p.two.value, p.two.unit] }).to eq([[5, 3.5, "minutes"]])
    told = "Apples off the old tree: 31 the year before, 118 this year. Stings have gone from none to fourteen. What has gone up is the number of cats, from none to four. " \
           "Keys lost in a term: 64 under the old window, 18 under the new."
    expect(amounts(told)).to eq([[31, "apples"], [118, "apples"], [0, "stings"], [14, "stings"], [0, "cats"], [4, "cats"], [64, "keys"], [18, "keys"]])
  end

  it "set what is measured against what is counted, and so many in so many" do
    band = "We gave them none and measured 71 decibels. With ten biscuits it went up to 76. At twenty it was 84, and forty biscuits got us 93 and a complaint."
    expect(amounts(band).map(&:last)).to eq(%w[decibels biscuits decibels biscuits decibels biscuits decibels])
    expect(read(band).best.family).to eq("relation")
    sums = "Those who live round the corner, 200 metres away, got 14 out of 20. Children from the mill, at 900 metres, had 15. For those who come 1,600 metres it was 17, and " \
           "the two from the outer farm, with 3,400 metres, scored 19."
    expect(valued(sums).map(&:last)).to eq([14, 15, 17, 19])
    expect(titles("ratio", "I sat behind it for a week, and for every ten stops it makes, three are for Mrs Adair.")).to eq(["Stops"])
  end

  it "know two that are told of together by what each is for" do
    grand = read("At the Grand one was never simply a waiter. The maître stood over the whole room. Under him there were two captains, one for the window side and one for " \
                 "the palms. The window captain had four waiters and a boy for the bread. The other had three cooks and a porter.").items.first
    expect(grand.named.title).to eq("Maître")
    expect(grand.children.map { |c| [c.named.title, c.children.size] }).to eq([["Window side", 2], ["Palms", 2]])
  end

  it "hear who won, what is not so any more, and who speaks for the others" do
    prizes = "First prize went to the fire station for one of 214 cm, brought down with a ladder and two blankets. The dairy had to be content with 187. Third was a private " \
             "person, Mrs Orr of Weir Street, whose kitchen window had yielded 140 cm. The school presented 96."
    expect(told("ranking", prizes)).to eq([["Fire station", 214], ["Dairy", 187], ["Mrs Orr of Weir Street", 140], ["School", 96]])
    fenn = text("Since the clock was mended much has altered. The ten o'clock train used to leave without eight people a day; it now leaves without one. Quarrels, of which the " \
                "constable counted 44 in a year, have gone down to three.")
    expect(fenn.changes.map { |p| [p.one.value, p.two.value, p.two.unit] }).to eq([[8, 1, "people"], [44, 3, "quarrels"]])
    sides = read("There has been much talk about marks for singing. The music teachers are against them. A voice, they say, is not a sum; the shy ones fall silent. Mr Teal, who " \
                 "speaks for the others, would keep the marks. Without them nobody brings the book.")
    expect(sides.finding("opposition").items.map { |i| i.spans.first.text[0, 9] }).to eq(["The music", "Mr Teal, "])
  end

  it "read a swimming club's winter" do
    club = text("Early swimmers used to number nine on a weekday and are now twenty-six. The average stay has gone from 40 minutes to an hour and ten. Complaints, of which the " \
                "desk counted 31, have dropped to 8. Only the lost goggles have got worse: from four pairs a month to eleven.")
    expect(club.changes.map { |p| [p.one.value, p.two.value, p.two.unit] })
      .to eq([[9, 26, "swimmers"], [40, 70, "minutes"], [31, 8, "complaints"], [4, 11, "pairs"]])
    expect(titles("change", club.string).last).to eq("Lost goggles")
    heat = "Of the £9,000 we spent on heat, the big pool took a little over half, £4,700. The showers came to £2,100. Another £1,300 went on the basin, and the rest keeps the towels warm."
    expect(told("parts", heat)).to eq([["The big pool", 4700], ["The showers", 2100], ["Basin", 1300], ["The towels warm", 900]])
  end

  it "hold how often something was against what it was before" do
    rides = "The donkeys went out 1,240 times, up from 980 the summer before. That is 40 % more. Ponies, of which there are only three, were out 610 times against 455."
    expect(text(rides).changes.map { |p| [p.one.value, p.two.value, p.two.unit] }).to eq([[980, 1240, "times"], [455, 610, "times"]])
    expect(read(rides).queries.map(&:working)).to eq(["(1,240 − 980) ÷ 980"])
  end

  it "leave what a quarrel is about on neither side" do
    lamps = "The trustees would like lamps along the whole path by spring. Cyclists and the night nurses are for it: nobody would fall, the bushes would be safer, and " \
            "older people could come home late. The bat watchers answer that a dark path is a path. Lamps cost 900 euros each, they say, the bats would leave, and who is " \
            "to pay for the bulbs?"
    sides = read(lamps).finding("opposition")
    expect(sides.items.map { |i| i.named.title }.first).to eq("Cyclists and the night nurses")
    expect(sides.items.size).to eq(2)
  end
end
