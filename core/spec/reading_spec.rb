# frozen_string_literal: true

RSpec.describe Peony::Reading do
  include WordsRead

  def best(text) = reading(text).best
  def titles(text) = best(text).items.map(&:title)
  def amounts(text) = reading(text).quantities.map { |q| [q.value, q.unit] }

  describe "families" do
    {
      "sequence" => [Samples::STEPS, "1. Open the dome\n2. Point the tube\n3. Lock the axis",
                     "First open the slit. Then turn the dome. Next point the tube. Finally lock everything."],
      "parts" => [Samples::SHARES, "Where our money comes from:\n- tickets: 45 %\n- fees: 30 %\n- grants: 25 %"],
      "timeline" => [Samples::DATES, "- 19:30 Doors open\n- 20:00 First group goes up\n- 22:00 We close",
                     "- 1 August: The dome opens\n- 13 August: Meteor shower\n- 1 October: Lamps-out night"],
      "comparison" => [Samples::HIRE, "- Pocket\n  - weight: 4 kg\n  - price: £12\n- Garden\n  - weight: 11 kg\n  - price: £19"],
      "list" => ["- Red light only\n- Hands on the rail\n- Nobody under the slit",
                 "Bring three things: a red torch, a warm coat and a flask of tea."],
      "headline" => ["86 % of open nights had a full volunteer team.", "4,212 guests came this season. 301 people stood in the meadow on one night."]
    }.each do |family, texts|
      texts.each { |text| it("sees #{family} in “#{text[0, 48].tr("\n", ' ')}…”") { expect(best(text).family).to eq family } }
    end

    it "finds nothing to draw in an introduction" do
      expect(reading("What follows is what a new volunteer should know.").findings).to be_empty
    end

    it "gives a reason in words that counts the items" do
      expect(best(Samples::SHARES).reason).to eq "four shares, 100 % in all"
      expect(best(Samples::STEPS).reason).to eq "five steps in order"
    end
  end

  describe "items" do
    it "keeps a subordinate clause with its step" do
      item = best(Samples::STEPS).items[2]
      expect(item).to have_attributes(title: "Look through the finder", detail: "Without moving the tube")
    end

    it "parts commands that are joined, when both are more than a tail" do
      expect(titles("Point the main tube at a lamp and centre it in the low eyepiece. Turn the screws. Lock the axis.").size).to eq 4
    end

    it "does not take a group for a lead word" do
      expect(titles("- 20:00 First group up the stairs\n- 20:45 Second group in the meadow\n- 22:00 We close")).to eq ["First group up the stairs",
                                                                                                                       "Second group in the meadow", "We close"]
    end

    it "gives events their dates, in order of time" do
      expect(best(Samples::DATES).items.map(&:date)).to eq %w[1931 1952 1998]
      shuffled = best("In 1998 the society bought it. In 1931 a hut was built. In 1952 the dome rose. In 1960 it rained.")
      expect(shuffled.items.map(&:date)).to eq %w[1931 1952 1960 1998]
    end

    it "gives shares their words and values" do
      found = best(Samples::SHARES).items.map { |i| [i.value, i.title] }
      expect(found).to eq [[45, "Came with a school"], [28, "On star nights"], [17, "In the holidays"], [10, "For talks"]]
    end

    it "reads shares whose number comes last" do
      expect(best("Tickets 45 %, fees 30 %, grants 25 %.").items.map { |i| [i.title, i.value] }).to eq [["Tickets", 45], ["Fees", 30], ["Grants", 25]]
    end

    it "gives compared things the same aspects" do
      aspects = best(Samples::HIRE).items.map { |i| i.aspects.to_h }
      expect(aspects.map(&:keys).uniq).to eq [%w[kg minutes price]]
      expect(aspects.map { |a| a["price"] }).to eq ["£12", "£19", "£34"]
    end

    it "does not give a share the tail of the one before it" do
      found = best("Old machines give 48 % of our parts, the flea market 22 % and the shop in Lower Quill 30 %.").items
      expect(found.map { |i| [i.title, i.value] }).to eq [["Old machines", 48], ["The flea market", 22], ["The shop in Lower Quill", 30]]
    end

    it "reads the rows of a table as things compared, and gives no number a unit that was not said" do
      document = Peony::Notes::Markdown.read("| Thing | Brought | Cost |\n|---|---|---|\n| Lamps | 34 | £2 |\n| Toasters | 21 | £5 |\n| Bicycles | 18 | £4 |\n")
      result = described_class.of(document)
      expect(result.best.family).to eq "comparison"
      expect(result.best.items.map { |i| i.aspects.to_h }).to eq [{ "Brought" => "34", "Cost" => "£2" }, { "Brought" => "21", "Cost" => "£5" }, { "Brought" => "18", "Cost" => "£4" }]
      expect(result.quantities.select { |q| [34, 21, 18].include?(q.value) }.map(&:unit)).not_to include("GBP")
    end

    it "nests entries below entries" do
      item = best("- Safety\n  - red light\n  - hands on the rail\n- Comfort\n  - warm coats").items.first
      expect(item.children.map(&:title)).to eq ["Red light", "Hands on the rail"]
    end

    it "says nothing that is not in the text, and every thread points at its words" do
      [Samples::STEPS, Samples::SHARES, Samples::DATES, Samples::HIRE, Samples::SLIP].each do |text|
        result = reading(text)
        result.findings.flat_map(&:items).each do |item|
          words = "#{item.title} #{item.detail}".downcase.scan(/[[:alpha:]]{3,}/)
          expect(words - text.downcase.scan(/[[:alpha:]]+/)).to be_empty
          item.spans.each { |span| expect(result.passage.text[span.from...span.to]).to eq span.text }
        end
      end
    end
  end

  describe "quantities" do
    {
      "1.2 million visitors" => [[1_200_000, "visitors"]], "£4.5k was raised" => [[4500, "GBP"]], "€3,200" => [[3200, "EUR"]], "a third of guests" => [[33.3, "%"]],
      "half of the guests" => [[50, "%"]], "two thirds of it" => [[66.7, "%"]], "three tall telescopes" => [[3, "telescopes"]], "twice as dark" => [[2, "times"]],
      "10 to 15 km away" => [[10, "km"], [15, "km"]], "one in eight children" => [[1, "children"], [8, "children"]], "−4 °C" => [[-4, "°C"]],
      "twenty-five lamps" => [[25, "lamps"]], "two hundred and ten people" => [[210, "people"]], "12,480 t of grain" => [[12_480, "t"]], "60 per cent" => [[60, "%"]],
      "a dozen eggs" => [[12, "eggs"]], "4 kg" => [[4, "kg"]], "14 beds" => [[14, "beds"]], "2018 visitors came" => [[2018, "visitors"]]
    }.each { |text, expected| it("reads “#{text}”") { expect(amounts(text)).to eq expected } }

    ["in 1931", "on 13 August", "at 19:30", "page 4", "row F", "1. Open the dome", "the 3rd night", "half past nine", "since 1992", "at 7 pm", "Step 2", "route N7",
     "one of them is late"].each do |text|
      it("does not count “#{text}”") { expect(amounts(text)).to be_empty }
    end
  end

  describe "dates" do
    def kinds(text) = Peony::Reading::Dates.in(text).map(&:kind)

    {
      "13 August 2024" => :day, "August 13" => :day, "2024-08-13" => :day, "3.xi.1847" => :day, "March 2021" => :month, "in 1931" => :year, "'83" => :year, "1990s" => :decade,
      "19:30" => :time, "7 pm" => :time, "half past nine" => :time, "six o’clock" => :time, "noon" => :time, "Week 3" => :count, "the late sixties" => :decade
    }.each { |text, kind| it("knows “#{text}”") { expect(kinds(text)).to eq [kind] } }

    it "sorts clock times and days" do
      times = Peony::Reading::Dates.in("9:15, 7 pm, noon").map(&:sort)
      expect(times).to eq [9.25, 19.0, 12.0]
    end

    it "does not take impossible ones" do
      expect(kinds("2024-13-40")).not_to include(:day)
      expect(kinds("25:99")).to be_empty
    end
  end

  describe "arithmetic" do
    def derived(text) = reading(text).derived.map { |d| [d.value, d.unit] }
    def queries(text) = reading(text).queries.map(&:message)

    it("works out a change, with its working") do
      result = reading("Visits rose from 40 to 50 a night.").derived
      expect(result.map { |d| [d.value, d.working] }).to eq [[25, "(50 − 40) ÷ 40"], [10, "50 − 40"]]
    end

    it("turns one in eight into per cent") { expect(derived("One in eight children came back.")).to include([12.5, "%"]) }
    it("finds the remainder") { expect(derived("45 % came with a school, 30 % alone and 10 % for talks.")).to include([15, "%"]) }
    it("finds the way to a goal") {
      expect(derived("The roof will cost £84,000 and we have raised £52,500.")).to include([62.5, "%"], [31_500, "GBP"])
    }

    it "points out shares that make more than the whole, with the sum" do
      query = reading(Samples::SLIP).queries.first
      expect(query.message).to eq "These shares make 105 %."
      expect(query.working).to eq "45 + 30 + 20 + 10 = 105"
      expect(Samples::SLIP[query.from...query.to]).to start_with("45 %").and end_with("talks")
    end

    it("does not call rounding a slip") { expect(queries("33 % came early, 33 % came late and 33 % never came.")).to be_empty }
    it("points out a wrong count") {
      expect(queries("Five rules:\n- Red light\n- Quiet feet\n- Warm coats")).to eq ["5 rules are announced, 3 are given."]
    }
    it("points out a wrong change") { expect(queries("Income rose from 40 to 50 guests, up 20 %.")).to eq ["From 40 to 50 is 25 %, not 20 %."] }
    it("points out a wrong total") {
      expect(queries("Of 120 visitors, 60 came alone, 40 with friends and 30 with a school.")).to eq ["The parts make 130, not 120."]
    }
    it("is content with a right change") { expect(queries("Income rose from 40 to 50 guests, up 25 %.")).to be_empty }
  end

  it "takes linear time on odd texts" do
    ["(" * 60_000, "a " * 30_000, "1 " * 30_000, "a\u0301" * 20_000, "x" * 200_000, "- a\n" * 5000, "12 of the 19 stayed, " * 3000, "The pump lifts it. " * 3000,
     "It has 5 dogs, the old row 5#{' and row 5' * 4000}"].each do |text|
      expect(seconds { reading(text) }).to be < 6
    end
  end
end
