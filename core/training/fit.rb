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

# Before any passage is seen, a family is believed in as far as its own finder does, and as far as it uses the numbers.
PRIOR = FAMILIES.to_h { |f| [f, { "f:#{f}" => 3.0, "k:#{f}" => 1.0 }] }.freeze
PENALTY = 0.001

def store(weights)
  File.write(PATH, "#{JSON.pretty_generate(weights)}\n")
  Peony::Reading::Weights.instance_variable_set(:@all, nil)
end

passages = Corpus.all
weights = { "strays" => {}, "families" => {} }
rows = stray_rows(passages)
weights["strays"] = Regression.binary(rows, penalty: 0.02).transform_values { |v| v.round(4) }
right = rows.count { |signs, t| (signs.sum { |k, v| (weights["strays"][k] || 0) * v } > 0) == (t["yes"] > 0.5) }
puts "sentences with an item: #{rows.size}, told right #{(100.0 * right / rows.size).round(1)} %"
store(weights)

rows = family_rows(passages)
if ARGV.include?("--check")
  first = third = 0
  missed = []
  5.times do |fold|
    held = rows.each_with_index.select { |_, i| i % 5 == fold }.map(&:first)
    kept = rows.each_with_index.reject { |_, i| i % 5 == fold }.map(&:first)
    fitted = Regression.multinomial(kept, FAMILIES, penalty: PENALTY, prior: PRIOR)
    held.each do |signs, _, passage|
      ranked = Regression.chances(fitted, signs).sort_by { |_, v| -v }.map(&:first)
      first += 1 if passage.families.include?(ranked.first)
      third += 1 if ranked.first(3).intersect?(passage.families)
      missed << "#{passage.id} (#{passage.style}) #{passage.families.join('/')} -> #{ranked.first(3).join(', ')}" unless passage.families.include?(ranked.first)
    end
  end
  puts missed
  puts "unseen: on top #{(100.0 * first / rows.size).round(1)} %, in the first three #{(100.0 * third / rows.size).round(1)} %"
end
weights["families"] = Regression.multinomial(rows, FAMILIES, penalty: PENALTY, prior: PRIOR).transform_values { |list| list.transform_values { |v| v.round(4) }.reject { |_, v| v.abs < 0.004 } }
store(weights)
