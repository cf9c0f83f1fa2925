# frozen_string_literal: true

require_relative "support/public_methods"

# What a reader of the core relies on: a public method says what it takes and gives.
RSpec.describe "The core's public methods" do
  it "are described, every one" do
    Dir[File.expand_path("../lib/fond_kettle/**/*.rb", __dir__)].each do |path|
      bare = Support::PublicMethods.in(path).select { |one| one.method && one.comment.empty? }.map(&:name)
      expect(bare).to eq([]), "#{path}: #{bare.join(', ')}"
    end
  end
end
