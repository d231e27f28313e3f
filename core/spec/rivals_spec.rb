# frozen_string_literal: true

require_relative "../training/corpus"

RSpec.describe Peony::Reading::Rivals do
  include WordsRead

  def sides(words) = described_class.of(text(words))
  def names(words) = sides(words)&.map(&:name)

  it "tells two things apart that are told of in turn, each with what goes on about it" do
    found = sides("Gravel or bark for the path? Gravel lasts ten years and drains well. Wheelchairs sink in it. Bark has to be topped up. It is kind to knees. Both cost money.")
    expect(found.map(&:name)).to eq(%w[Gravel Bark])
    expect(found.first.spans.map(&:text)).to eq(["Gravel lasts ten years and drains well.", "Wheelchairs sink in it."])
    expect(found.last.spans.map(&:text)).to eq(["Bark has to be topped up.", "It is kind to knees."])
  end

  it "lets a side be named again after the other" do
    found = sides("Gouache and ink are both sold here. Gouache covers what is underneath. Ink runs into the paper. Gouache forgives bad paper. Ink does not.")
    expect(found.map { |s| s.spans.size }).to eq([2, 2])
    expect(names("Linen and cotton both wear out. Linen creases at once. Cotton stays flat and cool.")).to eq(%w[Linen Cotton])
  end

  it "takes the two from the heading where the sentences are short" do
    passage = Peony::Notes::Markdown.read("## The token or the broom?\n\nThe token is quick. It gets lost in coats. The broom is free. It takes half an hour.\n")
    found = described_class.of(Peony::Reading::Text.new(Peony::Reading::Passages.of(passage).first))
    expect(found.map { |s| s.name.downcase }).to eq(%w[token broom])
  end

  it "tells three apart where three tell the passage better" do
    expect(names("Linen, cotton and wool. Linen creases and breathes. Cotton is soft and cheap. Wool warms and itches.")&.size).to be_between(2, 3)
  end

  it "finds none in steps, in a single sentence and in no words" do
    expect(names("Vacuum the shelves. Brush on two coats of wash. Close the door and sign the log.")).to be_nil
    expect(names("One sentence about a boat.")).to be_nil
    expect(names("")).to be_nil
  end

  it "gives every side stretches of the text itself, in order" do
    Corpus.all.select { |p| p.family == "comparison" }.each do |passage|
      read = text(passage.text)
      described_class.of(read)&.each do |side|
        side.spans.each { |s| expect(read.string[s.from...s.to]).to eq(s.text) }
        expect(side.spans.map(&:from)).to eq(side.spans.map(&:from).sort)
        expect(side.name).to match(/[[:alpha:]]/)
      end
    end
  end
end
