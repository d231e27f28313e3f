# frozen_string_literal: true

# What single turns of phrase are read as: for each family the items that its finder makes of them.
RSpec.describe "Turns of phrase" do
  include WordsRead

  def found(family, words) = Peony::Reading::Finder.members.fetch(family).new(text(words)).find
  def quantities(words) = text(words).quantities.map { |q| [q.value, q.unit] }

  describe "changes" do
    it "sees the later value first where the earlier is added with 'was'" do
      item = found("change", "- Members: 84, was 61\n- Evenings: 22, was 20\n").items.first
      expect([item.title, item.aspects]).to eq(["Members", [%w[before 61], %w[after 84]]])
    end

    it "reads 'old and new' over pairs of prices" do
      expect(titles("change", "Deckhands' hourly pay, old and new: £11.20, £12.60. Mates: £14, £15.40.").size).to eq(2)
    end

    it "reads what used to be and what is, with the other numbers left alone" do
      item = found("change", "It used to take a class 25 minutes to get its lunch. With two hatches open it takes 11.").items.first
      expect(item.aspects).to eq([["before", "25 minutes"], %w[after 11]])
    end

    it "parts two changes that 'and' joins" do
      expect(found("change", "Paper has come down from 62 boxes a year to 35 and the repair bill from £1,900 to £400.").items.size).to eq(2)
    end
  end

  describe "then and now, parts, and what both have" do
    it "sees a column called before and the one beside it" do
      items = found("change", "- Car: Before 212, In the week 131\n- On foot: Before 96, In the week 108\n- Bus: Before 70, In the week 67\n").items
      expect(items.map { |i| [i.title, i.aspects.map(&:last)] }).to eq([["Car", %w[212 131]], ["On foot", %w[96 108]], ["Bus", %w[70 67]]])
    end

    it "pairs as many numbers now as there were then" do
      items = found("change", "Two years ago the bakery sold 340 loaves a day and threw away 50. Since it bakes to order it sells 410 and throws away 6.").items
      expect(items.map { |i| i.aspects.map(&:last) }).to eq([%w[340 410], %w[50 6]])
    end

    it "takes Year 6 for a class where it does something, for a point in time where it leads a line" do
      expect(text("Year 6 painted a lane. Year 5 mended brakes.").dates).to eq([])
      expect(text("Year 1: saplings\nYear 5: poles\nYear 9: posts\n").dates.map(&:sort)).to eq([1, 5, 9])
    end

    it "parts a pound into pence, and says what is left" do
      items = found("parts", "Of every pound that comes in, 46 pence goes on wages. The building swallows 27 pence. Costumes take 15, and 8 are spent on posters. The rest is put by.").items
      expect(items.map(&:value)).to eq([46, 27, 15, 8, 4])
      expect(items.map(&:unit).compact.uniq).to eq(["%"])
    end

    it "sees two things, each with its own, and what both have" do
      items = titles("overlap", "The hardware shop sells paint and rope, and the chandler sells charts and flags. Both of them sell twine, and both cut keys.")
      expect(items.size).to eq(3)
      expect(items.last).to start_with("Both")
    end

    it "works out what is left of a sum that is named before its parts" do
      items = found("parts", "Of the £2,400 we took, the tent cost £900. The band had £600 and was worth it. We paid £300 to the farmer, and the rest went into the roof fund.").items
      expect(items.map { |i| [i.value, i.unit] }).to eq([[900, "GBP"], [600, "GBP"], [300, "GBP"], [600, "GBP"]])
      expect(items.last.spans.first.text).to include("roof fund")
    end

    it "takes no rest from a sum whose parts are not all money, or that is used up" do
      expect(found("parts", "Of the £900 we took, the tent cost £600. The band had £300, and the rest went home.")&.items&.size.to_i).to be < 3
      expect(found("parts", "Of the £2,400 we took, 30 people gave £900, and the rest went into the roof fund.")&.items&.map(&:value).to_a).not_to include(1500)
    end

    it "shows a share that is said twice once" do
      expect(values("ratio", "Of the 144 pupils we asked, 18 write with the left hand. That is one in eight.")).to eq([12.5])
    end

    it "counts a number of the same kind amid those that are dated" do
      words = "When the kitten came to us she weighed 310 g. A week later it was 420, and the week after 560. She had a cold and was down to 530. At her last visit it was 790."
      expect(values("trend", words)).to eq([310, 420, 560, 530, 790])
    end

    it "says a striking number once, however often it is told" do
      expect(found("headline", "Guess how long it takes now: 40 minutes. Yes, 40 minutes.").items.size).to eq(1)
    end

    it "names things compared by the path one takes to them" do
      expect(titles("comparison", "The quarry path is short and steep. By the sheep path it takes twice as long. The ridge path is the one with the view.").size).to eq(3)
    end
  end

  describe "ratios" do
    it "takes every ninth as one in nine" do
      expect(found("ratio", "Every ninth call to the lifeboat was for a paddle board.").items.first).to have_attributes(value: 11.1, date: "1 in 9")
    end

    it "does not take every second day for a ratio" do
      expect(found("ratio", "The lamp is cleaned every second day by the keeper.")).to be_nil
    end

    it "reads a part of a whole that comes first" do
      expect(found("ratio", "Of the forty people on the crew list, just twelve hold a certificate.").items.first.value).to eq(30)
    end
  end

  describe "times" do
    it "orders ages by their length" do
      expect(found("timeline", "- 8 weeks: first jab\n- 6 months: worming\n- 1 year: booster\n").items.map(&:date)).to eq(["8 weeks", "6 months", "1 year"])
    end

    it "takes numbers with two places in a row of them for times" do
      expect(found("timeline", "Fair day: 6.30 stalls go up; 9.00 gates; 11.15 sheepdogs; 13.00 pies.").items.size).to eq(4)
    end

    it "gives a day alone the month told before" do
      dates = text("Essays are due on 3 May. The papers begin in the week of the 12th, and prize day is the 9th of July.").dates
      expect(dates.map(&:text)).to eq(["3 May", "the 12th", "9th of July"])
      expect(dates.map(&:sort)).to eq(dates.map(&:sort).sort)
    end

    it "keeps amounts that follow a month as amounts" do
      expect(quantities("By the end of March 1,150 of the 2,000 oaks were in the ground.")).to include([1150, "oaks"], [2000, "oaks"])
    end

    it "takes bare years for years among others, but not counts" do
      expect(text("Built 1911 by the rowing club, sold in 1947, bought back in 1952. It seats 1600 people.").dates.map(&:sort)).to eq([1911, 1947, 1952])
    end
  end

  describe "couples" do
    it "reads names with two numbers each" do
      expect(found("relation", "Hours practised and wrong notes: Ida 2 and 31, Tom 5 and 22, Wen 9 and 12.").items.size).to eq(3)
    end

    it "reads two lengths a sentence" do
      items = found("relation", "Released at 2 m it ran for 11 m. From 4 m it ran 19. From 6 m it reached 26.").items
      expect(items.map(&:value)).to eq([11, 19, 26])
    end
  end

  describe "trees" do
    it "hangs those who stand under one below it" do
      root = found("hierarchy", "The abbot ruled the prior; the prior ruled cellarer and sacrist; the cellarer ruled the kitchen and the cats.").items.first
      expect(root.title).to match(/abbot/i)
      expect(root.children.first.children.map(&:title)).to eq(%w[Cellarer Sacrist])
      expect(root.children.first.children.first.children.size).to eq(2)
    end
  end

  describe "two sides" do
    it "takes lines that alternate" do
      items = found("opposition", "- Myth: owls are wise\n- Fact: crows learn faster\n- Myth: owls sleep all day\n- Fact: they nap\n").items
      expect(items.map { |i| [i.title, i.children.size] }).to eq([["Myth", 2], ["Fact", 2]])
    end

    it "takes what they say and what is so" do
      expect(found("opposition", "They say owls are wise. A crow learns faster. They say owls cannot see by day. They see rather well.").items.map { |i| i.children.size }).to eq([2, 2])
    end
  end

  describe "parts" do
    it "finds the whole in the heading" do
      items = found("parts", "# Where the hall's £12,000 goes\n- Heating: £5,400\n- Caretaker: £3,600\n- Insurance: £3,000\n").items
      expect(items.map(&:value)).to eq([5400, 3600, 3000])
    end

    it "counts a share once that is said roughly and exactly" do
      items = found("parts", "A good half of the visitors, 52 %, live near. Another 31 % come from the county and 17 % from the mainland.").items
      expect(items.map(&:value)).to eq([52, 31, 17])
    end
  end

  describe "series" do
    it "keeps things that a verb leads to, and people told by what they do" do
      expect(titles("list", "This year there will be cider, hot chestnuts, a man who sharpens knives and the usual goldfish."))
        .to eq(["Cider", "Hot chestnuts", "A man who sharpens knives", "The usual goldfish"])
    end

    it "follows arrows, without the beginning said twice" do
      expect(titles("cause", "Fares went up → fewer visitors → the café shut → fares went up.").size).to eq(3)
    end

    it "parts statements in a row" do
      expect(titles("hub", "Everything passes her desk. She keeps the only key to the archive, the reading group meets at her table, and the mayor asks her before he speaks.").size).to be >= 3
    end
  end

  describe "four boxes" do
    it "parts a sentence that holds several" do
      words = "Mentors sort their pupils by skill and by will. A pupil with both needs room. One who can but won't needs a reason, " \
              "one who wants to but cannot needs practice, and for the few who neither can nor want to there is tea."
      expect(titles("quadrant", words).size).to eq(4)
    end

    it "takes four plain sentences for nothing of the kind" do
      expect(found("quadrant", "Sift the flour. Add the milk. Stir the batter. Heat the pan.")).to be_nil
    end
  end

  describe "units" do
    it "stops at the next number" do
      expect(quantities("with 1 trap 40 leaves eaten")).to eq([[1, "traps"], [40, "leaves"]])
    end

    it "hands no percent back from a fraction in words" do
      expect(quantities("Long Acre gave 7.2 tonnes. Hagg Top gave 3.9, and half of that was thistles.")).to eq([[7.2, "tonnes"], [3.9, "tonnes"], [50, "%"]])
    end

    it "does not take a person's room for its number" do
      expect(quantities("Quiz night: The Barnacles 48, Staff room 39, Clergy 22.").map(&:first)).to eq([48, 39, 22])
    end
  end

  describe "hours, months and numbers in words" do
    def sorts(words) = text(words).dates.map(&:sort)

    it "takes bare hours for times among clock times, and no numbers of things" do
      expect(sorts("At seven the cages are cleaned. The first come at half past eight. Operations are between eleven and two. From four o'clock the phone rings. At nine Mrs Bray locks up."))
        .to eq([7, 8.5, 11, 16, 9])
      expect(sorts("It opens at 9:00 and shuts at 17:00. It is used by nine clubs, about two hundred people and between three and five dogs.")).to eq([9, 17])
      expect(sorts("Complaints fell from nine a month to one.")).to eq([])
    end

    it "takes a month that begins a sentence for one among months" do
      expect(sorts("In January it was 82 mm, in March 40 mm. April stayed dry. May, as every year, was wet.")).to eq([1, 3, 4, 5])
      expect(sorts("In January and in March we close. May we see you soon?").last).to eq(3)
    end

    it "adds up number words only where they make one number" do
      expect(quantities("We need between eleven and two hundred and ten chairs.").map(&:first)).to eq([11, 210])
      expect(quantities("They sold one hundred and six lamps and twenty-two stands.").map(&:first)).to eq([106, 22])
    end

    it "counts things again behind a fraction of them" do
      expect(quantities("Last year 412 loans were made. A third of them were drills, 88 were ladders, and 35 were sewing machines.").drop(2)).to eq([[88, "loans"], [35, "loans"]])
    end
  end

  it "keeps silent about words that speak of the pages they stand on" do
    silence = ->(words) { Peony.read(words).then { |r| [r.findings.size, r.silence] } }
    expect(silence["What follows looks back on twelve months of open nights. It is written for members, and it is short because the nights were long."])
      .to eq([0, "An introduction to what follows needs no picture."])
    words = "What follows when a street is lit all night? Moths circle until they drop. Robins sing at two. Sleep gets thinner for everyone. And we lose the stars."
    expect(Peony.read(words).findings).not_to be_empty
  end

  it "names an aspect by its unit where the words before the number say something" do
    items = found("comparison", "The stove warms the room and needs somebody who can lay a fire. Wood for a Sunday costs about £6, and people talk.\n\n" \
                                "With the radiators it is warm in twenty minutes, and nobody has to get up. They cost £19 a Sunday, and nobody talks.").items
    expect(items.map { |i| i.aspects.map(&:first) }).to all(include("price")).and all(satisfy { |names| names.none?(/they/i) })
    twins = found("comparison", "Van or branch? The van holds 2,400 books and costs £3.10 a loan. The branch has 31,000 books and a stove. A loan there costs £2.20.").items
    expect(twins.map { |i| i.aspects.map(&:first) }).to all(include("price"))
    expect(found("comparison", "- N1: fare €2.50, every 20 minutes\n- N7: fare €1.80, every 60 minutes\n").items.first.aspects.map(&:first)).to include("fare")
  end
end
