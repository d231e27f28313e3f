# frozen_string_literal: true

# Turns of phrase of reports, minutes and school books, which say things plainly.
RSpec.describe "Plain reports" do
  include WordsRead

  describe "parts" do
    it "takes a fraction for so many of what was counted, and works out the rest" do
      expect(told("parts", "There were 80 people in the audience. Half of them had paid, 25 were family and the rest were the band."))
        .to eq([["Had paid", 40], ["Family", 25], ["The band", 15]])
      expect(told("parts", "We sold 300 raffle tickets. A third went to parents, 120 to people from the village and the remaining 80 to visitors."))
        .to eq([["Parents", 100], ["People from the village", 120], ["Visitors", 80]])
    end

    it "counts neither what there was before nor the age of those who are counted" do
      expect(told("parts", "We ended the year with 1,240 members, up from 1,085. Of these, 610 are adults, 380 are juniors and 250 are over sixty."))
        .to eq([["Adults", 610], ["Juniors", 380], ["Over sixty", 250]])
    end

    it "finds the thing behind its share, in front of its bracket, and joined to another" do
      expect(titles("parts",
                    "Dry air is 78% nitrogen, 21% oxygen and 0.9% argon. Carbon dioxide and other gases make up the rest.")).to eq(["Nitrogen", "Oxygen", "Argon",
                                                                                                                                    "Carbon dioxide and other gases"])
      expect(titles("parts",
                    "Blood is made up of plasma (55%), red blood cells (44%) and white blood cells and platelets (1%).")).to eq(["Plasma", "Red blood cells", "White blood cells and platelets"])
      expect(told("parts",
                  "Of the price of a pair of jeans, the shop gets half. A quarter goes to the brand. Transport takes 11 per cent, cotton and cloth 13 per cent. The sewers get one per cent."))
        .to include(["Shop", 50], ["Cotton and cloth", 13], ["Sewers", 1])
      expect(titles("parts", "Half of your plate should be vegetables and fruit. A quarter should be bread, and the last quarter fish.")).to eq(["Vegetables and fruit", "Bread", "Fish"])
    end

    it "names those whom an age tells apart, and what the rest is of" do
      expect(told("parts",
                  "1,860 people have a card. 720 of them are under 14, 480 are between 14 and 60 and 660 are older than that.")).to eq([["Under 14", 720], ["Between 14 and 60", 480],
                                                                                                                                        ["Older than that", 660]])
      expect(told("parts", "Novels made up 41 %, children's books 33 %, non-fiction 15 % and films the rest.").last).to eq(["Films", 11])
    end

    it "leaves out what leads to the first of a row in brackets" do
      expect(titles("parts",
                    "They look at the opening hours (48%), the menu (31%), the prices (14%) and the pictures (7%).")).to eq(["The opening hours", "The menu", "The prices", "The pictures"])
    end

    it "takes a bare number of something for what was measured before" do
      words = "Of 80 kilos, rope made up 36. Bottles came to nearly as much, 28 with their lids. There were nine of shoes. The rest she has put down as unknown."
      expect(told("parts", words).map(&:last)).to eq([36, 28, 9, 7])
    end

    it "ends a name before what it takes up" do
      expect(titles("parts", "Light takes up 38%, computers 26%, the kitchen 21% and everything else 15%.")).to eq(["Light", "Computers", "The kitchen", "Everything else"])
    end

    it "keeps the letter of a group" do
      expect(titles("parts", "In our class of 28 pupils, 13 are group O, 11 are group A, 3 are group B and 1 is AB.")).to eq(["Group O", "Group A", "Group B", "AB"])
    end
  end

  describe "numbers" do
    it "counts people who did something, not what they did it to" do
      expect(amounts("We asked 60 people. 33 wanted the wall, 21 wanted trees and 6 said people should move.").map(&:last).uniq).to eq(["people"])
    end

    it "takes an amount in two units for one, in the smaller of them" do
      expect(amounts("The average visit lasted 2 minutes 10 seconds, compared with 1 minute 45 before.")).to eq([[130, "seconds"], [105, "seconds"]])
      expect(amounts("It took 1 hour 20 minutes and weighed 3 kg 500 g.")).to eq([[80, "minutes"], [3500, "g"]])
      expect(amounts("For 1 minute 45 people stood still.")).to eq([[1, "minutes"], [45, "people"]])
      expect(amounts("Of the 60 hours 20 went into the bank and 15 into trees.")).to eq([[60, "hours"], [20, "hours"], [15, "hours"]])
    end

    it "does not count what is numbered from one on" do
      expect(amounts("At site 1 it was 1.2 m wide. At site 2 it was 3.5 m. At site 3 it was 9 m.")).to eq([[1.2, "m"], [3.5, "m"], [9, "m"]])
      expect(amounts("We won 3 cups and 2 medals.")).to eq([[3, "cups"], [2, "medals"]])
    end

    it "takes no amount for a share because a share was told before" do
      expect(amounts("Visits to the site rose by 18% to 46,200. 61% of people come by phone.")).to eq([[18, "%"], [46_200, "visits"], [61, "%"]])
    end

    it "reads what must be found, and what has been, as a way to a goal" do
      goal = found("ratio", "Before the weir can be mended the trust must find £60,000. The raffle and the swim have brought it to £39,000.").items.first
      expect([goal.value, goal.date]).to eq([65, "39,000 of 60,000"])
    end

    it "sets only amounts of one kind against each other as a goal" do
      expect(found("ratio", "Each team has seven players. The ball may be carried for three steps. More practice is needed.")).to be_nil
    end
  end

  describe "change" do
    it "begins with the value that was told in the sentence before, and goes by the order of the years" do
      change = found("change", "Heating the pool used 412,000 kWh in 2023. In 2024, after the new covers, it was 356,000, and last year we got it down to 318,000.").items.first
      expect([change.title, change.aspects.map(&:last), change.value]).to eq(["Heating the pool", ["412,000 kWh", "318,000"], 318_000])
    end

    it "takes by how much it changed for no value, and two shares of the same for none" do
      words = "Some 18,600 people came, 2,100 more than last year. 46% of them live in Dunlin, 31% in the villages around and the rest came from further away."
      expect(found("change", words)).to be_nil
      expect(read(words).queries).to be_empty
    end

    it "measures no money against money" do
      expect(found("relation", "Stalls brought in €14,200, tickets €9,800 and sponsors €6,000. We spent €11,500 on music, €6,300 on safety and €4,100 on tents.")).to be_nil
    end

    it "puts what had been managed in a first test before what was run later" do
      expect(found("change",
                   "After eight weeks of training the group ran 2,450 m in twelve minutes. In the first test they had managed 1,980 m.").items.first.aspects.map(&:last)).to eq(["1,980 m",
                                                                                                                                                                                 "2,450 m"])
    end

    it "sees none where a river goes on, nor between a share and a number" do
      expect(found("change",
                   "It falls 300 metres in the first 8 km. After the falls at Brool it slows down. At Ternby the Mell joins it. It reaches the sea 64 km from its source.")).to be_nil
      expect(found("change", "Visits to the site rose by 18% to 46,200.")).to be_nil
    end
  end

  describe "moments" do
    it "takes two months that are named together for one time" do
      words = "The texts are written in May and June. In July the photographer comes. The agency builds the pages during August. We test them in September."
      events = found("timeline", words).items.map { |i| [i.title, i.date] }
      expect(events).to eq([["The texts are written", "May and June"], ["The photographer comes", "July"], ["The agency builds the pages", "August"], ["We test them", "September"]])
    end

    it "reads feasts, months in brackets and ages in a row" do
      expect(found("trend", "At Lady Day he was 81 kg; by Midsummer, what with haymaking, 77. Michaelmas found him at 79 and Christmas, after the goose, at 84.").items.map(&:date))
        .to eq(["At Lady Day", "Midsummer", "Michaelmas", "Christmas"])
      expect(found("timeline", "Plans\n\n- New lockers (March)\n- Swims on Thursdays from April\n- Café to reopen in June\n").items.map do |i|
        [i.title, i.date]
      end.first).to eq(["New lockers", "March"])
      expect(found("timeline", "At seven a boy was sent to a castle as a page. At fourteen he became a squire. He was made a knight at twenty-one.").items.map(&:sort)).to eq([7, 14, 21])
    end
  end

  describe "things side by side" do
    it "tells ways out by what they are" do
      words = "One option is to build a wall, which would cost £4 million. Another is to plant trees on the moor. This costs only £300,000. A third option is to move people."
      expect(found("comparison", words).items.map do |i|
        [i.title, i.aspects.to_h["price"]]
      end).to eq([["Build a wall", "£4 million"], ["Plant trees on the moor", "only £300,000"], ["Move people", nil]])
    end

    it "takes several amounts of one clause for several aspects" do
      words = "The Marrowby has 84 rooms, charges £110 a night and was 78% full. The Dunlin Arms has 32 rooms at £95 and was 81% full. " \
              "The Saltings is the smallest with 18 rooms, but at £140 it is the most expensive. It was 64% full."
      expect(found("comparison", words).items.map do |i|
        i.aspects.to_h
      end).to eq([{ "rooms" => "84 rooms", "price" => "£110 a night", "full" => "78% full" }, { "rooms" => "32 rooms", "price" => "£95", "full" => "81% full" },
                  { "rooms" => "18 rooms", "price" => "£140", "full" => "64% full" }])
    end

    it "takes a single thing for no aspect" do
      words = "In a series circuit there is only one path. If one lamp fails, all of them go out. In a parallel circuit each lamp has a path of its own. If one fails, the others stay bright."
      expect(found("comparison", words).items.flat_map(&:aspects)).to be_empty
    end

    it "names sides by what they stand for, and parts what they say" do
      words = "Members who are in favour say that it is full by nine and that people drive away. Those against point out that the land is green, and that the money is needed."
      expect(found("opposition", words).items.map { |i| [i.title, i.children.size] }).to eq([["In favour", 2], ["Against", 2]])
    end

    it "puts people under those who hold a post" do
      words = "The centre manager is Ruth. Reporting to her are the head of pool, Bram Lund, and the gym supervisor, Ines Amadi. " \
              "Bram is in charge of eight lifeguards and four teachers. Ines has three instructors and a cleaner."
      root = found("hierarchy", words).items.first
      expect(root.children.map { |c| [c.title, c.detail, c.children.size] }).to eq([["Bram Lund", "head of pool", 2], ["Ines Amadi", "gym supervisor", 2]])
    end

    it "keeps who somebody is with the name, and who works with them below it" do
      words = "Connie Pell has been head since May. Under her work Osei, who looks after events, and Marit, who buys the books. Osei has two helpers. Marit is supported by a trainee."
      expect(found("hierarchy", words).items.first.children.map { |c| [c.title, c.detail, c.children.map(&:title)] })
        .to eq([["Osei", "who looks after events", ["Two helpers"]], ["Marit", "who buys the books", ["Trainee"]]])
    end

    it "leaves what is counted beside a number in brackets out of the name" do
      expect(told("ranking", "What readers wish for\n\n- longer hours (62 mentions)\n- more comics (41 mentions)\n- better lamps (18 mentions)\n").first).to eq(["Longer hours", 62])
    end

    it "takes what all of a row do for no part of it" do
      expect(titles("cause",
                    "Smoking, lack of exercise and stress all increase the risk of heart disease. It also runs in families.")).to eq(["Smoking", "Lack of exercise", "Stress",
                                                                                                                                      "It also runs in families"])
    end

    it "leaves out the sentence that only says that something follows" do
      words = "There are several reasons why Ternby floods. The land is flat. Farmers have drained their fields. Trees were cut down. The arches of the bridge get blocked with branches."
      expect(titles("cause", words).join(" ")).not_to include("reasons")
    end

    it "takes each sentence for one where the first says how many follow" do
      words = "The site has four sections. Eat contains the menu, the wine list and the allergens. Stay shows the rooms and the prices. Celebrate is for weddings. " \
              "About us has our story, jobs and the contact page."
      expect(found("list", words).items.map { |i| i.spans.first.text[/\A\w+/] }).to eq(%w[Eat Stay Celebrate About])
    end

    it "takes questions that are answered one after the other for no branches" do
      expect(found("decision", "Writing up\n\n1. What did we need?\n2. What did we do?\n3. What did we see?\n4. What does it mean?\n")).to be_nil
    end

    it "gives figures of a row one span of words" do
      words = "At site 1 the river was 1.2 m wide and 0.3 m deep. At site 2 it was 3.5 m wide and 0.5 m deep. At site 3, near the bridge, it was 9 m wide and 1.1 m deep."
      expect(titles("relation", words)).to eq(["Site 1", "Site 2", "Site 3"])
    end
  end

  describe "lines without signs" do
    def items(words) = Peony::Notes::Text.read(words).blocks.map { |b| [b.type, b.text] }

    it "reads rows that count the same, and a heading alone over them" do
      expect(items("Lessons\n\nAutumn term 184 children\nSpring term 201 children\nSummer term 246 children\n").map(&:first)).to eq(%w[heading item item item])
    end

    it "reads short lines without any stop, and lines that all go on with one word" do
      expect(items("Forms of energy\nheat\nlight\nmovement\nenergy stored in food\n").map(&:first)).to eq(%w[heading item item item item])
      expect(items("Every child has the right\nto go to school\nto be protected from violence\nto play and rest\n").map(&:first)).to eq(%w[heading item item item])
    end

    it "leaves a wrapped paragraph whole" do
      expect(items("The pool opens at six on working days\nand at eight on Sundays. Bring a towel\nand a coin for the locker.\n").size).to eq 1
    end
  end
end
