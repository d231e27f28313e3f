# frozen_string_literal: true

# What further lots in the mix of the shared passages, and one of numbers alone, brought to light, in other words.
RSpec.describe "Notes of fevers and fiddles" do
  include WordsRead

  counts(
    "The old eight has become a boat with cushions." => [],
    "Around eleven comes despair." => [],
    "Nothing costs between one euro and nine." => [[1, "EUR"], [9, "EUR"]],
    "The winter concert was sung by nine, from the car park." => [[9, ""]],
    "Read this to the sleeper in car 12\n1. Knock twice." => [[2, "times"]],
    "At the open day 230 put their names down." => [[230, "people"]],
    "The number of stalls has shrunk, though, to 31 from 38." => [[31, "stalls"], [38, "stalls"]],
    "Customers, who were counted at both gates, came to 610 a day." => [[610, "customers"]],
    "Of those who answered 140 read the paper, and 36 read both." => [[140, "people"], [36, "people"]],
    "Every apprentice goes the same way; Lotte has watched eleven of them go it." => [[11, "apprentices"]],
    "It was a metre and ten the following autumn, and now it is 3.4 m." => [[1.1, "m"], [3.4, "m"]],
    "Do we open today?\nBelow 14 degrees: no.\n14 to 20: only the wall.\nOver 20: yes." => [[14, "degrees"], [14, "degrees"], [20, "degrees"], [20, "degrees"]],
    "Ten had gone by 1995." => [[10, ""]],
    "Honey was taken from nineteen." => [[19, ""]],
    "We were nineteen in my first September." => [[19, "people"]],
    "The oldest patient, a tortoise of 94, sends her regards." => [[94, "years"]],
    "The rest goes to the nephews, of whom there are nine." => [[9, "nephews"]],
    "A lost glove has little hope. Passengers reported 190." => [[190, "gloves"]],
    "Fewer swifts nest here. In eleven years a colony of forty shrank to six." => [[11, "years"], [40, "swifts"], [6, "swifts"]],
    "Her thing got 14 metres 20 before it lost a wheel." => [[14.2, "metres"]],
    "Otters seen: 3 in 2012, none the year after, 2 in 2014." => [[3, "otters"], [0, "otters"], [2, "otters"]]
  )

  it "takes what falls from row to row for stages, though it nearly adds up to the first" do
    mailing = read("The autumn mailing:\n- 6,000 cards sent\n- 5,400 delivered\n- 430 people answered\n- 120 came to the evening\n- 45 new members")
    expect(mailing.best.family).to eq("funnel")
    expect(mailing.items.map(&:value)).to eq([6000, 5400, 430, 120, 45])
  end

  it "leaves those who fell away, and what stands in brackets, out of the stages" do
    drawings = found("funnel", "Last year the designers pinned up 210 drawings. The weavers laughed at 130 of them and let 80 pass. Knitted were thirty-two. The shops ordered 11.")
    expect(drawings.items.map(&:value)).to eq([210, 80, 32, 11])
    swifts = found("funnel", "In June 74 swifts were brought. Sixty lived through the night. After a week of crickets (some eleven thousand crickets) there were fifty-one. In the end 46 flew.")
    expect(swifts.items.map(&:value)).to eq([74, 60, 51, 46])
  end

  it "sees no decision in steps of which only the last comes out in two ways" do
    sample = "What do we do with the milk sample? First of all somebody smells it. A drop is put under the microscope to see what is in it. Then the sample goes into the warm cupboard. " \
             "What has grown is painted on to plates. The plates are read by Dr Imber. She rings the farm if it is bad. Otherwise you get a card."
    expect(read(sample).best.family).to eq("sequence")
  end

  it "sets what hangs on one thing around it, and takes reasons behind a why for causes" do
    roundabout = "The roundabout does more than send people round: beekeepers sell on it, the circus camps there, two bus lines meet, weddings drive it and the sheep keep it short."
    expect(read(roundabout).best.family).to eq("hub")
    expect(read("Why letters to the abbey arrive late: one postman for three valleys, the ferry, ink that runs, and monks who open everything on Sunday.").best.family).to eq("cause")
    expect(read("What kills a houseplant in an office: cold tea, everybody watering it, nobody watering it, the window in January.").best.family).to eq("cause")
  end

  it "takes as many lines as the first announces, and not the first itself" do
    bread = found("comparison", "Bread for the camp: two offers\nRookle Lane: £1.10 a loaf, dark, keeps for five days\nMill Bank: £0.90 a loaf, white, to be fetched")
    expect(bread.items.map(&:title)).to eq(["Rookle Lane", "Mill Bank"])
  end

  it "names who has more by who it is, and ranks no kilometres of track" do
    trams = found("ranking", "Car 4 has 410,000 km behind it. That is a good deal, but the grey works tram has more: 655,000, nearly all of it at night. Car 11 has done only 96,000. " \
                             "The open car made 230,000, on seven kilometres of track, and the horse tram 48,000.")
    expect(trams.items.map(&:value)).to eq([410_000, 655_000, 96_000, 230_000, 48_000])
    expect(trams.items[1].title).to eq("Grey works tram")
  end

  it "draws no number of a sentence that only leads up, nor one that says more of another" do
    scheme = found("headline", "You asked for one page on the scheme and here it is. Since September 340 children have learned to swim. " \
                               "The pool was open on 126 mornings, at 28 °C on most of them. Teachers fell in three times.")
    expect(scheme.items.map(&:value)).to eq([340, 126, 3])
  end

  it "parts a year in digits and a price, and counts wars and stoves where they are told" do
    expect(text("She opened it in 2015. By 2016 it was six, and £9.50 in 2018.").quantities.map(&:value)).to eq([6, 9.5])
  end
end
