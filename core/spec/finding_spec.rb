# frozen_string_literal: true

RSpec.describe Peony::Reading::Finding do
  def item(title) = Peony::Reading::Item.new(title: title, detail: "", spans: [], children: [], aspects: [])

  def later(sizes, items, calls = [])
    described_class.later(family: "list", fit: 0.4, sizes: sizes) { calls << 1 and [items, "#{items.size} things side by side"] }
  end

  it "works its items out once, when somebody asks" do
    calls = []
    made = later(2.., [item("Mill"), item("Brook")], calls)
    expect([made.put_off?, calls]).to eq([true, []])
    expect([made.reason, made.items.map(&:title), made.put_off?]).to eq(["2 things side by side", %w[Mill Brook], false])
    expect(calls).to eq([1])
  end

  it "is short where its items make no figure" do
    expect([later(3.., [item("Mill")]).short?, later(2..3, [item("Mill")] * 4).short?, later(2..3, [item("Mill")] * 3).short?]).to eq([true, true, false])
    expect(described_class.new(family: "list", fit: 0.4).short?).to be true
  end

  it "shows no family whose items turned out too few" do
    words = "The swan came. It was a good year for reeds, says the warden, who counts them by hand. Nobody knows why."
    Peony::Reading.of(Peony::Notes::Text.read(words)).findings.each { |f| expect(f.items.size).to be >= 2 }
  end
end
