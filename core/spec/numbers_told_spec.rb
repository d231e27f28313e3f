# frozen_string_literal: true

# Numbers, dates and changes as people write them in running text.
RSpec.describe "Numbers told in passing" do
  include WordsRead

  describe "quantities" do
    {
      "Half a dozen oranges lay on the sand." => [[6, "oranges"]],
      "It sank to minus four degrees." => [[-4, "degrees"]],
      "The police stopped 180 drivers between midnight and four." => [[180, "drivers"]],
      "There are 61 cats. Ten years on we counted 48." => [[61, "cats"], [10, "years"], [48, "cats"]],
      "It takes 16 minutes. Volunteers, of whom there were 22, were glad." => [[16, "minutes"], [22, "volunteers"]],
      "Hardly an hour and a half is spent at the gates." => [[1.5, "hours"]],
      "Hemp comes in at eleven quid." => [[11, "GBP"]],
      "Of every eight bicycles at the station, one is gone in the morning." => [[8, "bicycles"], [1, "bicycles"]],
      "It stood at 18.4 metres. Three years on it had sunk to 16.9." => [[18.4, "metres"], [3, "years"], [16.9, "metres"]],
      "It comes from 34 farms. Visitors last summer numbered 8,300." => [[34, "farms"], [8300, "visitors"]],
      "Two asked about the rent. One, a flautist, moved in." => [[2, "people"], [1, "people"]],
      "She saw 31 votes, all in one handwriting." => [[31, "votes"]],
      "By May 1,240 acorns had come up. One dry fortnight left 810 of these." => [[1240, "acorns"], [1, "fortnights"], [810, "acorns"]],
      "It makes the crossing in twelve minutes where the other takes twenty." => [[12, "minutes"], [20, "minutes"]],
      "There are no young men left, said Wen, who is ninety." => [[90, "years"]],
      "Of the 1,840 tickets 46 % were bought by people under 25 and 31 % by shift workers." => [[1840, "tickets"], [46, "%"], [25, "years"], [31, "%"]],
      "The small bus seats 16 and burns 11 litres an hour. The large one seats 44 and burns 23 litres." => [[16, "seats"], [11, "litres"], [44, "seats"], [23, "litres"]],
      "First nights on Ward 6 are long, and question nine has a grid." => []
    }.each { |words, want| it("reads “#{words}”") { expect(amounts(words)).to eq(want) } }

    it "counts no money of a currency that nobody named" do
      expect(amounts("Twelve bats would vote for it, and it saves eleven thousand a year.")).to eq([[12, "bats"], [11_000, ""]])
    end

    it "does not take a ranking in one row for couples" do
      expect(amounts("The otter won with 212 votes. The heron got 164, the hedgehog 158, the headmaster 77, and 31 votes went to the slug, a boy of 9.").first(4))
        .to eq([[212, "votes"], [164, "votes"], [158, "votes"], [77, "votes"]])
    end

    it "takes no class and no bus for a number" do
      expect(amounts("In 8B all speak Polish.")).to eq([])
      expect(amounts("The council wants to stop the 14 bus.")).to eq([])
    end
  end

  describe "dates" do
    def moments(words) = text(words).moments.map { |m| [m.text, m.sort.round(2)] }

    it "puts parts of months, months and days without a year on one scale" do
      expect(moments("Proofs come in the first week of April. The cover is agreed on 20 May. At the end of July it is printed, and in September it is sold.").map(&:last))
        .to eq([4.1, 5.61, 7.9, 9.0])
    end

    it "takes a season among months where it fits between them" do
      expect(moments("Digging starts in January. The wires go up over the summer. The first test is in October.").map(&:last)).to eq([1.0, 6.4, 10.0])
      expect(moments("In January it froze. In October we close. Over the summer there is tea.").size).to eq(2)
    end

    it "takes nobody's way for an hour" do
      expect(moments("Cullen has a bath, and this is how it came by one.")).to eq([])
    end

    it "takes last year for the latest of a row of years, and for nothing by itself" do
      expect(moments("It opened in 1980. It burned in 1987. A trust took it in 1999. Since last year there has been a café.").last).to eq(["last year", 2101.0])
      expect(moments("Last year it rained.")).to eq([])
    end

    it "reads years that lead their words in one line" do
      expect(found("timeline", "1792 dug, 1840 deepened, 1923 closed to trade, 1968 half filled in, 2011 open again.").items.map(&:date)).to eq(%w[1792 1840 1923 1968 2011])
    end

    it "leaves out what happens every week among years" do
      items = found("timeline", "The band was founded in 1884. It played for the railway in 1891. It won in 2003. Practice is on Wednesdays.").items
      expect(items.map(&:sort)).to eq([1884, 1891, 2003])
    end
  end

  describe "changes" do
    def pairs(words) = text(words).changes.map { |p| [p.one.value, p.two.value] }

    it "finds those beside a change that is said outright" do
      expect(pairs("It used to take 16 minutes from pager to water. The new slip has brought that to nine. Volunteers have gone from 15 to 27.")).to include([15, 27], [16, 9])
    end

    it "reads entries that go from one value to another" do
      expect(pairs("What the pool used\n- gas: 840 MWh to 390 MWh\n- power: 310 MWh to 280 MWh\n")).to eq([[840, 390], [310, 280]])
    end

    it "takes one in six for no change" do
      expect(pairs("One in six hives did not come through the winter.")).to eq([])
    end
  end

  describe "shares and sums" do
    it "works out the share that is left" do
      items = found("parts", "Books made up 38 % of them, clothes 27 %, kitchen things 19 % and toys 11 %. The rest was hard to put a name to.").items
      expect(items.map(&:value)).to eq([38, 27, 19, 11, 5])
      expect(Peony.propose(Peony.read("Books made up 38 % of them, clothes 27 %, kitchen things 19 % and toys 11 %. The rest was hard to put a name to."))).not_to be_empty
    end

    it "does not take a sum with a rest for a slip" do
      words = "Of £1,940 for the winter, wages took £1,020 and heating £430. Light was £160. Cake came to £210. The rest went on a new catch for the door."
      expect(Peony.read(words).queries).to eq([])
      expect(values("parts", words)).to eq([1020, 430, 160, 210, 120])
    end

    it "works out what is left of a sum" do
      items = found("parts", "The festival cost £24,000. Bands took £9,500 of it. Fencing was £6,200. The rest went on candles.").items
      expect(items.map(&:value)).to eq([9500, 6200, 8300])
    end
  end

  describe "ratios" do
    it "reads “of so many” and “wants so much”" do
      expect(values("ratio", "Of 60 patients who were given a stick, 45 walk without it.")).to eq([75])
      expect(values("ratio", "The choir wants £4,800 for the piano. In the tin it is £3,120 now.")).to eq([65])
    end
  end

  it "keeps a point that has no date among those that have" do
    items = found("trend", "There were 62 swifts in 1994. In 2010 we saw 48. Then the nets went up and only 19 were left. By 2016 it was 27 again.").items
    expect(items.map(&:value)).to eq([62, 48, 19, 27])
  end

  describe "two sides" do
    def children(words) = found("opposition", words)&.items&.map { |i| i.children.size }

    it "gathers labels that come again and again" do
      words = "- Do: one thought a slide\n- Do: stop early\n- Don't: read aloud\n- Don't: apologise\n- Don't: use the red pen\n"
      expect(found("opposition", words).items.map(&:title)).to eq(["Do", "Don't"])
      expect(children(words)).to eq([2, 3])
    end

    it "takes no third label for a side" do
      expect(children("- Do: stop\n- Do: look\n- Don't: run\n- Maybe: wait\n")).to be_nil
    end

    it "parts those of whom neither is said to disagree" do
      words = "The neighbours in the north have asked for a gate. The neighbours find bottles in the roses. " \
              "The nurses on the late shift would have to walk round by the mill. The nurses say that the lamps work."
      expect(found("opposition", words).items.map { |i| i.spans.size }).to eq([2, 2])
    end
  end

  it "puts four statements into four boxes where two questions are asked" do
    words = "She sorts plants by sun and by water. The canna likes both. Thyme wants sun but no water. Ferns like it wet and dark. Ivy needs neither."
    expect(found("quadrant", words).items.size).to eq(4)
  end

  it "takes what is counted in one unit for parts where the words speak of shares" do
    expect(values("parts", "Where the hour goes: 24 minutes talk, 19 minutes practice, 12 minutes tea, 5 minutes looking for the key.")).to eq([24, 19, 12, 5])
  end
end
