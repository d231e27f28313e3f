# frozen_string_literal: true

# The same things said in other words: what a reader takes for granted, and what only looks like a number, an hour or an item.
RSpec.describe "Said otherwise" do
  include WordsRead

  describe "quantities" do
    {
      "It used to swing by 6 degrees and now moves by two." => [[6, "degrees"], [2, "degrees"]],
      "Rent is 47 %, food 20 %, and getting home is more than people expect, at eleven." => [[47, "%"], [20, "%"], [11, "%"]],
      "The doors open at eleven." => [],
      "Trams used to run every 24 minutes and now run every 15." => [[24, "minutes"], [15, "minutes"]],
      "At the top it was minus 7, and one glove was lost. The corner had −4.5. It was 2 degrees by the oven." => [[-7, "degrees"], [1, "gloves"], [-4.5, "degrees"], [2, "degrees"]],
      "The water hardly moves and one pulls up 4 kg of mussels." => [[4, "kg"]],
      "It runs at two knots and a half, and it took two of us to lift it." => [[2.5, "knots"], [2, "people"]],
      "We found 3 lost tubas." => [[3, "tubas"]],
      "Mill Street was late 11 times, Upper Gill, once." => [[11, "times"], [1, "times"]],
      "Coal a week: 300 kg, none." => [[300, "kg"], [0, "kg"]],
      "Three in the team were leaving, and there is now one." => [[3, ""], [1, ""]],
      "From nine a month it fell to one." => [[9, ""], [1, ""]],
      "May 14 °C, June 16 °C, July 19 °C." => [[14, "°C"], [16, "°C"], [19, "°C"]]
    }.each { |words, want| it("reads “#{words}”") { expect(amounts(words)).to eq(want) } }

    it "counts no class of a school" do
      expect(amounts("Everyone in Year 5 timed a crust: 74 seconds.")).to eq([[74, "seconds"]])
    end

    it "leaves a number in a name alone" do
      expect(amounts("Hollenwick 212, Two Rivers 148.").map(&:first)).to eq([212, 148])
    end

    it "ends a sentence behind a plain no, and behind degrees, but not in a house number" do
      sentences = text("The machine is dear. No. Thanks all the same. It was 31 °C. We live at No. 12 by the quay.").sentences.map(&:text)
      expect(sentences).to eq(["The machine is dear.", "No.", "Thanks all the same.", "It was 31 °C.", "We live at No. 12 by the quay."])
    end
  end

  describe "numbers that are said again, or left over" do
    it "ranks no number a second time, and no people among pints" do
      expect(values("ranking", "Votes: Blue 212, Nun 188, Wheel 97, Crumb 4. The four were all from his family.")).to eq([212, 188, 97, 4])
      expect(values("ranking", "Blood given, in pints: Varn 420, Osk 388, Norrick 240, Halm 97, Brool 31. Brool has only forty people.")).to eq([420, 388, 240, 97, 31])
    end

    it "keeps those who fell away out of a funnel, and lets a single one end it" do
      words = "Fifty-eight people rang. Forty-four came to the evening and 26 sang. Eleven are in the choir now. The other fifteen say they wait for spring."
      expect(values("funnel", words)).to eq([58, 44, 26, 11])
      expect(values("funnel", "Nine people wrote. Four rang. Two were shown the flat. One took it.")).to eq([9, 4, 2, 1])
      expect(values("funnel", "Ninety kittens were seen. Sixty were caught and fifty looked at. Forty-three went home. One came back, for singing.")).to eq([90, 60, 50, 43])
    end

    it "sees a place that is taken and one that is left as no stages" do
      expect(found("funnel", "## Donors' day\n\n- places: 120\n- booked so far: 78\n- still free: 42\n")).to be_nil
    end

    it "names a share by its thing, not by when it was or how little" do
      expect(titles("parts", "Walking took 38 per cent. The dog took nine per cent, and the lambs, in April, just seventeen.").last).to eq("The lambs, in April")
    end

    it "takes no guess for a share" do
      expect(values("parts", "Weed was 54 per cent. Driftwood made up a fifth. Plastic they had guessed at a third, and it was twelve per cent. Shells came to six.")).to eq([54, 20, 12, 6])
    end

    it "sets what there is against what is wanted, and so many of every so many" do
      expect(values("ratio", "The radio is not to be had under £7,400. The tins had yielded £5,180. It was seen that of every ten coins four were foreign.")).to eq([70, 40])
      expect(values("ratio", "The new floor is £11,000, and we have £4,400 of it.")).to eq([40])
    end

    it "works out the share of what is left over, in several words for it" do
      ["What's left is talk", "What remains is talk", "The rest is talk"].each do |words|
        expect(values("parts", "Music is 52 % and news 30 %. #{words}.")).to eq([52, 30, 18])
      end
    end
  end

  describe "change" do
    it "pairs a value of a year with the one of now, and keeps what did not change beside it" do
      expect(titles("change", "Hedges at Stell farm: 2.4 km in 1998, 5.1 km now; sparrows from 12 pairs to 40.")).to eq(["Hedges at Stell farm", "Sparrows"])
      expect(values("change", "## Members\n\n- Adults: 61 before, 88 now\n- Life members: 7 before, 7 now\n")).to eq([88, 7])
    end

    it "names what was counted where nothing else is named" do
      expect(titles("change", "There were 38 frogs where there had been nine. One hedgehog had become five.")).to eq(%w[Frogs Hedgehog])
    end

    it "names what changed, not the days in which it did" do
      expect(titles("change", "Punctuality fell from 91 % to 84 %. In the old days 38 passengers made an average tram; last quarter it was 51.").last).to eq("Passengers")
    end

    it "takes classes of a school for names, not for years" do
      expect(found("trend", "## Late, September and March\n\n- Year 7: 42 to 18\n- Year 8: 37 to 35\n- Year 9: 29 to 44\n")).to be_nil
    end
  end

  describe "overlap" do
    it "knows two groups by what they make up together" do
      expect(values("overlap", "They have 41 members between them. Twenty-six people sing, and 21 pull ropes. That is because six cannot make up their minds.")).to eq([26, 21, 6])
    end

    it "takes three that are named first, then what two of them or all have" do
      words = "Weavers, basket makers and thatchers share one barn. The weavers and the basket people have one sink. Thatchers and basket makers cut from the same reed bed. " \
              "What ties the thatchers to the weavers is the knots. All three need a dry loft. Only weavers own a kettle."
      expect(found("overlap", words).items.size).to eq(7)
    end

    it "tells of two by themselves and of what they share, in any order" do
      words = "Frogs and newts came early. Frogs jump when one comes near. Newts stay under the stone. Both eat the slugs of the whole garden."
      expect(found("overlap", words).items.map { |i| i.spans.first.text[/\A\w+/] }).to eq(%w[Frogs Newts Both])
    end

    it "takes all that both have for one, wherever it stands" do
      words = "They met in the same room on different nights. Both want to be heard. Both are afraid of silence. Only the actors learn their words, and only the debaters care who wins."
      expect(found("overlap", words).items.map { |i| i.spans.size }).to eq([2, 1, 1])
    end

    it "finds no groups where things are measured" do
      expect(found("overlap", "The carnival, counted\nFloats: 23\nDrums: 61\nRain: 4 mm\nLost children: 2, both found\n")).to be_nil
    end

    it "has nothing to say of no words" do
      expect(found("overlap", "")).to be_nil
    end
  end

  describe "time" do
    it "drops the hour of every day from a row of years" do
      expect(found("timeline", "It was cast in 1782. Fishermen found it in 1838. It cracked in 1918. It is rung at nine.").items.map(&:date)).to eq(%w[1782 1838 1918])
    end

    it "joins a question to its answer" do
      words = "In 2016 we sold 3,100 tickets. In 2017 there were 2,800. By 2018 it was 4,650. Last year? 5,020."
      expect(values("trend", words)).to eq([3100, 2800, 4650, 5020])
    end
  end

  describe "relation" do
    it "takes none for a point" do
      expect(found("relation", "## Salt, and when it froze\n\n- none: 0 °C\n- 10 g: −1 °C\n- 30 g: −2 °C\n- 60 g: −4 °C\n").items.size).to eq(4)
    end

    it "takes new for a point" do
      expect(values("relation", "Age of the rope and what it held\n- new: 2,100 kg\n- 5 years: 1,700 kg\n- 10 years: 1,200 kg\n- 20 years: 500 kg\n")).to eq([2100, 1700, 1200, 500])
    end

    it "makes no point of half a couple" do
      words = "At the mouth, where the current runs at 1.2 knots, a rope gives 9 kg. By the jetty it is 0.8 knots and 7. Behind the island the water hardly moves, 0.3 knots, and one pulls up " \
              "4 kg of mussels. In the narrows it was two knots and a half: thirteen kilos."
      expect(values("relation", words)).to eq([9, 7, 4, 13])
    end
  end

  describe "quadrant" do
    it "knows everything held against two questions, and joins what becomes of it" do
      words = "We judged the songs by two things: do we know it, and does it bring the house down. The hymn is known and loved, and ends the evening. The Latin piece would be a triumph but " \
              "we do not know a bar. Cuckoo we could sing asleep, and so could they. Maybe one wet day. Nobody knows the modern thing and nobody will clap."
      expect(found("quadrant", words)).to have_attributes(fit: 0.85, items: have_attributes(size: 4))
    end
  end

  describe "headline" do
    it "keeps every number where there are hardly words but theirs" do
      expect(values("headline", "Buses, one year. 1.9 million rides. 97 % on time. 3 lost tubas. 0 found.").last(4)).to eq([1_900_000, 97, 3, 0])
    end
  end

  describe "rows" do
    it "parts no row at what is put in behind its last and" do
      row = text("Round the table stand the scales, the trays, the ledger and, asleep, the cat.").series.first.map(&:text)
      expect(row.last(2)).to eq(["the ledger", "asleep, the cat."])
    end
  end

  describe "decision" do
    it "leads on from a short answer, and warns nobody at the end" do
      words = "Is it hurt? If it is bleeding it goes to the vet. If not, run the reader. A chip means you ring the number. No chip? Look at the collar. And don't give it my sandwich."
      expect(found("decision", words).items.last.spans.first.text).to eq("No chip? Look at the collar.")
    end
  end
end
