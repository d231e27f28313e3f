# frozen_string_literal: true

module Peony
  # The text a person brought, in blocks.
  module Notes
    TYPES = %w[heading paragraph item quote].freeze

    # One block. +at+ is where its text begins in the file it came from (characters), when that is known.
    Block = Struct.new(:id, :type, :level, :ordered, :text, :marks, :at, keyword_init: true) do
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

    Document = Struct.new(:blocks, :title, keyword_init: true)

    module_function

    # @param blocks [Array<Hash>] as kept in a piece
    # @return [Document]
    def from(blocks)
      list = blocks.map do |b|
        Block.new(id: b["id"], type: b["type"], level: b["level"], ordered: b["ordered"], text: b["text"], marks: b["marks"])
      end
      Document.new(blocks: list, title: title_of(list))
    end

    # @param path [String] a .md, .markdown or .txt file
    # @return [Document]
    # @raise [Peony::Error]
    def open(path)
      raise Error.new("There is no file “#{path}”.", hint: "Check the name and the folder.") unless File.file?(path)

      parse(File.binread(path), File.extname(path))
    end

    # @param bytes [String] the file's contents
    # @param extension [String] ".md", ".markdown" or ".txt"
    # @return [Document]
    # @raise [Peony::Error] when it is not text, or of another kind
    def parse(bytes, extension)
      text = Decoding.text(bytes)
      case extension.downcase
      when ".md", ".markdown" then Markdown.read(text)
      when ".txt", ".text", "" then Text.read(text)
      else raise Error.new("Peony cannot read “#{extension}” files yet.", hint: "Bring Markdown (.md) or plain text (.txt), or paste the words.")
      end
    end

    def title_of(blocks)
      first = blocks.find(&:heading?) || blocks.first
      first&.text.to_s[0, 120]
    end
  end
end
