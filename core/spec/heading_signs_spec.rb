# frozen_string_literal: true

# What a heading promises, and whether what is told comes round.
RSpec.describe Peony::Reading::HeadingSigns do
  include WordsRead

  def signs(words) = described_class.of(text(words)).select { |_, v| v.positive? }.keys.map { |k| k.to_s.delete_prefix("hs:") }
  def open?(words) = text(words).then { |t| Peony::Reading::Signs.ends(t).fetch(:open).positive? }

  it "tells questions, pairs and deeds apart" do
    expect(signs("Why Ternby floods\n\nThe land is flat. Trees were cut down.\n")).to include("why").and exclude("how", "two")
    expect(signs("How cheese is made\n\nMilk is warmed. The whey runs off.\n")).to include("how")
    expect(signs("Which bin?\n\nPaper and cardboard go in the blue one, unless they are greasy. Glass goes in the green one.\n")).to include("which", "question")
    expect(signs("Testing your soil\n\nTake some earth. Let it dry.\n")).to include("doing")
    expect(signs("The land is flat. Trees were cut down.\n")).to be_empty
  end

  it "sees whether the things that a heading names lead sentences" do
    expect(described_class.of(text("Arteries and veins\n\nArteries carry blood away. They are thick. Veins bring it back.\n"))).to include("hs:two": 1.0, "hs:named": 1.0)
    expect(described_class.of(text("Arteries and veins\n\nThe heart beats. It never rests.\n"))).to include("hs:two": 1.0, "hs:named": 0.0)
  end

  it "tells a chain that does not close from a round, behind which a remark may stand" do
    expect(open?("Algae are eaten by mayfly nymphs. Mayfly nymphs are eaten by trout. Trout are eaten by otters.")).to be true
    expect(open?("Sheep eat turnips. Their dung feeds the barley. Straw from the barley goes to the sheep.")).to be false
  end
end

RSpec::Matchers.define_negated_matcher :exclude, :include
