# frozen_string_literal: true

require "tempfile"
require_relative "../lib/fond_kettle"
Dir[File.expand_path("../lib/fond_kettle/**/*.rb", __dir__)].each { |path| require path }
require_relative "support/kitchen"

RSpec.configure do |config|
  config.disable_monkey_patching!
  config.order = :random
  config.expect_with(:rspec) { |expectations| expectations.syntax = :expect }
  config.mock_with(:rspec) { |mocks| mocks.verify_partial_doubles = true }
  config.include Support::Kitchen
end
