# frozen_string_literal: true

RSpec.describe Peony::Notes do
  def shape(document) = document.blocks.map { |b| [b.type, b.level, b.text] }

  describe Peony::Notes::Text do
    it "parts paragraphs, joins wrapped lines, and sees lists with their depth" do
      document = described_class.read("Safety\n\nRed light\nonly.\n\n- Hands on the rail\n  - both of them\n- Nobody under the slit\n")
      expect(shape(document)).to eq [["heading", 1, "Safety"], ["paragraph", nil, "Red light only."], ["item", 0, "Hands on the rail"], ["item", 1, "both of them"],
                                     ["item", 0, "Nobody under the slit"]]
    end

    it "keeps numbered steps as ordered, in every common numbering" do
      ["1. Open\n2. Close", "1) Open\n2) Close", "a) Open\nb) Close"].each do |text|
        expect(described_class.read(text).blocks).to all(have_attributes(type: "item", ordered: true))
      end
    end

    it "takes labelled lines for entries, and the line above them for their heading" do
      expect(shape(described_class.read("Tram museum: how we got here\n1931 – the horse tram is retired\n1958: line closes\nMay 1974 – volunteers rescue a car")))
        .to eq [["heading", 2, "Tram museum: how we got here"], ["item", 0, "1931 – the horse tram is retired"], ["item", 0, "1958: line closes"],
                ["item", 0, "May 1974 – volunteers rescue a car"]]
    end

    it "does not take a wrapped paragraph for entries" do
      text = "It was late when we came up the hill, and nobody had thought\nof bringing a lamp: so we sat down by the wall and waited for\nthe cloud to part, which it did not."
      expect(described_class.read(text).blocks.map(&:type)).to eq ["paragraph"]
    end

    it "knows where each block stands in the file" do
      text = "Title\n\n  - one thing\n  - another thing\n"
      described_class.read(text).blocks.each { |block| expect(text[block.at, block.text.length]).to eq block.text }
    end

    it "does not take a sentence for a heading" do
      expect(described_class.read("It rained.\n\nWe stayed inside for a long time.").blocks.first.type).to eq "paragraph"
    end

    it "holds odd text without harm" do
      ["", "\n\n\n", "-", "* ", "(" * 5000, "a\u0300" * 2000].each { |text| expect(described_class.read(text).blocks).to be_an(Array) }
    end
  end

  describe Peony::Notes::Markdown do
    let(:document) { described_class.read("# Handbook\n\nRed **light** only, see [the rules](https://quillmere.example).\n\n1. Open\n2. Close\n   - gently\n\n> Mind the step\n") }

    it "keeps headings, lists, numbering and quotes in reading order" do
      expect(shape(document)).to eq [["heading", 1, "Handbook"], ["paragraph", nil, "Red light only, see the rules."], ["item", 0, "Open"], ["item", 0, "Close"],
                                     ["item", 1, "gently"], ["quote", nil, "Mind the step"]]
      expect(document.blocks[2].ordered).to be true
    end

    it "turns bold and links into marks over the plain words" do
      block = document.blocks[1]
      expect(block.marks.map { |from, to, kind, *| [block.text[from...to], kind] }).to eq [["light", "strong"], ["the rules", "link"]]
      expect(block.marks.last.last).to eq "https://quillmere.example"
    end

    it "reads the rows of a table as entries" do
      rows = described_class.read("| Scope | Weight | Price |\n|---|---|---|\n| Pocket | 4 kg | £12 |\n").blocks
      expect(rows.map(&:text)).to eq ["Pocket: Weight 4 kg, Price £12"]
    end
  end

  describe Peony::Notes::Decoding do
    it "reads UTF-8, UTF-16 and Windows-1252, with and without byte order marks" do
      expected = "Café £5 “now”"
      [expected.b, "\xEF\xBB\xBF".b + expected.b, "\xFF\xFE".b + expected.encode("UTF-16LE").b, "\xFE\xFF".b + expected.encode("UTF-16BE").b,
       expected.encode("Windows-1252").b].each { |bytes| expect(described_class.text(bytes)).to eq expected }
    end

    it "refuses what is not text, and what is too long, in plain words" do
      expect { described_class.text("\x00\x01\x02PK".b) }.to raise_error(Peony::Error, /does not hold text/)
      expect { described_class.text("a" * ((5 * 1024 * 1024) + 1)) }.to raise_error(Peony::Error, /longer than 5 MB/)
    end
  end

  it "says what to bring when a file is of another kind" do
    expect { described_class.parse("x", ".xyz") }.to raise_error(Peony::Error) { |e| expect(e.full).to include(".md") }
    expect { described_class.open("/nowhere/at-all.txt") }.to raise_error(Peony::Error, /no file/)
  end

  describe Peony::Notes::Passage do
    let(:document) { Peony::Notes::Markdown.read("# One\n\nFirst words.\n\n## Two\n\n- a thing\n- b thing\n\nAfter the list.\n") }
    let(:passages) { Peony::Reading::Passages.of(document) }

    it "cuts at headings, and keeps a short remark with its list" do
      expect(passages.map { |p| [p.heading, p.text] }).to eq [["One", "First words."], ["Two", "a thing\nb thing\nAfter the list."]]
    end

    it "is known by heading, words and how they stand" do
      again = Peony::Reading::Passages.of(Peony::Notes::Markdown.read("# One\n\nFirst words.\n\n## Two\n\n- a thing\n- b thing\n\nAfter the list!\n"))
      kept = passages.to_h { |p| [p.key, p.heading] }
      expect(again.map { |p| kept[p.key] }).to eq(["One", nil])
      part = described_class.new(passages[0].blocks, heading: "One", part: true)
      expect([kept[part.key], kept[described_class.new(passages[0].blocks, heading: "Another").key]]).to eq([nil, nil])
      expect(passages[1].length).to eq(passages[1].text.length)
    end

    it "refers to characters of blocks, also across them" do
      refs = passages[1].refs(2, 12)
      texts = refs.map { |r| document.blocks.find { |b| b.id == r["block"] }.text[r["start"]...r["end"]] }
      expect(texts).to eq ["thing", "b th"]
    end

    it "reads only what a person marked, and counts from the block's beginning" do
      block = document.blocks.find { |b| b.text == "First words." }
      marked = described_class.marked(document, [{ "block" => block.id, "start" => 6, "end" => 11 }])
      expect(marked.text).to eq "words"
      expect(marked.refs(0, 5)).to eq [{ "block" => block.id, "start" => 6, "end" => 11 }]
    end
  end
end
