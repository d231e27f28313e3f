# frozen_string_literal: true

# What is read from a few words: for specs of turns of phrase.
module WordsRead
  def read(words) = Peony::Reading.of(Peony::Notes::Text.read(words))
  def text(words) = Peony::Reading::Text.new(Peony::Notes::Passage.whole(Peony::Notes::Text.read(words)))
  def found(family, words) = Peony::Reading::Finder.members.fetch(family).new(text(words)).find&.named
  # The family on top.
  def best(words) = read(words).findings.first
  # Its items.
  def names(words) = read(words).items.map { |i| i.named.title }
  def valued(words) = read(words).items.map { |i| [i.named.title, i.value] }
  def titles(family, words) = found(family, words)&.items&.map(&:title)
  def told(family, words) = found(family, words).items.map { |i| [i.title, i.value] }
  def amounts(words) = text(words).quantities.map { |q| [q.value, q.unit] }
end
