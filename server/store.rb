# frozen_string_literal: true

require "sequel"

module PeonyServer
  # The database: SQLite in write-ahead mode, every commit flushed to disk before it is acknowledged.
  module Store
    Sequel.extension :migration

    module_function

    # @return [Sequel::Database]
    def db
      @db ||= prepare(Settings.database)
    end

    # @param path [String] a file; it and its tables are made when missing
    # @return [Sequel::Database]
    def prepare(path)
      FileUtils.mkdir_p(File.dirname(path))
      opened = Sequel.sqlite(path, timeout: 8000, max_connections: 16, after_connect: lambda do |connection|
        connection.execute("PRAGMA journal_mode=WAL")
        connection.execute("PRAGMA synchronous=FULL")
        connection.execute("PRAGMA foreign_keys=ON")
      end)
      Sequel::Migrator.run(opened, File.join(__dir__, "migrations"))
      opened
    end

    # Forgets the connection; the next call opens the database anew.
    def close
      @db&.disconnect
      @db = nil
    end
  end
end
