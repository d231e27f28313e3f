# frozen_string_literal: true

RSpec.describe Peony::Figures::Mood do
  let(:reader) { Class.new { include Peony::Figures::Mood }.new }

  def mood(words) = reader.send(:told_mood, words)

  it "takes feelings at their word" do
    ["They are relieved to find half the altos cannot read music.", "The test ride wins them over.", "Most of them write a nice review.", "Curious, with bags"]
      .each { |w| expect(mood(w)).to be > 0.4, w }
    ["On the website they are overwhelmed by the choice.", "Delivery makes them impatient.", "Nervous at the door", "Everybody cried."]
      .each { |w| expect(mood(w)).to be < -0.4, w }
  end

  it "turns what is denied, and leans only a little where nothing is said outright" do
    expect(mood("He is not afraid any more.")).to be > 0
    expect(mood("Form and parking").abs).to be <= 0.4
    expect(mood("")).to eq 0
  end
end
