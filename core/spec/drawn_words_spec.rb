# frozen_string_literal: true

# What a figure would have printed wrongly: signs, names and titles taken from running text.
RSpec.describe "Words that go into figures" do
  include WordsRead

  it "counts what became fewer, not what was paid before it" do
    lamp = "The hut is let for £480 a month. Bats that roost under the tiles have become fewer, from about forty in a mild week to nine."
    expect(amounts(lamp)).to include([40, "bats"], [9, "bats"])
  end

  it "shows degrees below zero with their sign" do
    cold = "The keeper noted how cold it was and how many owls came. Plus four: 6 owls. Nought degrees gave him eleven. " \
           "On the morning after minus five he counted 24, and after minus nine there were thirty-one. " \
           "At minus fourteen he puts them at fifty."
    items = found("relation", cold).items
    expect(items.map(&:title)).to eq(["Plus four", "Nought degrees", "−5 degrees", "−9 degrees", "−14 degrees"])
    expect(items.last.aspects.first.last).to eq("−14")
  end

  it "puts a dot where its numbers are, also where they are told in words or in millions" do
    learned = "Those who practised for two hours made eleven mistakes. With four hours it was nine, with nine hours four, and with fifteen hours two."
    expect(found("relation", learned).items.map { |i| i.aspects.map(&:last) }).to eq([%w[2 11], %w[4 9], %w[9 4], %w[15 2]])
  end

  it "draws a line in one unit where one length is told in a larger one" do
    pole = "The snow on the fell has been read off a pole. It stood at 130 cm in 1984. In 1990 there were just 65. " \
           "They dug in 1996, when it was two metres ten. By 2015 it was down to forty, and in 2021 the pole showed 28 cm."
    items = found("trend", pole).items
    expect(items.map(&:value)).to eq([130, 65, 210, 40, 28])
    expect(items.map(&:unit).uniq).to eq(["cm"])
  end

  it "names groups and what they share by their own words" do
    policy = "It was the bank that asked why the smith, the cook and the lime burner of Thrawle had one policy. " \
             "The answer is fire, of which all three have too much. The smith and the cook both get up early. " \
             "The burner and the smith dig in the same pit. Charcoal is what ties the cook to the burner."
    shown = titles("overlap", policy)
    expect(shown.first(3)).to eq(["Smith", "Cook", "Lime burner"])
    expect(shown).to include("Fire", "Charcoal")
  end

  it "says who it is before an aside, and in which rows so many stamps tell which" do
    trams = "Car 4 has 410,000 km behind it. Car 11 has done only 96,000. " \
            "The open car made 230,000, on seven kilometres of track, and the horse tram, as far as one can tell, 48,000."
    expect(titles("ranking", trams)).to include("Horse tram")
    cards = "Reading, start to finish\n- 820 cards handed out\n- 510 children who came back\n- 240 with five stamps\n- 96 with all ten"
    expect(titles("funnel", cards)).to include("With five stamps", "With all ten")
  end

  it "tells a striking number by what it is, not by how it is averaged" do
    bridge = "The bridge has been looked through. The barrier has been driven through 17 times, by the same family more often than not. " \
             "The keeper's house has been repaired for £640 a year on average. Some 9.4 million carts have crossed it."
    expect(titles("headline", bridge).join(" | ")).to match(/barrier/i).and match(/house/i)
  end

  it "does not take the naming of causes for one" do
    theatre = "The lights went out at the theatre. The electrician has found what went wrong. There was too much on the old cable. " \
              "And the fuse did not go, because it had been replaced by a nail. The damp of the cellar did the rest."
    expect(titles("cause", theatre).join(" ")).not_to match(/electrician/i)
  end
end
