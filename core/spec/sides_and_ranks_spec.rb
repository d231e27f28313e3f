# frozen_string_literal: true

# Two sides, groups that share something, ranks, boxes and rounds, as notices and reports tell them.
RSpec.describe "Reading sides and ranks" do
  include WordsRead

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

  it "calls those who say something by who they are" do
    words = "Should it be flooded again?\n\nThose who say yes point to the climate, to the curlew, and to the floods in Norrick, which the moor would soak up. " \
            "Farmer Brand says no: his best hay grows there, and the cows would stand in water to their knees."
    expect(read(words).items.map { |i| [i.title, i.children.size] }.first).to eq(["Those who say yes", 3])
  end

  it "tells of as many as the heading announces" do
    words = "Three plants and their tricks\n\nSundew is short of food, so it catches flies with glue. Cotton grass stores what it needs in a fat base. Bog moss holds twenty times its weight."
    expect(read(words).items.map(&:title)).to eq(["Sundew", "Cotton grass", "Bog moss"])
  end

  it "tells of the two that the heading names" do
    words = "Tasting van against tram posters\n\nThe posters reach everybody and ask nothing; people remember the dog on them. The van meets one in five hundred of them, " \
            "but half of those take a bottle home. Per bottle the posters cost 7.63 euros and the van 4.23."
    expect(read(words).items.map(&:title)).to eq(["Tram posters", "Tasting van"])
    expect(read(words).items.map { |item| item.aspects.assoc("price") }).to eq([["price", "7.63 euros"], ["price", "4.23"]])
  end

  it "names two times of day as the heading does" do
    words = "Morning or afternoon?\n\nIn the morning the water is clear and the bath is ours, but it is 19 degrees. In the afternoon it is 23, there are jellyfish, and people sit on the rail."
    expect(read(words).items.map(&:title)).to eq(%w[Morning Afternoon])
  end

  it "names boxes by two words that are joined in each" do
    words = "The gardener sorts seedlings by two things, strength and looks. The strong and handsome are sold on Saturday. Those that are strong but plain go to the hedge. " \
            "For the weak and pretty there's the windowsill. What is weak and plain besides is compost."
    expect(titles("quadrant", words)).to eq(["Strong and handsome", "Strong but plain", "Weak and pretty", "Weak and plain"])
  end

  it "takes teams for the parts, and who leads them for none" do
    words = "The agency has two departments. Design is led by Aylin Sand and consists of three designers and a photographer. Text is led by Bruno Tell, with two writers and a proofreader."
    expect(found("hierarchy", words).items.map { |i| [i.title, i.children.size] }).to eq([["Design", 2], ["Text", 2]])
  end

  it "leaves an introduction out before two who disagree" do
    words = "Our survey on working from home could not have been clearer. Its friends save an hour on the train, work in peace and eat better. " \
            "Those who would rather come in miss the talk at the coffee machine and have no door to close."
    expect(found("opposition", words).items.first.detail).to start_with("Its friends save")
  end

  it "sets what to do against what not to do, though each is an order" do
    words = "Writing to customers\n- Do say what happens next\n- Do use their name, once\n- Don't begin with an excuse\n- Don't send it on Friday at five\n"
    expect(read(words).best.family).to eq("opposition")
    expect(read(words).items.map { |i| i.children.size }).to eq([2, 2])
    told = "Do let them touch the hemp. Do ask what they think it weighs. Don't say that it was better then. Don't promise the crank to more than six."
    expect(read(told).best.family).to eq("opposition")
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

  it "shows a vote as an order, and may be told that it is of parts" do
    words = "The results of the ice cream vote, 612 slips: poppy seed got 198, plum 154, burnt butter 131, sour cherry 88 and vanilla 41."
    told = read(words)
    expect(told.best.family).to eq("ranking")
    expect(told.findings.map(&:family) + told.others).to include("parts")
  end

  it "leaves out what is told of every ten, and keeps the last Sunday of a month" do
    money = "Last year we took 41,000 euros. Tickets brought 23,400, the shop 9,100 and the council 8,500. Of every ten euros, six go on the roof."
    expect(told("parts", money)).to eq([["Tickets", 23_400], ["The shop", 9100], ["The council", 8500]])
    season = "The door opens on 29 March. On 11 May we have the splicing day. In September the sledge is greased, and on the last Sunday of October we lock up."
    expect(found("timeline", season).items.last.date).to eq("the last Sunday of October")
    expect(found("headline", "The rope walk is 212 metres long and two hundred years old.").items.first.detail).not_to end_with("and")
  end
end
