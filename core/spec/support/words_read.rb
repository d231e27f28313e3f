# frozen_string_literal: true

# What is read from a few words: for specs of turns of phrase.
module WordsRead
  def self.included(group) = group.extend(Tables)

  # Examples made of a table.
  module Tables
    # @param told [Hash{String => Array}] for some words the amounts in them, each with what it counts
    def counts(told)
      told.each { |words, list| it("says what is counted: #{words[0, 60]}…") { expect(amounts(words)).to eq(list) } }
    end
  end

  def read(words) = Peony::Reading.of(Peony::Notes::Text.read(words))
  def text(words) = Peony::Reading::Text.new(Peony::Notes::Passage.whole(Peony::Notes::Text.read(words)))
  def found(family, words) = Peony::Reading::Finder.members.fetch(family).new(text(words)).find&.named
  # The family on top.
  def best(words) = read(words).findings.first
  # Its items.
  def names(words) = read(words).items.map { |i| i.named.title }
  def valued(words) = read(words).items.map { |i| [i.named.title, i.value] }
  def titles(family, words) = found(family, words)&.items&.map(&:title)
  def values(family, words) = found(family, words)&.items&.map(&:value)
  def told(family, words) = found(family, words).items.map { |i| [i.title, i.value] }
  def amounts(words) = text(words).quantities.map { |q| [q.value, q.unit] }

  # How long something takes: for words that would take very long if they were looked through again and again.
  def seconds
    began = Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID)
    yield
    Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) - began
  end
end
