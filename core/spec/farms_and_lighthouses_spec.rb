# frozen_string_literal: true

# What further documents showed, section by section: a lighthouse to stay at, a farm, a gym, a kiosk, a library.
RSpec.describe "Farms and lighthouses, section by section" do
  include WordsRead

  describe "numbers" do
    it "counts what is left as the last of a whole" do
      words = "Of the 45 kg that a cow eats in a day, 28 kg are grass, 12 kg are silage and 4 kg hay. The last kilo is grain."
      expect(told("parts", words)).to eq([["Grass", 28], ["Silage", 12], ["Hay", 4], ["Grain", 1]])
    end

    it "names what stands between an article and a number, and works out what is left of last year's" do
      words = "Of last year's 4,800 metres, tailors took 1,900, the theatre 1,150 and hotels 980. Visitors to the workshop bought what was left."
      expect(told("parts", words)).to eq([["Tailors", 1900], ["The theatre", 1150], ["Hotels", 980], ["Visitors to the workshop", 770]])
    end

    it "takes votes that make up all for parts, not for a ratio" do
      reading = read("At the meeting 58 of 92 members voted for it, 27 against, and seven did not vote.")
      expect([reading.best.family, reading.items.map(&:value)]).to eq(["parts", [58, 27, 7]])
    end

    it "ranks cents and euros together" do
      expect(told("ranking", "A late book costs 20 cents a day, a late film 50 cents, and a late game one euro.").map(&:last)).to eq([0.2, 0.5, 1])
    end

    it "counts pieces that were sold beside what they cost, and takes a price for no time of day" do
      words = "When the punnet cost 2 euros we sold 140. At 2.50 we sold 112, at 3 only 75, and at 4 we took 31 home unsold."
      expect(amounts(words)).to eq([[2, "EUR"], [140, ""], [2.5, "EUR"], [112, ""], [3, "EUR"], [75, ""], [4, "EUR"], [31, ""]])
      expect(told("relation", words)).to eq([["2 euros", 140], ["2.50", 112], ["3", 75], ["4", 31]])
    end

    it "counts those who said so" do
      expect(amounts("Why do people come? For books, said 412 of those we asked. For the wifi, said 296.")).to eq([[412, "people"], [296, "people"]])
      shares = "For the Moon, said 31 % of those who came. The children had been promised it, said 27. Twenty-two per cent were brought by somebody, and 14 had seen the poster."
      expect(amounts(shares)).to eq([[31, "%"], [27, "%"], [22, "%"], [14, "%"]])
    end

    it "takes how old a child is for its age" do
      words = "A child of two knows about 300 words. At three it is 1,000, at four 1,600 and at six close to 3,000."
      expect(amounts(words).first).to eq([2, "years"])
      expect(titles("trend", words)).to eq(["Child of two", "At three", "At four", "At six"])
    end

    it "reads how far a sum has come in plain words" do
      expect(values("ratio", "The new doors cost 30,000 euros, and we have 21,000 of them.")).to eq([70])
    end
  end

  it "names what was measured, not how, and what people wish for" do
    noise = "Measured at the kerb the old tram reaches 82 decibels, the bus 76, the new tram 68 and the electric bus just 61."
    expect(told("ranking", noise)).to eq([["Old tram", 82], ["Bus", 76], ["New tram", 68], ["Electric bus", 61]])
    wishes = "Asked what they would like most, 58 % of the passengers said more seats, 49 % said screens that work, 33 % cheaper tickets and 12 % music."
    expect(told("ranking", wishes)).to eq([["More seats", 58], ["Screens that work", 49], ["Cheaper tickets", 33], ["Music", 12]])
    expect(found("parts", wishes)).to be_nil
  end

  it "takes no fall in two years for one of two" do
    expect(found("ratio", "Since the rubber edges were put in, there has been one fall in two years.")).to be_nil
  end

  it "keeps what stands in the middle out of what stands around it" do
    words = "Around the depot\n\nThe depot has become a small town. A nursery looks after the children. The canteen cooks for the school next door. A theatre rehearses in the paint shop."
    expect(read(words).finding("hub").items.size).to eq(3)
  end

  it "finds no mistake where one may give several answers" do
    expect(read("Of those we asked, 46 % want to lose weight, 31 % have a bad back, 29 % like the company and 8 % train for a race.").queries).to eq([])
    expect(read("Tickets bring 45 %, grants 40 % and sales 25 % of all we have.").queries.size).to eq(1)
  end

  describe "changes" do
    it "keeps the order that is told, whenever it was" do
      words = "Our share of the tea market grew from 8 to 11 per cent last year. Halm Leaf fell from 34 to 30. Norrick Blends stayed at 22."
      expect(found("change", words).items.map { |i| i.aspects.map(&:last) }).to eq([["8", "11 per cent"], %w[34 30], %w[22 22]])
    end

    it "tells how often it was and is" do
      words = "Heating oil has dropped from 9,000 litres a year to 800. The neighbours used to complain forty times a year; last year it was three times."
      expect(found("change", words).items.map { |i| i.aspects.map(&:last) }).to eq([["9,000 litres", "800"], %w[forty three]])
      posts = "Followers went up from 8,140 to 9,020. We posted 22 times instead of 30."
      expect(found("change", posts).items.last.aspects.map(&:last)).to eq(["30", "22 times"])
    end

    it "takes no time that went by for the later value, and names what changed" do
      words = "Before the holidays our class spent 3.4 hours a day on screens. After two weeks with a timetable it was 2.1."
      item = found("change", words).items.first
      expect([item.title, item.aspects.map(&:last)]).to eq(["Our class", ["3.4 hours", "2.1"]])
    end
  end

  describe "sides" do
    it "tells two of one kind apart, whatever kind of word does" do
      words = "The herring gull is big, has pink legs and a red spot on its bill. The common gull is a third smaller. Its legs are green and its bill is plain yellow."
      expect(text(words).rivals.map(&:name)).to eq(["herring gull", "common gull"])
    end

    it "parts what is to be done from what is not, in any order" do
      words = "Send the questions the day before. Do not read slides aloud. Start on time. Don't meet if a letter would do. Write down who does what."
      expect(found("opposition", words).items.map { |i| [i.title, i.children.size] }).to eq([["Do", 3], ["Do not", 2]])
    end

    it "leaves out who has only the last word" do
      words = "The coxswain has the last word. He has a deputy, a mechanic and a radio operator. The deputy leads the three deckhands; the mechanic has one helper."
      expect(found("hierarchy", words).items.first.children.map(&:title)).to eq(["Deputy", "Mechanic", "Radio operator"])
    end
  end

  it "says nothing of one point that goes for all of them" do
    items = found("trend", "In April 41 % of the nights were sold, in May 63, in June 78. By October it was down to 35 %.").items
    expect([items.map(&:value), items.map(&:detail).uniq]).to eq([[41, 63, 78, 35], [""]])
  end

  it "ends a sentence behind a letter that is no initial" do
    expect(text("Leave a margin as wide as the letter O. Use it in green. T. Sand drew it.").sentences.size).to eq(3)
  end

  it "knows what several do, though the word may be a thing" do
    tags = ->(words) { Peony::Reading::Tokens.of(words).to_h { |t| [t.low, t.tag] } }
    expect(tags["Skippers trust the screen."]["trust"]).to eq("vbp")
    expect(tags["Wind and frost break the rock."]["break"]).to eq("vbp")
    expect(tags["The school bus stops here."]["bus"]).to eq("nn")
  end
end
