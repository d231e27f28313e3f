# frozen_string_literal: true

# What is said once and meant of several, what goes round, and what lies around a middle.
RSpec.describe "Reading what is told once" do
  include WordsRead

  def tree(items) = items.map { |i| i.children.empty? ? i.title : [i.title, tree(i.children)] }

  it "gives the second of two heads what it has, though the verb is told of the first" do
    words = "The director answers to the board. Under her work three heads: stage, house and workshop. " \
            "The head of stage has the lights and the sound, the head of house the box office and the bar."
    expect(tree(found("hierarchy", words).items)).to eq([["Board", [["Director", [["Stage", %w[Lights Sound]], ["House", ["Box office", "Bar"]], "Workshop"]]]]])
  end

  it "knows the first and the second of those it has told of" do
    words = "At the head of the sailing club stands the commodore. Two vice-commodores answer to her, one for the water and one for the house. " \
            "The first has the race officer and the boatman under him, the second the steward and everyone in an apron."
    expect(tree(found("hierarchy", words).items)).to eq([["Commodore", [["Water", ["Race officer", "Boatman"]], ["House", ["Steward", "Everyone in an apron"]]]]])
  end

  it "takes an example for no kind" do
    words = "Cloth is either woven or knitted. Woven cloth can be plain, twill or satin. Knitted cloth is weft knit, like a jumper, or warp knit, like a swimsuit."
    expect(tree(found("hierarchy", words).items)).to eq([["Woven cloth", %w[Plain Twill Satin]], ["Knitted cloth", ["Weft knit", "Warp knit"]]])
  end

  it "finds two boxes in one sentence" do
    words = "Sort your suggestions by cost and by use. Cheap and useful goes on the door today. Cheap and useless we do anyway if it is funny. " \
            "Dear and useful needs the governors, and dear and useless has usually been bought already."
    expect(read(words).items.map { |i| [i.title, i.detail] }.last(2)).to eq([["Dear and useful", "needs the governors"], ["Dear and useless", "has usually been bought already"]])
  end

  it "takes the two questions for no box" do
    words = "We sort the letters by two questions: is it urgent, and is it ours? Urgent and ours: answer today. Urgent but not ours: ring the right office. " \
            "Ours but not urgent: Thursday. Neither: a kind line."
    expect(read(words).best.family).to eq("quadrant")
    expect(read(words).items.map(&:title)).to eq(["Urgent and ours", "Urgent but not ours", "Ours but not urgent", "Neither"])
  end

  it "goes round in one sentence" do
    words = "The baker pays the miller, the miller pays the farmer, the farmer pays the smith, and the smith buys bread from the baker."
    expect(read(words).best.family).to eq("cycle")
    expect(read(words).items.map(&:title)).to eq(["The baker pays the miller", "The miller pays the farmer", "The farmer pays the smith", "The smith buys bread"])
    chain = "The baker pays the miller, the miller pays the farmer, the farmer pays the smith, and the smith drinks it."
    expect(read(chain).finding("cycle").fit).to be < read(words).best.fit * 0.6
  end

  it "goes round with the year, and does not tell the first month twice" do
    words = "The budget year\n- September: departments ask\n- November: the board cuts\n- January: money is given out\n- June: we count what is left\n" \
            "- and in September they ask again, a little more\n"
    expect(read(words).best.family).to eq("cycle")
    expect(read(words).items.map(&:title)).to eq(%w[September November January June])
  end

  it "puts what is told to be at the centre in the middle" do
    words = "At the centre: \"made slowly\"\nVoice: calm, a little dry\nColour: wool white, ink\nPictures: hands, never faces\nPackaging: paper and string\n"
    hub = read(words).best
    expect([hub.family, hub.heading, hub.items.map(&:title)]).to eq(["hub", "Made slowly", %w[Voice Colour Pictures Packaging]])
    expect(Peony::Figures::Proposals.for(read(words)).find { |p| p.form == "Hub and spokes" || p.family == "hub" }.heading).to eq("Made slowly")
  end

  it "takes each line with an arrow for an entry" do
    words = "Who pays for the broken window?\nWas it a ball? → was it during break?\nduring break → the school\nafter school → the parents\nnot a ball → ask the storm\n"
    expect(Peony::Notes::Text.read(words).blocks.count(&:item?)).to eq(4)
  end

  it "does not say the opposite of an answer" do
    words = "Myths about beeswax\n- \"It never goes off.\" It does: it turns grey and smells of cellar.\n- \"It is vegan.\" No, bees make it.\n" \
            "- \"You can polish anything with it.\" Not tiles. Ask the caretaker.\n"
    answers = found("opposition", words).items.last.children.map { |c| c.spans.first.text }
    expect(answers).to eq(["it turns grey and smells of cellar.", "bees make it.", "Not tiles. Ask the caretaker."])
  end
end
