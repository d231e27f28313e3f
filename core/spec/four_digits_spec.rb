# frozen_string_literal: true

# Many people write 1500 and not 1,500: what is counted must not be lost among the years, and no year may be counted.
RSpec.describe "Reading four digits" do
  include WordsRead

  def counted(words) = read(words).quantities.map(&:value)
  def turned(words) = found("change", words).items.map(&:aspects)

  # Each is written with 1200 and 1500, and again with numbers that look like years of our own time.
  {
    "what was then and is now" => ["Last year %a people came. This year it was %b.", "There used to be %a visitors a day. Now there are %b.", "Once we had %a members, now %b."],
    "what rose and fell" => ["The number of visitors rose from %a to %b.", "Visitors fell from %a in 2020 to %b in 2024.", "Membership has gone from %a to %b since 2020.", "We cut the bill from %a to %b euros."],
    "each in its year" => ["In 2020 we had %a visitors, in 2024 %b.", "From %a jars in 2019 to %b jars in 2023.", "Until 2019 we made %a pots a week, since then %b."],
    "each in its month" => ["From %a visitors in May we got to %b in August.", "In January we needed %a kilos of flour a week and in June %b.", "%a people borrowed books in May and %b in June."],
    "part and whole" => ["%a of %b children can swim.", "The hall holds %a people, the barn %b."],
    "the old and the new" => ["The old boat carried %a people a day. The new one carries %b.", "We started with %a members and ended with %b."]
  }.each do |what, sentences|
    it "counts #{what}" do
      [[1200, 1500], [1840, 1870], [1950, 2010]].each do |a, b|
        sentences.each { |words| expect(counted(words.gsub("%a", a.to_s).gsub("%b", b.to_s)).sort).to eq([a, b]), "#{words} #{a} #{b}" }
      end
    end
  end

  it "leaves years years" do
    ["The mill, built 1911, employs 900 people. It was 1950 when the wheel stopped.", "1066 the church burned. 1200 people lived there. In 1240 it was built again.",
     "The school opened in May 1912 with 1400 pupils; in June 1950 it was closed.", "Building began in 1921 with stones from the old fort. Visitors have been let in since 1988.",
     "The castle stood from 1200 to 1500, with 900 people in it.", "We use half the water, 1400 litres, compared with 2020."].each do |words|
      expect(counted(words) & [1911, 1950, 1066, 1240, 1912, 1921, 1988, 1500, 2020]).to eq([]), words
    end
  end

  it "takes what something rose from for no year of old" do
    expect(turned("Visitors fell from 210 in 2020 to 160 in 2024.")).to eq([[%w[before 210], %w[after 160]]])
    expect(turned("Visitors rose from 350 to 420 between 2020 and 2024.")).to eq([[%w[before 350], %w[after 420]]])
    words = "The monks came in 620. By 793 the raiders had come, and about 840 the last monk left. In 1066 the church was rebuilt."
    expect(found("timeline", words).items.map(&:date)).to eq(["620", "793", "about 840", "1066"])
  end

  it "takes what bears a sign or a measure for no year" do
    expect(turned("Sales rose from 1450 € in 2024 to 1980 € in 2025.")).to eq([[["before", "1450 €"], ["after", "1980 €"]]])
    expect(counted("Stall rent: 1990 £4, 2000 £7, 2010 £15.")).to eq([4, 7, 15])
    expect(counted("The van did 1950 km in May and 1200 in June.")).to eq([1950, 1200])
  end

  it "draws euros and guests as no one line" do
    words = "Sales rose from €1,450 in 2024 to €2,980 in 2025. In May there were 1200 guests, in June 1500 and in July 1900."
    expect(found("trend", words).items.map { |i| [i.value, i.unit] }).to eq([[1200, "guests"], [1500, "guests"], [1900, "guests"]])
  end

  it "takes what was counted in a month for no day of it" do
    expect(values("trend", "In May 12 children came, in June 18, in July 25.")).to eq([12, 18, 25])
  end

  it "knows which of two was the earlier" do
    { "145 people came this summer (last summer: 60)." => [60, 145], "Our club has 160 members now. Five years ago it was 210." => [210, 160],
      "The old boat carried 60 people a day. The new one carries 145." => [60, 145], "Before: 60 visitors. After: 145 visitors." => [60, 145],
      "We started with 210 members and ended with 160." => [210, 160] }.each do |words, values|
      expect(turned(words)).to eq([[["before", values[0].to_s], ["after", values[1].to_s]]]), words
    end
  end

  # One of the three could be a year; the others cannot.
  ["- Hagg: %s\n- Oxmere: %s\n- Brack: %s", "Hagg %s, Oxmere %s, Brack %s.", "Visitors: Hagg %s, Oxmere %s and Brack %s.", "Hagg had %s visitors, Oxmere %s and Brack %s.",
   "2021: %s\n2022: %s\n2023: %s", "- January: %s\n- February: %s\n- March: %s", "Monday %s, Tuesday %s, Wednesday %s.", "Hagg (%s), Oxmere (%s), Brack (%s)",
   "We sold %s jars of plum, %s of quince and %s of rose hip.", "In 2021 there were %s visitors, in 2022 %s and in 2023 %s.", "Rent takes %s, paper %s and prizes %s."].each do |words|
    it "counts what stands in a row: #{words.inspect}" do
      [[850, 1200, 2300], [640, 1950, 2600]].each { |row| expect(counted(format(words, *row))).to eq(row) }
    end
  end

  it "counts in a table's column what stands beside other numbers, or what its head counts" do
    column = ->(head, *row) { found("ranking", "| Place | #{head} |\n|---|---|\n#{%w[Hagg Oxmere Brack].zip(row).map { |r| "| #{r.join(' | ')} |" }.join("\n")}\n").items.map(&:value) }
    expect(column.call("Visitors", 850, 1200, 2300)).to eq([850, 1200, 2300])
    expect(column.call("Sold", 1450, 980, 2100)).to eq([1450, 980, 2100])
    expect(column.call("Visitors", 1200, 1950, 2010)).to eq([1200, 1950, 2010])
  end

  it "calls what was counted then and now by all of its words" do
    expect(found("change", "Before: 3 kinds of butterfly. After: 14 kinds of butterfly.").items.map(&:title)).to eq(["Kinds of butterfly"])
  end

  it "leaves the years of a row and the days of months what they are" do
    { "- Mill: 1911\n- Bridge: 1950\n- Station: 1873" => %w[1873 1911 1950], "- 3 March: the van comes\n- May 12: the fair\n- June 1911: the school opens" => ["3 March", "May 12", "June 1911"],
      "Bridge 1911, ferry 1924, church 1240." => %w[1240 1911 1924] }.each { |words, dates| expect(found("timeline", words).items.map(&:date)).to eq(dates) }
    expect(counted("- Founded: 1911\n- Members: 640\n- Boats: 12")).to eq([640, 12])
    expect(counted("On 4 May 1891 it was opened. It is 640 metres long, and 1200 people cross it.")).to eq([640, 1200])
  end
end
