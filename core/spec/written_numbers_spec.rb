# frozen_string_literal: true

# Numbers and prices as they are written on both sides of the sea: the sign before or behind, with a comma, a dot, a space or a stroke in them.
RSpec.describe "Reading written numbers" do
  include WordsRead

  def named(family, words) = found(family, words).items.map { |i| [i.title, i.value, i.unit] }

  it "knows the sign behind the number" do
    expect(named("parts", "Rent 850 €\nPaper 1200 €\nPrizes 2300 €\n")).to eq([["Rent", 850, "EUR"], ["Paper", 1200, "EUR"], ["Prizes", 2300, "EUR"]])
    expect(named("parts", "Out of 640 € we spent 320 € on paper, 200 € on prizes and 120 € on tea.")).to eq([["Paper", 320, "EUR"], ["Prizes", 200, "EUR"], ["Tea", 120, "EUR"]])
    expect(found("change", "The bill fell from 850 € to 640 €.").items.map(&:aspects)).to eq([[["before", "850 €"], ["after", "640 €"]]])
  end

  it "knows a decimal comma before a sign or a measure, and dots between thousands of euros" do
    expect(named("parts", "Coffee 2,50 €\nTea 2,20 €\nCake 3,80 €\n")).to eq([["Coffee", 2.5, "EUR"], ["Tea", 2.2, "EUR"], ["Cake", 3.8, "EUR"]])
    expect(named("parts", "Rent: 1.200 €\nPaper: 60,50 €\nPrizes: 1.350,75 €\n")).to eq([["Rent", 1200, "EUR"], ["Paper", 60.5, "EUR"], ["Prizes", 1350.75, "EUR"]])
    expect(named("ranking", "The bag weighs 2,5 kg, the box 3,5 kg and the crate 12,75 kg.")).to eq([["Bag", 2.5, "kg"], ["Box", 3.5, "kg"], ["Crate", 12.75, "kg"]])
    expect(read("The cup costs €2,50 and the pot €1.200.").quantities.map(&:value)).to eq([2.5, 1200])
    expect(read("The cup costs €2.50, the pot €1,200 and the kiln 12,500 €.").quantities.map(&:value)).to eq([2.5, 1200, 12_500])
  end

  # How a number is written, what it is, and of what.
  [["1 200", 1200, ""], ["1'200", 1200, ""], ["1 250 000", 1_250_000, ""], ["1.250.000", 1_250_000, ""], ["2 1/2 kg", 2.5, "kg"], ["1/2 litre", 0.5, "litres"], ["3/4 cup", 0.75, "cups"],
   ["60 pct", 60, "%"], ["60 m2", 60, "m²"], ["60 sqm", 60, "m²"], ["60 kmh", 60, "km/h"], ["EUR 60", 60, "EUR"], ["USD 1 200", 1200, "USD"],
   ["60k €", 60_000, "EUR"], ["5 L", 5, "litres"]].each do |written, value, unit|
    it "reads #{written}" do
      quantities = read("- Hagg: #{written}\n- Oxmere: 31\n- Brack: 45\n").quantities
      expect(quantities.map(&:value)).to eq([value, 31, 45])
      expect([quantities.first.unit, read("Hagg needs #{written} a week.").quantities.map(&:value)]).to eq([unit, [value]])
    end
  end

  it "leaves the number of a van, a class or a day beside what is counted" do
    { "Van 1 200 km\nVan 2 350 km" => [1, 200, 2, 350],
      "Class 3 210 books, Class 4 180 books." => [210, 180], "On 4 May 120 people came." => [120], "7 120 300\n8 130 310" => [7, 120, 300, 8, 130, 310] }
      .each { |words, numbers| expect(read(words).quantities.map(&:value)).to eq(numbers), words }
  end

  it "keeps commas between thousands and in rows what they are" do
    expect(read("Of 1,200 pots 12,500 cups were filled, at $1.250 a litre, and 35,5 % were tea.").quantities.map(&:value)).to eq([1200, 12_500, 1.25, 35.5])
  end

  it "takes by how much something rose for no value of it" do
    expect(read("The budget rose by 200 € to 850 €.").findings.map(&:family)).not_to include("change")
    expect(named("headline", "The budget rose by 200 € to 850 €.").map { |_, value, unit| [value, unit] }).to eq([[850, "EUR"]])
    expect(found("change", "Visitors fell by 40 from 200 to 160.").items.map(&:aspects)).to eq([[%w[before 200], %w[after 160]]])
  end
end
