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

  describe "in a figure" do
    let(:stage) { Struct.new(:id, :title, :detail) }

    def moods(*words)
      list = words.each_with_index.map { |told, i| stage.new(i, told, "") }
      figure = Class.new { include Peony::Figures::Mood }.new
      figure.define_singleton_method(:items) { list }
      list.map { |item| figure.send(:mood, item) }
    end

    it "looks on calmly where nobody is said to feel anything" do
      expect(moods("You get to know the water", "You learn to breathe out under water", "Week 3 is for the legs", "You swim your first ten metres").map(&:abs)).to all(be < 0.08)
    end

    it "tells moods against each other where one is told" do
      glad, sorry = moods("They are relieved", "They are overwhelmed by the choice")
      expect(glad).to be > 0.6
      expect(sorry).to be < -0.6
    end
  end
end
