# frozen_string_literal: true

module PeonyServer
  # Where live tables come from. Each source gives the bytes that stand there now and what kind of file they are:
  # a file in the server's folder of tables, or an address. The stand-in sheet server of the demo is reached as any other address.
  module Sources
    # What was fetched: its bytes and its extension, ".csv" where nothing says otherwise.
    Fetched = Struct.new(:bytes, :extension, keyword_init: true)

    LARGEST = 20 * 1024 * 1024

    module_function

    # @param at [String] an address or the name of a file
    # @return [Fetched]
    # @raise [Peony::Error] in plain words
    def fetch(at) = at.match?(%r{\A[a-z][a-z0-9+.-]*://}i) ? Address.fetch(at) : Folder.fetch(at)
  end
end
