# frozen_string_literal: true

ENV["BUNDLE_GEMFILE"] ||= File.expand_path("../Gemfile", __dir__)
require "bundler/setup"
require "zeitwerk"
require "logger"
require "peony"

# The server: keeps pieces, journals their changes, shows pages and publishes editions. All rules live in the core.
module PeonyServer
  ROOT = File.expand_path("..", __dir__)

  LOADER = Zeitwerk::Loader.new
  LOADER.tag = "peony-server"
  LOADER.push_dir(__dir__, namespace: PeonyServer)
  LOADER.ignore(File.join(__dir__, "boot.rb"), File.join(__dir__, "puma.rb"), File.join(__dir__, "migrations"))
  LOADER.setup
end
