# frozen_string_literal: true

require_relative "../training/regression"

# The fit itself: small problems of which the answer is known.
RSpec.describe Regression do
  def chances(weights, signs)
    sums = weights.transform_values { |own| signs.sum { |name, value| own.fetch(name, 0.0) * value } }
    raised = sums.transform_values { |v| Math.exp(v) }
    raised.transform_values { |v| v / raised.values.sum }
  end

  let(:rows) do
    Array.new(60) do |i|
      name = %w[sea hill town][i % 3]
      [{ "bias" => 1.0, name => 1.0, "noise#{i % 7}" => 1.0 }, { name => 1.0 }]
    end
  end

  it "learns which sign speaks for which name" do
    weights = described_class.multinomial(rows, %w[sea hill town], penalty: 0.01)
    %w[sea hill town].each { |name| expect(chances(weights, "bias" => 1, name => 1).max_by(&:last).first).to eq(name) }
    expect(chances(weights, "bias" => 1, "sea" => 1)["sea"]).to be > 0.9
  end

  it "holds weights back the more, the heavier the penalty" do
    light, heavy = [0.01, 1.0].map { |penalty| described_class.multinomial(rows, %w[sea hill town], penalty: penalty)["sea"]["sea"] }
    expect(light).to be > heavy
    expect(heavy).to be > 0
  end

  it "comes to the shares of the rows where there is nothing but the bias" do
    plain = Array.new(40) { |i| [{ "bias" => 1.0 }, { (i < 30 ? "yes" : "no") => 1.0 }] }
    weights = described_class.multinomial(plain, %w[yes no], penalty: 0.5)
    expect(chances(weights, "bias" => 1)["yes"]).to be_within(0.005).of(0.75)
  end

  it "tells yes from no with one weight a sign" do
    weights = described_class.binary(Array.new(20) { |i| [{ "bias" => 1.0, (i.even? ? "wet" : "dry") => 1.0 }, { "yes" => i.even? ? 1.0 : 0.0 }] }, penalty: 0.01)
    expect(weights["wet"] + weights["bias"]).to be > 1
    expect(weights["dry"] + weights["bias"]).to be < -1
  end

  it "learns what is chosen among several" do
    choices = Array.new(30) { |i| [[{ "short" => 1.0, "a#{i % 3}" => 1.0 }, true], [{ "long" => 1.0 }, false], [{ "a#{i % 3}" => 1.0 }, false]] }
    weights = described_class.choice(choices, penalty: 0.01)
    expect(weights["short"]).to be > weights["long"]
    expect(weights["short"]).to be > 1
  end
end
