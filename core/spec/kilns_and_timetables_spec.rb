# frozen_string_literal: true

# What two more lots of notes brought to light, in other words.
RSpec.describe "Notes of kilns and timetables" do
  include WordsRead

  counts(
    "Loudest rooms, decibels at noon\n- hall 80\n- kitchen 77\n- music room 74\n- stairs 70" => [[80, "decibels"], [77, "decibels"], [74, "decibels"], [70, "decibels"]],
    "Brim 2: €180, survives rain\nTor S: €90, does not" => [[180, "EUR"], [90, "EUR"]],
    "Why class 8 are tired" => [],
    "Its test average was 64. The rope class took three lessons and their average was 70." => [[64, ""], [3, "lessons"], [70, ""]],
    "We took a vote, and it was two against four." => [[2, "votes"], [4, "votes"]],
    "Two cooks fewer are needed: it was seven and is five." => [[2, "cooks"], [7, "cooks"], [5, "cooks"]],
    "Time spent: one hour a day, was four." => [[1, "hours"], [4, "hours"]],
    "Did the test on the year nines. Twelve out of thirty knew." => [[12, ""], [30, ""]],
    "Every single pupil in the dale came, all 96 of them." => [[96, "pupils"]],
    "Frieda winds the clocks before it opens, all 80 of them." => [[80, "clocks"]],
    "Each of the three says please twice." => [[3, ""], [2, "times"]],
    "Scratches among the staff came down from 26 to seven." => [[26, "scratches"], [7, "scratches"]],
    "It was pressed 400 times at the mill. The school came next with 310." => [[400, "times"], [310, "times"]],
    "In the whole week nine people wanted off." => [[9, "people"]],
    "Two were ringed in 2018. The mice failed in 2019 and so did the owls: none." => [[2, ""], [0, "owls"]],
    "7 calls\n0 sleep" => [[7, "calls"], [0, "sleep"]],
    "Tour requests 2024: 300 asked, 210 got a date." => [[300, "requests"], [210, "requests"]],
    "A hundred kilos end up here. Forty kilos are burned. Twelve are eaten." => [[100, "kg"], [40, "kg"], [12, "kg"]],
    "Our hall holds 200." => [[200, "people"]],
    "I have kept the book since I was sixteen. We sold 900 tickets. Ten seasons on it was 1,400." => [[16, "years"], [900, "tickets"], [10, "seasons"], [1400, "tickets"]],
    "Of every seven calls to the rescue service one is a mistake." => [[7, "calls"], [1, "calls"]],
    "By 1801 boats could get there." => [],
    "The Ada Fell was rowed from 1867 to 1890." => []
  )

  it "reads years that are headings with their numbers below as points in time" do
    points = found("trend", "# Swimmers at the dip\n## 2019\n14\n## 2021\n52\n## 2023\n130").items
    expect(points.map { |i| [i.title, i.value] }).to eq([["2019", 14], ["2021", 52], ["2023", 130]])
  end

  it "reads headings below headings as a tree" do
    tree = found("hierarchy", "# Shop plan\n## Ground floor\n### Bread\n### Fish\n## First floor\n### Coats\n### Toys\n## Cellar\n### Wine").items
    expect(tree.map { |i| [i.title, i.children.map(&:title)] }).to eq([["Ground floor", %w[Bread Fish]], ["First floor", %w[Coats Toys]], ["Cellar", ["Wine"]]])
  end

  it "keeps a goal that was passed beside those that were not" do
    expect(found("ratio", "Where the three appeals stand\n- Bell: €820 of €1,000\n- Piano: €90 of €360\n- Stove: €410 of €400").items.size).to eq(3)
  end

  it "sees three groups that are told of two by two" do
    told = found("overlap", "There is a wall of posters. What the skippers write and what the shepherds write have the weather in common. The shepherds and the painters all end with a joke. " \
                            "Painters, like skippers, put the price last. Every one of the three says please.").items
    expect(told.size).to eq(7)
    expect(told.first(3).map(&:title)).to eq(%w[Skippers Shepherds Painters])
  end

  it "reads four heads below a line that leads them" do
    expect(found("quadrant", "Pool: what helps and what doesn't\nStrengths – warm\nWeaknesses – two lanes\nOpportunities – early swimmers\nThreats – the roof").items.size).to eq(4)
  end

  it "finds the heads of a sorting, also the one that is left" do
    tree = found("hierarchy", "Everything printed here is sorted by a key. It has three main heads. Under Books come novels, atlases and psalters. Papers are dailies or weeklies. " \
                              "What is left is called Jobbing, and under that you find tickets, labels and cards. Banknotes are not spoken of.").items
    expect(tree.map(&:title)).to eq(%w[Books Papers Jobbing])
  end

  describe "decisions" do
    it "begin behind what only says to go through it, and leave out what most people then do" do
      told = titles("decision", "When a guest brings a coat to be dyed, go through it with them first. Is it wool? Anything else we send away. With wool, look for moth. " \
                                "If you find holes, tell them; most then take it home. A sound coat goes on the scales.")
      expect(told.first).to match(/wool/i)
      expect(told.join(" ")).not_to match(/home/)
    end

    it "part so many legs from none" do
      told = titles("decision", "Was it alive? Whatever was not goes to the glass. If it was, smell it. A smell means the bucket. Things that do not smell you look at for legs: " \
                                "six of them, and it is for Dr Ling; none, and it is a shell. Any other number you show to me.")
      expect(told.size).to eq(8)
    end
  end

  it "counts what is of one part with it, and leaves no unit in a name" do
    day = "A school day has 420 minutes. Lessons take 240 of them. Moving about eats up 45. She spends 50 at lunch, of which 30 are queue. " \
          "Another 40 are waiting for silence. The 45 that are left are nobody's."
    expect(told("parts", day).map(&:last)).to eq([240, 45, 50, 40, 45])
  end

  it "tells how often it happened in so many, then and now" do
    clinic = "Since the side door was opened, scratches came down from 26 to seven. Appointments that were missed, once one in eight, are one in twenty now. " \
             "A visit used to take 47 minutes and takes 33."
    told = found("change", clinic).items
    expect(told.map { |i| [i.title, i.aspects.map(&:last)] }).to eq([["Scratches", %w[26 seven]], ["Appointments", ["12.5 %", "5 %"]], ["A visit", ["47 minutes", "33"]]])
    expect(found("change", "One household in five is alone. On the mainland it is one in eleven.")).to be_nil
  end

  it "leaves no preposition behind where a date was" do
    events = found("timeline", "An act was passed in 1790. The navvies went home in the autumn of 1806, when the last lock was closed. The railway took the coal in the 1850s.").items
    expect(events.map { |i| "#{i.title} #{i.detail}" }.join(" ")).not_to match(/\bin (?:when|the)?\s*(?:when|\z)/)
  end

  it "names no step by how many there are" do
    expect(titles("sequence", "The child opens the glass. Twelve turns on the left are for the hours. Then the glass is closed. At last the key goes back.")).not_to include("Twelve")
  end
end
