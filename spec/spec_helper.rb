# frozen_string_literal: true

require "tmpdir"
require "fileutils"

# Every run has a data folder of its own.
DATA = Dir.mktmpdir("peony-spec")
ENV["PEONY_DATA"] = DATA
ENV["PEONY_DEMO"] = "0"
ENV["RACK_ENV"] = "test"
at_exit { FileUtils.rm_rf(DATA) }

require_relative "../server/boot"
require "rack/session"
require "rack/attack"
Dir[File.join(__dir__, "support", "*.rb")].each { |file| require file }

RSpec.configure do |config|
  config.disable_monkey_patching!
  config.include Service, type: :request
  config.include Screens, type: :feature
  config.define_derived_metadata(file_path: %r{/requests/}) { |data| data[:type] = :request }
  config.define_derived_metadata(file_path: %r{/features/}) { |data| data[:type] = :feature }
  config.before(:each, type: :request) { start_anew }
end
