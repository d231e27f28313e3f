# frozen_string_literal: true

require_relative "../training/corpus"

RSpec.describe Peony::Reading::Tokens::Tagger do
  it "answers as the tagger does that it makes quicker, word by word" do
    quick = described_class.new
    plain = EngTagger.new
    texts = Corpus.all.each_slice(20).map { |slice| slice.last.text.tr("’‘“”", "''\"\"").tr("/", " ") }
    # Twice, for it remembers what it was asked.
    2.times { texts.each { |words| expect(quick.tag_pairs(words)).to eq(plain.tag_pairs(words)) } }
  end

  it "keeps the stop of an abbreviation, and parts that of a sentence" do
    pairs = described_class.new.tag_pairs("Mr. Lund met Dr. Fell on Gull St. and left. They ate fish, eggs etc. and went home.")
    expect(pairs.map(&:first)).to eq(%w[Mr. Lund met Dr. Fell on Gull St. and left . They ate fish , eggs etc. and went home .])
  end
end
