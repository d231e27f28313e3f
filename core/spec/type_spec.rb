# frozen_string_literal: true

RSpec.describe Peony::Type do
  let(:font) { Peony::Type::Fonts.get("Hanken Grotesk", 400) }

  describe Peony::Type::Font do
    it "measures in proportion to the size" do
      expect(font.width("Quillmere", 32)).to be_within(0.001).of(font.width("Quillmere", 16) * 2)
    end

    it "knows kerning: a pair is narrower than its letters" do
      expect(font.width("AV", 100)).to be < font.width("A", 100) + font.width("V", 100)
    end

    it "measures nothing as nothing" do
      expect(font.width("", 16)).to eq 0
    end

    it "makes a subset that holds the letters asked for and is far smaller" do
      subset = font.subset("Łódź")
      Dir.mktmpdir do |dir|
        path = File.join(dir, "subset.ttf")
        File.binwrite(path, subset)
        small = described_class.new("Subset", 400, path)
        expect(small.width("Łódź", 16)).to be_within(0.01).of(font.width("Łódź", 16))
        expect(subset.bytesize).to be < File.size(font.path) / 2
      end
    end

    it "gives the nearest weight, and names the families for an unknown one" do
      expect(Peony::Type::Fonts.get("Bitter", 700).weight).to eq 600
      expect { Peony::Type::Fonts.get("Nobody", 400) }.to raise_error(Peony::Error, /Nobody/)
    end

    it "is safe to use from several threads" do
      widths = Array.new(8) { Thread.new { Array.new(200) { |i| font.width("word #{i}", 16) } } }.map(&:value)
      expect(widths.uniq.size).to eq 1
    end
  end

  describe Peony::Type::Breaking do
    let(:text) { "Point the main tube at a lamp at least 400 m away and centre it" }

    it "keeps an amount on one line" do
      ["Up to 1950 €", "Up to 3 250 €", "Up to 42 %"].each do |text|
        amount = text[/\d.*/]
        expect(described_class.lines(text, font, 16, font.width(amount, 16) + 1)).to include(amount)
      end
      expect(described_class.lines("In May 120 guests", font, 16, font.width("guests", 16) + 1)).to include("120", "guests")
    end

    it "never makes a line wider than the width, and loses no word" do
      [60, 90, 140, 300].each do |width|
        lines = described_class.lines(text, font, 16, width)
        expect(lines.map { |line| font.width(line, 16) }.max).to be <= width + 0.5
        expect(lines.join(" ")).to eq text
      end
    end

    it "says so when a word alone is too wide" do
      expect(described_class.lines("Wiederverwertungsgenossenschaft", font, 16, 60)).to be_nil
    end

    it "parts a long word with hyphens when it must" do
      lines = described_class.lines("Wiederverwertungsgenossenschaft", font, 16, 60, hard: true)
      expect(lines.size).to be > 2
      expect(lines[0..-2]).to all(end_with("-"))
      expect(lines.map { |l| l.delete_suffix("-") }.join).to eq "Wiederverwertungsgenossenschaft"
    end

    it "leaves three letters at least to the last line of a parted word" do
      whole = described_class.lines("administration", font, 16, 400).first
      room = font.units("administratio-") * 16.0 / font.upem
      lines = described_class.lines(whole, font, 16, room + 0.1, hard: true)
      expect(lines.last).to eq("ion")
      expect(lines.map { |l| l.delete("-") }.join).to eq("administration")
    end

    it "may break after a slash or hyphen inside a word" do
      lines = described_class.lines("Self-evaluation/peer-review", font, 16, 110)
      expect(lines.size).to be > 1
      expect(lines.join).to eq "Self-evaluation/peer-review"
    end

    it "balances titles: the same number of lines, the last one not a scrap" do
      greedy = described_class.lines("One clear week brought a third of the year’s guests to us", font, 30, 560)
      even = described_class.balanced("One clear week brought a third of the year’s guests to us", font, 30, 560)
      expect(even.size).to eq greedy.size
      expect(font.width(even.last, 30)).to be >= font.width(greedy.last, 30)
    end

    it "keeps a no-break space together" do
      expect(described_class.lines("about 400\u00A0m away", font, 16, 70)).to include(a_string_including("400\u00A0m"))
    end
  end

  describe Peony::Type::Composing do
    it "shortens at a clause with an ellipsis and remembers it" do
      long = "at a lamp at least four hundred metres away, on the far side of the reservoir, where nothing else shines at all"
      cut = described_class.cut(long, font, 14, 150, 3)
      expect(cut.lines.size).to be <= 3
      expect(cut.cut).to be true
      expect(cut.lines.last).to end_with("…")
      expect(long).to start_with(cut.lines.join(" ").delete_suffix("…"))
    end

    it "leaves alone what fits" do
      expect(described_class.cut("short", font, 14, 150, 2)).to have_attributes(lines: ["short"], cut: false)
    end

    it "gives no lines where there is no room for one" do
      expect(described_class.cut("short", font, 14, 150, 0)).to have_attributes(lines: [], cut: true)
    end
  end
end
