# frozen_string_literal: true

require "yaml"

# Labelled passages that the weights of the reading are fitted on: one file a family in passages/, in a short notation.
#
#   == id style family,family        best family first; "none" where there is nothing to draw
#   the words ...
#   -- items: gate | ticket+blue | do (keep, offer)      stems that stand in each item, "+" for several, its children in brackets
#   -- quantities: 45 minutes; 3 coats
#   -- derived: 25 %
#   -- mismatch
#   -- not: timeline, parts                              families that would be plainly wrong
module Corpus
  FOLDER = File.join(__dir__, "passages")

  Passage = Struct.new(:id, :style, :families, :text, :items, :quantities, :derived, :mismatch, :wrong, keyword_init: true) do
    def family = families.first

    # @return [Hash] the passage in the form in which labelled passages are exchanged
    def to_h
      { "id" => id, "style" => style, "text" => text, "families" => families - ["none"], "not" => wrong, "items" => items, "quantities" => quantities,
        "derived" => derived, "mismatch" => mismatch }
    end
  end

  module_function

  # @return [Array<Passage>]
  def all = Dir[File.join(FOLDER, "*.txt")].flat_map { |file| read(file) }

  # Sections of whole documents.
  # @return [Array<Passage>]
  def documents = read(File.join(__dir__, "documents.txt"))

  # One thing said in many turns of phrase, a sentence or two each.
  # @return [Array<Passage>]
  def turns = read(File.join(__dir__, "turns.txt"))

  # Passages that no fit has seen and no finder was mended on. They go to passages/ once others take their place.
  # @return [Array<Passage>]
  def held = read(File.join(__dir__, "held.txt"))

  # @param file [String] path of a file of passages
  # @return [Array<Passage>]
  def read(file) = File.read(file).split(/^== /).drop(1).map { |part| passage(part) }

  def passage(part)
    head, *lines = part.lines
    id, style, families = head.split
    labels, words = lines.partition { |line| line.start_with?("-- ") }
    facts = labels.to_h { |line| line.delete_prefix("-- ").strip.split(/:\s*/, 2).then { |key, value| [key, value.to_s] } }
    Passage.new(id: id, style: style, families: families.split(","), text: "#{words.join.strip}\n", items: items(facts["items"].to_s),
                quantities: amounts(facts["quantities"].to_s), derived: amounts(facts["derived"].to_s), mismatch: facts.key?("mismatch"),
                wrong: facts["not"].to_s.split(",").map(&:strip))
  end

  def items(text)
    text.split("|").map(&:strip).reject(&:empty?).map do |part|
      own, inner = part.match(/\A(.*?)(?:\s*\((.*)\))?\z/).captures
      { "words" => own.split("+").map(&:strip) }.merge(inner ? { "children" => inner.split(",").map { |w| { "words" => [w.strip] } } } : {})
    end
  end

  def amounts(text)
    text.split(";").map(&:strip).reject(&:empty?).map do |part|
      value, unit = part.split(" ", 2)
      { "value" => value.to_f, "unit" => unit.to_s }
    end
  end
end

# ruby corpus.rb FOLDER writes every passage as a file of its own.
if $PROGRAM_NAME == __FILE__
  require "fileutils"
  FileUtils.mkdir_p(ARGV.fetch(0))
  Corpus.all.each { |passage| File.write(File.join(ARGV[0], "#{passage.id}.yml"), YAML.dump(passage.to_h)) }
end
