# frozen_string_literal: true

# Short typed lines whose numbers, hours and heads were once taken for something else.
RSpec.describe "Hours, rows and heads" do
  include WordsRead

  def shown(family, words) = read(words).findings.find { |f| f.family == family }&.items&.map(&:title)

  it "takes hours behind a day of the week for times" do
    ["Shop open: Monday 10 to 4, Tuesday 9 to 1, Saturday 11 to 3.",
     "Opening hours\nMon 10–4\nTue 9 to 1\nSat closed", "The desk is open Monday to Friday 9 to 5, Saturdays 10 to 4."].each do |words|
      expect([words, amounts(words)]).to eq([words, []])
    end
    expect(amounts("On Monday 12 to 15 people came, on Tuesday 20.")).to eq([[12, "people"], [15, "people"], [20, "people"]])
  end

  it "keeps values beside the hour they were measured at" do
    words = "Level of the Tarn at the mill, metres\n6 a.m. 1.2\n9 a.m. 1.5\nnoon 2.1\n3 p.m. 2.8\n6 p.m. 2.4"
    expect(read(words).best.items.map { |i| [i.date, i.value] }).to eq([["6 a.m.", 1.2], ["9 a.m.", 1.5], ["Noon", 2.1], ["3 p.m.", 2.8], ["6 p.m.", 2.4]])
  end

  it "counts no figures where the head says 'in figures'" do
    expect(amounts("Our year in figures\nLoaves baked 12,400\nRolls 31,000\nComplaints 4")).to eq([[12_400, "loaves"], [31_000, "rolls"], [4, "complaints"]])
  end

  it "counts who visited the page" do
    words = "The appeal in numbers\nletters sent 3,200\nletters opened 1,450\nvisited the page 610\nfilled in the form 240\ngave 188"
    expect(read(words).best.items.map(&:value)).to eq([3200, 1450, 610, 240, 188])
    expect(amounts("It is told on page 61, and again on page 64.")).to be_empty
  end

  it "reads rows of two amounts as changes where one of them falls" do
    words = "Paper used at Hallow School: copies per pupil 1,240 to 610; envelopes 9,000 to 2,300; toner cartridges 31 to 18."
    change = read(words).findings.find { |f| f.family == "change" }
    expect(change.items.map { |i| i.aspects.map(&:last) }).to eq([["1,240", "610"], ["9,000", "2,300"], %w[31 18]])
  end

  it "puts months beside days" do
    words = "Exhibition plan: March, loans agreed; April, labels written; 12 May, painters in; 3 June, lamps; 14 June, opening night."
    expect(shown("timeline", words)).to eq(["Loans agreed", "Labels written", "Painters in", "Lamps", "Opening night"])
  end

  it "counts no sentence that says how many follow" do
    words = "Two places are left for the class trip. Hagg Farm is half an hour away, costs £14 a night and has straw to sleep on. " \
            "Skarv Lodge takes three hours by bus and £31 a night, but there are beds and a drying room."
    expect(shown("comparison", words)).to eq(["Hagg Farm", "Skarv Lodge"])
  end

  it "puts what everything passes in the middle, and not around it" do
    words = "Hanne runs the harbour office, and everything passes over her desk. Skippers hand her their papers. The ice factory asks her how many boats are due. " \
            "The lifeboat tells her when it goes out. Even the children bring her the bottles with messages in them."
    expect(shown("hub", words).size).to eq(4)
  end

  it "keeps the last of several heads, with nothing below it yet" do
    expect(shown("hierarchy", "Paths on the map\nWalking\n- marked\n- unmarked\nCycling\n- paved\n- gravel\nRiding")).to eq(%w[Walking Cycling Riding])
    expect(shown("hierarchy", "Paths on the map\nWalking\n- marked\n- unmarked\nCycling\n- paved\n- gravel\nSee you all there on time")).to eq(%w[Walking Cycling])
  end

  it "names nobody please" do
    words = "We still need help: somebody who owns a van, a drummer, anyone tall enough to hang the banner, and please, please a person who likes counting money."
    expect(read(words).findings.flat_map { |f| f.items.map(&:title) }).not_to include("Please")
  end

  it "tells a plan by how long before it is" do
    words = "Fourteen months before: choose a date. A year before, book the barn. The invitations go out six months ahead, the menu is tasted two months ahead, " \
            "and in the last week somebody has to hide the goat."
    expect(shown("timeline", words)).to eq(["Choose a date", "Book the barn", "The invitations go out", "The menu is tasted", "Hide the goat"])
    expect(amounts("It rained for six months before the roof was mended. Two weeks ahead of the fair it stopped.")).to eq([[6, "months"], [2, "weeks"]])
  end

  it "takes school years for points in time" do
    words = "Days absent per pupil\n2019/20: 6.1\n2020/21: 9.4\n2021/22: 8.8\n2022/23: 7.2"
    expect([read(words).best.family, read(words).best.items.map { |i| [i.date, i.value] }]).to eq(["trend", [["2019/20", 6.1], ["2020/21", 9.4], ["2021/22", 8.8], ["2022/23", 7.2]]])
  end

  it "leaves a time in the name of a row" do
    words = "From visit to new home, dogs, last year\nVisits 1,180\nSecond visits 420\nHome checks 190\nAdoptions 151\nStill there after six months 147"
    expect(read(words).best.items.last.then { |i| [i.title, i.value] }).to eq(["Still there after six months", 147])
  end

  it "heads what is set in below several heads, and what is numbered in two steps" do
    expect(shown("hierarchy", "Year 5 science\nLiving things\n  plants\n  mould\nForces\n  friction\n  levers\nEarth\n  rocks\n  weather")).to eq(["Living things", "Forces", "Earth"])
    expect(shown("hierarchy", "Website\n1 About us\n1.1 History\n1.2 People\n2 Visit\n2.1 Hours\n2.2 How to get here\n3 Shop")).to eq(["About us", "Visit", "Shop"])
  end

  it "parts what there is for each kind" do
    words = "The engine carries three kinds of gear. For fire there are hoses and foam, for water the pump and the sandbags, and for people the stretcher, the ladder and the jumping sheet."
    tree = Peony::Reading.as(Peony::Notes::Passage.whole(Peony::Notes::Text.read(words)), "hierarchy")
    expect(tree.items.map { |i| [i.title, i.children.size] }).to eq([["Fire", 2], ["Water", 2], ["People", 3]])
  end

  it "counts no pupils among the helpers of the fire brigade, and gives voices to whom they are of" do
    expect(amounts("Who helped\nParents 31\nGrandparents 18\nPupils of year 6: 12\nThe fire brigade 4")).to eq([[31, "parents"], [18, "grandparents"], [12, "pupils"], [4, ""]])
    voices = "Voices\n\"My son talks to me now.\" – a mother, class 2\n\"I sold more rolls than ever.\" – the baker\n\"It rained. It was all right.\" – Milan, class 4"
    expect(shown("list", voices)).to eq(["A mother, class 2", "The baker", "Milan, class 4"])
  end
end
