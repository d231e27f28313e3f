# frozen_string_literal: true

# Amounts in minutes and seconds, kilometres and metres are of one kind.
RSpec.describe Peony::Reading::Scales do
  def amount(value, unit) = Peony::Reading::Quantity.new(value: value, unit: unit, text: value.to_s, from: 0, to: 1)
  include WordsRead

  def change(words) = read(words).findings.find { |f| f.family == "change" }

  it "puts two amounts into the smaller of their units" do
    expect(described_class.common(amount(4, "minutes"), amount(40, "seconds")).map { |q| [q.value, q.unit] }).to eq([[240, "seconds"], [40, "seconds"]])
    expect(described_class.common(amount(800, "m"), amount(1.5, "km")).map { |q| [q.value, q.unit] }).to eq([[800, "m"], [1500, "m"]])
  end

  it "leaves amounts of different kinds as they are" do
    expect(described_class.common(amount(4, "minutes"), amount(3, "kg")).map { |q| [q.value, q.unit] }).to eq([[4, "minutes"], [3, "kg"]])
    expect(described_class.alike?("boats", "gulls")).to be(false)
  end

  it "finds the change between them, says both as they were said, and works out the share" do
    reading = read("Before her it took you four minutes to cross, and now it's forty seconds.")
    expect(reading.findings.first.items.map { |i| i.aspects.map(&:last) }).to eq([["four minutes", "forty seconds"]])
    expect(reading.derived.map { |d| [d.value, d.unit] }).to include([83.3, "%"], [200, "seconds"])
  end

  it "sets members, climbers and steps on no one scale where each number stands by itself" do
    text = "We are 214 members now, 61 more than a year ago. 8,300 people climbed the 198 steps, and nobody had to be carried down."
    proposals = Peony::Figures::Proposals.for(Peony::Reading.of(Peony::Notes::Text.read(text)))
    expect(proposals.map(&:family).uniq).to eq(["headline"])
    families = proposals.map { |p| Peony::Figures::Form.fetch(p.form).facts.family }
    expect(families & Peony::Figures::Proposals::SCALED).to be_empty
    expect(proposals.size).to be >= 4
  end

  it "draws orders, shares and hours each by themselves, and amounts of one unit on one scale" do
    wide = lambda do |words|
      list = change(words).items.map { |i| { "title" => i.title, "value" => i.value, "unit" => i.unit, "aspects" => i.aspects } }
      drawing = Peony::Figures.draw("before-after", list, house: house, width: 900, height: 640)
      [].tap { |bars| Peony::Scene::Picture.new(nodes: drawing.nodes).walk { |n| bars << n.w if n.is_a?(Peony::Scene::Rect) } }
    end
    mixed = wide["Orders went up from 200 to 400 a year. Returns have fallen from 8 % to 2 %."]
    expect([mixed[0] / mixed[1], mixed[3] / mixed[2], mixed[2] / mixed[1]].map { |x| x.round(2) }).to eq([0.5, 0.25, 1.0])
    alike = wide["Flour fell from 400 kg to 200 kg. Sugar fell from 100 kg to 50 kg."]
    expect([alike[1] / alike[0], alike[2] / alike[0]].map { |x| x.round(2) }).to eq([0.5, 0.25])
  end

  it "draws the share that is true" do
    items = change("The average wait went from 4 minutes to 70 seconds.").items
    list = items.map { |i| { "title" => i.title, "value" => i.value, "unit" => i.unit, "aspects" => i.aspects } }
    drawing = Peony::Figures.draw("before-after", list, house: house, width: 900, height: 640)
    said = Peony::Scene::Picture.new(nodes: drawing.nodes).texts.flat_map { |t| t.lines.map(&:first) }.join(" ")
    expect(said).to include("4\u2009min", "70\u2009s", "−71\u2009%")
  end
end
