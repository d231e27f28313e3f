# frozen_string_literal: true

require "pdf-reader"
require "timeout"

module Peony
  module Notes
    # A PDF that holds text: lines from where the letters stand, headings by their size and weight, lists by their marks. Lines that come back
    # on every page (running heads, page numbers) are left out.
    module PDFFile
      PAGES = 400
      SECONDS = 40

      module_function

      # @param bytes [String]
      # @return [Document]
      # @raise [Peony::Error]
      def read(bytes)
        raise broken unless bytes[0, 1024].include?("%PDF-".b)

        Timeout.timeout(SECONDS) { document(::PDF::Reader.new(StringIO.new(bytes))) }
      rescue ::PDF::Reader::EncryptedPDFError
        raise Error.new("This PDF is locked with a password.", hint: "Save it without one and bring that.")
      rescue Timeout::Error
        raise Error.new("This PDF takes too long to read.", hint: "Bring the pages you need.")
      rescue Error
        raise
      rescue StandardError, SystemStackError
        raise broken
      end

      def document(reader)
        raise Error.new("This PDF has #{reader.page_count} pages; Peony reads up to #{PAGES}.", hint: "Bring the pages you need.") if reader.page_count > PAGES

        pages = reader.pages.map { |page| PDFLines.of(page) }
        lines = PDFLines.without_running(pages)
        raise Error.new("This PDF holds pictures of words, but no text.", hint: "Bring the text itself, or a PDF made from a text program.") if lines.sum { |l| l.text.length } < 3

        PDFBlocks.new(lines).document
      end

      def broken = Error.new("This PDF is broken or not a PDF.", hint: "Open it, save or print it as a PDF again and bring that.")
    end
  end
end
