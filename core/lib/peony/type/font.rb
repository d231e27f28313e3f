# frozen_string_literal: true

module Peony
  module Type
    # One font file: advances by HarfBuzz (kerning and ligatures included), and subsets for embedding.
    class Font
      CACHE_LIMIT = 60_000

      attr_reader :family, :weight, :path

      # @param family [String] CSS family name
      # @param weight [Integer] CSS weight
      # @param path [String] a TrueType file
      def initialize(family, weight, path)
        @family = family
        @weight = weight
        @path = path
        @lock = Mutex.new
        @advances = {}
        @subsets = {}
      end

      # @param text [String]
      # @param size [Numeric] px
      # @return [Float] advance width in px
      def width(text, size) = units(text) * size / upem

      # @return [Integer] advance width in font units, see {#upem}
      def units(text) = @advances[text] || remember(text)

      # @return [Float] font units per em
      def upem = @upem ||= @lock.synchronize { font && @upem }

      # The letters most files need; keeping one subset of them serves nearly every drawing.
      COMMON = ((" ".."~").to_a + %w[– — ‘ ’ “ ” … • · £ € ° × ÷ − ± é è ü ö ä ß ç ñ à ï] + ["\u00A0", "\u2009", "\u202F"]).join.freeze
      COMMON_SET = COMMON.gsub(/[\\^-]/) { |c| "\\#{c}" }.freeze

      # @param text [String] characters that must be kept
      # @return [String] a TrueType font holding those and the common characters, binary
      def subset(text)
        key = COMMON + text.delete(COMMON_SET).each_char.to_a.uniq.sort.join
        @lock.synchronize { @subsets[key] ||= make_subset(key) }
      end

      private

      def font
        @font ||= begin
          blob = HarfBuzz.hb_blob_create_from_file(path)
          @face = HarfBuzz.hb_face_create(blob, 0)
          @upem = HarfBuzz.hb_face_get_upem(@face).to_f
          @buffer = HarfBuzz.hb_buffer_create
          HarfBuzz.hb_font_create(@face)
        end
      end

      def remember(text)
        @lock.synchronize do
          @advances.clear if @advances.size > CACHE_LIMIT
          @advances[text.dup.freeze] = shape(text)
        end
      end

      def shape(text)
        handle = font
        bytes = text.encode("UTF-8", invalid: :replace, undef: :replace)
        HarfBuzz.hb_buffer_clear_contents(@buffer)
        FFI::MemoryPointer.new(:char, bytes.bytesize + 1) do |mem|
          mem.put_bytes(0, bytes)
          HarfBuzz.hb_buffer_add_utf8(@buffer, mem, bytes.bytesize, 0, bytes.bytesize)
        end
        HarfBuzz.hb_buffer_guess_segment_properties(@buffer)
        HarfBuzz.hb_shape(handle, @buffer, nil, 0)
        sum_advances
      end

      def sum_advances
        FFI::MemoryPointer.new(:uint) do |count|
          positions = HarfBuzz.hb_buffer_get_glyph_positions(@buffer, count)
          glyphs = count.read_uint
          return 0 if glyphs.zero?

          fields = positions.read_array_of_int32(glyphs * HarfBuzz::POSITION_BYTES / 4)
          return fields.each_slice(5).sum(&:first)
        end
      end

      def make_subset(chars)
        font
        input = HarfBuzz::Subset.hb_subset_input_create_or_fail
        wanted = HarfBuzz::Subset.hb_subset_input_unicode_set(input)
        chars.each_codepoint { |point| HarfBuzz.hb_set_add(wanted, point) }
        face = HarfBuzz::Subset.hb_subset_or_fail(@face, input)
        raise Error, "The font #{family} could not be prepared." if face.null?

        bytes_of(face)
      ensure
        HarfBuzz::Subset.hb_subset_input_destroy(input) if input
      end

      def bytes_of(face)
        blob = HarfBuzz.hb_face_reference_blob(face)
        FFI::MemoryPointer.new(:uint) { |length| return HarfBuzz.hb_blob_get_data(blob, length).read_bytes(length.read_uint) }
      ensure
        HarfBuzz.hb_blob_destroy(blob) if blob
        HarfBuzz.hb_face_destroy(face)
      end
    end
  end
end
