# frozen_string_literal: true

require_relative "../training/corpus"

# What must hold of every reading, whatever the passage: swept over the passages that the weights are fitted on, each third one, in turn of the day's seed.
RSpec.describe "Every reading" do
  passages = Corpus.all.each_with_index.select { |_, i| i % 3 == RSpec.configuration.seed % 3 }.map(&:first)

  def words(text) = text.downcase.scan(/[[:alnum:]]+/)
  def all_items(list) = list.flat_map { |i| [i, *all_items(i.children || [])] }
  def of(text) = Peony::Reading.of(Peony::Notes::Text.read(text))

  readings = {}
  before(:all) { passages.each { |p| readings[p] = of(p.text) } }

  it "says nothing that is not in the words" do
    strange = readings.flat_map do |passage, reading|
      known = words(passage.text)
      reading.findings.flat_map { |f| all_items(f.items).flat_map { |i| words("#{i.title} #{i.detail}") - known }.map { |w| [passage.id, f.family, w] } }
    end
    expect(strange).to eq []
  end

  it "ties every item to its place, and every place holds what the item says" do
    readings.each do |passage, reading|
      string = Peony::Reading::Text.new(reading.passage).string
      reading.findings.flat_map { |f| all_items(f.items) }.each do |item|
        expect(item.spans).not_to be_empty
        spans = item.spans.map { |s| string[s.from...s.to] }
        expect(item.spans.map(&:text)).to eq(spans), passage.id
        expect(words(item.title) - words(spans.join(" ")) - words(passage.text)).to eq([]), passage.id
      end
    end
  end

  it "gives every item a title of a few words, and families fits that add up to no more than the whole" do
    readings.each do |passage, reading|
      expect(reading.findings.sum(&:fit)).to be <= 1.01
      expect(reading.findings.map(&:fit)).to eq(reading.findings.map(&:fit).sort.reverse), passage.id
      reading.findings.each do |finding|
        expect(finding.reason).to match(/\w/)
        expect(finding.items.map { |i| i.title.strip }).to all(match(/\A\S/)), passage.id
      end
    end
  end

  it "keeps steps, rounds and events in the order of the words or of their dates" do
    readings.each do |passage, reading|
      reading.findings.select { |f| %w[sequence cycle journey].include?(f.family) }.each do |finding|
        places = finding.items.map { |i| i.spans.map(&:from).min }
        expect(places).to eq(places.sort), "#{passage.id} #{finding.family}"
      end
    end
  end

  it "answers the same twice, and is not put off by spaces or other quotation marks" do
    readings.first(60).each do |passage, reading|
      told = ->(r) { r.findings.map { |f| [f.family, f.items.map(&:title)] } }
      expect(told[of(passage.text)]).to eq told[reading]
      curly = passage.text.gsub(/(?<=\w)'(?=\w)/, "’")
      expect(of(curly).findings.first&.family).to eq(reading.findings.first&.family), passage.id
      expect(told[of("#{passage.text.rstrip}   \n\n")]).to eq(told[reading]), passage.id
    end
  end

  it "reads half a passage, one word of it and none without stumbling" do
    readings.each_key do |passage|
      [passage.text[0, passage.text.size / 2], passage.text.split.first, passage.text.upcase, passage.text.delete(".,;:")].each { |part| expect(of(part)).to be_a(Peony::Reading::Result) }
    end
  end
end
