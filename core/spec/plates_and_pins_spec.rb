# frozen_string_literal: true

# What the last lots of notes brought to light, in other words.
RSpec.describe "Notes of plates and pins" do
  include WordsRead

  {
    "Volunteers: bakers 30, riders 12, both 4." => [[30, "volunteers"], [12, "volunteers"], [4, "volunteers"]],
    "Of what was on the plates 40 per cent came back, and it is 15 now." => [[40, "%"], [15, "%"]],
    "She wrote down her hours and got to fifty. Nineteen went on frames. For seven hours she was with the bees." => [[50, "hours"], [19, "hours"], [7, "hours"]],
    "64 signed up → 40 came twice → 33 finished." => [[64, ""], [40, ""], [2, "times"], [33, ""]],
    "Nobody knows what became of the thousand trees. 940 were fetched." => [[1000, "trees"], [940, "trees"]],
    "The hundred was soon reached." => [],
    "- Sunday 1: the edge\n- Sunday 2: falls in\n- Sunday 9: nobody can get her out" => []
  }.each do |words, told|
    it("says what is counted: #{words[0, 60]}…") { expect(amounts(words)).to eq(told) }
  end

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

  it "leaves out of a decision that it depends" do
    told = titles("decision", "A parcel has come for a guest, and what you do with it depends. First see if the guest has arrived. If not, it goes on the shelf. " \
                              "If they are in the house, ring the room. When somebody answers, take it up. When nobody does, leave it at the desk.")
    expect(told.join(" ")).not_to match(/depends|what you do/i)
  end
end
