# frozen_string_literal: true

RSpec.describe "Ways that part" do
  let(:house) { Peony::Style.fetch("Dome") }

  def told(words) = Peony::Reading.of(Peony::Notes::Text.read(words))

  def drawn(words, form, width: 760, height: 460)
    items = Peony::Figures::Proposals.for(told(words), width: 700, height: 460, most: 20, family: "decision").find { |p| p.form == form }.items
    Peony::Scene::Picture.new(nodes: Peony::Figures.draw(form, items, house: house, width: width, height: height).nodes)
  end

  boat = "Ask if you have been with us a year. If not, somebody comes along. If you have, look at the flag: red means stay, green means go. Under a yellow flag ask Ken. " \
         "Anything bigger than a punt needs his key."

  it "take what is asked or looked at for a question, and draw a flow before a row of cards" do
    forms = Peony::Figures::Proposals.for(told(boat), width: 700, height: 460, most: 8).map(&:form)
    expect(forms.first(2)).to include("flow-down")
    items = told(boat).items
    expect(items.map { |i| Peony::Figures::Branches.asks?(i) }).to eq([true, false, true, false, false, false, false])
  end

  it "give a question with many exits more of the height, so that no word is small" do
    expect(drawn(boat, "flow-down").texts.map(&:size).min).to be >= 13
  end

  it "keep every exit within the figure, whatever the box" do
    [[600, 400], [760, 460], [1080, 1350], [800, 1400]].each do |width, height|
      drawn(boat, "flow-down", width: width, height: height).texts.flat_map(&:lines).each do |_, _, y|
        expect(y).to be_between(0, height)
      end
    end
  end
end
