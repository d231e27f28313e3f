# frozen_string_literal: true

RSpec.describe Peony::Reading::Item do
  def item = described_class.new(spans: [], children: [], aspects: [])

  it "is named when somebody asks, once, in the order in which it was told" do
    calls = []
    made = item.naming { |i| i.title = "Mill" and calls << 1 }.naming { |i| i.detail = "#{i.title} on the brook" and calls << 2 }
    expect(calls).to be_empty
    expect(made.detail).to eq("Mill on the brook")
    expect(made.title).to eq("Mill")
    expect(calls).to eq([1, 2])
  end

  it "names what is below it too" do
    parent = item.naming { |i| i.title = "River" }
    parent.children = [item.naming { |i| i.title = "Brook" }]
    expect(parent.named.children.first.to_h[:title]).to eq("Brook")
  end

  it "gives the same name to all who ask at once" do
    made = item.naming do |i|
      sleep 0.05
      i.title = "Mill"
    end
    expect(Array.new(8) { Thread.new { made.title } }.map(&:value)).to all(eq("Mill"))
  end

  it "can be asked again after it could not be named" do
    tries = 0
    made = item.naming { |i| (tries += 1) == 1 ? raise("no") : i.title = "Mill" }
    expect { made.title }.to raise_error("no")
    expect(made.title).to eq("Mill")
  end
end
