# frozen_string_literal: true

RSpec.describe Peony::Reading::Stems do
  include WordsRead

  it "cuts words to their first letters, each once, with the marks that tell something" do
    expect(described_class.of("Again and again the kettle: boiling?")).to eq(%w[again and the kettl : boili ?])
  end

  it "weighs what is known by how seldom it is, all words of a passage together always as much" do
    known = { "again" => 2.0, "kettl" => 1.0 }
    signs = described_class.signs(text("The kettle boils again and again."), known)
    expect(signs.keys).to contain_exactly(:"w:again", :"w:kettl")
    expect(signs[:"w:again"]).to be_within(1e-9).of(2 * signs[:"w:kettl"])
    expect(Math.sqrt(signs.values.sum { |v| v * v })).to be_within(1e-9).of(described_class::STRENGTH)
  end

  it "has no signs where no word is known" do
    expect(described_class.signs(text("The kettle boils."), {})).to eq({})
  end

  it "learns the stems that stand in several passages, and not those that stand in all" do
    learned = described_class.learn(["the sea", "the sea", "the hill", "the ship"], least: 2)
    expect(learned.keys).to eq(["sea"])
    expect(learned["sea"]).to be_within(0.001).of(Math.log(2))
  end
end
