# frozen_string_literal: true

require_relative "../training/regression"
require_relative "../training/network"

# What the words sound like: small networks, how they learn and how they are stored.
RSpec.describe Peony::Reading::Network do
  # What a sum of weights cannot tell: one of two signs, but not both.
  let(:rows) do
    Array.new(240) do |i|
      one = i % 2
      two = (i / 2) % 2
      [{ "bias" => 1.0, "one" => one.to_f, "two" => two.to_f, "noise#{i % 5}" => 1.0 }, { one == two ? "same" : "other" => 1.0 }]
    end
  end
  let(:names) { %w[same other] }
  let(:fitted) { Network.fit(rows * 4, names) }
  let(:stored) { described_class.read(described_class.pack(*fitted.first(1), names, fitted.last)) }

  def said(net, signs) = described_class.chances(signs.keys.map { |sign| net[:signs].index(sign.to_s) }, signs.values, net)

  it "learns what no sum of weights can tell" do
    [[0, 0], [1, 0], [0, 1], [1, 1]].each do |one, two|
      told = said(stored, bias: 1.0, one: one.to_f, two: two.to_f)
      expect([one, two, told.max_by(&:last).first]).to eq([one, two, one == two ? "same" : "other"])
      expect(told.values.sum).to be_within(1e-5).of(1)
    end
  end

  it "learns the same twice" do
    expect(Network.fit(rows, names).last.first[:inner]).to eq(Network.fit(rows, names).last.first[:inner])
  end

  it "leaves out signs that hardly any passage shows" do
    seldom = [[{ "bias" => 1.0, "once" => 1.0 }, { "same" => 1.0 }]]
    expect(Network.fit(rows + seldom, names).first & %w[one once]).to eq(["one"])
  end

  it "says nearly the same from 8 bits a weight" do
    whole = fitted.last.sum { |net| hidden = (net[:inner][fitted.first.index("one"), true] + net[:bias]).clip(0, nil) and (hidden.dot(net[:outer]) + net[:last])[0] }
    hidden = (stored[:inner][stored[:signs].index("one"), true] + stored[:bias]).clip(0, nil)
    packed = (hidden.dot(stored[:outer]) + stored[:last]).to_a.each_slice(names.size).sum(&:first)
    expect(packed).to be_within(0.1).of(whole)
  end

  it "knows every family and none, for whatever signs there are" do
    [{}, { bias: 1.0 }, { nobody_knows: 3.0 }].each do |signs|
      (heard, values), = Peony::Reading::Signs.placed(signs, Peony::Reading::Weights.by_sign.first, described_class.signs.size)
      told = described_class.chances(heard, values)
      expect(told.keys).to match_array([*Peony::Reading::Finder.members.keys, "none"])
      expect(told.values.sum).to be_within(1e-4).of(1)
    end
  end

  describe "families that the words speak against" do
    include WordsRead

    let(:told) do
      { "sequence" => "Ring the bell. Wait for the nurse. Sit on the green chair. Show her the arm. Then you may go home.",
        "cause" => "Why the wash came out grey: too much in the drum, water too cold, powder past its date, one black sock.",
        "hub" => "One lorry keeps the island going: it brings the post, takes the lambs, tows the lifeboat and carries the coal." }
    end

    it "are not looked for, and what the words are is" do
      asked = told.to_h { |family, words| [family, Peony::Reading::Scorer.thinkable(text(words))] }
      expect(asked.map { |family, list| [list.include?(family), list.include?("list")] }.uniq).to eq([[true, true]])
      expect(asked.values.sum(&:size)).to be < 45
    end

    it "are looked for when a person asks, and can be had" do
      reading = read(told["sequence"])
      further = reading.others - Peony::Reading::Scorer.thinkable(text(told["sequence"]))
      expect(further).not_to be_empty
      expect(reading.finding(further.first).items).not_to be_empty
    end

    it "leave room for parts and an order where there are several numbers" do
      expect(Peony::Reading::Scorer.thinkable(text("Ferries 12, trams 9, buses 31."))).to include("parts", "ranking")
    end
  end
end
