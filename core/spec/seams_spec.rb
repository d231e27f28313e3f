# frozen_string_literal: true

RSpec.describe Peony::Reading::Seams do
  include WordsRead

  def joints(words) = text(words).then { |t| t.sentences.flat_map { |s| described_class.joints(s).map(&:kind) } }
  def parts(words, family) = described_class.parts(text(words), family).map(&:text)

  it "finds the joints of a sentence and what kind each is" do
    expect(joints("Rain fell all night, and the moss drank it; then it ran off, which was new.")).to eq %i[comma_and semicolon comma_who]
    expect(joints("Is it red? Stop there, if you can, but go slowly.")).to eq %i[comma comma_but]
    expect(joints("One, two and three.")).to eq []
  end

  it "parts a chain of statements, and leaves a sentence that says one thing" do
    expect(parts("Rain soaks into the moss, the moss lets it down into the burn, and the burn carries it to the sea.", "cycle").size).to be >= 2
    expect(parts("The old mill by the weir grinds on Saturdays.", "cycle")).to eq ["The old mill by the weir grinds on Saturdays."]
  end

  it "parts orders in a row" do
    words = "Check for a tag, ring the number on it, keep him on a lead in the shade, and take him to Mrs Bray."
    expect(parts(words, "sequence").size).to be >= 3
  end

  # Whatever the words, nothing is lost, nothing is said twice, and the parts keep their places.
  it "keeps every word in its place, whatever the punctuation" do
    random = Random.new(3)
    words = %w[rain moss burn sea carries falls runs lifts the a and but then which who if it they cold slowly again]
    marks = [", ", "; ", " and ", ", and ", " ", ": ", " – ", "? ", ". ", ", which ", ", so "]
    60.times do
      string = Array.new(6 + random.rand(40)) { words.sample(random: random) + marks.sample(random: random) }.join.strip
      seen = text(string)
      %w[cycle list decision].each do |family|
        spans = described_class.parts(seen, family)
        expect(spans.each_cons(2).all? { |a, b| a.to <= b.from }).to be true
        expect(spans.all? { |s| seen.string[s.from...s.to] == s.text }).to be true
        kept = spans.sum { |s| s.text.scan(/[[:alpha:]]+/).size }
        left = string.scan(/[[:alpha:]]+/).size - kept
        # Only joining words may fall between two parts.
        expect(left).to be <= (spans.size - 1) * 3
      end
    end
  end

  it "gives up on what is no sentence" do
    words = "#{'the burn carries it down, and ' * 300}ends."
    expect(joints(words).size).to eq described_class::MOST
    expect(parts(words, "cycle").join).to include("ends.")
  end
end
