# frozen_string_literal: true

# What further lots of notes from offices, schools and clubs brought to light, in other words.
RSpec.describe "Notes of vans and benches" do
  include WordsRead

  counts(
    "Since the new shed: boats 9 (was 14), empty metres per trip 120 (was 310), crews back by five: 7 of 9 (was 2 of 14)." =>
      [[9, "boats"], [14, "boats"], [120, "metres"], [310, "metres"], [7, "crews"], [9, "crews"], [2, "crews"], [14, "crews"]],
    "A bowl is eighteen euros. When the wind is above seven it stays in." => [[18, "EUR"]].push([7, ""]),
    "What is over, a euro and a half, is saved. If everyone gave a fiver we would be done; it is €900." => [[1.5, "EUR"], [5, "EUR"], [900, "EUR"]],
    "The sorting was done by class 4, in aprons. Anyone in class 3 may watch." => [],
    "1,900 people came in the first year, 2018. Then came 720." => [[1900, "people"], [720, "people"]],
    "Grant, €30,000: wages 18,000; hire 9,000; print 3,000." => [[30_000, "EUR"], [18_000, "EUR"], [9000, "EUR"], [3000, "EUR"]],
    "At one kilometre it is 30 books, at three it is 11, and at six they take two." => [[1, "km"], [30, "books"], [3, "km"], [11, "books"], [6, "km"], [2, "books"]],
    "The half-past-seven boat is late." => [],
    "Barn: room for 90, €150, dry" => [[90, "people"], [150, "EUR"]],
    "In the report: 640 rescues, none of them ours; 0 lives lost; 12 cats" => [[640, "rescues"], [0, "lives"], [12, "cats"]],
    "One farm in six has nobody on it under fifty." => [[1, "farms"], [6, "farms"], [50, "years"]],
    "We telephone thirty guests. It takes two colours. We write to the thirty." => [[30, "guests"], [2, "colours"], [30, "guests"]],
    "Gifts so far: 210 of 400 hoped for. Yearly givers: 2 in 9." => [[210, "gifts"], [400, "gifts"], [2, "givers"], [9, "givers"]],
    "Of the bulbs one in thirty comes up. With onions it is better: there it is one in four." => [[1, "bulbs"], [30, "bulbs"], [1, "onions"], [4, "onions"]],
    "Car 7, the red one, was named by 96 guests, most of them people under twelve. Next there were 44." => [[96, "guests"], [12, "years"], [44, "guests"]],
    "She leads two porters, and over the ringers, six of them." => [[2, "porters"], [6, "ringers"]],
    "Price and jars sold, last four fairs: €3, 90; €5, 61; €6, 40; €9, 12." =>
      [[4, "fairs"], [3, "EUR"], [90, "jars"], [5, "EUR"], [61, "jars"], [6, "EUR"], [40, "jars"], [9, "EUR"], [12, "jars"]],
    "The old stove costs us 180 a month and does 40 km. The new one is 70 a month." => [[180, ""], [40, "km"], [70, ""]],
    "The club has asked its readers which book to keep. The thin one with the maps was named by 210 of them." => [[210, "readers"]],
    "Cooking takes three hours, and mending half an hour. An hour is spent on bread. Sweeping eats another hour." => [[3, "hours"], [0.5, "hours"], [1, "hours"], [1, "hours"]],
    "Mean age, class 2B, autumn: Tove 7.5 → 9.0; Max 8.0 → 8.5." => [[7.5, "years"], [9, "years"], [8, "years"], [8.5, "years"]],
    "14\nlanguages are heard here\n0\nfalls since May" => [[14, "languages"], [0, "falls"]]
  )

  it "takes a mark that was passed for no point of its own" do
    points = found("trend", "1,400 came in the first year, 2019. In 2020 it was 900. In 2021 it passed two thousand for the first time, at 2,150, and last year 2,600 came.").items
    expect(points.map { |i| [i.title, i.value] }).to eq([["2019", 1400], ["2020", 900], ["2021", 2150], ["Last year", 2600]])
  end

  it "names what stands behind the verb in a ranking" do
    expect(titles("ranking", "Pies came back 300 times. The next most often sent back were beans, with 210 plates. Fish came third at 90 plates. Of the puddings two plates came back."))
      .to include("Beans").and have_attributes(size: 4)
  end

  it "reads each change whose earlier value stands in brackets" do
    shed = "Since the new shed: boats 9 (was 14), empty metres per trip 120 (was 310), crews back by five 7 (was 2), fuel down from €900 to €610 a month."
    expect(values("change", shed)).to eq([9, 120, 7, 610])
  end

  it "does not count the rest twice where it says how much it is" do
    expect(found("parts", "The baths take a third. Another quarter goes to the gardens. The dyers use a fifth. The rest, a little over a fifth, is drunk.").items.size).to eq(4)
  end

  it "grows a tree of classes from what is announced and then told" do
    tree = found("hierarchy", "What we call a lamp falls into two classes, and a smith would know. There are the hung ones and the stood ones. " \
                              "To the hung lamps belong the ring, which is big, and the star. " \
                              "Stood lamps are either desks or floors. A candle is no lamp at all.").items
    expect(tree.map { |i| [i.title, i.children.map(&:title)] }).to eq([["Hung ones", %w[Ring Star]], ["Stood ones", %w[Desks Floors]]])
  end

  it "reads parts with their own behind a dash" do
    tree = found("hierarchy", "Hats: (1) caps – flat, peaked; (2) bonnets – straw, lace, felt; (3) hoods – wool, oilskin.").items
    expect(tree.map { |i| [i.title, i.children.map(&:title)] }).to eq([["Caps", %w[Flat Peaked]], ["Bonnets", %w[Straw Lace Felt]], ["Hoods", %w[Wool Oilskin]]])
  end

  describe "decisions" do
    it "keep what answers the last question, and what goes beyond a limit" do
      told = titles("decision", "Does it go up? Look whether there are faces. If there are none, use it. With faces ask if they signed. Someone who has not signed must be asked. " \
                                "For those who have signed, one question is left: is anybody eating? A picture of that goes to nobody.")
      expect(told.last).to match(/nobody/i)
      last = found("decision", "Ask if they have the lid. Without it there is nothing to be done. If they have, look at the rim: where it is chipped they get a new one. " \
                               "Where it is not, ask when they bought it. " \
                               "Up to a week ago we pay. Anything older goes to Ilse.").items.last
      expect([last.title, last.detail]).to eq(["Goes to Ilse", "Anything older"])
    end

    it "ask what is asked then, and leave out lines that only lead on" do
      limping = "Is it out by day? If not, leave it alone. If it is: does it limp? One that limps goes to the vet. Otherwise give it water."
      expect(titles("decision", limping)).to include(a_string_matching(/limp/i))
      expect(found("decision", "Rain in the morning?\n- Can you see the mill? Yes: sail. No: next line.\n- Can you see the quay? Yes: wait. No: go home.").items.size).to eq(5)
    end
  end

  it "goes round where the last sentence takes up the first, and not where all entries begin alike" do
    round = Peony::Reading.of(Peony::Notes::Text.read("Somebody moans about soup. Ada writes it down. It is printed and handed out at the gate. The cook reads it and is hurt. " \
                                                      "So the cook changes the soup. " \
                                                      "Which somebody then moans about. It has gone on for years."))
    expect(round.findings.first(2).map(&:family)).to include("cycle")
  end

  it "sees two who share something where an entry says either" do
    expect(found("overlap", "Plants for two beds\n- Dry bed only: thyme, sage\n- Wet bed only: mint, cress\n- Either: chives, parsley").items.size).to eq(3)
  end

  it "keeps every number of a row of headings" do
    expect(values("headline", "# 90 %\nof our guests come back\n# 14\nlanguages are heard here\n# 0\nfalls since May")).to eq([90, 14, 0])
  end
end
