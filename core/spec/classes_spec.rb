# frozen_string_literal: true

# Counts by class: what parts the rows from each other is no amount, and the rows are parts of a whole.
RSpec.describe "Counts by class" do
  include WordsRead

  def parted(words) = best(words).then { |f| [f.family, f.items.map { |i| [i.title, i.value, i.unit] }] }

  {
    "Parcels by weight\n- Up to 5 kg: 120\n- 5 to 10 kg: 48\n- Over 10 kg: 9" => [["Up to 5 kg", 120], ["5 to 10 kg", 48], ["Over 10 kg", 9], "parcels"],
    "Orders by basket\nunder £20 – 410\n£20–£50 – 288\nover £50 – 96" => [["Under £20", 410], ["£20–£50", 288], ["Over £50", 96], "orders"],
    "Donations\nbelow 20 euros 310\n20 to 100 euros 122\nover 100 euros 14" => [["Below 20 euros", 310], ["20 to 100 euros", 122], ["Over 100 euros", 14], "donations"],
    "How long visitors stayed\nunder 10 minutes: 210\n10 to 30 minutes: 480\nover 30 minutes: 95" => [["Under 10 minutes", 210], ["10 to 30 minutes", 480], ["Over 30 minutes", 95], "visitors"],
    "Members by age\nUnder 18: 14\n18 to 40: 36\n41 to 65: 48\nOver 65: 13" => [["Under 18", 14], ["18 to 40", 36], ["41 to 65", 48], ["Over 65", 13], "members"]
  }.each do |words, (*rows, unit)|
    it("tells #{words.lines.first.strip.inspect} as parts of one whole") { expect(parted(words)).to eq(["parts", rows.map { |title, value| [title, value, unit] }]) }
  end

  it "counts them in running text too" do
    expect(read("Under 18: 14 members. 18 to 40: 36 members. Over 40: 61 members.").quantities.map(&:value)).to eq([14, 36, 61])
  end

  it "leaves limits that lead to something else as amounts, and draws a decision" do
    reading = read("Up to 5 kg: the post\n5 to 10 kg: the van\nOver 10 kg: come and fetch it")
    expect([reading.best.family, reading.items.map { |i| [i.title, i.detail] }]).to eq(["decision", [["Up to 5 kg", "the post"], ["5 to 10 kg", "the van"], ["Over 10 kg", "come and fetch it"]]])
    expect(reading.quantities.map(&:value)).to eq([5, 5, 10, 10])
  end

  it "draws a decision by limits in running text, and keeps the first case" do
    reading = read("Fewer than 20 guests? Take the tank room. 20 to 60: the hall, but only with a caretaker. More than 60 and we have to say no, the stairs are not wide enough.")
    expect([reading.best.family, reading.items.size]).to eq(["decision", 3])
    expect(reading.items.map { |i| [i.title, i.detail] }.first).to eq(["Fewer than 20 guests", "Take the tank room"])
    expect(reading.items.last.title).to eq("More than 60")
  end

  it "counts money and no staff under a head that says what was spent" do
    expect(read("What we spent\nRoof: 12,000\nStairs: 22,400\nStaff: 14,000").quantities.map(&:unit)).to eq(["", "", ""])
  end

  it "names all parts alike, with or without where they came from" do
    words = "Of the 96,000 euros we took in, 41,000 came from tickets, 27,000 from the town, 18,000 from gifts and 10,000 from the café."
    expect(read(words).items.map(&:title)).to eq(%w[Tickets Town Gifts Café])
  end

  it "shares out a grant of which half is told as such, and names what goes to two posts" do
    words = "The grant of 80,000 euros is spoken for. Half goes on the boat, 22,000 on two part-time posts, 12,000 on training, and 6,000 stays in reserve."
    expect(parted(words)).to eq(["parts", [["Boat", 40_000, "EUR"], ["Two part-time posts", 22_000, "EUR"], ["Training", 12_000, "EUR"], ["Stays in reserve", 6000, "EUR"]]])
  end

  it "takes the line over four letters for their head" do
    reading = read("Campaign for the night bus: where we stand\nS: drivers are for it, it is cheap\nW: nobody knows the route\nO: the new cinema opens in May\nT: elections in autumn")
    expect([reading.best.family, reading.items.map(&:title)]).to eq(["quadrant", %w[S W O T]])
  end

  it "ranks no share among amounts" do
    ranking = Peony::Reading.as(Peony::Notes::Passage.whole(Peony::Notes::Text.read("Benches €640, vests €210, cocoa €95. The town paid half of it.")), "ranking")
    expect(ranking.items.map { |i| [i.title, i.value, i.unit] }).to eq([["Benches", 640, "EUR"], ["Vests", 210, "EUR"], ["Cocoa", 95, "EUR"]])
  end

  it "counts no deed" do
    expect(read("We're at 9,300 of the 12,000 for the new piano. Who bakes next week?").quantities.map(&:unit)).not_to include("bakes")
  end
end
