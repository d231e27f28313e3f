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
    expect(items.map(&:title)).to eq(["Plus four", "Nought degrees", "Minus five degrees", "Minus nine degrees", "Minus fourteen degrees"])
    expect(items.last.aspects.first.last).to eq("−14")
  end

  it "puts a dot where its numbers are, also where they are told in words or in millions" do
    learned = "Those who practised for two hours made eleven mistakes. With four hours it was nine, with nine hours four, and with fifteen hours two."
    expect(found("relation", learned).items.map { |i| i.aspects.map(&:last) }).to eq([%w[2 11], %w[4 9], %w[9 4], %w[15 2]])
  end

  it "tells both sides of a relation in one unit each, and calls a point by its number where no words name it" do
    queue = "A class counted how long the queue was and how much was left over. When they waited five minutes, nine kilos came back. With ten minutes it was seven, with fifteen it was four. " \
            "On the day of the storm they waited for half an hour, and one kilo came back."
    items = found("relation", queue).items
    expect(items.map { |i| i.aspects.map(&:last) }).to eq([%w[5 9], %w[10 7], %w[15 4], %w[30 1]])
    expect(items.last.aspects.map(&:first)).to eq(%w[minutes kg])
    expect(items.last.title).to eq("Half an hour")
    concerts = "Price and tickets sold, last five concerts: €5, 140; €8, 122; €10, 97; €12, 80."
    expect(titles("relation", concerts)).to eq(["€5", "€8", "€10", "€12"])
  end

  it "couples degrees with people where each is said only here and there" do
    room = "Liesl watched the heating. On Monday the room was at 16 degrees, and there were nine people in it. It was brought up to 18: 21 came. At twenty degrees she counted thirty-four. " \
           "The boiler ran away, and when it was 23 there were 52 readers. At 26, on Friday, there were fifty-one."
    expect(found("relation", room).items.map { |i| i.aspects.map(&:last) }).to eq([%w[16 9], %w[18 21], %w[20 34], %w[23 52], %w[26 51]])
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
    walks = "The Shore Walk comes first with 11,400 people last year. The Mill Round had 8,950. Gorse Hill was climbed by 3,100, and the Bishop's Path, which is steep, by 470."
    expect(titles("ranking", walks)).to eq(["Shore Walk", "Mill Round", "Gorse Hill", "Bishop's Path"])
    cards = "Reading, start to finish\n- 820 cards handed out\n- 510 children who came back\n- 240 with five stamps\n- 96 with all ten"
    expect(titles("funnel", cards)).to include("With five stamps", "With all ten")
  end

  it "draws no whole as one of its own parts, and the last crown as one" do
    pocket = "My whole pocket money is 10 crowns a week, and here is where it goes. Four crowns go straight into the bike box. I spend three on the comic. Football cards are two. " \
             "And the last crown I give to Leo. That's all of it."
    expect(values("parts", pocket)).to eq([4, 3, 2, 1])
  end

  it "tells a striking number by what it is, not by how it is averaged" do
    bridge = "The bridge has been looked through. The barrier has been driven through 17 times, by the same family more often than not. " \
             "The keeper's house has been repaired for £640 a year on average. Some 9.4 million carts have crossed it."
    expect(titles("headline", bridge).join(" | ")).to match(/barrier/i).and match(/house/i)
  end

  it "leaves out details that only say a share once more, and a unit that the title names" do
    cup = "Of every cup we sell, 38 % goes to wages, 27 % to the beans and the milk, 21 % to the rent of the hut, and the remaining 14 % is what we put by for the winter."
    expect(found("parts", cup).items.map { |i| [i.title, i.detail] }).to eq([["Wages", ""], ["Beans and the milk", ""], ["Rent of the hut", ""], ["Put by for the winter", ""]])
    kiosk = "The queue at noon used to be nineteen minutes; it is now seven. Paper cups went down from 1,300 a month to 240."
    drawing = Peony::Figures::Proposals.for(read(kiosk)).find { |p| p.form == "before-after" }.drawing
    words = Peony::Figures.picture(drawing, Peony::Style.fetch("Dome")).texts.flat_map { |t| t.lines.map(&:first) }
    expect(words).to include("1,300", "240", "19\u2009min", "7\u2009min")
  end

  it "does not take the naming of causes for one" do
    theatre = "The lights went out at the theatre. The electrician has found what went wrong. There was too much on the old cable. " \
              "And the fuse did not go, because it had been replaced by a nail. The damp of the cellar did the rest."
    expect(titles("cause", theatre).join(" ")).not_to match(/electrician/i)
  end

  {
    "The crossing used to take 55 minutes, and now it takes 48." => "The crossing",
    "There were 31 kilos of dough thrown away in an ordinary week; it is now 12, since nobody bakes at noon." => "Dough",
    "Guess what! Last term we were getting through 62 boxes of paper. This term it's 35. And the queue, eleven some mornings? I counted three today." => "Boxes of paper",
    "On an average night it carries 640 people instead of 410." => "People",
    "At Ternby they took £41,000 in the year before the quarry closed; in the one just ended it was £26,650." => "Ternby"
  }.each do |words, title|
    it("says what changed: #{words[0, 40]}…") { expect(titles("change", words)).to start_with(title) }
  end

  it "writes both values of a change in one unit, and the step between two shares in points" do
    ferry = "Sailings that leave on time have risen from 71 per cent to 94. The wait, which was 50 minutes, is now 22. Diesel went down from 410 litres a month to 280."
    proposal = Peony::Figures::Proposals.for(read(ferry)).find { |p| p.form == "before-after" }
    words = Peony::Figures.picture(proposal.drawing, Peony::Style.fetch("Dome")).texts.flat_map { |t| t.lines.map(&:first) }
    expect(words).to include("71\u2009%", "94\u2009%", "+23\u2009points", "50\u2009min", "22\u2009min", "410 litres", "280 litres")
  end
end
