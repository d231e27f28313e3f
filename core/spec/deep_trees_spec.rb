# frozen_string_literal: true

# Trees of four levels and more, in boxes as small as those of a sheet of proposals.
RSpec.describe "Deep trees" do
  include WordsRead

  let(:words) do
    "Over everything stands the trust, which meets in the barn. It chooses a head grower, at present Signe Holt. Three people answer to her. " \
      "The seed warden looks after the cold frames and the drying loft. " \
      "Under the water warden come the pumps, the butts and a boy who knows where the leaks are. The shop is Corrie's, with two helpers and the till."
  end
  let(:reading) { read(words) }

  [[380, 320], [420, 300], [560, 420]].each do |width, height|
    it "are offered as trees in #{width} by #{height}, with nothing cut" do
      proposals = Peony::Figures::Proposals.for(reading, width: width, height: height)
      trees = proposals.select { |p| %w[tree-down tree-right nested-boxes].include?(p.form) }
      expect(trees.size).to eq(3)
      expect(trees.flat_map { |p| p.drawing.cuts }).to be_empty
      expect(proposals.first.form).to start_with("tree")
    end
  end

  it "tell in a flat form what first parts" do
    cards = Peony::Figures::Proposals.for(reading, width: 560, height: 420).find { |p| p.form == "cards" }
    walk = ->(node) { node.is_a?(Peony::Scene::Group) ? node.children.flat_map(&walk) : [node] }
    said = cards.drawing.nodes.flat_map(&walk).grep(Peony::Scene::Text).flat_map(&:lines).map(&:first).join(" ")
    expect(said).to include("Seed warden", "Water warden", "Corrie")
  end
end
