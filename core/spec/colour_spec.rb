# frozen_string_literal: true

RSpec.describe Peony::Colour do
  let(:mixing) { Peony::Colour::Mixing }
  let(:random) { Random.new(7) }

  def any_colour = format("#%06x", random.rand(0x1000000))

  it "goes to OKLCH and back within a rounding step" do
    200.times do
      hex = any_colour
      back = Peony::Colour::OKLCH.to_hex(*Peony::Colour::OKLCH.from_hex(hex))
      pairs = [hex, back].map { |h| h.delete("#").scan(/../).map(&:hex) }
      expect(pairs.transpose.map { |a, b| (a - b).abs }.max).to be <= 1
    end
  end

  it "puts white at lightness 1 and black at 0" do
    expect(Peony::Colour::OKLCH.from_hex("#ffffff").first).to be_within(0.001).of(1)
    expect(Peony::Colour::OKLCH.from_hex("#000000").first).to be_within(0.001).of(0)
  end

  it "brings a colour outside sRGB inside it by taking chroma away" do
    expect(Peony::Colour::OKLCH.to_hex(0.7, 0.5, 150)).to match(/\A#[0-9a-f]{6}\z/)
  end

  it "measures contrast as WCAG does" do
    expect(mixing.contrast("#000000", "#ffffff")).to be_within(0.01).of(21)
    expect(mixing.contrast("#777777", "#ffffff")).to be_within(0.01).of(4.48)
  end

  it "finds an ink of 4.5:1 on every ground" do
    300.times do
      ground = any_colour
      expect(mixing.contrast(mixing.ink_on(ground, [any_colour]), ground)).to be >= 4.5
    end
  end

  it "moves a colour until it reads, and keeps its hue" do
    100.times do
      ground = any_colour
      expect(mixing.contrast(mixing.legible(any_colour, ground), ground)).to be >= 4.5
    end
    moved = mixing.legible("#e9a6c0", "#ffffff")
    expect(Peony::Colour::OKLCH.from_hex(moved)[2]).to be_within(12).of(Peony::Colour::OKLCH.from_hex("#e9a6c0")[2])
  end

  it "tints from the ground to the colour" do
    expect(mixing.tint("#2f4b7c", "#ffffff", 0)).to eq "#ffffff"
    expect(mixing.tint("#2f4b7c", "#ffffff", 1)).to eq "#2f4b7c"
    lights = [0.2, 0.5, 0.8].map { |share| mixing.luminance(mixing.tint("#2f4b7c", "#ffffff", share)) }
    expect(lights).to eq lights.sort.reverse
  end

  describe Peony::Style do
    it "ships styles that name every role and legible inks" do
      described_class.all.each_value do |house|
        expect(house.roles.keys).to match_array(Peony::Style::ROLES)
        %w[ink ink-2].each { |role| expect(mixing.contrast(house.colour(role), house.colour("surface"))).to be >= 4.5, "#{house.name} #{role}" }
        expect(mixing.contrast(house.colour("ink-2"), house.colour("surface-2"))).to be >= 4.5
      end
    end

    it "stays legible on any page ground, whatever a person sets" do
      described_class.all.each_value do |house|
        40.times do
          other = house.with(roles: { "ink" => any_colour, "accent-1" => any_colour }).on(any_colour)
          ground = other.colour("surface")
          %w[ink ink-2 accent-1].each { |role| expect(mixing.contrast(other.ink(ground, role: role), ground)).to be >= 4.5 }
        end
      end
    end

    it "finds a style whatever its case, and names what there is otherwise" do
      expect(described_class.fetch("dome").name).to eq "Dome"
      expect { described_class.fetch("Plaid") }.to raise_error(Peony::Error) { |e| expect(e.full).to include("Dome") }
    end
  end
end
