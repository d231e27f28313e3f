# frozen_string_literal: true

require "peony"
require "tmpdir"
Dir[File.join(__dir__, "support", "*.rb")].each { |file| require file }

RSpec.configure do |config|
  config.disable_monkey_patching!
  config.include Samples
end
