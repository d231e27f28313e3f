# frozen_string_literal: true

module Peony
  # Tables a person brings: their cells as they stand, what they are understood to be, and what is worth saying of them.
  module Tables
    # The cells of one sheet, row by row, as text.
    Sheet = Struct.new(:name, :rows, keyword_init: true)

    TEXTS = %w[.csv .tsv .tab .txt].freeze
    BOOKS = %w[.xlsx .ods].freeze
    DOCUMENTS = %w[.md .markdown .html .htm .docx .odt .pptx].freeze
    LARGEST = 200 * 1024 * 1024

    module_function

    # @param path [String]
    # @return [Array<Sheet>] at least one
    # @raise [Peony::Error]
    def open(path)
      raise Error.new("There is no file “#{path}”.", hint: "Check the name and the folder.") unless File.file?(path)

      sheets(File.binread(path), File.extname(path))
    end

    # @param bytes [String] the contents of the file
    # @param extension [String] ".csv", ".xlsx" ...
    # @return [Array<Sheet>] those that hold anything
    # @raise [Peony::Error]
    def sheets(bytes, extension)
      raise Error.new("This file is empty.", hint: "Choose another one.") if bytes.strip.empty?
      raise Error.new("This file is larger than 200 MB.", hint: "Bring fewer rows or columns.") if bytes.bytesize > LARGEST

      kept = read(bytes, extension.downcase).reject { |sheet| sheet.rows.empty? }
      raise Error.new("There is no table in this file.", hint: "Bring one with a row of names and rows of cells.") if kept.empty?

      kept
    end

    # @param sheets [Array<Sheet>]
    # @param name [String, nil] of the sheet wanted; else the first
    # @return [Sheet]
    # @raise [Peony::Error]
    def pick(sheets, name)
      return sheets.first if name.nil?

      sheets.find { |s| s.name == name } || raise(Error.new("There is no sheet “#{name}”.", hint: "There are: #{sheets.map(&:name).join(', ')}."))
    end

    # @return [Numeric] to three figures
    def short(value) = value.zero? ? 0 : value.round(places(value))

    # @return [Integer] decimals that show three figures
    def places(value) = value.zero? ? 0 : (2 - Math.log10(value.abs).floor).clamp(0, 6).then { |n| (0..n).find { |d| (value.round(n) - value.round(d)).abs < 1e-9 } }

    def read(bytes, kind)
      return Readers::Workbook.sheets(bytes, kind) if BOOKS.include?(kind)
      return Readers::JSON.sheets(bytes) if kind == ".json"
      return Readers::Delimited.sheets(bytes) if TEXTS.include?(kind)
      return document(bytes, kind) if DOCUMENTS.include?(kind)

      raise Error.new("Peony does not read tables from “#{kind}” files.", hint: "Bring .csv, .tsv, .xlsx, .ods, .json, or a document that holds a table.")
    end

    def document(bytes, kind)
      Notes.parse(bytes, kind).tables.each_with_index.map { |table, i| Sheet.new(name: "Table #{i + 1}", rows: [table.columns, *table.rows]) }
    end
  end
end
