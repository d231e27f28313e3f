# frozen_string_literal: true

# Numbers and names in notices, minutes and reports: what goes with what, what counts what, and what it is called.
RSpec.describe "Reading numbers that go together" do
  include WordsRead

  def named(family, words) = found(family, words).items.map { |i| [i.title, i.value, i.unit] }

  it "adds up hours and minutes, and tells all parts in one of them" do
    words = "Of the three hours our members spend here of an evening, an hour and a half goes on rowing, forty minutes on changing and showering, and the remaining fifty on talking about rowing."
    expect(named("parts", words)).to eq([["Rowing", 90, "minutes"], ["Changing and showering", 40, "minutes"], ["Talking about rowing", 50, "minutes"]])
  end

  it "knows what a share of every ten euros is for, and what is left" do
    words = "Out of every 10 euros that you pay for a bowl, 3.20 are for the potter, 2.40 for clay and firing, 1.90 for the rent of the shop, 1.60 are tax, and what remains is for us."
    expect(named("parts", words)).to eq([["Potter", 3.2, "EUR"], ["Clay and firing", 2.4, "EUR"], ["Rent of the shop", 1.9, "EUR"], ["Tax", 1.6, "EUR"], ["For us", 0.9, "EUR"]])
  end

  it "counts money to spend in nothing that it was spent on" do
    words = "The choir had 7,200 to spend. The conductor got 4,000, the hall 1,500 and scores 700. What was left went on a party, and nobody regrets it."
    expect(named("parts", words)).to eq([["The conductor", 4000, ""], ["The hall", 1500, ""], ["Scores", 700, ""], ["A party", 1000, ""]])
  end

  it "counts neither those who count nor one bird as another" do
    words = "On the last Sunday in January the children counted birds in the school garden. Sparrows won with 61. There were 34 tits, 19 blackbirds and 12 finches, and one heron."
    expect(read(words).quantities.map(&:unit)).to eq(%w[birds tits blackbirds finches herons])
    expect(named("ranking", words).first(3)).to eq([["Sparrows", 61, ""], ["Tits", 34, ""], ["Blackbirds", 19, ""]])
  end

  it "takes a lane in a row of names and numbers for no address" do
    words = "Turnover by branch (thousand): Harbour 812, Station 640, Mill Lane 455, Hospital 391, Moor 120."
    expect(named("ranking", words).map { |name, value, _| [name, value] }).to eq([["Harbour", 812], ["Station", 640], ["Mill Lane", 455], ["Hospital", 391], ["Moor", 120]])
    expect(read("You find us at Mill Lane 4, Brool.").quantities).to be_empty
  end

  it "sets how far against how often, though the distance is a word" do
    words = "The farther people live from the library the less they come. Those within half a kilometre come 22 times a year, at one kilometre it is 15, at two 9, " \
            "and from five kilometres hardly 3."
    expect(found("relation", words).items.map { |i| i.aspects.map(&:last) }).to eq([%w[0.5 22], %w[1 15], %w[2 9], %w[5 3]])
  end

  it "sets how old against how many, though it was planted years ago" do
    words = "The older a hedge, the more kinds of shrub grow in it. We counted two in the one planted thirty years ago, four in one of 150 years, " \
            "seven in the hedge along the parish border, which is over 400, and nine in the one at the priory, said to be 700."
    points = found("relation", words).items.map { |i| [i.value, i.unit, i.aspects.first.last] }
    expect(points).to eq([[30, "years", "2"], [150, "years", "4"], [400, "years", "7"], [700, "years", "9"]])
  end

  it "measures square and cubic metres in square and cubic metres" do
    words = "Our office is 14 square metres, for six of us. The pool holds 2,400 cubic metres of water."
    expect(read(words).quantities.map { |q| [q.value, q.unit] }).to eq([[14, "square metres"], [6, "people"], [2400, "cubic metres"]])
  end

  it "sets bare numbers behind degrees against them" do
    words = "Degrees and ices sold\n18° 40\n21° 66\n24° 95\n27° 150\n30° 210\n"
    expect(read(words).best.family).to eq("relation")
    expect(read(words).items.map { |i| i.aspects.map(&:last) }.first(2)).to eq([%w[18° 40], %w[21° 66]])
  end

  it "goes on in a row of values to the last" do
    words = "Five years ago it was 6 per cent, then 9, 14, 22 and last year 28."
    expect(values("trend", words)).to eq([6, 9, 14, 22, 28])
    expect(found("change", words).items.first.aspects.map(&:last)).to eq(["6 per cent", "28"])
  end

  it "reads two values to a line by the heads above them" do
    expect(named("change", "Open rates, before / after\n- newsletter: 18 % / 27 %\n- offer: 12 % / 11 %\n")).to eq([["Newsletter", 27, "%"], ["Offer", 11, "%"]])
    clubs = read("Pupils in clubs, girls / boys\n- chess: 4 / 11\n- choir: 31 / 6\n- robots: 12 / 14\n")
    expect(clubs.best.family).to eq("comparison")
    expect(clubs.items.map { |i| [i.title, i.aspects] }).to eq([["Girls", [%w[chess 4], %w[choir 31], %w[robots 12]]], ["Boys", [%w[chess 11], %w[choir 6], %w[robots 14]]]])
  end

  it "counts a price in nothing that another row counts" do
    words = "Our bakery, 2021 / 2025\n- rolls a day: 1,200 / 2,100\n- bakers: 4 / 6\n- price of a loaf: 2.80 / 3.60\n"
    expect(named("change", words)).to eq([["Rolls a day", 2100, "rolls"], ["Bakers", 6, "bakers"], ["Price of a loaf", 3.6, ""]])
  end

  it "sets the new one against the old one of the same sentence" do
    change = found("change", "The new ferry does the crossing in 22 minutes; the old one needed 35.").items.first
    expect(change.aspects.map(&:last)).to eq(["35", "22 minutes"])
    expect(titles("change", "New lamps in the sports hall: they draw 4.2 kilowatts, the old tubes drew 11.")).to eq(["New lamps in the sports hall"])
  end

  it "takes one of every eight for a ratio, whatever they are told to do" do
    expect(read("Of every eight children in our kitchens one cannot eat something: milk, mostly, or nuts.").best.family).to eq("ratio")
  end

  it "calls a goal by what it is for" do
    words = "The roof will cost 48,000. The thermometer by the church door stands at 31,000, which is why it only rains on the left side now."
    expect(titles("ratio", words)).to eq(["Roof"])
  end

  it "calls those who do something by what they do" do
    expect(titles("overlap", "Of our guides eleven speak German and nine speak French; four of them speak both.")).to eq(["Speak German", "Speak French", "Speak both"])
    expect(titles("overlap", "Sixteen of us took pottery and twenty took welding. Seven did both and are making a gate.")).to eq(["Took pottery", "Took welding", "Did both"])
  end

  it "names an event by what happened, with its whole name, and not by what stands in brackets" do
    expect(titles("timeline", "Gull & Sons began in 1902 with one cart. The sons came in 1931. By 1980 there were forty lorries.").first).to eq("Gull & Sons")
    lido = "The lido opened in the hot summer of 1934. The slide came in 1961. It closed in 2009 because the tiles were falling off."
    expect(titles("timeline", lido)).to eq(["The lido opened", "The slide came", "It closed"])
    expect(titles("timeline", "Sports day\n9:00 sack race\n9:45 long jump\n11:00 tug of war (Year 4 v. teachers)\n").last).to eq("Tug of war")
  end

  it "keeps an event whose words hold a day of the week" do
    words = "Launch\n\nWeek 1\nPosters at the ferry.\n\nWeek 3\nTasting in the hall, Saturday only.\n\nWeek 5\nRadio, mornings.\n"
    expect(found("timeline", words).items.map(&:date)).to eq(["Week 1", "Week 3", "Week 5"])
  end

  it "leaves thanks and where it all lies out of a row of things" do
    words = "hi all, for saturday we still need: someone with a trailer, two long ladders, cake (not lemon again), and about twenty metres of that green string. thanks!! jo"
    expect(titles("list", words)).to eq(["Someone with a trailer", "Two long ladders", "Cake", "Green string"])
    lost = "In the lost property of the ferry lie, this week, eleven single gloves, a trumpet mouthpiece, a very good cheese and a pair of goggles."
    expect(titles("list", lost)).to eq(["Eleven single gloves", "A trumpet mouthpiece", "A very good cheese", "A pair of goggles"])
  end

  it "begins a row of clauses where its first one does" do
    words = "You know you are home when the halyards rattle, when gulls quarrel over the fish bins, when the pilot boat coughs before it starts and when somebody's radio is tuned to the weather."
    expect(titles("list", words).first).to eq("The halyards rattle")
  end

  it "counts in months what follows after months, and then what there was" do
    words = "We began the podcast with 90 listeners, all related to us. After three months there were 340, after six 800, and by the first birthday 2,150."
    expect(amounts(words)).to eq([[90, "listeners"], [3, "months"], [340, "listeners"], [6, "months"], [800, "listeners"], [2150, "listeners"]])
    expect(values("trend", words)).to eq([90, 340, 800, 2150])
  end

  it "calls a goal by what it costs or how many of what are wanted" do
    expect(titles("ratio", "A new rescue boat costs 86,000 euros. Thanks to 412 of you we already have 61,000.")).to eq(["New rescue boat"])
    expect(titles("ratio", "The pupils want to sell 2,000 stamps for the hedgehog station; 1,350 are gone.")).to eq(["Stamps"])
    expect(amounts("A new rescue boat costs 86,000 euros. Thanks to 412 of you we already have 61,000.")).to include([412, "people"])
  end

  it "leaves what is said of the last thing out of the row" do
    words = "someone asked what's in the blue cupboard. here is what: two fire blankets, the spare keys on the whale, nine umbrellas, and the good coffee, which you never saw."
    expect(titles("list", words).last).to eq("The good coffee")
  end

  it "takes seven of ten people for a ratio, whatever they do" do
    ratio = read("If ten people stand in front of our lift and the stairs, seven take the lift, also down.").best
    expect([ratio.family, ratio.items.first.value]).to eq(["ratio", 70])
  end
end
