# frozen_string_literal: true

require_relative "../training/corpus"

# Words, turns of phrase and signs thrown together: whatever comes of it, it is read.
RSpec.describe "Odd words" do
  said = Corpus.all.each_slice(40).flat_map { |list| list.first.text.split(/(?<=[ ,;:.])/) }
  turns = ["Under her are ", "is led by ", "has ", ", who heads ", "reports to ", "At the top is ", "(", ")", ": ", "; ", "three kinds", "divided into ",
           "may be ", "\n- ", "\n- – ", "\n\n", " | ",
           "”", "“", "– ", "Reporting to ", "one for ", "...", "’s ", "A ", "in all ", "%", "€1.9 million ", "of which ", "\n| a | b |\n|---|---|\n| ", "from 9.30 to 15.00 ", "half of "]

  it "reads entries that begin with a dash, and sentences without a word" do
    expect(Peony.read("Farm\n- – At the top is 81\n- bought too\n- , who heads it\n").findings).to all(be_a(Peony::Reading::Finding))
    expect(Peony.read("It held 20 boats. ... 8. ’s 5.").quantities.map(&:value)).to include(20)
  end

  it "reads them as every family, and its items with all their names" do
    random = Random.new(7)
    120.times do
      words = Array.new(random.rand(5..70)) { random.rand < 0.35 ? turns.sample(random: random) : said.sample(random: random) }.join
      Peony::Reading::Passages.of(Peony::Notes.parse(words, [".md", ".txt"].sample(random: random))).each do |passage|
        found = Peony::Reading::Finder.members.keys.filter_map { |family| Peony::Reading.as(passage, family) }
        told = found.flat_map(&:items).map { |i| [i.title, i.detail] }
        expect(told.flatten).to all(be_a(String)), words
        expect(Peony::Reading.of(passage).queries.map(&:message)).to all(be_a(String)), words
      end
    end
  end
end
