# frozen_string_literal: true

# Those whom one sentence names, and what later sentences tell of them; which of two values is the earlier one.
RSpec.describe "What is told of again" do
  include WordsRead

  def tree(items) = items.to_h { |i| [i.title, tree(i.children)] }

  it "puts people right below whom they report to, and theirs below them" do
    words = "Ms Oyelaran is the director. Two people report to her: Bo for visitors and Ines for the building. Bo has six guides, Ines has two millers."
    expect(tree(found("hierarchy", words).items)).to eq("Ms Oyelaran" => { "Bo for visitors" => { "Six guides" => {} }, "Ines for the building" => { "Two millers" => {} } })
  end

  it "finds a head again that was named before" do
    words = "Ms Oyelaran is the director. Reporting to her are the head of collections, the head of education and the head of operations. " \
            "The head of operations is responsible for the shop, the café and security."
    heads = found("hierarchy", words).items.first.children
    expect(heads.map { |h| [h.title, h.children.size] }).to eq([["Head of collections", 0], ["Head of education", 0], ["Head of operations", 3]])
  end

  it "keeps a heading over signs with what stands below them" do
    document = Peony::Notes::Text.read("Getting here\n\nTake the bus, it stops at the gate of the mill.\n\nWhat visitors liked\n\n+ the big wheel\n+ our guides\n- the toilets\n")
    expect(document.blocks.map { |b| [b.type, b.text] }.drop(2)).to eq([["heading", "What visitors liked"], %w[paragraph +], ["item", "the big wheel"], ["item", "our guides"],
                                                                        %w[paragraph -], ["item", "the toilets"]])
  end

  it "does not take people for what was measured before them" do
    text = Peony::Reading::Text.new(Peony::Notes::Passage.whole(Peony::Notes::Text.read("The water is 24 degrees. There were 140 a week, and now 60 come.")))
    expect(text.quantities.map(&:unit)).to eq(["degrees", "", ""])
  end

  it "takes some of those that were counted for no later number of them" do
    expect(values("change", "Returns fell from 41 to 26. We have 1,204 customers, 37 of them abroad.")).to eq([26])
  end

  it "tells shares of those asked from a ratio that is told besides" do
    words = "We asked 200 customers. 84 said cake, 61 said bread, 35 said coffee and 20 did not mind.\n\nThree in four of you bring your own bag."
    expect(values("parts", words)).to eq([84, 61, 35, 20])
  end

  it "takes how long was measured for no point of what was measured" do
    words = "We tested it on four days. On 3 May there were 2 mg of nitrate in a litre, on 10 May 3 mg, on 17 May 11 mg and on 24 May 4 mg."
    expect(values("trend", words)).to eq([2, 3, 11, 4])
  end

  it "names a place by itself, without the word that goes on about it" do
    expect(found("ranking", "At Stang it is 2 m wide. In Tollen we measured 9 m, at the mill 14 m, and at the mouth 210 m.").items.map(&:title)).to eq(%w[Stang Tollen Mill Mouth])
  end

  it "names two things as the heading does" do
    words = "Honey bee or wild bee?\n\nThe honey bee lives in large colonies and makes honey. Most wild bees live alone. They make no honey.\n"
    expect(found("comparison", words).items.map(&:title)).to eq(["Honey bee", "Wild bee"])
  end

  it "reads all of a row of which one line names what is counted" do
    expect(values("ranking", "What sold best\n\nSourdough: 2,150 loaves\nRye: 1,480\nSpelt rolls: 960\nBaguette: 720\n")).to eq([2150, 1480, 960, 720])
  end

  it "sets a sum against none of what makes it" do
    words = "We served 31,200 guests. In the first quarter it was 4,900, in the second 8,300, in the third 12,400 and in the fourth 5,600."
    expect(%w[ranking trend].map { |family| found(family, words).items.map(&:value) }.uniq).to eq([[4900, 8300, 12_400, 5600]])
  end

  it "begins a name with no word that only goes on" do
    expect(found("cause", "Why the queue is long: two people share one bread knife. The tram brings forty at once. And the door sticks.").items.last.title).to eq("The door sticks")
  end

  it "keeps a stretch of days together" do
    expect(found("timeline", "Stand paid 4 March. Brochures printed by 20 March. Fair 3 to 5 April.").items.map(&:date)).to eq(["4 March", "20 March", "3 to 5 April"])
  end
end

RSpec.describe "A press release" do
  it "is parted at paragraphs that say more by themselves than all together" do
    words = <<~WORDS
      Press release

      The Regal cinema in Norrick reopens on 12 September after two years of work. The hall has 214 new seats and, for the first time, heating. The renovation cost €1.9 million, of which the city paid 60 %, the friends of the Regal 25 % and the cinema itself the rest.

      Before the fire the Regal showed 9 films a month to 2,800 people. With the second screen it expects to show 24 and to reach 6,500.

      "We asked 600 people in the street what they had missed most," says the director. "The dark, said 240. The popcorn, said 190. The neighbours, said 110. And 60 had not noticed that we were shut."

      Tickets can be bought at the box office, online, by phone or from the driver of the night bus.
    WORDS
    found = Peony::Reading::Passages.of(Peony::Notes::Text.read(words)).map { |p| Peony::Reading.of(p).best }
    expect(found.size).to eq(4)
    expect(found[2].items.map(&:value)).to eq([240, 190, 110, 60])
  end
end
