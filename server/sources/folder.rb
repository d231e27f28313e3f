# frozen_string_literal: true

module PeonyServer
  module Sources
    # Files in the server's folder of tables, by their names; nothing outside it can be reached.
    module Folder
      module_function

      # @return [Array<String>] names of the files that can be followed
      def names
        Dir.children(Settings.tables).select { |name| fine?(name) }.sort
      rescue SystemCallError
        []
      end

      # @param name [String]
      # @return [Fetched]
      # @raise [Peony::Error]
      def fetch(name)
        raise Peony::Error.new("There is no file “#{name}” in the server's folder of tables.", hint: "Choose one that is there, or ask who runs the server.") unless names.include?(name)

        path = File.join(Settings.tables, name)
        raise Peony::Error.new("“#{name}” is larger than 20 MB.", hint: "Follow a smaller file.") if File.size(path) > LARGEST

        Fetched.new(bytes: File.binread(path), extension: File.extname(name))
      rescue SystemCallError
        raise Peony::Error.new("“#{name}” cannot be read just now.", hint: "It is tried again later.")
      end

      def fine?(name)
        path = File.join(Settings.tables, name)
        inside = File.file?(path) && File.realpath(path).start_with?("#{File.realpath(Settings.tables)}/")
        inside && (Peony::Tables::TEXTS + Peony::Tables::BOOKS + [".json"]).include?(File.extname(name).downcase)
      end
    end
  end
end
