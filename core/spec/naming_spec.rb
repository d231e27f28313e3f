# frozen_string_literal: true

require_relative "../training/corpus"

RSpec.describe Peony::Reading::Naming do
  def text_of(words) = Peony::Reading::Text.new(Peony::Notes::Passage.whole(Peony::Notes::Text.read(words)))

  def named(sentence, family)
    text = text_of(sentence)
    described_class.of(text, text.sentences.first, family)
  end

  {
    ["Brush two coats of wash on the shelves and let them dry.", "sequence"] => "Brush two coats of wash",
    ["Rinse the jar and leave it on the step for the van.", "cycle"] => "Rinse the jar",
    ["Our roof terrace has blankets for everybody who wants to sit outside in winter.", "list"] => "terrace"
  }.each do |(sentence, family), name|
    it "calls “#{sentence}” by what names it" do
      expect(named(sentence, family).first).to include(name)
    end
  end

  it "goes on behind a name at the head, and else tells the whole sentence" do
    expect(named("Rinse the jar and leave it on the step for the van.", "cycle")).to eq ["Rinse the jar", "and leave it on the step for the van"]
    title, detail = named("At eight in the evening, once the hall is dark, two people carry the lamps to the gate.", "sequence")
    expect(detail).to include("two people carry the lamps to the gate").and include(title.sub(/\A./, &:downcase))
  end

  it "says nothing twice where only a pronoun stands before the name" do
    expect(named("They force the chuck with pliers from the tin.", "cause").join(" ").strip).to eq "Force the chuck with pliers from the tin"
  end

  it "does not part a verb from what the thing behind it does" do
    expect(named("A second key would let Tom open the shed on Wednesdays.", "list").first).not_to end_with("Tom")
  end

  it "never leaves off that something is not so" do
    { "Do not touch the lens of the small telescope with your fingers." => /not|lens|telescope/, "None of this appears on the bill at the end of the week." => /none|bill|week/i,
      "The bridge was never crossed by a cart again after that winter." => /bridge|never|cart|winter/,
      "You must not feed the owls in the tower after dark." => /not|owls|tower|dark/ }.each do |sentence, pattern|
      title, = named(sentence, "sequence")
      expect(title).to match(pattern)
      expect(title).not_to match(/\A(?:touch|appears|crossed|feed)/i)
    end
  end

  it "leaves alone what names itself before a colon" do
    expect(named("Ropes: check every knot before the tide comes in and the boat is afloat.", "list")).to eq ["Ropes", "check every knot before the tide comes in and the boat is afloat"]
  end

  it "keeps dates and numbers that the figure shows by themselves out of the name" do
    words = "Music takes up 52 % of our airtime. Talk takes up 30 % of the day, more than we like. The children's hour is bigger than people think at 18 %."
    reading = Peony::Reading.of(Peony::Notes::Text.read(words))
    items = reading.finding("parts").items
    expect(items.map { |i| i.title.sub("The c", "C") }).to eq ["Music", "Talk", "Children's hour"]
    expect(items.map(&:value)).to eq [52, 30, 18]
  end

  # Every name of a sentence, over a third of all passages: another third by each seed.
  it "gives names of one to five words that stand in the text and are whole" do
    passages = Corpus.all.reject { |p| p.items.empty? }
    flawed = passages.sample(passages.size / 3, random: Random.new(RSpec.configuration.seed)).flat_map do |passage|
      text = text_of(passage.text)
      text.sentences.reject { |s| described_class.plain?(s) }.filter_map do |sentence|
        name = described_class.name(text, sentence, passage.family) or next
        words = name.downcase.split
        whole = words.size.between?(1, 5) && sentence.text.downcase.include?(name.downcase) && !name.match?(/[;:!?]|,\s/) &&
                !Peony::Reading::Runs::NEVER_LAST.include?(words.last) && (!Peony::Reading::Runs::NEVER_FIRST.include?(words.first) || name.match?(/\Ado ?n[o’']t\b/i))
        "#{name} < #{sentence.text}" unless whole
      end
    end
    expect(flawed).to be_empty
  end

  it "holds a word of the label in most of the names" do
    told = Corpus.all.reject { |p| p.items.empty? }.each_slice(4).map(&:first).flat_map do |passage|
      text = text_of(passage.text)
      passage.items.filter_map do |item|
        words = item["words"].map(&:downcase)
        span = text.sentences.find { |s| words.all? { |w| s.text.downcase.include?(w) } }
        next if span.nil? || described_class.plain?(span) || text.sentences.count { |s| s == span } > 1

        name = described_class.name(text, span, passage.family).to_s.downcase
        words.any? { |w| name.include?(w) }
      end
    end
    expect(told.count(true)).to be > told.size * 0.6
  end
end
