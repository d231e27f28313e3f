# frozen_string_literal: true

RSpec.describe Peony::Reading::Counts do
  include WordsRead

  it "tells how likely each number of independent events is" do
    shares = described_class.distribution([0.5, 0.5, 0.2])
    expect(shares.map { |s| s.round(3) }).to eq([0.2, 0.45, 0.3, 0.05])
    expect(shares.sum).to be_within(1e-9).of(1)
    expect(described_class.distribution([])).to eq([1.0])
  end

  it "keeps what is sure and, among what is not, as many as are usual" do
    expect(described_class.kept([0.1, 0.9, 0.9, 0.9, 0.05])).to eq([1, 2, 3])
    expect(described_class.kept([0.95, 0.45, 0.95, 0.1])).to eq([0, 1, 2])
    expect(described_class.kept(Array.new(9) { 0.55 })).to eq([0, 1, 2, 3, 4])
  end

  it "follows a number that is announced where the likelihoods allow it" do
    chances = [0.3, 0.9, 0.9, 0.6, 0.5]
    expect(described_class.kept(chances, 2).size).to be < described_class.kept(chances, 4).size
    expect(described_class.kept([0.02, 0.99, 0.99, 0.99], 4)).to eq([1, 2, 3])
    expect(described_class.announced(text("There are three reasons for it. It rains. It blows. It is dark."))).to eq(3)
    expect(described_class.announced(text("## Four ways to tie it\n\nBy the tail. By the ear."))).to eq(4)
    expect(described_class.announced(text("Three people came. They left."))).to be_nil
  end

  it "stays quick in a long row of sentences" do
    expect(described_class.kept(Array.new(400) { |i| i.even? ? 0.9 : 0.1 }).size).to eq(200)
  end
end
