# frozen_string_literal: true

require "set"
require "json"
require "zeitwerk"

# Everything Peony reads and writes is UTF-8, whatever locale the machine was started in.
Encoding.default_external = Encoding::UTF_8

# Peony's core: from notes to a picture. Rules and computation only; no interface, no storage, no network.
#
#   reading = Peony.read("First open the dome. Then point the tube.")
#   Peony.propose(reading)              # => [Peony::Figures::Proposal, ...], best first
#   Peony::Paint.svg(scene)             # => String
module Peony
  # What went wrong, where, and how to mend it, in words for the person.
  class Error < StandardError
    attr_reader :hint

    # @param message [String] what is wrong
    # @param hint [String, nil] what to do about it
    def initialize(message, hint: nil)
      @hint = hint
      super(message)
    end

    # @return [String] the message and what to do, as one plain text
    def full = [message, hint].compact.join(" ")
  end

  ROOT = File.expand_path("..", __dir__)
  ASSETS = File.join(ROOT, "assets")

  LOADER = Zeitwerk::Loader.new
  LOADER.tag = "peony"
  LOADER.push_dir(__dir__)
  LOADER.inflector.inflect("cli" => "CLI", "svg" => "SVG", "png" => "PNG", "pdf" => "PDF", "html" => "HTML", "oklch" => "OKLCH", "docx" => "DOCX", "odt" => "ODT", "pptx" => "PPTX",
                           "json" => "JSON", "pdf_file" => "PDFFile", "pdf_lines" => "PDFLines", "pdf_blocks" => "PDFBlocks")
  LOADER.collapse("#{__dir__}/peony/notes/readers")
  LOADER.setup

  module_function

  # @param text [String] a passage as plain text
  # @return [Reading::Result] what it says: families, items, quantities, queries
  def read(text) = Reading.of(Notes::Text.read(text))

  # @param reading [Reading::Result]
  # @param options [Hash] see {Figures::Proposals.for}
  # @return [Array<Figures::Proposal>] best first
  def propose(reading, **options) = Figures::Proposals.for(reading, **options)
end
