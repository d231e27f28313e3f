# frozen_string_literal: true

# Prices as they are written on both sides of the sea: the sign before or behind, a comma or a dot before the cents.
RSpec.describe "Reading prices" do
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
  end

  it "keeps commas between thousands and in rows what they are" do
    expect(read("Of 1,200 pots 12,500 cups were filled, at $1.250 a litre, and 35,5 % were tea.").quantities.map(&:value)).to eq([1200, 12_500, 1.25, 35.5])
  end
end
