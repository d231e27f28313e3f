# frozen_string_literal: true

# What a walk with a bell tower's yearly notes brought to light, in other words.
RSpec.describe "Notes of bells and hotels" do
  include WordsRead

  it "count what a label counts, and take what had been for the earlier" do
    mill = text("Five hundred and six people saw the mill, up from 410 the year before. Gifts came to £7,300; in the year of the fire it had been £5,100. Only the owls have had " \
                "enough: 14 in the loft in June, 9 now.")
    expect(mill.changes.map { |p| [p.one.value, p.two.value, p.two.unit] }).to eq([[410, 506, "people"], [5100, 7300, "GBP"], [14, 9, "owls"]])
  end

  it "read hundredths that are said behind the unit" do
    expect(amounts("Two crowns fifty are paid to the vet, three pounds twenty to the smith.")).to eq([[2.5, "crowns"], [3.2, "GBP"]])
  end

  it "tell two sides by who wishes what" do
    bells = "The guest house has asked us to leave the gate open until ten. Its visitors come late, it says; the path is lit, and a village that wants guests should not lock them out. " \
            "The shepherds and the hen keeper would lose their sleep. The fox knows the gate, lambs wander, and nobody pays for a hen."
    expect(titles("opposition", bells)).to eq(["The guest house", "The shepherds and the hen keeper"])
  end

  it "part the two answers to what is asked before a colon" do
    ends = {
      "Is the boat free? If not, wait. If it is free, ask how many are coming: a small party may take it, a large one may not." => 5,
      "Is it raining? Then stay in. If it is dry, find out whether they swim: swimmers get the lake and everyone else the wood." => 5,
      "Is it open? If it is shut, ring. If it is open, think of the time: in the morning the hall is best, and when it gets late the garden." => 5
    }
    expect(ends.keys.to_h { |words| [words, titles("decision", words)&.size] }).to eq(ends)
  end

  it "leave no verb behind whose amount was taken out" do
    money = "Of every hundred crowns we were given, 46 went to the thatcher and 27 to the joiners. Paint took 15, and with the rest we bought a bell rope."
    expect(found("parts", money).items.map { |i| [i.title, i.detail, i.value] }).to eq([["Thatcher", "", 46], ["The joiners", "", 27], ["Paint", "", 15], ["Bell rope", "", 12]])
  end
  it "place what is told by summers, wars and feasts between the years" do
    mill = "The paper mill was built in 1902. Three winters later it stood under water. A fire took the roof in 1911. Between the wars nobody worked there. In 1958 a potter " \
           "moved in, and since last Easter it has had a bell."
    expect(found("timeline", mill).items.map(&:date)).to eq(["1902", "Three winters later", "1911", "Between the wars", "1958", "last Easter"])
  end

  it "keep the stop between two sentences about one thing" do
    shed = "Several of you have asked why the pool was closed in May. The wall had been undermined by the winter storms. Two of the four pumps failed their test. And the key could " \
           "not be found for eleven days. It hung where it always hangs."
    expect(found("cause", shed).items.last.detail).to include("for eleven days. It hung")
  end

  it "pair no share of people with how many there are, and what something is up to with what it was" do
    school = text("We have 214 pupils, 12 more than last year. Three in five walk to school. Lost hats went down from 61 to 38, and the list for rowing is up to 45, from 29.")
    expect(school.changes.map { |p| [p.one.value, p.two.value] }).to eq([[61, 38], [29, 45]])
    expect(school.changes.first.two.unit).to eq("hats")
  end
  it "take no cause for one that is denied to be any" do
    kiln = "We lost nine days at the kiln and have been asked about it. The door warped, and the only firm that makes it had closed. Damp had got into the bricks. Two of our five " \
           "potters were at the same wedding. Frost had nothing to do with it."
    expect(titles("cause", kiln).size).to eq(3)
  end

  it "call a row by its number also where as many were counted in it" do
    rows = "| Week | Visits | Jars |\n|---|---|---|\n| 1 | 6 | 98 |\n| 2 | 11 | 184 |\n| 3 | 3 | 42 |\n| 4 | 13 | 265 |\n"
    passage = Peony::Reading::Passages.of(Peony::Notes.parse(rows, ".md")).first
    expect(Peony::Reading.of(passage).finding("trend").items.map { |i| i.named.title }).to eq(["Week 1", "Week 2", "Week 3", "Week 4"])
  end
end
