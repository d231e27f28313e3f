# frozen_string_literal: true

module Peony
  # The text a person brought, in blocks.
  module Notes
    TYPES = %w[heading paragraph item quote].freeze

    # One block. +table+ is the number of the table it is a row of, in a document just read. +at+ is where its text begins in the file it came from (characters), when that is known.
    Block = Struct.new(:id, :type, :level, :ordered, :text, :marks, :at, :table, keyword_init: true) do
      # @return [Hash] as kept in a piece
      def to_h
        { "id" => id, "type" => type, "text" => text }.tap do |hash|
          hash["level"] = level if level
          hash["ordered"] = true if ordered
          hash["marks"] = marks if marks && !marks.empty?
        end
      end

      def heading? = type == "heading"
      def item? = type == "item"
    end

    # A table that a document holds. +rows+ are without the names of the columns.
    Table = Struct.new(:columns, :rows, keyword_init: true)

    Document = Struct.new(:blocks, :title, :tables, keyword_init: true) do
      def initialize(tables: [], **rest) = super
    end

    # Readers by the ending of a file's name. Those of text take a string, the others bytes.
    TEXTS = { ".md" => :Markdown, ".markdown" => :Markdown, ".txt" => :Text, ".text" => :Text, "" => :Text, ".html" => :HTML, ".htm" => :HTML, ".xhtml" => :HTML }.freeze
    FILES = { ".docx" => :DOCX, ".odt" => :ODT, ".pptx" => :PPTX, ".pdf" => :PDFFile }.freeze
    # Larger files are refused before they are opened.
    LARGEST = 60 * 1024 * 1024

    module_function

    # @param blocks [Array<Hash>] as kept in a piece
    # @return [Document]
    def from(blocks)
      list = blocks.map do |b|
        Block.new(id: b["id"], type: b["type"], level: b["level"], ordered: b["ordered"], text: b["text"], marks: b["marks"])
      end
      Document.new(blocks: list, title: title_of(list))
    end

    # @param path [String] a file of a kind named in {TEXTS} or {FILES}
    # @return [Document]
    # @raise [Peony::Error]
    def open(path)
      raise Error.new("There is no file “#{path}”.", hint: "Check the name and the folder.") unless File.file?(path)

      parse(File.binread(path), File.extname(path))
    end

    # @param bytes [String] the file's contents
    # @param extension [String] ".md", ".docx" ...
    # @return [Document]
    # @raise [Peony::Error] when it is not text, or of another kind
    def parse(bytes, extension)
      kind = extension.downcase
      raise Error.new("This file is empty.", hint: "Choose another one.") if bytes.empty?
      raise Error.new("This file is larger than 60 MB.", hint: "Bring it in parts, or without its pictures.") if bytes.bytesize > LARGEST
      return const_get(FILES[kind]).read(bytes.b) if FILES[kind]
      return const_get(TEXTS[kind]).read(Decoding.text(bytes)) if TEXTS[kind]

      raise Error.new("Peony does not read “#{extension}” files.", hint: "Bring text (.txt), Markdown (.md), a web page (.html), .docx, .odt, .pptx or .pdf, or paste the words.")
    end

    def title_of(blocks)
      first = blocks.find(&:heading?) || blocks.first
      first&.text.to_s[0, 120]
    end
  end
end
