# frozen_string_literal: true

# What a passage makes as a family that its words speak for, though its finder saw nothing of it.
RSpec.describe Peony::Reading::Plainly do
  include WordsRead

  def seen(family, words) = Peony::Reading::Finder.members.fetch(family).new(text(words))
  def plain(family, words) = seen(family, words).again

  it "parts the sentence that tells of two before what is said of both" do
    words = "Some of our customers only buy plants, some only come for courses. Those who do both are few, but they are the ones who tell their friends."
    expect(plain("overlap", words).items.map { |i| i.spans.first.text[/\A\w+ \w+/] }).to eq(["Some of", "some only", "Those who"])
  end

  it "makes two sides of what is least alike" do
    words = "- Carp breed in the pond\n- Herons fish in the pond\n- Cellars stand under water\n- Kitchens stand under water"
    sides = seen("opposition", words).plainly.items.map { |side| side.children.map(&:title) }
    expect(sides).to eq([["Carp breed in the pond", "Herons fish in the pond"], ["Cellars stand under water", "Kitchens stand under water"]])
  end

  it "takes amounts of the same two by two for changes, and the words that come between for none" do
    words = "In the first week the school filled eleven black bins. In the tenth it was four."
    expect(plain("change", words).items.map(&:aspects)).to eq([[%w[before eleven], %w[after four]]])
    expect(plain("change", "The hall seats 120, the tower is 40 metres high and tea costs 3 euros.")).to be_nil
    expect(plain("change", "The budget rose by 200 € to 850 €.")).to be_nil
  end

  it "takes a share by its per cent" do
    item = plain("ratio", "61 % of the 4,200 voters of Brool want the bridge.").items.first
    expect([item.value, item.unit]).to eq([61, "%"])
  end

  it "grows no tree of what has nothing below it" do
    expect(plain("hierarchy", "The hens sleep in the barn. The goat sleeps in the yard. The dog sleeps on the sofa.")).to be_nil
    expect(plain("hierarchy", "The seed room holds cereals, beans and peas. The dry room holds herbs, flowers and bulbs.").items).to have_attributes(size: 2)
  end

  it "makes nothing of too few points or of too few numbers" do
    expect(plain("quadrant", "Rain fell. The hens stayed in.")).to be_nil
    expect(plain("ranking", "The first pumpkin weighed 61 kilos.")).to be_nil
  end

  it "says that it goes by the words" do
    words = "Trams and buses run on fixed routes. A bus, when the road is up, goes round the block. A tram, when the road is up, waits."
    expect(seen("overlap", words).plainly.reason).to end_with("as far as the words tell")
  end

  it "says no word that is not in the text" do
    words = "Class 4 has 12 pupils who can't have nuts, 9 who can't have milk, and 3 who can have neither."
    plain("overlap", words).items.each { |i| expect(words.downcase.scan(/[[:alpha:]]+/)).to include(*i.title.downcase.scan(/[[:alpha:]]+/)) }
  end

  it "takes no number of a table's row for the number of the row" do
    words = "| | 2023 | 2024 | 2025 |\n|---|---|---|---|\n| Roof | 12,000 | 31,000 | 8,500 |\n| Stairs | 22,400 | 3,100 | 900 |\n| Staff | 14,000 | 26,000 | 38,000 |"
    expect(plain("trend", words)).to be_nil
    expect(plain("trend", "Ash weighs 640 grams, oak 710 grams and pine 480 grams.")).to be_nil
  end

  it "names what is done without the deed, and counts no sentence that goes on about a thing" do
    words = "They love the view, the cake and being allowed to ring the bell. They do not love the queue, the wind and the fact that the toilets are at the bottom."
    sides = seen("opposition", words).find.items
    expect(sides.map { |s| s.children.map(&:title) }).to eq([["The view", "The cake", "Allowed to ring the bell"], ["The queue", "The wind", "The fact that the toilets"]])
    numbers = seen("headline", "We are 214 members now, 61 more than a year ago. 8,300 people climbed the 198 steps, and nobody had to be carried down.").find.items
    expect(numbers.map(&:title)).to eq(["members now", "people climbed", "steps"])
  end
end
