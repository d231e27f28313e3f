# frozen_string_literal: true

# Which figure leads where causes hang on each other, and where they stand side by side.
RSpec.describe Peony::Figures::Linked do
  def first_form(words)
    reading = Peony::Reading.of(Peony::Notes::Text.read(words))
    Peony::Figures::Proposals.for(reading, family: "cause").first.form
  end

  let(:chain) do
    "Why the boats ground: the reeds were cut, and silt came down. The silt fills the basin. In a full basin the keels touch. A keel that touches is a hole by the autumn."
  end

  let(:reasons) do
    "Why is the choir so quiet? Benno has left, and he was half the basses. The new hall eats every sound. Rehearsals clash with the football. The conductor waves too small."
  end

  it "sees links that take up what the one before them says, and none in reasons for one thing" do
    items = lambda do |words|
      reading = Peony::Reading.of(Peony::Notes::Text.read(words))
      Peony::Figures.items(Peony::Figures::Proposals.items(reading.finding("cause"), reading.passage))
    end
    expect(described_class.share(items[chain])).to be > described_class.share(items[reasons])
    expect(described_class.share([])).to eq(0.0)
  end

  it "draws a chain with arrows from one to the next, and reasons side by side without" do
    expect([first_form(chain), first_form(reasons)]).to match(["cause-chain", /fish-bone|roots|iceberg/])
  end

  it "makes every reason a root, none of them what the others bring" do
    reading = Peony::Reading.of(Peony::Notes::Text.read("Why bread is dearer\n\n- Flour costs a third more\n- Ovens need gas\n- The minimum wage went up\n- Rent doubled"))
    roots = Peony::Figures::Proposals.for(reading, family: "cause", most: 40).find { |p| p.form == "roots" }
    texts = Peony::Scene::Picture.new(nodes: roots.drawing.nodes).texts.select { |t| t.lines.first.first.match?(/Flour|Ovens|minimum|Rent/) }
    expect(texts.map { |t| t.lines.first.last }.minmax.reduce(:-).abs).to be < 1
  end

  it "says no label twice" do
    reading = Peony::Reading.of(Peony::Notes::Text.read("## Members\n\nIn December there were 120 members, in January 140, in February 155 and in March 170."))
    ladder = Peony::Figures::Proposals.for(reading, family: "trend").find { |p| p.form == "step-ladder" }
    words = Peony::Paint::SVG.fragment(ladder.drawing.nodes).scan(/>\s*December\s*</)
    expect(words.size).to eq(1)
  end
end
