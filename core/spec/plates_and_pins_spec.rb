# frozen_string_literal: true

# What the last lots of notes brought to light, in other words.
RSpec.describe "Notes of plates and pins" do
  include WordsRead

  counts(
    "Volunteers: bakers 30, riders 12, both 4." => [[30, "volunteers"], [12, "volunteers"], [4, "volunteers"]],
    "Of what was on the plates 40 per cent came back, and it is 15 now." => [[40, "%"], [15, "%"]],
    "She wrote down her hours and got to fifty. Nineteen went on frames. For seven hours she was with the bees." => [[50, "hours"], [19, "hours"], [7, "hours"]],
    "64 signed up → 40 came twice → 33 finished." => [[64, "people"], [40, "people"], [2, "times"], [33, "people"]],
    "Nobody knows what became of the thousand trees. 940 were fetched." => [[1000, "trees"], [940, "trees"]],
    "The hundred was soon reached." => [],
    "Detentions a week: 9, now 3. Library loans: were 40 a month, are 90." => [[9, "detentions"], [3, "detentions"], [40, "loans"], [90, "loans"]],
    "They were silent. At three somebody saw a ring." => [],
    "- Sunday 1: the edge\n- Sunday 2: falls in\n- Sunday 9: nobody can get her out" => []
  )

  it "places what was so many years ago, and what had happened by the summer, behind what was told before" do
    room = "When it was built, in 1958, it had desks in rows. The gas was taken out in May 1971. The rows were broken up in the summer of 1996. " \
           "A skylight was put in eight years ago. This September the desks went."
    expect(found("timeline", room).items.size).to eq(5)
    cafe = "It started in Ilse's kitchen in January 2012. By the summer it had moved to the boathouse. The flood of November 2014 drove it out. Since September 2020 it has had the school."
    expect(found("timeline", cafe).items.size).to eq(4)
  end

  it "calls stages by their day and its number" do
    expect(titles("journey", "Learning to dive\n- Sunday 1: the edge, toes, tears\n- Sunday 2: falls in, furious\n- Sunday 3: a dive, sort of, proud\n- Sunday 9: nobody can get her out"))
      .to eq(["Sunday 1", "Sunday 2", "Sunday 3", "Sunday 9"])
  end

  it "crosses two words below a line that leads them" do
    boxes = found("quadrant", "Helping at home: how it looks from here\nEasy and nice: the cat\nEasy and horrid: bins\nHard and nice: pancakes\nHard and horrid: my room").items
    expect(boxes.size).to eq(4)
  end

  it "leaves to an answer what is said on about it, and forbids nothing in between" do
    told = titles("decision", "You have found a bird. If it has no feathers, look for the nest and put it back; they do not mind your hands. " \
                              "One with feathers may be learning to fly. Does it hop? Then leave it. If it sits still, see whether a wing hangs down. " \
                              "Where one does, bring it to us. Don't feed anything. If both are right put it under a bush.")
    expect(told.join(" ")).not_to match(/mind your hands|feed/i)
  end

  it "tells what happened so often then and now, in these turns too" do
    signs = "In the old days a visitor asked the way 3.4 times; it is 0.7 times now. The porters, who were stopped 190 times a day, are stopped 45 times. " \
            "People lost in the laundry have dropped from eleven a week to none."
    expect(found("change", signs).items.map { |i| i.aspects.map(&:last) }).to eq([["3.4 times", "0.7 times"], ["190 times", "45 times"], %w[eleven none]])
    sign = "Before we moved the sign, one in nine passers-by looked up. After it was moved it was one in three, and takings rose from 410 to 640 euros a day."
    expect(found("change", sign).items.map { |i| i.aspects.map(&:last) }).to include(["11.1 %", "33.3 %"])
    trays = "Before, we had 38 spills a week. It's 11 now. People used to be done eating after twelve minutes and take more like twenty these days."
    expect(found("change", trays).items.size).to eq(2)
  end

  it "sees what a sum in front of a colon is made of, and that it is not" do
    fair = read("The fair took 1,200 euros: 500 from cakes, 420 from the tombola and 310 from the bar.")
    expect(fair.best.family).to eq("parts")
    expect(fair.queries.map(&:kind)).to eq(["mismatch"])
    expect(read("The fair took 1,230 euros: 500 from cakes, 420 from the tombola and 310 from the bar.").queries).to be_empty
  end

  it "tells what is found no more, and takes what a bus holds for no stage" do
    expect(amounts("We used to find four sandwiches a week in the atlases, and now find none.")).to eq([[4, "sandwiches"], [0, "sandwiches"]])
    trip = "Of 212 pupils 190 wanted to come. 164 had the money by March, 160 remembered the form, and 151 were on the bus. The bus holds 140."
    expect(values("funnel", trip)).to eq([212, 190, 164, 160, 151])
  end

  it "names what nobody wants any longer" do
    expect(titles("ranking", "The cleaner went out 96 times last year. Next, with 71, is the ladder. The washer managed 58. Nobody wants the mower any longer: three.")).to include("Mower")
  end

  it "leaves out of a decision that it depends" do
    told = titles("decision", "A parcel has come for a guest, and what you do with it depends. First see if the guest has arrived. If not, it goes on the shelf. " \
                              "If they are in the house, ring the room. When somebody answers, take it up. When nobody does, leave it at the desk.")
    expect(told.join(" ")).not_to match(/depends|what you do/i)
  end
end
