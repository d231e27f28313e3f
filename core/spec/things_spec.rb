# frozen_string_literal: true

RSpec.describe Peony::Reading::Things do
  include WordsRead

  def tokens(words) = Peony::Reading::Tokens.of(words)
  def parted(words) = tokens(words).then { |list| list.each_index.select { |i| described_class.new(list).parted?(i) }.map { |i| list[i].text } }

  def subject(words, verb)
    list = tokens(words)
    at = described_class.new(list).subject(list.index { |t| t.text == verb })
    at && list[at].text
  end

  it "sees where a thing begins right behind another" do
    expect(parted("After a week tiny caterpillars hatch.")).to eq(["tiny"])
    expect(parted("In the mouth the teeth grind the bread.")).to eq(["the"])
    expect(parted("Two weeks later a butterfly comes out.")).to eq(["a"])
    expect(parted("Next morning add salt.")).to eq(["add"])
    expect(parted("The old oak door creaks.")).to eq([])
  end

  it "finds what a verb speaks of, with what belongs to it" do
    expect(subject("Wind and frost break the rock.", "break")).to eq("Wind")
    expect(subject("Two of the tables near the buffet block the way.", "block")).to eq("Two")
    expect(subject("Just before the break Lisbet Orr was sent off.", "was")).to eq("Lisbet")
  end

  it "finds none where what stands before the verb is where it is" do
    expect(subject("In the yard stand the stables.", "stand")).to be_nil
    expect(subject("From August on we harvest.", "harvest")).to eq("we")
  end

  it "lets no name begin in the middle of what is said" do
    names = lambda do |words|
      list = tokens(words)
      Peony::Reading::Runs.of(list).map { |first, last| words[list[first].from...list[last].to] }
    end
    expect(names["Whoever knows the answer rings the bell."]).not_to include("answer rings the bell")
    expect(names["In the third week customers tell their own stories."]).not_to include(a_string_starting_with("week customers"))
    expect(names["Next morning add salt."]).to include("add salt")
    expect(names["After a week tiny caterpillars hatch."]).to include("tiny caterpillars hatch")
    expect(names["Tickets can now be bought on the bus."]).not_to include("Tickets can now")
  end
end
