# frozen_string_literal: true

# Lists, heads and rows as people type them, without any mark-up.
RSpec.describe "Typed forms" do
  include WordsRead

  def passage(words) = Peony::Notes::Passage.whole(Peony::Notes::Text.read(words))

  describe "heads" do
    it "sees heads with a line each under a title" do
      words = "From sheep to sock\nStep 1: Shearing\nOff it comes in one piece.\nStep 2: Washing\nThree baths, the last one cold.\n"
      expect(passage(words).heading).to eq("From sheep to sock")
      expect(text(words).tree.map do |n|
        [n.span.text, n.body.map(&:text)]
      end).to eq([["Step 1: Shearing", ["Off it comes in one piece."]], ["Step 2: Washing", ["Three baths, the last one cold."]]])
    end

    it "sees heads with several lines each" do
      words = "Homework: for and against\nFor\nIt makes things stick.\nParents see what we do.\nAgainst\nIt eats the evening.\n"
      expect(text(words).tree.map { |n| [n.span.text, n.body.size] }).to eq([["For", 2], ["Against", 1]])
    end

    it "sees heads with words in lower case below them, under a question" do
      words = "Which stove?\nThe Otter\nweighs 90 kg, burns logs to 40 cm\nThe Badger\nweighs 140 kg, burns logs to 60 cm\n"
      expect(text(words).tree.map { |n| n.span.text }).to eq(["The Otter", "The Badger"])
    end

    it "sees the heads of two sides, whatever the lines below them look like" do
      words = "Letting the flat\nIn favour\nMore money in summer\nSomebody airs the place\nAgainst\nSheets every Saturday\n"
      expect(text(words).tree.map { |n| [n.span.text, n.body.size + n.children.size] }).to eq([["In favour", 2], ["Against", 1]])
      expect(titles("opposition", words)).to eq(["In favour", "Against"])
    end

    it "keeps the first of a row of names and numbers, where no title stands over them" do
      expect(values("ranking", "Most points\n\nKestrels 412\nOtters 388\nHerons 371\nVoles 295\n")).to eq([412, 388, 371, 295])
    end

    it "sees heads that the title names" do
      expect(text("Ebook or paper?\nEbook\n£4.50, lends to nobody\nPaper\n£9, lends to anybody\n").tree.map { |n| n.span.text }).to eq(%w[Ebook Paper])
    end

    it "takes lines with a plus and lines with a minus for two sides" do
      words = "Writing to the newspaper\n+ short\n+ one point\n- capital letters\n- the word disgrace\n"
      expect(found("opposition", words).items.map { |i| [i.title, i.children.map(&:title)] }).to eq([["+", ["Short", "One point"]], ["-", ["Capital letters", "The word disgrace"]]])
    end

    it "reads numbers and what each is of, line by line" do
      expect(values("headline", "The bakery\n460\nloaves a day\n5\nbakers\n")).to eq([460, 5])
    end

    it "keeps the first week of a row" do
      expect(titles("timeline", "Week 1 Interviews\nWeek 2 First sketches\nWeeks 3 and 4 Building\nWeek 6 Opening\n")).to eq(["Interviews", "First sketches", "Building", "Opening"])
    end

    it "tells what three labels share where one of them names both others" do
      expect(found("overlap", "Poems: rhyme, line breaks\nSongs: a tune, a chorus\nPoems and songs alike: rhythm, feeling\n")&.items&.size).to eq(3)
    end

    it "nests lines by their indents" do
      tree = text("The museum\nDirector: Dr Amadi\n  Collections: Jun\n    clocks\n    maps\n  Public: Petra\n    shop\n").tree
      expect(tree.map { |n| [n.span.text, n.children.map { |c| [c.span.text, c.children.size] }] }).to eq([["Director: Dr Amadi", [["Collections: Jun", 2], ["Public: Petra", 1]]]])
    end

    it "keeps short lines without anything below them as lines" do
      expect(text("Eggs\nMilk\nBread\nCandles\n").tree.map { |n| n.span.text }).to eq(%w[Milk Bread Candles])
    end

    it "takes a first line that names both labels for the title" do
      expect(passage("Myth or fact: the moon\nMyth: it changes the weather\nFact: it moves the sea\n").heading).to eq("Myth or fact: the moon")
    end
  end

  describe "numbering" do
    it "nests what is numbered under something" do
      tree = text("1. Library\n1.1 Children\n1.2 Maps\n2. Museum\n2.1 Clocks\n").tree
      expect(tree.map { |n| [n.span.text, n.children.map { |c| c.span.text }] }).to eq([["Library", %w[Children Maps]], ["Museum", %w[Clocks]]])
    end

    it "leaves amounts at the beginning of a line alone" do
      expect(text("1.5 litres of milk\n2.5 kg of flour\n").quantities.map(&:value)).to eq([1.5, 2.5])
    end
  end

  describe "paragraphs made alike" do
    it "sees heads over one line each, with blank lines between" do
      words = "Scouts and band\n\nScouts only\n41 members\n\nBand only\n18 members\n\nIn both\n7 members\n"
      expect(passage(words).heading).to eq("Scouts and band")
      expect(text(words).tree.map { |n| [n.span.text, n.body.map(&:text)] }).to eq([["Scouts only", ["41 members"]], ["Band only", ["18 members"]], ["In both", ["7 members"]]])
    end

    it "sees heads over questions with their answers" do
      words = "Fever?\nYes: keep them home.\nNo: go on.\n\nJust tired?\nSend them.\n"
      expect(text(words).tree.map { |n| [n.span.text, n.body.size] }).to eq([["Fever?", 2], ["Just tired?", 1]])
    end

    it "reads heads that say nothing alone as one passage, under the heading above them" do
      words = "The crossing\n\nIt took four minutes, now two.\n\nBakers and brewers\n\nJust bakers\novens, early nights\n\nJust brewers\nbarrels, late nights\n\nBoth\nyeast, patience, dust\n"
      passages = Peony::Reading::Passages.of(Peony::Notes::Text.read(words))
      expect(passages.map(&:heading)).to eq(["The crossing", "Bakers and brewers"])
      expect(Peony::Reading::Kept.of(passages.last).best).to have_attributes(family: "overlap", items: have_attributes(size: 3))
    end

    it "joins a number to the line below it" do
      words = "Our first year\n\n412\nchildren taught to swim\n\n£0\ncharged\n"
      expect(text(words).tree.map { |n| n.span.text }).to eq(["412 children taught to swim", "£0 charged"])
    end

    it "takes a short question over a paragraph for its heading" do
      words = "How we mend a lamp\n\nThe plug comes out first, and nobody argues.\n\nWhich bench?\n\nIs it electric? Then it is bench one. Seams go to Ines. Anything else waits.\n"
      expect(Peony::Reading::Passages.of(Peony::Notes::Text.read(words)).map(&:heading)).to eq(["How we mend a lamp", "Which bench?"])
    end

    it "takes two lines with labels for entries, but a question and its answer for none" do
      expect(text("People say, and so\n\nPeople say: it is cheaper to buy a new one\nAnd so: a fuse is 20p\n").tree.size).to eq(2)
      expect(text("Q: Why is it dead?\nA: Could be the water, could be the cold.\n").tree).to be_empty
    end

    it "leaves two lines of running text alone" do
      words = "The ferry did not run\nfor eleven days.\n\nThe school was closed\nfor two.\n"
      expect(text(words).tree).to be_empty
    end
  end

  describe "tables in the text" do
    it "makes a box of each cell of words, two by two" do
      words = "| | Easy | Hard |\n|---|---|---|\n| Useful | better signs | a lift |\n| Not useful | new aprons | a tower |\n"
      expect(titles("quadrant", words)).to eq(["Better signs", "Lift", "New aprons", "Tower"])
    end

    it "reads two years beside each other as changes" do
      expect(values("change", "| | 2015 | 2025 |\n|---|---|---|\n| Members | 140 | 310 |\n| Boats | 12 | 9 |\n")).to eq([310, 9])
    end
  end

  describe "arrows" do
    it "reads each as a change where numbers stand on both sides" do
      expect(values("change", "A year after the drains: flooded cellars 23 → 4, complaints 61 → 70, frogs 2 → 300.")).to eq([4, 70, 300])
    end

    it "begins behind the colon and says nothing twice" do
      expect(text("Our wool: shear → spin → knit → wear → unravel → spin again.").series.first.map(&:text)).to eq(%w[shear spin knit wear unravel])
    end
  end

  describe "shares and amounts" do
    it "reads fractions as labels, and works out the rest" do
      expect(values("parts", "Where the price goes\nHalf – the performers\nA quarter – the hall\nA fifth – light\nThe rest – ice cream\n")).to eq([50, 25, 20, 5])
    end

    it "reads one in so many beside shares" do
      expect(values("parts", "Sleeping came first with 39 per cent. Screens had a fifth. One in ten was in a car.")).to eq([39, 20, 10])
    end

    it "counts no film that has a number in its name" do
      expect(values("ranking", "Tickets sold\n- The Long Ferry – 1,204\n- Owl Summer – 988\n- Two Bakers – 610\n- Fog – 77\n")).to eq([1204, 988, 610, 77])
    end

    it "names what stands before brackets" do
      expect(titles("ranking", "Favourite pudding (votes): crumble (61), trifle (44), jelly (30), figs (2).")).to eq(%w[Crumble Trifle Jelly Figs])
    end

    it "ranks no total" do
      words = "Our stations took 190 calls last year. Ternby answered 61 of those; Osk had thirty-four. Brool went out for 17. Varn was content with 48, and Hessock with 30."
      expect(values("ranking", words)).to eq([61, 34, 17, 48, 30])
    end

    it "compares what was with what is" do
      expect(values("change", "After six weeks\n* wrong notes in a piece: was 31, is 8\n* minutes before tears: was 10, is 45\n")).to eq([8, 45])
    end

    it "reads a row of changes under one head" do
      expect(values("change", "Dinners since the new cook: eaten, 140 to 212 a day; thrown away, 31 kg to 9 kg; complaints, 6 to 6.")).to eq([212, 9, 6])
    end

    it "lets a lone number lead its sentence" do
      expect(found("headline", "1,000,000\n\nThat is how many steps the postman took.\n").items.map(&:value)).to eq([1_000_000])
    end

    it "says in a few words what a number is of" do
      words = "Nobody counts, but since the trust insists: we were on the air for 2,920 hours. Requests came to 1,480, of which 212 were for one song. The youngest singer was two days old. " \
              "It all cost £3,100, or about a pound an hour."
      expect(titles("headline", words)).to eq(["we were on the air", "Requests", "The youngest singer", "It all cost"])
    end
  end

  describe "sides and rounds" do
    it "takes yes and no for two sides" do
      expect(found("opposition", "Yes, because the hall is cold, the roof leaks and nobody can park. No, because we were all married in it.").items.size).to eq(2)
    end

    it "says no step twice, but keeps what somebody wrote as an entry" do
      expect(found("cycle", "Bees visit the beans, the beans set seed, we sow the seed, beans flower, and the bees are back.").items.size).to eq(4)
      expect(found("cycle", "A rumour\n- Readers write in with questions\n- We answer the best\n- The answers are wrong\n- Readers write in to say so\n").items.size).to eq(4)
    end
  end

  describe "what belongs to whom" do
    it "is surer of a middle the more is told around it" do
      around = "The shop is small. The bus turns in its yard. Children wait there for the doctor. Lost dogs are handed in to her. Letters are read aloud in it."
      beside = "The shop is small. The bus turns at six. Children wait for the doctor. Lost dogs come home. Letters are read aloud."
      expect(found("hub", around).fit).to be > found("hub", beside).fit
    end

    it "gives the oldest an age, and ratios no length" do
      quantities = text("That is 1.3 km of new hedge for 4,600 hares. Hares have eaten one in twenty. The oldest person with a spade was 88.").quantities
      expect(quantities.map { |q| [q.value, q.unit] }.last(3)).to eq([[1, "hares"], [20, "hares"], [88, "years"]])
    end
  end
end
