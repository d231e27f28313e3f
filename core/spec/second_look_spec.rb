# frozen_string_literal: true

# What a passage is by all of its signs, though its finder does not see it outright.
RSpec.describe Peony::Reading::SecondLook do
  include WordsRead

  it "sets the clauses of one sentence side by side" do
    items = read("Ash burns hot and fast and needs no drying; oak burns slowly and wants two years; pine spits.").findings.find { |f| f.family == "comparison" }.items
    expect(items.map { |i| i.title[/\A\w+/] }).to eq(%w[Ash Oak Pine])
  end

  it "takes what to do and what not from one sentence" do
    items = read("The night before: do pack your bag, eat, sleep; don't start a new chapter, ring Tom, or drink four coffees.").findings.find { |f| f.family == "opposition" }.items
    expect(items.map { |i| [i.title, i.children.map(&:title)] }).to eq([["Do", ["Pack your bag", "Eat", "Sleep"]], ["Don't", ["Start a new chapter", "Ring Tom", "Drink four coffees"]]])
  end

  it "takes cases and what is done in each for a decision" do
    items = read("Dry at noon: picnic. Wet but warm: marquee. Wet and cold: church hall. Thunder: go home.").findings.find { |f| f.family == "decision" }.items
    expect(items.map { |i| [i.title, i.detail] }.first).to eq(["Dry at noon", "picnic"])
  end

  it "puts one who is told to stand over all over all the others" do
    words = "At the top of the orchestra is the conductor. The leader of the first violins speaks for the players. Every group of instruments has its own head: strings, wind and brass."
    root = read(words).findings.find { |f| f.family == "hierarchy" }.items
    expect([root.size, root.first.children.size]).to eq([1, 2])
  end

  it "adds nothing to what was found" do
    words = "Steps\n1. Rinse the jar\n2. Boil the water\n3. Pour it in\n"
    text = Peony::Reading::Text.new(Peony::Notes::Passage.whole(Peony::Notes::Text.read(words)))
    found = Peony::Reading::Finder.members.values.filter_map { |finder| finder.new(text).find }
    expect(described_class.at(text, found, { "sequence" => 0.9, "list" => 0.1 })).to be_empty
  end
end
