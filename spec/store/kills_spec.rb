# frozen_string_literal: true

require_relative "../support/kills"

# Fifty of them here; bench/kills.rb does three hundred.
RSpec.describe "A kitchen whose process is killed", :thorough do
  it "is as it was or as it should be, and has all that was acknowledged: fifty times" do
    came = Support::Kills.all(50)
    wrong = came.select(&:wrong)
    RSpec.configuration.reporter.message(
      "#{came.size} kills in #{came.map(&:work).uniq.size} kinds of work, " \
      "#{came.count(&:acknowledged)} acknowledged, #{wrong.size} wrong"
    )
    expect(came.size).to eq(50)
    expect(wrong.map { |one| "#{one.work}, moment #{one.moment} of #{one.moments}: #{one.wrong}" }).to eq([])
  end
end
