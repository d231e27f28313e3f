# frozen_string_literal: true

require_relative "../training/boosting"

# Trees that weigh signs together: how they are planted and asked.
RSpec.describe Peony::Reading::Trees do
  include WordsRead

  # One of two signs, but not both, the second being rarer; the third tells nothing.
  let(:rows) do
    chance = Random.new(1)
    Array.new(600) do
      one, two = [2, 3].map { |of| chance.rand(of).zero? }
      [{ one: one && 1, two: two && 1, noise: chance.rand(5) }.select { |_, v| v }, one != two]
    end
  end
  let(:planted) { Boosting.fit(rows) }
  # As they come from the file.
  let(:trees) { described_class.new(JSON.parse(JSON.generate(planted))) }

  it "tell what no sum of weights can tell" do
    expect(trees.chance({ one: 1 })).to be > 0.95
    expect(trees.chance({ two: 1 })).to be > 0.95
    expect(trees.chance({})).to be < 0.05
    expect(trees.chance({ one: 1, two: 1 })).to be < 0.05
  end

  it "grow alike from the same rows" do
    expect(Boosting.fit(rows)).to eq(planted)
  end

  it "heed no sign that they have never seen" do
    expect(trees.chance({ one: 1, other: 3 })).to eq(trees.chance({ one: 1 }))
  end

  it "follow a branch by its limit, in each tree to its own leaves" do
    one = { "branches" => [[0, 0.5, -1, 1], [1, 2, -2, -3]], "leaves" => [-2.0, 0.5, 3.0] }
    other = { "branches" => [], "leaves" => [1.0] }
    few = described_class.new("signs" => %w[asked words], "trees" => [one, other, one])
    logistic = Peony::Reading::Weights.method(:logistic)
    expect(few.chance({ words: 9 })).to eq(logistic[-3.0])
    expect(few.chance({ asked: 1, words: 2 })).to eq(logistic[2.0])
    expect(few.chance({ asked: 1, words: 3 })).to eq(logistic[7.0])
  end

  it "know a remark at the end of a passage from one more item" do
    said = "Members get four things for their fee. They may borrow up to six tools. The newsletter comes in spring. On Saturdays the workshop is theirs until dark. " \
           "They pay a tenth less for paint. Nobody has ever asked for a parking space."
    text = text(said)
    chances = Peony::Reading::Strays.chances(text, text.sentences)
    expect(chances[1..4]).to all(be > 0.5)
    expect(chances.last).to be < 0.5
  end
end
