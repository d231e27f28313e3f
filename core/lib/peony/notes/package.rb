# frozen_string_literal: true

require "nokogiri"
require "zip"

module Peony
  module Notes
    # The parts of a file that is a zip archive of XML (DOCX, ODT, PPTX), opened with care: limits on entries and on what they unpack to.
    class Package
      ENTRIES = 4000
      UNPACKED = 120 * 1024 * 1024
      PART = 40 * 1024 * 1024
      # An office file that is locked with a password, or of the old kind, begins with these bytes.
      OLD = "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1".b

      # @param bytes [String]
      # @param kind [String] what the file should be, for messages: "Word file"
      # @raise [Peony::Error]
      def initialize(bytes, kind)
        @kind = kind
        raise Error.new("This #{kind} is locked with a password, or of an old kind.", hint: "Open it, save it without a password in today's format, and bring that.") if bytes.start_with?(OLD)
        raise broken unless bytes.start_with?("PK".b)

        @zip = Zip::File.open_buffer(StringIO.new(bytes))
        check
      rescue Zip::Error, Zlib::Error, ArgumentError, EOFError, RangeError, NoMethodError
        raise broken
      end

      # @param name [String] of a part
      # @return [Nokogiri::XML::Document, nil]
      def xml(name)
        text = read(name)
        # No document type: entities are neither fetched nor unfolded.
        text = text&.sub(/<!DOCTYPE[^>\[]*(?:\[.*?\]\s*)?>/mn, "")
        text && Nokogiri::XML(text) { |options| options.nonet.recover }.tap(&:remove_namespaces!)
      end

      # @return [Array<String>]
      def names = @zip.entries.map(&:name)

      private

      def check
        raise Error.new("This #{@kind} holds too many parts.", hint: "Save it anew, or bring its words as text.") if @zip.entries.size > ENTRIES
        raise Error.new("This #{@kind} is locked with a password.", hint: "Save it without one and bring that.") if @zip.entries.any?(&:encrypted?)
        raise too_large if @zip.entries.sum(&:size) > UNPACKED
      end

      # Read in steps, because what the archive says of its sizes need not be true.
      def read(name)
        entry = @zip.find_entry(name)
        return nil if entry.nil? || entry.directory?

        text = +"".b
        entry.get_input_stream do |stream|
          while (piece = stream.read(65_536)) && !piece.empty?
            text << piece
            raise too_large if text.bytesize > PART
          end
        end
        text
      rescue Zip::Error, Zlib::Error
        raise broken
      end

      def too_large = Error.new("This #{@kind} unpacks to more than Peony reads at once.", hint: "Bring it in parts, or without its pictures.")
      def broken = Error.new("This #{@kind} is broken or not what its name says.", hint: "Open it in the program it came from, save it again and bring that.")
    end
  end
end
