# frozen_string_literal: true

# What finders make of prose that leaves out what tables say outright.
RSpec.describe "Told in prose" do
  include WordsRead

  describe "what things do" do
    it "takes a word in -s behind one thing for what it does" do
      verbs = Peony::Reading::Tokens.of("The old one kneads 12 kg. The pump lifts it. Nobody plants willows.").select(&:finite?).map(&:text)
      expect(verbs).to eq(%w[kneads lifts plants])
    end

    it "leaves things in the plural alone" do
      verbs = Peony::Reading::Tokens.of("The bus times change by the week. Consent forms are on the desk.").select(&:finite?).map(&:text)
      expect(verbs).not_to include("times", "forms")
    end
  end

  describe "aspects" do
    it "names a share by what it is of, and begins a cell with its number" do
      aspects = found("comparison",
                      "## Heat\n\n- Stove: keeps 90 % of the warmth, wants 20 minutes to warm up\n- Heater: keeps 60 % of the warmth, wants 5 minutes to warm up\n").items.map(&:aspects)
      expect(aspects).to eq([[["warmth", "90 % of the warmth"], ["minutes", "20 minutes to warm up"]], [["warmth", "60 % of the warmth"], ["minutes", "5 minutes to warm up"]]])
    end

    it "puts a table of aspects behind columns where most of its cells would be empty" do
      forms = Peony::Figures::Proposals.for(read("The old mixer kneads 12 kg at a time and has done so since the war. The new one takes 30 kg, costs £2,400 and is done in 11 minutes."),
                                            family: "comparison").map(&:form)
      expect(forms.index("columns")).to be < (forms.index("aspects-table") || forms.size)
    end
  end

  describe "shares and stages" do
    it "keeps no verb as a detail, and of the rest only what is said of it" do
      items = found("parts", "Children take a third of the tickets, adults 40 % and the rest goes to members.").items
      expect(items.map { |i| [i.title, i.detail, i.value] }).to eq([["Children", "", 33.3], ["Adults", "", 40], ["Members", "", 26.7]])
    end

    it "parts the sum in the heading, though the first part is as much as the others" do
      expect(titles("parts", "## Where the £9,000 goes\n\nRoof: £4,500\nWindows: £2,250\nPaint: £1,350\nOpening party: £900\n")).to eq(["Roof", "Windows", "Paint", "Opening party"])
    end

    it "says what the six of the nineteen did, and counts the one with a name" do
      words = "Seventy-three people wrote. Of those, 41 rang back. Nineteen came to see it, and six of the nineteen stayed for tea. Two asked about the rent. One, a flautist, moved in."
      expect(found("funnel", words).items.map { |i| [i.value, i.title[/\A[^,]+/]] }.last(3)).to eq([[6, "Stayed for tea"], [2, "Asked about the rent"], [1, "A flautist"]])
    end
  end

  describe "points in time" do
    it "takes terms and seasons that lead their lines for points" do
      expect(titles("trend",
                    "## Books read per pupil\n\nAutumn term: 4.1\nSpring term: 5.6\nSummer term: 7.2\nThis autumn: 8.0\n")).to eq(["Autumn term", "Spring term", "Summer term", "This autumn"])
    end

    it "shows what was measured on a line of dates, not the date twice" do
      proposals = Peony::Figures::Proposals.for(read("Members\n\nOur members month by month: in December 120, in January 140, in February 155, and in March 170."), family: "trend")
      line = proposals.find { |p| Peony::Figures::Form.fetch(p.form).facts.family == "timeline" }
      expect(line.items.first.values_at("title", "date")).to eq(["120 members", "December"])
    end

    it "keeps no point without a number" do
      items = found("trend", "In December there were 120 members. In January 140. In February 155. In March 170. Then came the storm.").items
      expect(items.map(&:value)).to eq([120, 140, 155, 170])
    end

    it "gives a date alone the clause before it, and a day the year of its sentence" do
      words = "On 2 February the pruning starts. Buds break in the middle of April, and nobody leaves until the frosts are over, on 20 May. In 2025 the first grapes were cut on 9 September."
      expect(found("timeline", words).items.map(&:date)).to eq(["2 February", "the middle of April", "20 May", "9 September"])
    end

    it "reads a programme whose lines all begin with a time as entries" do
      words = "## Fair day\n\n7.00 the field opens for stalls\n9.30 pony judging\n12.00 the band, if sober\n"
      expect(found("timeline", words).items.map(&:date)).to eq(%w[7.00 9.30 12.00])
    end
  end

  describe "one over others, and what both have" do
    it "begins a tree with whoever is said to be at the top" do
      words = "Newcomers ask who tells whom what to do. At the top sits the council of nine. Under it the director runs three sections. Rangers answer to Tam and come in two crews, " \
              "upper valley and lower. The gardens are Hedda's, with four gardeners and a boy for the hens."
      items = found("hierarchy", words).items
      expect([items.size, items.first.spans.first.text]).to eq([1, "council of nine"])
    end

    it "sees what both have behind a but" do
      items = found("overlap", "Bees fly by day and see the ultraviolet. The bats have the night and their ears. But both hang together in winter to keep warm.").items
      expect(items.size).to eq(3)
    end
  end

  it "takes no age for a share, and what is left for one" do
    reading = read("Of the 1,840 tickets we sold, 46 % were bought by people under 25 and 31 % by shift workers. Another 14 % came from the theatre. The rest would not say.")
    expect(reading.finding("parts").items.map(&:value)).to eq([46, 31, 14, 9])
    expect(reading.queries).to be_empty
  end

  it "draws nothing where a short passage only leads to what follows" do
    reading = read("The night bus\n\nThe N9 runs from the station to Tollen and back, Fridays and Saturdays. Here is what its first winter taught us.")
    expect([reading.findings, reading.silence]).to eq([[], "An introduction to what follows needs no picture."])
  end

  it "calls a side by who speaks for it, and its points by what is said" do
    words = "Keep the night bus? Its friends say that the town sleeps better, that nobody has been fined since November, and that the nurses come home. " \
            "Its critics point to £9.20 for every ride, to the noise at two, and to the evenings with four people in it."
    sides = found("opposition", words).items
    expect(sides.map(&:title)).to eq(["Its friends", "Its critics"])
    lines = sides.map { |s| Peony::Figures::Nesting.parts(s).map { |part| Peony::Figures::Nesting.line(part) } }
    expect(lines.first).to eq(["The town sleeps better", "Nobody has been fined since November", "The nurses come home"])
    expect(lines.last.last).to match(/\A(?:The )?evenings with four people in it\z/i)
  end

  it "finds the four heads of an assessment that is told in sentences" do
    words = "Benno asked the choir to look at itself. Strong, they thought, were the altos and the soup. They were weak in the top notes. " \
            "If the new hall is built they could sing with an orchestra. The danger lies with the football club, which has asked for Thursdays."
    expect(found("quadrant", words).items.size).to eq(4)
  end

  it "leaves out what only says that they share something" do
    words = "People ask why the costume room, the puppet workshop and the paint shop sit on the same landing. They borrow from each other all day. Costumes and puppets both live off needles. " \
            "Puppets and paint share the glue pot. Dye belongs as much to the painters as to the costume people. What everyone up there has in common, and all three need, is north light."
    expect(found("overlap", words).items.map { |i| i.spans.first.text }).not_to include(a_string_matching(/borrow/))
  end

  it "names what a ratio is of by what there is so many of" do
    item = found("ratio", "Of every eight bicycles that stand at the station, one is gone in the morning.").items.first
    expect([item.value, item.title]).to match([12.5, /bicycles/i])
  end
end
