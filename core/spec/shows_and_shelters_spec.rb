# frozen_string_literal: true

# Longer notes, told as people tell them: asides between the numbers, who is over whom, what is left of a note.
RSpec.describe "Notes of shows and shelters" do
  include WordsRead

  def names(words) = read(words).items.map { |i| i.named.title }
  def valued(words) = read(words).items.map { |i| [i.named.title, i.value] }

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
end
