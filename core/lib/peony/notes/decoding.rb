# frozen_string_literal: true

module Peony
  module Notes
    # Bytes to text: byte order marks, UTF-8, UTF-16, else Windows-1252; line ends made alike.
    module Decoding
      LIMIT = 5 * 1024 * 1024

      module_function

      # @param bytes [String]
      # @return [String] UTF-8 with \n
      # @raise [Peony::Error] when it is too long or not text
      def text(bytes)
        raise Error.new("This text is longer than 5 MB.", hint: "Bring it in parts.") if bytes.bytesize > LIMIT

        decoded = decode(bytes.b)
        if decoded.count("\u0000").positive? || decoded.count("\u0001-\u0008\u000E-\u001F") > decoded.size / 50
          raise Error.new("This file does not hold text.",
                          hint: "Bring Markdown (.md) or plain text (.txt).")
        end

        decoded.gsub(/\r\n?|\u2028|\u2029/, "\n")
      end

      def decode(bytes)
        return bytes[2..].force_encoding("UTF-16LE").encode("UTF-8", invalid: :replace, undef: :replace) if bytes.start_with?("\xFF\xFE".b)
        return bytes[2..].force_encoding("UTF-16BE").encode("UTF-8", invalid: :replace, undef: :replace) if bytes.start_with?("\xFE\xFF".b)

        bytes = bytes[3..] if bytes.start_with?("\xEF\xBB\xBF".b)
        utf8 = bytes.dup.force_encoding("UTF-8")
        utf8.valid_encoding? ? utf8 : bytes.force_encoding("Windows-1252").encode("UTF-8", invalid: :replace, undef: :replace)
      end
    end
  end
end
