# frozen_string_literal: true

# Names that would be cut in the middle of what they say, and small turns that part, join or leave out items.
RSpec.describe "Names and items of running text" do
  include WordsRead

  it "end before what they would tear" do
    expect(names("Nearly half (46 %) read it from end to end, 29 % look for their own name, 15 % start with the recipes and 10 % light the " \
                 "stove with it.").first).to eq("Read it")
    told = names("The town gave them the old fire station in 2008. They sang at the opening of the bridge in 2015. In 2019 the choir went to Oslo.")
    expect(told.first).not_to match(/them\z/)
    expect(names("We need 400 signatures for the crossing and have 268.")).to eq(["Signatures for the crossing"])
    expect(names("Of every ten litres we pump, four never reach a tap.")).to eq(["Litres"])
  end

  it "are of what is counted or paid, however it is led up to" do
    expect(valued("Where a ticket's £12 goes: £5.40 pays the actors, £3.10 the hall, £1.90 light and sound, and what remains, £1.60, is put " \
                  "by for the roof."))
      .to eq([["Actors", 5.4], ["The hall", 3.1], ["Light and sound", 1.9], ["Roof", 1.6]])
    expect(names("The ferry path had 2,310 pairs of boots last year, the mill round 1,904, and Kerrow Hill 1,120. Hardly anybody does the " \
                 "peat road: 96."))
      .to eq(["Ferry path", "Mill round", "Kerrow Hill", "Peat road"])
    expect(names("Ilse sold the most raffle tickets, 140 of them. Behind her came the twins with 118. The vicar managed " \
                 "90.")).to eq(%w[Ilse Twins Vicar])
    expect(names("Since the new timetable the number of people on the Sunday bus has gone from 31 to 54. Over the same two years the average " \
                 "stay fell from nine months to five."))
      .to eq(["People on the Sunday bus", "The average stay"])
  end

  it "tell a headline by what it is of" do
    told = read("The festival sold 8,640 tickets and lost one tuba. It rained for 19 hours out of the 72. The soup kitchen alone raised £3,200.")
    expect(told.items.map { |i| [i.title, i.value, i.unit] }).to eq([["tickets", 8640, "tickets"], ["It rained", 19, "hours"], ["The soup kitchen alone raised", 3200, "GBP"]])
    expect(told.quantities.find { |q| q.value == 72 }.unit).to eq("hours")
    expect(valued("The archive in brief\n\n- 14 km of shelves\n- 2.3 million pages, a tenth of them scanned\n- 1 working " \
                  "lift\n").map(&:last)).to eq([14, 2_300_000, 1])
  end

  it "hang below a branch what it has, not who leads it" do
    told = read("The brigade has a chief and below her two watches. Red watch is led by Osk and has a pump crew and a ladder crew. Blue " \
                "watch, under Thea, has the boat crew and the drone pilots.")
    watches = told.items.first.children.first.children
    expect(watches.map { |i| [i.title, i.children.map(&:title)] }).to eq([["Red watch", ["Pump crew", "Ladder crew"]], ["Blue watch", ["Boat crew", "Drone pilots"]]])
    expect(names("Our parish has three districts. The Harbour district looks after the seamen's chapel and the fish hall mission. Upper Town " \
                 "has the school, the old people's home and the choir. In Marsh there is only the almshouse."))
      .to eq(["Harbour district", "Upper Town", "Marsh"])
  end

  it "leave out what only leads, or says the first once more" do
    expect(names("Before you borrow the trailer. The left light needs a tap now and then. Its wheels are pumped to three bar, not more. The " \
                 "spare key hangs in Pia's kitchen. And please sweep out the straw.").size).to eq(4)
    hub = "The kitchen table is where this school is run. The timetable is drawn on its oilcloth. Parents sit down at it to shout and get up " \
          "laughing. The cat is fed under it. Every lost glove ends up on it."
    expect(names(hub).first).to eq("Timetable")
    expect(names("Closed loop: returnable crate leaves depot full; shop empties and folds it; van collects folded crates on next delivery; " \
                 "depot washes and refills; crate leaves again.").size).to eq(4)
    expect(names("Rain falls, rivers run, seas warm and clouds form, and rain falls again.")).to eq(["Rain falls", "Rivers run", "Seas warm", "Clouds form"])
  end

  it "take in what is named after the row, and a third that has a name of its own" do
    glue = "Bone glue has to be kept warm and smells. White glue comes ready, dries clear and gives way in water. Resin holds under water " \
           "for good; you mix it from two tubes and it forgives nothing."
    expect(names(glue)).to eq(["Bone glue", "White glue", "Resin"])
  end

  it "call a case by what is done in it, a side by who speaks, and leave the frame out of a sum" do
    parcel = "A stranger's parcel at the desk? If there is a name on it, ring the name. If there is none, look whether it ticks, leaks or " \
             "smells. If it does any of these, clear the hall; if not, shelve it for a week."
    expect(names(parcel)).to include("Look whether it ticks, leaks or smells")
    pool = "Should the pool open at six in the morning? Swimmers who work say it is the only hour they have. The café would sell breakfasts. " \
           "The lifeguards answer that nobody sleeps before a five o'clock start and heating an empty hall is waste."
    expect(names(pool)).to eq(["Swimmers who work", "The lifeguards"])
    diary = "I kept a diary of one working week. Talking took eleven hours of the forty, writing nine, and looking for things six. The other " \
            "fourteen went on what I am paid for."
    expect(valued(diary).map(&:last)).to eq([11, 9, 6, 14])
  end

  it "are of what happens, not of what it comes before" do
    words = "People bring their boat on a Friday. Jory taps the planks and marks what sounds soft. The rotten wood comes out before anybody talks about paint. New planks are steamed for an hour."
    expect(names(words)).to include("The rotten wood")
    pool = "Should we heat the small pool?\n\nParents say the little ones shiver after ten minutes. A warm pool would be full on Sundays as well. The town answers that gas costs £340 a week."
    expect(names(pool)).to eq(["Parents", "The town"])
  end

  it "call the row of a table by what it counts" do
    notes = Peony::Notes.parse("# Open evenings\n\n| Week | Visitors |\n|---|---|\n| 1 | 42 |\n| 2 | 57 |\n| 3 | 83 |\n", ".md")
    expect(notes.blocks.map(&:text)).to eq(["Open evenings", "Week 1: Visitors 42", "Week 2: Visitors 57", "Week 3: Visitors 83"])
    expect(notes.tables.first.rows.first).to eq(%w[1 42])
    told = Peony::Reading.of(notes).best
    expect([told.family, told.named.items.map { |i| [i.title, i.value] }]).to eq(["trend", [["Week 1", 42], ["Week 2", 57], ["Week 3", 83]]])
  end

  it "reckon from what it was to what it is, however far apart they stand" do
    told = read("Last winter 148 children learned to swim with us, up from 112. That is 40 % more.")
    expect(told.queries.map { |q| [q.message, q.working] }).to eq([["From 112 to 148 is 32.1 %, not 40 %.", "(148 − 112) ÷ 112"]])
    expect(read("Last winter 148 children learned to swim with us, up from 112. That is 32 % more.").queries).to be_empty
    expect(read("We had 1,240 members in May, up from 1,085 a year ago: 20 % more.").queries.map(&:message)).to eq(["From 1,085 to 1,240 is 14.3 %, not 20 %."])
    expect(read("We had 1,240 members in May, up from 1,085 a year ago, 20 % more than planned.").queries).to be_empty
  end

  it "leave to their details what they have not said" do
    evening = "310 people came to the open evening. 96 wrote their names down, 41 turned up to the first lesson, and when the clocks went back there were 17 of us in the water."
    expect(read(evening).items.map { |i| i.named.detail }).to eq(["people came to the open evening", "", "turned up to the first lesson", "when the clocks went back there were in the water"])
    weeks = Peony::Notes.parse("| Week | Visitors | New members |\n|---|---|---|\n| 1 | 42 | 3 |\n| 2 | 57 | 5 |\n| 3 | 83 | 9 |\n", ".md")
    expect(Peony::Reading.of(weeks).items.map { |i| i.named.detail }.first).to eq("Visitors 42, New members 3")
  end
end
