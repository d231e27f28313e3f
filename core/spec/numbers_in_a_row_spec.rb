# frozen_string_literal: true

# The same numbers told in many turns of phrase: none is lost, whatever its size, and each keeps its name.
RSpec.describe "Numbers in a row" do
  include WordsRead

  rows = { trend: [[12, 25, 31, 48], [210, 185, 240, 160], [1200, 1350, 1500, 2040]], ranking: [[48, 31, 25, 12], [2040, 1500, 1350, 1200]],
           funnel: [[480, 310, 120, 45], [2040, 1500, 1350, 1200]] }

  # @return [String] the words with the numbers of a row in the places of A to D
  def filled(words, row) = row.zip("A".."D").reduce(words) { |told, (number, place)| told.gsub("%#{place}", number.to_s) }

  ["We had %A visitors in 2021, %B in 2022, %C in 2023 and %D in 2024.", "Visitors: 2021 %A, 2022 %B, 2023 %C, 2024 %D.", "Visitors by year: %A (2021), %B (2022), %C (2023), %D (2024).",
   "From %A in 2021 the number of members rose to %B in 2022, then to %C in 2023, and reached %D in 2024.", "In January we sold %A loaves, in February %B, in March %C and in April %D.",
   "Loaves sold: Jan %A, Feb %B, Mar %C, Apr %D.", "Monday %A, Tuesday %B, Wednesday %C, Thursday %D: those were the visitors last week.",
   "In week 1 we picked %A kg, in week 2 %B kg, in week 3 %C kg and in week 4 %D kg.", "We counted %A birds in spring, %B in summer, %C in autumn and %D in winter.",
   "Orders were %A in Q1, %B in Q2, %C in Q3 and %D in Q4.", "Members over the years\n2021 - %A\n2022 - %B\n2023 - %C\n2024 - %D",
   "Every year more people join: 2021 saw %A, 2022 saw %B, 2023 saw %C and 2024 saw %D.",
   "At eight o'clock %A people were in the hall, at nine %B, at ten %C, at eleven %D.", "On day 1 the plant was %A mm tall, on day 5 %B mm, on day 10 %C mm and on day 15 %D mm.",
   "In 1990, %A ferries ran. By 2000 there were %B, by 2010 %C, and today %D.", "On 3 May we counted %A eggs, on 10 May %B, on 17 May %C and on 24 May %D.",
   "Attendance was %A at the first meeting, %B at the second, %C at the third and %D at the fourth."].each do |words|
    it("draws a line of #{words.inspect}") { rows[:trend].each { |row| expect(best(filled(words, row)).then { |f| [f.family, f.items.map(&:value)] }).to eq(["trend", row]) } }
  end

  { "Most popular was apple cake with %A slices, followed by plum cake with %B, nut cake with %C and cheese cake with %D." => ["Apple cake", "Plum cake", "Nut cake", "Cheese cake"],
    "Votes for cakes\nApple %A\nPlum %B\nNut %C\nCheese %D" => %w[Apple Plum Nut Cheese], "%A people voted for apple, %B for plum, %C for nut and %D for cheese." => nil,
    "%A chose apple cake, %B chose plum cake, %C chose nut cake and %D cheese cake." => nil, "Visitors per hut: Hagg %A; Oxmere %B; Brack %C; Sorrel %D." => %w[Hagg Oxmere Brack Sorrel],
    "Class 4b collected %A bottles, class 4a %B, class 3b %C and class 3a %D." => ["Class 4b", "Class 4a", "Class 3b", "Class 3a"],
    "With %A tickets Ines sold the most, ahead of Wen (%B), Tessa (%C) and Bo (%D)." => %w[Ines Wen Tessa Bo],
    "We sold %A mugs, %B scarves, %C posters and %D badges." => %w[Mugs Scarves Posters Badges],
    "What people bought: %A mugs, %B scarves, %C posters, %D badges." => %w[Mugs Scarves Posters Badges],
    "%A mugs were sold in Hagg, %B in Oxmere, %C in Brack and %D in Sorrel." => %w[Hagg Oxmere Brack Sorrel],
    "The most mugs, %A, were sold in Hagg; %B were sold in Oxmere, %C in Brack and %D in Sorrel." => nil,
    "The red team scored %A, the blue team %B, the green team %C and the white team %D." => nil }.each do |words, names|
    it "sets against each other what stands in #{words.inspect}" do
      rows[:ranking].each do |row|
        items = found("ranking", filled(words, row)).items
        expect(items.map(&:value)).to eq(row)
        expect(items.map(&:title)).to eq(names) if names
      end
    end
  end

  ["%A people saw the poster. %B took a leaflet. %C came to the evening. %D joined.", "Letters sent: %A. Opened: %B. Answered: %C. Visits: %D.", "Sent %A, opened %B, answered %C, visited %D.",
   "%A saw it → %B clicked → %C signed up → %D paid"].each do |words|
    it("sees stages in #{words.inspect}") { rows[:funnel].each { |row| expect(best(filled(words, row)).then { |f| [f.family, f.items.map(&:value)] }).to eq(["funnel", row]) } }
  end

  { "1350 out of 2040 pupils cycle to school." => 66.2, "Out of 2040 pupils 1350 cycle to school." => 66.2, "The goal is 2040 trees. So far we have planted 1350." => 66.2,
    "Target 2040 signatures, reached 1350." => 66.2,
    "1350 members of the 2040 came to the meeting." => 66.2, "In one of 5 houses the light stays on." => 20, "Every 5th guest comes by bus." => 20 }.each do |words, share|
    it("reads a share in #{words.inspect}") { expect(best(words).then { |f| [f.family, f.items.map(&:value)] }).to eq(["ratio", [share]]) }
  end

  it "takes parts of a hundred for parts, and some of a part for none" do
    expect(best("45 out of 100 pupils walk, 25 cycle, 18 take the bus and 12 are driven.").family).to eq("parts")
    expect(found("parts", "Seeds take 40% of the budget. Another 30% goes to tools, 20% to rent, and the last 10% to tea.").items.map(&:title)).to eq(%w[Seeds Tools Rent Tea])
    expect(read("Of the 480 letters we sent, 310 were opened, 120 of them were answered, and 45 led to a visit.").queries).to eq([])
    expect(read("Our five stations took 190 calls. Ternby answered 61 of those; Lower Osk had 34, Brool 17, Varn 48 and Hessock 22.").queries.size).to eq(1)
  end

  it "takes what a month brought for no year of the next" do
    expect(values("trend", "The ferry carried 1100 people in April. By May it was 1420. June brought 1650, and July 2010.")).to eq([1100, 1420, 1650, 2010])
    expect(read("The bridge opened in June 1950, and July 2010 brought the second.").quantities).to eq([])
  end

  it "leaves years what they are, also beside numbers" do
    { "1702 first wool fair; 1745 tolls doubled; 1746 fair moves across the river; 1811 bridge." => %w[1702 1745 1746 1811],
      "# Old houses of Hagg\n\n- Church: 1850\n- Mill: 1820\n- Hall: 1900" => %w[1820 1850 1900],
      "2024: moved to the mill\n2019: began in a shed\n1998: first plan drawn" => %w[1998 2019 2024] }.each do |words, years|
      expect(found("timeline", words).items.map(&:date).sort).to eq(years)
    end
    expect(amounts("The mill was built in 1911 for 640 workers, sold in 1950 and opened in 1998 with 12 rooms.").map(&:first)).to eq([640, 12])
  end
end
