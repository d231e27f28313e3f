# frozen_string_literal: true

# What whole documents showed: a museum's year, a brand's handbook, a fair, a club's letter, a lab, a bakery.
RSpec.describe "Handbooks and reports, section by section" do
  include WordsRead

  describe "wholes" do
    it "takes cents for hundredths of what is parted in euros" do
      words = "Of every 10 euros, 7.40 go straight into food. 1.60 pay for the cooks and the van. 70 cents are spent on telling people about us, and 30 cents on the books."
      expect(told("parts", words)).to eq([["Food", 7.4], ["Cooks and the van", 1.6], ["Telling people about us", 0.7], ["The books", 0.3]])
      expect(amounts(words)).to eq([[10, "EUR"], [7.4, "EUR"], [1.6, "EUR"], [70, "cents"], [30, "cents"]])
    end

    it "lets a part be called by what it is, where all make the whole" do
      words = "The parish covers 1,840 hectares. 920 are meadow, 510 wood and 260 fields. Houses and roads take up the other 150."
      expect(read(words).best.family).to eq("parts")
      expect(told("parts", words)).to eq([["Meadow", 920], ["Wood", 510], ["Fields", 260], ["Houses and roads", 150]])
    end

    it "keeps what two things cost together, and what remains" do
      words = "We have 12,000 euros. The stand takes 5,400, travel and hotel 2,800, print 1,900 and gifts for visitors 900. A reserve of 1,000 remains."
      expect(told("parts", words)).to eq([["The stand", 5400], ["Travel and hotel", 2800], ["Print", 1900], ["Gifts for visitors", 900], ["A reserve", 1000]])
    end

    it "keeps two shares apart that are nearly the same" do
      words = "A third of the warmth goes out through the walls, a quarter through the roof, 20 % through windows and doors, and the rest through the floor."
      expect(values("parts", words)).to eq([33.3, 25, 20, 21.7])
    end

    it "takes no age for a share" do
      words = "Two thirds of the customers are over 65. A fifth are families with children, and the rest work from home."
      expect(amounts(words).first(2)).to eq([[66.7, "%"], [65, "years"]])
      expect(values("parts", words)).to eq([66.7, 20, 13.3])
    end
  end

  describe "numbers and their names" do
    it "names a number by where it comes from, where all count the same" do
      words = "Most visitors came from the county: 14,200. Another 6,900 came from the capital and 3,100 from abroad. School classes made up 2,400."
      expect(told("ranking", words)).to eq([["County", 14_200], ["Capital", 6900], ["Abroad", 3100], ["School classes", 2400]])
    end

    it "names the last of a row behind what is said of it" do
      words = "Halm won the league with 51 points. Norrick came second with 47, Ternby had 44, and Brool, who had been champions last year, only 29."
      expect(told("ranking", words)).to eq([["Halm", 51], ["Norrick", 47], ["Ternby", 44], ["Brool", 29]])
    end

    it "gives each of two ratios in a sentence its own name" do
      expect(told("ratio", "Two out of three toasters could be mended. Of lamps it was nine in ten, of phones only one in four.").drop(1)).to eq([["Lamps", 90], ["Phones", 25]])
      expect(told("ratio", "Three in ten people who buy at the stall have never been in the shop.")).to eq([["People who buy at the stall", 30]])
      expect(told("ratio", "One in five children in Port Maren comes to school without breakfast.")).to eq([["Children in Port Maren", 20]])
    end

    it "names a point by its number, where nothing else names it" do
      words = "Pupils who learned for less than one hour got 11 points. Those who learned for two hours got 15, those who took three hours 18. With four hours it was 19."
      expect(titles("relation", words)).to eq(["Less than one hour", "Two hours", "Three hours", "Four hours"])
    end

    it "reads what used to be as the earlier value, and counts what rose by its name" do
      words = "The slowest readers now manage 64 words a minute; they used to manage 41. Loans went up from 1,900 to 3,100."
      expect(found("change", words).items.map { |i| i.aspects.map(&:last) }).to eq([%w[41 64], ["1,900", "3,100"]])
      expect(amounts(words)).to eq([[64, "words"], [41, "words"], [1900, "loans"], [3100, "loans"]])
    end

    it "takes 'the three' for no share, and 'remains' for nothing that is counted" do
      expect(amounts("It has 12 %. It is the smallest of the three.").last).to eq([3, ""])
      expect(amounts("The stand takes 5,400 euros. A reserve of 1,000 remains.")).to eq([[5400, "EUR"], [1000, "EUR"]])
    end
  end

  describe "moments" do
    it "reads a programme in one line as clock times, not as prices" do
      words = "19.00 doors open. 19.30 songs of the harbour. 20.15 break with soup. 20.45 the new mass. 22.00 end."
      expect([read(words).best.family, amounts(words)]).to eq(["timeline", []])
      expect(found("timeline", words).items.map(&:date)).to eq(%w[19.00 19.30 20.15 20.45 22.00])
    end

    it "reads the minutes of a match" do
      words = "Halm scored after only four minutes. In the 31st minute Ternby drew level. Ternby held on until the 88th minute, when Halm got the winning goal."
      expect(found("timeline", words).items.map(&:sort).map { |at| (at * 1440).round }).to eq([4, 31, 88])
    end

    it "keeps two days, two months and a quarter together" do
      open = "From Tuesday to Friday we are open from 6.30 to 18.00. On Saturdays we close at 13.00. On Sundays and Mondays the oven rests."
      expect(found("timeline", open).items.map(&:date)).to eq(["Tuesday to Friday", "Saturdays", "Sundays and Mondays"])
      year = "In March we sow. In May the plants go out. June and July are for weeding. From August on we harvest."
      expect(found("timeline", year).items.map { |i| [i.date, i.title] }.last(2)).to eq([["June and July", "Weeding"], ["August", "We harvest"]])
      night = "At one the first baker lights the oven. Rolls go in at four, loaves at a quarter to five. At six the van leaves."
      expect(titles("timeline", night)).to include("Loaves")
    end
  end

  describe "sides" do
    it "counts the first of three like the others as one of them" do
      planets = "Venus is almost as large as the Earth but hot enough to melt lead. Mars is half as wide, cold and red, and a year there lasts 687 days. " \
                "Mercury has no air at all and is the smallest of the three."
      expect(titles("comparison", planets)).to eq(%w[Venus Mars Mercury])
      groups = "Tadpoles are beginners from five to seven. They swim on Mondays. Frogs can swim 25 metres; they train on Tuesdays. Otters swim in contests. They go to a camp in autumn."
      expect(text(groups).rivals.map(&:name)).to eq(%w[Tadpoles Frogs Otters])
    end

    it "still passes over what only leads to the two" do
      expect(text("Every garden needs a path. Gravel is cheap and drains well in the rain. Bark is soft underfoot but has to be topped up.").rivals&.map(&:name).to_a).not_to include("Garden")
    end

    it "compares what is quoted" do
      words = "\"Your key is waiting\" was opened by 31 % and clicked by 6 %. \"Spring sale now on\" was opened by 24 %, but 7 % clicked."
      expect(titles("comparison", words)).to eq(["Your key is waiting", "Spring sale now on"])
    end

    it "keeps the members of two clubs in their clubs" do
      words = "In the chess club are Ada, Ben, Cleo and Finn. The film club has Cleo, Dora, Finn and Gus. Cleo and Finn go to both."
      expect(found("overlap", words).items.size).to eq(3)
    end
  end

  describe "who stands below whom" do
    it "puts those below a group who stand with it" do
      words = "Sunniva Bray leads the office. Under her are three groups: sales with Piet Lom and Anka Rell, design with Juno Marr, and the workshop, which Osk Teller runs."
      expect(read(words).best.family).to eq("hierarchy")
      expect(found("hierarchy", words).items.map { |i| [i.title, i.children.map(&:title)] }).to eq([["Sales", ["Piet Lom", "Anka Rell"]], ["Design", ["Juno Marr"]], ["Workshop", []]])
    end

    it "follows what is handed down" do
      words = "At the top stood the king. He gave land to dukes and bishops. They in turn lent some of it to knights, who promised to fight. " \
              "At the bottom were the peasants, nine out of ten people."
      chain = found("hierarchy", words).items
      names = []
      (names << chain.first.title) && (chain = chain.first.children) while chain.any?
      expect(names).to eq(["King", "Dukes and bishops", "Knights", "Peasants"])
    end
  end

  it "announces by a statement, and closes with what is said of all" do
    words = "Power in Ternby is divided into three branches. The assembly makes the laws. The council carries them out. " \
            "The courts decide whether they have been broken. Each branch watches the other two."
    expect(found("list", words).items.map { |i| i.spans.first.text[/\A\S+ \S+/] }).to eq(["The assembly", "The council", "The courts"])
  end
end
