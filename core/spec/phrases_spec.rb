# frozen_string_literal: true

require_relative "../training/corpus"

RSpec.describe Peony::Reading::Phrases do
  let(:texts) { Corpus.all.each_slice(25).map { |slice| slice.first.text.downcase } }

  { "cues" => Peony::Reading::Cues::ALL, "signs of a sentence" => Peony::Reading::Strays::PHRASES }.each do |what, patterns|
    it "finds the same #{what} as each pattern by itself, in one walk" do
      phrases = described_class.new(patterns)
      texts.each do |words|
        expect(phrases.standing(words).keys).to match_array(patterns.select { |_, pattern| words.match?(pattern) }.keys)
      end
    end
  end

  it "counts how often each stands, none within another of the same name" do
    phrases = described_class.new(again: /\b(?:again(?: and again)?|back to)\b/, number: /\b\d+ (?:jars|pots)\b/, either: /\bor\b|→/)
    expect(phrases.counts("again and again he went back to the 12 jars or → to 3 pots, again")).to eq(again: 3, number: 2, either: 2)
    expect(phrases.counts("")).to eq(again: 0, number: 0, either: 0)
  end

  it "takes a word for no beginning of a phrase where only a part of it is one" do
    phrases = described_class.new(or: /\bor\b/, less: /\b(?:less|fewer) than\b/)
    expect(phrases.standing("an orchard, unless than")).to be_empty
    expect(phrases.standing("fewer than ten, or none").keys).to contain_exactly(:or, :less)
  end

  it "finds what begins with letters of other alphabets, behind signs of several bytes, as often as it stands" do
    phrases = described_class.new(dear: /\b(?:élan|don['’]t)\b/, than: /\bthan\b/)
    expect(phrases.counts("“don’t” – élan, than élan… than")).to eq(dear: 3, than: 2)
  end
end

RSpec.describe Peony::Reading::Beginnings do
  def beginnings(pattern) = described_class.of(pattern)

  it "reads off a pattern which words it can begin with, whole ones with a space behind them" do
    expect(beginnings(/\b(?:how (?:to|we)|steps?|re(?:turns?|peats?))\b/)).to eq([["how ", "step", "re"], nil])
    expect(beginnings(/\b(?:only|alone)\b|\bnobody else\b/)).to eq([["only ", "alone ", "nobody "], nil])
    expect(beginnings(/\A(?:it|they)\b/)).to eq([["it ", "they "], nil])
    expect(beginnings(/\b(?<=\. )(?:yes|no)(?=:)/).first).to eq(%w[yes no])
  end

  it "keeps what may begin otherwise, as a pattern of its own" do
    heads, rest = beginnings(/\bmore\b|→|n't\b|\b(?:so )?what\b|\b\d+ of\b/)
    expect(heads).to eq(["more "])
    ["a → b", "isn't", "what", "7 of 9"].each { |words| expect(words).to match(rest) }
    expect("more").not_to match(rest)
  end

  it "leaves a pattern whole that begins with a letter that may be missing, or is laid out freely" do
    expect(beginnings(/\ba?part\b/).first).to eq([])
    expect(beginnings(/\b more/x)).to eq([[], /\b more/x])
  end
end
