# frozen_string_literal: true

# Fits the weights of the reading on the passages beside it and writes assets/reading/weights.json.
#   ruby training/fit.rb            fits on all passages
#   ruby training/fit.rb --check    also prints how well five fits on four fifths do on the fifth that each has not seen
require_relative "../lib/peony"
require_relative "corpus"
require_relative "regression"

FAMILIES = [*Peony::Reading::Finder.members.keys, Peony::Reading::Scorer::NONE].freeze
PROSE = %w[list sequence cycle cause hub journey].freeze
PATH = File.join(Peony::ASSETS, "reading", "weights.json")

def text_of(passage) = Peony::Reading::Text.new(Peony::Notes::Passage.whole(Peony::Notes::Text.read(passage.text)))

# Which sentences of running text carry an item, by the words of the labelled items.
def stray_rows(passages)
  passages.select { |p| PROSE.include?(p.family) }.flat_map do |passage|
    text = text_of(passage)
    next [] if text.tree.size >= 2

    spans = Peony::Reading::Points.candidates(text)
    carried = passage.items.filter_map do |item|
      words = [item, *item["children"]].flat_map { |i| i["words"] }.map(&:downcase)
      spans.index { |s| item["words"].all? { |w| s.text.downcase.include?(w.downcase) } } || spans.index { |s| words.any? { |w| s.text.downcase.include?(w) } }
    end
    next [] if carried.uniq.size < 2

    Peony::Reading::Strays.signs(text, spans).each_with_index.map { |signs, i| [signs.transform_keys(&:to_s), { "yes" => carried.include?(i) ? 1.0 : 0.0 }] }
  end
end

def family_rows(passages)
  passages.map do |passage|
    text = text_of(passage)
    found = Peony::Reading::Finder.members.values.filter_map { |finder| finder.new(text).find }
    names = passage.families
    target = names.each_with_index.to_h do |name, i|
      [name, if i.zero?
               names.size > 1 ? 0.7 : 1.0
             else
               0.3 / (names.size - 1)
             end]
    end
    [Peony::Reading::Signs.of(text, found), target, passage]
  end
end

PENALTY = 0.0134

def store(weights)
  File.write(PATH, "#{JSON.pretty_generate(weights)}\n")
  Peony::Reading::Weights.instance_variable_set(:@all, nil)
end

def strays(passages)
  Regression.binary(stray_rows(passages), penalty: 0.001).transform_values { |v| v.round(4) }
end

def families(passages)
  Regression.multinomial(family_rows(passages), FAMILIES, penalty: PENALTY)
            .transform_values { |list| list.transform_values { |v| v.round(4) }.reject { |_, v| v.abs < 0.002 } }
end

# The strays come first: what the finders see depends on them.
def fit(passages)
  sentences = strays(passages)
  store("strays" => sentences, "families" => Peony::Reading::Weights.families)
  store("strays" => sentences, "families" => families(passages))
end

# Whether the first, and one of the first three families is right, and the items are as many as they should be.
def judge(passage)
  findings = Peony::Reading.of(Peony::Notes::Text.read(passage.text)).findings
  names = findings.empty? ? ["none"] : findings.map(&:family)
  { first: passage.families.include?(names.first), third: names.first(3).intersect?(passage.families),
    count: passage.items.empty? ? nil : (findings.first&.items&.size == passage.items.size), names: names.first(3) }
end

def check(passages)
  told = Array.new(5) do |fold|
    fit(passages.each_with_index.reject { |_, i| i % 5 == fold }.map(&:first))
    passages.each_with_index.select { |_, i| i % 5 == fold }.map { |passage, _| [passage, judge(passage)] }
  end.flatten(1)
  told.reject { |_, t| t[:first] }.each { |p, t| puts "#{p.id} (#{p.style}) #{p.families.join('/')} -> #{t[:names].join(', ')}" }
  share = ->(list) { (100.0 * list.count(true) / list.size).round(1) }
  puts "unseen: on top #{share[told.map { |_, t| t[:first] }]} %, in the first three #{share[told.map { |_, t| t[:third] }]} %, " \
       "items #{share[told.map { |_, t| t[:count] }.compact]} %"
end

passages = Corpus.all
check(passages) if ARGV.include?("--check")
fit(passages)
