# frozen_string_literal: true

# Fits the weights of the reading on the passages beside it and writes assets/reading/weights.json, trees.json and network.bin.
#   ruby training/fit.rb            fits on all passages
#   ruby training/fit.rb --order    fits only what puts the families in order, for items that are as they were
#   ruby training/fit.rb --strays   fits only what tells which sentences carry an item
#   ruby training/fit.rb --check    also prints how well five fits on four fifths do on the fifth that each has not seen
#   ruby training/fit.rb --held     fits nothing; prints how the weights that are there do on the passages that were held out
require_relative "../lib/peony"
require_relative "corpus"
require_relative "labels"
require_relative "regression"
require_relative "network"
require_relative "boosting"
require_relative "judge"

FAMILIES = [*Peony::Reading::Finder.members.keys, Peony::Reading::Scorer::NONE].freeze
PATH = File.join(Peony::ASSETS, "reading", "weights.json")

def text_of(passage) = Peony::Reading::Text.new(Peony::Notes::Passage.whole(Peony::Notes::Text.read(passage.text)))

# Running text with labelled items: the passages that tell where items begin and which sentences carry none.
def running(passages) = passages.reject { |p| p.items.empty? }.map { |p| [p, text_of(p)] }.reject { |_, text| text.tree.size >= 2 }

# Which joints of a sentence part two items.
def seam_rows(passages)
  running(passages).flat_map do |passage, text|
    seams = Labels.seams(text, Labels.places(passage, text))
    text.sentences.flat_map do |sentence|
      [].tap do |rows|
        Peony::Reading::Seams.walk(text, sentence) do |signs, joint|
          seams.include?(joint.from).tap { |seam| rows << [Peony::Reading::Seams.owned(signs, passage.family), { "yes" => seam ? 1.0 : 0.0 }] }
        end
      end
    end
  end
end

# Which parts of running text carry an item: signs, what it is read as, place, of how many, and whether it does.
def stray_rows(passages)
  running(passages).flat_map do |passage, text|
    places = Labels.places(passage, text)
    spans = Peony::Reading::Seams.parts(text, passage.family)
    Peony::Reading::Strays.signs(text, spans).each_with_index.map do |signs, i|
      [signs, passage.family, i, spans.size, places.any? { |at| at.between?(spans[i].from, spans[i].to - 1) }]
    end
  end
end

def strays(rows)
  binary(rows.map { |signs, family, i, size, carries| [Peony::Reading::Strays.owned(signs, family, Peony::Reading::Strays.place(i, size)), { "yes" => carries ? 1.0 : 0.0 }] }, STRAYS_PENALTY)
end

def trees(rows)
  planted = Boosting.fit(rows.map { |*told, carries| [Peony::Reading::Strays.placed(*told), carries] })
  File.write(Peony::Reading::Trees::PATH, "#{JSON.generate(planted)}\n")
  Peony::Reading::Trees.instance_variable_set(:@strays, nil)
end

# Which run of words names an item: one that holds a word of its label.
def name_choices(passages)
  passages.reject { |p| p.items.empty? }.flat_map do |passage|
    text = text_of(passage)
    spans = text.tree.size >= 2 ? text.tree.map(&:span) : Peony::Reading::Seams.parts(text, passage.family)
    passage.items.filter_map do |item|
      words = item["words"].map(&:downcase)
      span = spans.find { |s| words.all? { |w| s.text.downcase.include?(w) } }
      next if span.nil? || Peony::Reading::Naming.plain?(span)

      choice = Peony::Reading::Naming.candidates(text, span).map { |c| [Peony::Reading::Naming.owned(c.signs, passage.family), words.any? { |w| c.text.downcase.include?(w) }] }
      choice if choice.any?(&:last) && !choice.all?(&:last)
    end
  end
end

# How likely each of the right families should be: the best before the others.
def target(names)
  return { names.first => 1.0 } if names.one?

  names.each_with_index.to_h { |name, i| [name, i.zero? ? BEST : (1 - BEST) / (names.size - 1)] }
end
BEST = 0.7

# @return [Array(Hash{String => Float}, Hash{String => Float}, Hash{String => Float})] for each passage the signs of its words, those of what the finders made of it,
#   and how likely the families should be
def family_rows(passages)
  passages.map do |passage|
    text = text_of(passage)
    found = Peony::Reading::Signs.found(text, Peony::Reading.seen(text, Peony::Reading::Finder.members.keys))
    [*[Peony::Reading::Signs.words(text), found].map { |signs| signs.reject { |_, v| v.zero? }.transform_keys(&:to_s) }, target(passage.families)]
  end
