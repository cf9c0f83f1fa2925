# frozen_string_literal: true

require_relative "../support/slips"

RSpec.describe "What the sheet says of three dishes in every method" do
  it "is what somebody has read as if at the stove (spec/fixtures/slips.txt)" do
    expect(Support::Slips.text).to eq(File.read(Support::Slips::FILE)),
                                   "run `bundle exec rake slips` and read it again"
  end
end
