# frozen_string_literal: true

# Lines that people type below each other in Markdown files without the signs that Markdown asks for.
RSpec.describe Peony::Notes::TypedLines do
  def blocks(words) = Peony::Notes.parse(words, ".md").blocks.map { |b| [b.type, b.text] }

  it "reads rows of years and numbers below a heading as entries" do
    expect(blocks("# Pottery\n\n## Pupils\n\n2019 46\n2020 18\n2021 31\n")).to eq([%w[heading Pottery], %w[heading Pupils], ["item", "2019 46"], ["item", "2020 18"], ["item", "2021 31"]])
  end

  it "keeps a line that leads its rows, and what it says" do
    told = blocks("## Who pays\n\nPrice 8,400 euros\nsavings 3,900\nthe parish 2,000\nsale of pots 1,500\n")
    expect(told.first(3)).to eq([["heading", "Who pays"], ["paragraph", "Price 8,400 euros"], ["item", "savings 3,900"]])
  end

  it "knows a new head behind the entries of the one before" do
    words = "Ground floor:\n- bread\n- vegetables\nFirst floor:\n- toys\n- paper\n"
    expect(Peony::Reading.of(Peony::Notes.parse(words, ".md")).findings.map(&:family)).to include("hierarchy")
    expect(blocks("1. Ground floor\n1.1 bread\n1.2 vegetables\n2. First floor\n2.1 toys\n").map(&:last)).to eq(["Ground floor", "bread", "vegetables", "First floor", "toys"])
  end

  it "makes a table of rows between tabs" do
    document = Peony::Notes.parse("# Kiln\n\nmonth\tfirings\tbroken\nMay\t6\t14\nJune\t8\t11\n", ".md")
    expect(document.tables.map { |t| [t.columns, t.rows] }).to eq([[%w[month firings broken], [%w[May 6 14], %w[June 8 11]]]])
  end

  it "leaves paragraphs, lists and marks that are Markdown as they are" do
    prose = "The kiln is from 1987 and tired, and half of last winter's firings went wrong\nbecause the door no longer closes and nobody trusts the thermometer any more.\n"
    expect(blocks(prose)).to eq([["paragraph", prose.tr("\n", " ").strip]])
    expect(blocks("- bread that goes\n  on in a second line\n- vegetables\n")).to eq([["item", "bread that goes on in a second line"], %w[item vegetables]])
    marked = Peony::Notes.parse("**Load** it\nand *wait*\n", ".md").blocks
    expect([marked.size, marked.first.marks.map { |m| m[2] }]).to eq([1, %w[strong em]])
  end
end
