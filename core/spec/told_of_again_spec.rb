# frozen_string_literal: true

# Those whom one sentence names, and what later sentences tell of them; which of two values is the earlier one.
RSpec.describe "What is told of again" do
  def found(family, words) = Peony::Reading::Finder.members.fetch(family).new(Peony::Reading::Text.new(Peony::Notes::Passage.whole(Peony::Notes::Text.read(words)))).find&.named
  def tree(items) = items.to_h { |i| [i.title, tree(i.children)] }

  it "puts people right below whom they report to, and theirs below them" do
    words = "Ms Oyelaran is the director. Two people report to her: Bo for visitors and Ines for the building. Bo has six guides, Ines has two millers."
    expect(tree(found("hierarchy", words).items)).to eq("Ms Oyelaran is the director" => { "Bo for visitors" => { "Six guides" => {} }, "Ines for the building" => { "Two millers" => {} } })
  end

  it "finds a head again that was named before" do
    words = "Ms Oyelaran is the director. Reporting to her are the head of collections, the head of education and the head of operations. " \
            "The head of operations is responsible for the shop, the café and security."
    heads = found("hierarchy", words).items.first.children
    expect(heads.map { |h| [h.title, h.children.size] }).to eq([["The head of collections", 0], ["The head of education", 0], ["The head of operations", 3]])
  end

  it "keeps a heading over signs with what stands below them" do
    document = Peony::Notes::Text.read("Getting here\n\nTake the bus, it stops at the gate of the mill.\n\nWhat visitors liked\n\n+ the big wheel\n+ our guides\n- the toilets\n")
    expect(document.blocks.map { |b| [b.type, b.text] }.drop(2)).to eq([["heading", "What visitors liked"], %w[paragraph +], ["item", "the big wheel"], ["item", "our guides"],
                                                                        %w[paragraph -], ["item", "the toilets"]])
  end

  it "does not take people for what was measured before them" do
    text = Peony::Reading::Text.new(Peony::Notes::Passage.whole(Peony::Notes::Text.read("The water is 24 degrees. There were 140 a week, and now 60 come.")))
    expect(text.quantities.map(&:unit)).to eq(["degrees", "", ""])
  end
end
