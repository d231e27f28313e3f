# frozen_string_literal: true

require "ffi"

module Peony
  module Type
    # The few calls of HarfBuzz that measuring and subsetting need. Font units throughout: the scale is left at units per em.
    module HarfBuzz
      extend FFI::Library

      ffi_lib "libharfbuzz.so.0"

      attach_function :hb_blob_create_from_file, [:string], :pointer
      attach_function :hb_blob_get_length, [:pointer], :uint
      attach_function :hb_blob_get_data, %i[pointer pointer], :pointer
      attach_function :hb_blob_destroy, [:pointer], :void
      attach_function :hb_face_create, %i[pointer uint], :pointer
      attach_function :hb_face_get_upem, [:pointer], :uint
      attach_function :hb_face_reference_blob, [:pointer], :pointer
      attach_function :hb_face_destroy, [:pointer], :void
      attach_function :hb_font_create, [:pointer], :pointer
      attach_function :hb_buffer_create, [], :pointer
      attach_function :hb_buffer_clear_contents, [:pointer], :void
      attach_function :hb_buffer_add_utf8, %i[pointer pointer int uint int], :void
      attach_function :hb_buffer_guess_segment_properties, [:pointer], :void
      attach_function :hb_buffer_get_glyph_positions, %i[pointer pointer], :pointer
      attach_function :hb_shape, %i[pointer pointer pointer uint], :void
      attach_function :hb_set_add, %i[pointer uint32], :void

      # Subsetting lives in a library of its own.
      module Subset
        extend FFI::Library

        ffi_lib "libharfbuzz-subset.so.0"
        attach_function :hb_subset_input_create_or_fail, [], :pointer
        attach_function :hb_subset_input_unicode_set, [:pointer], :pointer
        attach_function :hb_subset_or_fail, %i[pointer pointer], :pointer
        attach_function :hb_subset_input_destroy, [:pointer], :void
      end

      POSITION_BYTES = 20 # hb_glyph_position_t: four 32-bit fields and one private
    end
  end
end
