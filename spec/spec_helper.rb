# frozen_string_literal: true

require "tempfile"
require_relative "../lib/fond_kettle"
Dir[File.expand_path("../lib/fond_kettle/**/*.rb", __dir__)].each { |path| require path }
require_relative "support/kitchen"

# With `bin/check --all`: every width, the dim mode, kills, more noise.
Support::THOROUGH = ENV.key?("CHECK_ALL")

RSpec.configure do |config|
  config.filter_run_excluding :thorough unless Support::THOROUGH
  config.disable_monkey_patching!
  config.order = :random
  config.expect_with(:rspec) { |expectations| expectations.syntax = :expect }
  config.mock_with(:rspec) { |mocks| mocks.verify_partial_doubles = true }
  config.include Support::Kitchen
end
