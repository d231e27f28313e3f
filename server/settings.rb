# frozen_string_literal: true

require "securerandom"
require "fileutils"

module PeonyServer
  # Where things are kept and what is allowed, from the environment.
  #
  # PEONY_DATA   folder of the database and the secret (default: var)
  # PEONY_DEMO   1: the sample person is signed in by itself
  # PEONY_ADDRESS  public address, for links of editions
  # PEONY_TABLES   folder of files that tables may follow (default: tables in PEONY_DATA)
  # PEONY_ALLOW    hosts with ports of one's own network that tables may follow, separated by commas: 127.0.0.1:9292,sheets.example:80
  module Settings
    BODY_LIMIT = 6 * 1024 * 1024
    # Documents with pictures in them are larger than changes.
    FILE_LIMIT = 60 * 1024 * 1024

    module_function

    def data = ENV.fetch("PEONY_DATA") { File.join(ROOT, "var") }
    def database = File.join(data, "peony.sqlite3")
    def demo? = ENV["PEONY_DEMO"] == "1"
    def address = ENV.fetch("PEONY_ADDRESS", nil)
    def tables = ENV.fetch("PEONY_TABLES") { File.join(data, "tables") }.tap { |path| FileUtils.mkdir_p(path) }
    def allowed_hosts = ENV.fetch("PEONY_ALLOW", "").split(",").map(&:strip)
    def web = ENV.fetch("PEONY_WEB") { File.join(ROOT, "web", "dist") }

    # @return [String] the key that signs sessions; made once and kept readable by the owner only
    def secret
      path = File.join(data, "secret")
      unless File.exist?(path)
        FileUtils.mkdir_p(data)
        File.open(path, File::CREAT | File::EXCL | File::WRONLY, 0o600) { |file| file.write(SecureRandom.hex(64)) }
      end
      File.read(path)
    rescue Errno::EEXIST
      retry
    end
  end
end
