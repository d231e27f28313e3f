# frozen_string_literal: true

# The same words typed otherwise: with two spaces, line by line, behind bullets, under a sentence that leads them.
RSpec.describe "The same words typed otherwise" do
  include WordsRead

  texts = {
    "hierarchy" => "Bread comes in two kinds. Yeast breads are white or brown. Sourdoughs are rye, spelt or mixed.",
    "comparison" => "Rye is dark and keeps a week. Spelt is light and keeps three days. Corn is yellow and keeps one day.",
    "opposition" => "On the one hand the bridge is quick and dry. On the other hand it is loud and ugly.",
    "trend" => "We had 210 visitors in 2021. In 2022 there were 185. In 2023 we counted 240."
  }

  texts.each do |family, words|
    parts = words.split(/(?<=\.) /)
    { "with two spaces" => words.gsub(" ", "  "), "with spaces that do not break" => words.gsub(" ", "\u00a0"), "line by line" => parts.join("\n"), "behind bullets" => parts.map do |s|
      "- #{s}"
    end.join("\n") }.each do |way, typed|
      it("reads #{family} #{way}") { expect(best(typed).family).to eq(family) }
    end
  end

  it "marks the words where they stand in the notes, however many spaces are between them" do
    words = "We   had 210  visitors in 2021,  185 in 2022 and  240 in 2023."
    block = Peony::Notes::Block.new(id: "b1", type: "paragraph", text: words)
    passage = Peony::Notes::Passage.new([block])
    spans = Peony::Reading.of(passage).findings.find { |f| f.family == "trend" }.items.map { |i| passage.refs(i.spans.first.from, i.spans.first.to).first }
    expect(spans.map { |ref| words[ref["start"]...ref["end"]] }).to contain_exactly(include("210  visitors"), include("185 in 2022"), include("240 in 2023"))
  end

  it "keeps the entries that somebody made where both ways say the same" do
    expect(best("- Fill in the card.\n- Mark one name. Put the paper in the envelope.\n- Sign the form.\n- Post it.").items.size).to eq(4)
  end

  it "takes a sentence over labelled lines for what leads them" do
    blocks = Peony::Notes::Text.read("We judged each task by cost and by use.\nCheap and useful: the new sign.\nCheap and useless: the balloon.\nDear and useful: the roof.\nDear and " \
                                     "useless: the pond.").blocks
    expect(blocks.map(&:type)).to eq(%w[paragraph item item item item])
  end

  it "takes prose that was broken at a width for prose, and lines for lines" do
    letter = "A year after the drains: flooded cellars 23 → 4, complaints 61 → 70,\nfrogs 2 → 300."
    [".md", ".txt"].each { |ending| expect(Peony::Notes.parse(letter, ending).blocks.map { |b| [b.type, b.text] }).to eq([["paragraph", letter.tr("\n", " ")]]) }
    answers = "The mystery shelf was borrowed most, 812 times. Cookery followed with\n644. Then came gardening with 590, and poetry with 12."
    expect(values("ranking", answers)).to eq([812, 644, 590, 12])
    lines = "Saturday morning we meet at the mill and walk to the weir\nSaturday night there is soup for all in the boat house\nSunday morning we scrub the decks"
    expect(Peony::Notes::Text.read(lines).blocks.size).to eq(3)
  end

  it "leaves out what somebody did beside what is to be done" do
    expect(titles("sequence", "Boil the water and warm the pot. Put in the leaves. Pour the water on. Wait four minutes. Mr Teal brought cake.").size).to eq(4)
    expect(titles("decision", "If the jar is cracked, throw it away. If the lid is wet, dry it. If both are fine, fill it. Mr Teal brought cake.")).not_to include(/Teal/)
  end
end
