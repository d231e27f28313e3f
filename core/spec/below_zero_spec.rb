# frozen_string_literal: true

# Losses and frost keep their sign from the words to the figure.
RSpec.describe "What lies below zero" do
  include WordsRead

  let(:house) { Peony::Style.fetch("Dome") }
  let(:frost) { "How cold was it in January? Varn minus 12 degrees. Brool minus 4. Oxmere 3. Hagg minus 7. Thrawle 5." }

  def drawn(form, items) = Peony::Figures.draw(form, items, house: house, width: 900, height: 700)
  def nodes(drawing, kind) = [].tap { |list| Peony::Scene::Picture.new(nodes: drawing.nodes).walk { |n| list << n if n.is_a?(kind) } }
  def proposed(words, form) = Peony::Figures::Proposals.for(read(words)).find { |p| p.form == form }

  it "reads a loss by its sign, and a range of prices as two prices" do
    expect(amounts("The mill made £4,000 in 2019, −£2,500 in 2020, -£6,000 in 2021 and minus £1,200 in 2022.").map(&:first)).to eq([4000, -2500, -6000, -1200])
    expect(amounts("Seats are £10-£20, boxes £30 - £40.").map(&:first)).to eq([10, 20, 30, 40])
  end

  it "prints the sign before the coin" do
    mill = "The profit of the mill, year by year: 2019 £4,000, 2020 −£2,500, 2021 −£6,000, 2022 £1,200, 2023 £7,400."
    words = Peony::Figures.picture(proposed(mill, "trend-line").drawing, house).texts.flat_map { |t| t.lines.map(&:first) }
    expect(words).to include("−£6,000", "£7,400")
  end

  it "names towns without the word for their sign" do
    expect(titles("ranking", frost)).to contain_exactly("Varn", "Brool", "Oxmere", "Hagg", "Thrawle")
  end

  it "keeps the discs of hanging stems inside the figure and off the names" do
    drawing = proposed(frost, "lollipops").drawing
    lowest = nodes(drawing, Peony::Scene::Ellipse).map { |c| c.cy + c.ry }.max
    name = nodes(drawing, Peony::Scene::Text).find { |t| t.lines.first.first == "Varn" }
    expect(lowest).to be < name.lines.first.last - (name.size * 0.8)
  end

  it "draws no bars back to back, on which one side would look like more of it" do
    pigeons = "The colder the night, the more pigeons. At plus four there were 6. At minus five he counted 24, and at minus nine there were thirty-one. At minus fourteen it was fifty."
    expect(proposed(pigeons, "paired-columns")).to be_nil
    expect(proposed(pigeons, "scatter")).not_to be_nil
    rows = [[4, 6], [-5, 24]].map { |one, two| { "title" => one.to_s, "value" => two, "aspects" => [["Degrees", one.to_s], ["Pigeons", two.to_s]] } }
    expect { drawn("paired-columns", rows) }.to raise_error(Peony::Figures::Refusal, /below zero/)
  end

  it "prefers dots to bars where rows are only called by their first number" do
    coats = "Two coats of varnish lasted three years, four coats lasted seven, and six coats lasted eleven. With eight it was twelve."
    expect(Peony::Figures::Proposals.for(read(coats), family: "relation").first.form).to eq("scatter")
  end
end