end

# Finders are asked where the words do not speak against their family ({Peony::Reading::Scorer.thinkable}). Networks that have seen a passage are surer than they will be of passages
# to come, so for each third of them one is taught on the others.
# @return [Array<Array<String>>] for each row the families whose finders are asked
def thinkable(rows)
  rows.each_index.group_by { |i| i % 3 }.each_with_object([]) do |(_, unseen), told|
    net = taught((rows.each_index.to_a - unseen).map { |i| rows[i].values_at(0, 2) }, 1)
    at = net[:signs].each_with_index.to_h
    unseen.each do |i|
      known = rows[i].first.select { |name, _| at.key?(name) }
      chances = Peony::Reading::Network.chances(known.keys.map { |name| at[name] }, known.values, net)
      told[i] = Peony::Reading::Scorer.thinkable_of(chances)
    end
  end
end

def taught(rows, times)
  signs, layers = Network.fit(rows, FAMILIES, times)
  Peony::Reading::Network.read(Peony::Reading::Network.pack(signs, FAMILIES, layers))
end

# All signs, without those of finders that are not asked.
def asked(rows)
  rows.zip(thinkable(rows)).map { |(words, found, wanted), families| [words.merge(found.select { |name, _| families.include?(name[/[^:]+\z/]) }), wanted] }
end

PENALTY = 0.003
SEAMS_PENALTY = 0.03
STRAYS_PENALTY = 0.02
NAMES_PENALTY = 0.0024

def store(weights)
  File.write(PATH, "#{JSON.pretty_generate(weights)}\n")
  Peony::Reading::Weights.instance_variable_set(:@all, nil)
end

def brief(weights) = weights.transform_values { |v| v.round(4) }.reject { |_, v| v.abs < 0.002 }

def binary(rows, penalty) = brief(Regression.binary(rows, penalty: penalty))

# What puts the families in order.
def order(known, passages)
  rows = family_rows(passages + Corpus.turns)
  fitted = timed("families") { Regression.multinomial(timed("thinkable") { asked(rows) }, FAMILIES, penalty: PENALTY) }
  store(known.merge("families" => fitted.transform_values { |list| brief(list) }))
  signs, layers = timed("network") { Network.fit(rows.map { |words, _, wanted| [words, wanted] }, FAMILIES) }
  File.binwrite(Peony::Reading::Network::PATH, Peony::Reading::Network.pack(signs, FAMILIES, layers))
  Peony::Reading::Network.instance_variable_set(:@loaded, nil)
end

# What comes first is seen by what comes after it: seams part the sentences, strays choose among the parts, names are given to them, finders make items of them.
def fit(passages)
  known = Peony::Reading::Weights.all
  store(known = known.merge("seams" => timed("seams") { binary(seam_rows(passages), SEAMS_PENALTY) }))
  store(known = known.merge(carriers(passages)))
  store(known = known.merge("titles" => timed("titles") { brief(Regression.choice(name_choices(passages), penalty: NAMES_PENALTY)) }))
  store(known = known.merge("stems" => Peony::Reading::Stems.learn(passages.map(&:text))))
  order(known, passages)
end

# Which sentences carry an item.
def carriers(passages)
  rows = stray_rows(passages)
  timed("trees") { trees(rows) }
  { "strays" => timed("strays") { strays(rows) } }
end

def timed(name)
  began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  yield.tap { warn format("%<name>s: %<seconds>.0f s", name: name, seconds: Process.clock_gettime(Process::CLOCK_MONOTONIC) - began) }
end

def check(passages)
  told = Array.new(5) do |fold|
    fit(passages.each_with_index.reject { |_, i| i % 5 == fold }.map(&:first))
    passages.each_with_index.select { |_, i| i % 5 == fold }.map { |passage, _| [passage, Judge.passage(passage)] }
  end.flatten(1)
  Judge.report(told)
end

if ARGV.include?("--held")
  Judge.report(Corpus.held.map { |passage| [passage, Judge.passage(passage)] })
  exit
end

passages = Corpus.all + Corpus.documents
check(passages) if ARGV.include?("--check")
if ARGV.include?("--order") then order(Peony::Reading::Weights.all, passages)
elsif ARGV.include?("--strays") then store(Peony::Reading::Weights.all.merge(carriers(passages)))
else fit(passages)
end
