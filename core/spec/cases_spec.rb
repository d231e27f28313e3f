# frozen_string_literal: true

# What is asked, and in which case what is done.
RSpec.describe Peony::Reading::Cases do
  include WordsRead

  def told(words) = text(words).then { |t| described_class.of(t, t.sentences.first) }

  {
    "With a note half is paid back." => ["Half is paid back", "With a note"],
    "If so, close the gates and ring the warden." => ["Close the gates and ring the warden", "If so"],
    "Without one it comes down on the next dry day." => ["Comes down on the next dry day", "Without one"],
    "If it could, the ranger knocks on it." => ["Ranger knocks on it", "If it could"],
    "When it sounds hollow, somebody looks for nests." => ["Somebody looks for nests", "When it sounds hollow"],
    "A light one still lets us use the courtyard." => ["Lets us use the courtyard", "A light one"],
    "Those without a name are kept in the drawer." => ["Kept in the drawer", "Those without a name"],
    "Boats are given ten minutes and a horn." => ["Given ten minutes and a horn", "Boats"],
    "No boats, and all three gates go up at once." => ["All three gates go up at once", "No boats"],
    "An east wind holds the sea back, so he opens one gate." => ["Opens one gate", "An east wind holds the sea back"],
    "A dull one means there's a crack." => ["There's a crack", "A dull one"],
    "When it's from somebody else we shake it." => ["We shake it", "When it's from somebody else"],
    "Up to two weeks ago we pay." => ["We pay", "Up to two weeks ago"],
    "The first thing we ask is whether it could fall on anybody." => ["It could fall on anybody", "The first thing we ask is whether it could fall on anybody"],
    "He looks over the wall to see if the water is above the ring." => ["The water is above the ring", "He looks over the wall to see if the water is above the ring"],
    "Ask if they still have the jar." => ["Ask if they still have the jar", ""]
  }.each do |words, wanted|
    it("parts #{words}") { expect(told(words)).to eq(wanted) }
  end

  it "leaves alone what tells of no case" do
    ["The pots are all alike.", "Is it bone dry?", "Weekday: on the lead, in the garden only."].each { |words| expect(told(words)).to be_nil, words }
  end

  it "says a question once" do
    items = found("decision", "Is the river above the red mark? If so, close the gates. If not, is there ice on the bridge? With ice, scatter grit. Without it, the path stays open.").items
    expect(items.map { |i| [i.title, i.detail] }).to include(["Is the river above the red mark?", ""], ["Close the gates", "If so"], ["Path stays open", "Without it"])
  end

  it "puts the case over what is done, and each question before its ends" do
    words = "Whether a tree is felled is no longer left to the saw. The first thing we ask is whether it could fall on anybody. Trees that could not may die as slowly as they like. " \
            "If it could, the ranger knocks on it. When it sounds hollow, somebody looks for nests, and with a nest in it the tree is fenced off until August. " \
            "Without one it comes down on the next dry day."
    items = Peony::Figures.items(Peony::Figures::Proposals.items(found("decision", words), text(words).passage))
    drawing = Peony::Figures.draw("flow-down", items, house: Peony::Style.fetch("Dome"), width: 900, height: 700, heading: nil)
    walk = ->(node) { node.is_a?(Peony::Scene::Group) ? node.children.flat_map(&walk) : [node] }
    lines = drawing.nodes.flat_map(&walk).grep(Peony::Scene::Text).flat_map(&:lines).to_h { |line, _, y| [line, y] }
    expect(lines.keys).to include("Without one", "Comes down on the next dry day")
    expect(lines["Without one"]).to be < lines["Comes down on the next dry day"]
  end
end
