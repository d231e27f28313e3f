# frozen_string_literal: true

# What a lot of longer notes brought to light about numbers and what they count, in other words.
RSpec.describe "Notes of swimmers and sledges" do
  include WordsRead

  it "take an hour for one where a verb in -s follows, and a class for a name" do
    expect(amounts("A letter handed in before five has a short night. Class 3a rowed 14 laps and 3b rowed 9. And class 4? Eleven.")).to eq([[14, "laps"], [9, "laps"], [11, "laps"]])
  end

  it "count nothing in turns of phrase" do
    expect(amounts("In a word or two: thanks a million. Count to ten, once or twice, until the clock has struck thirteen. Six goats came.")).to eq([[6, "goats"]])
  end

  counts(
    "Baths, one winter on: queue from 12 minutes to 4; lost towels 51, now 6; guards unchanged at three." => [[1, "winters"], [12, "minutes"], [4, "minutes"], [51, "towels"], [6, "towels"],
                                                                                                              [3, "guards"]],
    "Of our wardens 19 are over fifty. It cost £300." => [[19, "wardens"], [50, "years"], [300, "GBP"]],
    "We raised £420 for the bats. Bats need it. Of every seven that are born two live." => [[420, "GBP"], [7, "bats"], [2, "bats"]],
    "The list has 900 names. A letter of four pages was sent to them. Only 120 read it." => [[900, "names"], [4, "pages"], [120, "names"]],
    "The well is 85 centimetres deep. In May it was a metre ten, and after the rain it did not go above 60." => [[85, "cm"], [1.1, "metres"], [60, "cm"]],
    "The oven cost 700 crowns. A new one is dearer to begin with, at 3,100." => [[700, "crowns"], [3100, "crowns"]],
    "Bus 9: wait down to 11 minutes (was 24), riders per day up from 210 to 340." => [[11, "minutes"], [24, "minutes"], [210, "riders"], [340, "riders"]],
    "And the number of cats in the yard? Nine last year, three this year." => [[9, "cats"], [3, "cats"]],
    "A total of zero boats were lost." => [[0, "boats"]],
    "It came with 60 ducks' eggs, one police officer and one rather old coat." => [[60, "eggs"], [1, "officers"], [1, "coats"]],
    "A boy called Sef, about eight, rang twice." => [[8, "years"], [2, "times"]],
    "The sledge run at Gorse Step: 17°, 31 km/h." => [[17, "degrees"], [31, "km/h"]]
  )

  it "put two numbers of a sentence right that fit only the other way round" do
    hall = "On the coldest evening, with three degrees in the hall, the last song came to 91 decibels. It was 86 when the glass showed eight. At thirteen degrees it was 80 decibels."
    expect(amounts(hall)).to eq([[3, "degrees"], [91, "decibels"], [86, "decibels"], [8, "degrees"], [13, "degrees"], [80, "decibels"]])
  end

  it "tell what something that used to last is over in" do
    expect(text("A service that used to last 70 minutes is over in forty.").changes.map { |p| [p.one.value, p.two.value, p.two.unit] }).to eq([[70, 40, "minutes"]])
  end

  it "place what is told by a century, by both wars and by the year before last" do
    clock = "A smith put up the clock in 1771. It got a second bell at the beginning of the next century. Lightning struck it in 1866. It was silent for the length of both wars. " \
            "The school has wound it since 1988, and since the autumn before last it has been lit."
    expect(found("timeline", clock).items.size).to eq(6)
  end

  it "go down a row of weeks that are told in words" do
    run = "Week one, I did 3 km and lay down. By week two it was four. Week four was wet: 2. In week six I ran seven and a half kilometres."
    expect(values("trend", run)).to eq([3, 4, 2, 7.5])
  end

  it "part answers that leave out their verb" do
    trees = "First ask whether the branch hangs over the road. If it does, it is cut the same day. Where it does not, the wood decides. Elm goes to the mill, birch to the school, and " \
            "anything softer is left to the beetles."
    expect(titles("decision", trees).size).to eq(6)
  end

  it "tell kinds by what they come from" do
    pears = "All of them descend from the wild pear. It has given rise to two branches, the red and the green. Among the red one tells apart the sugar pear, the stone pear and the winter pear."
    expect(found("hierarchy", pears).items.first.children.map { |c| [c.title, c.children.size] }).to eq([["Red", 3], ["Green", 0]])
  end

  it "look for further families only when somebody asks" do
    reading = Peony::Reading.of(Peony::Notes::Text.read("Ring the bell. Wait for the nurse. Sit on the green chair. Show the arm. Go home."))
    expect(reading.best.family).to eq("sequence")
    expect([reading.others.empty?, reading.others & reading.findings.map(&:family)]).to eq([false, []])
  end

  it "tell an outcome by what is done, whatever leads to it" do
    class_of_clocks = "Ask yourself whether you can sit still. If not, take pottery. If you can, is there a clock at home that has stopped? Where there is one, bring it on the first evening. " \
                      "Where there is none, we lend you one of ours, and it has to come back."
    expect(titles("decision", class_of_clocks).values_at(1, 3, 4)).to eq(["Take pottery", "Bring it on the first evening", "We lend you one of ours"])
  end

  it "call a part of a row by its name without its number, and what is shared by all of it" do
    expect(names("Broken things mended, term by term\n\nAutumn 41, winter 66, spring 58, summer 19.")).to eq(%w[Autumn Winter Spring Summer])
    shared = "Both need quiet. The choir has the hall and the piano. The menders alone have a lamp each. What they share is the kettle, the stairs and Mrs Orrin, who locks up."
    expect(titles("overlap", shared).last).to eq("Kettle, the stairs and Mrs Orrin")
  end

  it "take a count that is told again as a share for no part" do
    came = "A third of them came for bread, 27 per cent for Latin, and one in five to mend a clock. What remained were the choir. Learners who stayed to the end: 188, which is 88 %."
    expect(values("parts", came)).to eq([33.3, 27, 20, 19.7])
  end

  it "set the other hand against the one" do
    boats = "Electric boats have cut our costs by half. They are quiet enough for the herons. Guests like them. On the other hand, the range drops in winter, each boat costs 4,000 euros " \
            "more, and there are only two sockets on the quay."
    expect(best(boats).family).to eq("opposition")
    expect(best(boats).items.map { |i| i.children.size }).to eq([3, 3])
  end

  it "count what decorations come to as money, where all else is money" do
    fete = "We have 1,900 euros for the fete. Cake takes 700, chairs 350 and the band 400. Lanterns come to 150. That leaves 300 euros for whatever goes wrong."
    expect(best(fete).family).to eq("parts")
    expect(best(fete).items.map(&:value)).to eq([700, 350, 400, 150, 300])
  end

  it "take those who took part for no change, and the hour for no name" do
    expect(text("Of 210 bakers 164 took part. One in six is thinking of leaving.").changes).to eq([])
    day = "At eight the bakers come for coffee and want it fast. At ten the mothers sit by the window. At noon the office queues out of the door."
    expect(names(day).join(" ")).not_to match(/\b(?:eight|ten) the\b/i)
  end

  it "set amounts of many things in one unit in order, each by its own name" do
    water = "A flush uses 7 litres, a shower 65 and a bath 150. Washing up by hand takes 20 litres, the dishwasher needs 11. Brushing your teeth with the tap running: 13 litres."
    expect(best(water).family).to eq("ranking")
    expect(valued(water).last).to eq(["Brushing your teeth", 13])
    expect(valued(water)[1]).to eq(["Shower", 65])
  end

  it "lead a number's words without how it rose, and around it where it stands amid them" do
    told = "Visits to the site rose from 2,900 to 5,100 a week. The largest group, 43 per cent, is between 30 and 40. We sent 61 letters."
    expect(titles("headline", told).first(2)).to eq(["Visits to the site", "The largest group is between 30 and 40"])
  end

  it "take what it had been for the earlier value, wherever it stands" do
    club = text("We had 150 rowers, up from 120. Races lost to fog: 12, where it had been 5.")
    expect(club.changes.map { |p| [p.one.value, p.two.value] }).to eq([[120, 150], [5, 12]])
  end

  it "take a number in the name of a row for its name" do
    rows = "| Boat | Kilometres | Outings |\n|---|---|---|\n| Heron | 400 | 60 |\n| Coot | 280 | 45 |\n| Old Eight | 36 | 4 |\n| Teal | 510 | 79 |\n"
    reading = Peony::Reading.of(Peony::Reading::Passages.of(Peony::Notes.parse("## Boats\n\n#{rows}", ".md")).first)
    expect(reading.quantities.map(&:value)).to eq([400, 60, 280, 45, 36, 4, 510, 79])
    expect(reading.items.map(&:unit).uniq.size).to eq(1)
  end
end
