# frozen_string_literal: true

require_relative "support/golden"

RSpec.describe "The golden record" do
  it "stands, number by number, in the cases that are kept in full" do
    expect(Support::Golden.stored["full"].size).to eq(300)
    expect(Support::Golden.full_differences).to eq([])
  end

  it "has every pair of method, grain, pot, batch, wash and company among these" do
    names = Support::Golden.stored["digests"].keys
    full = Support::Golden.stored["full"].keys.flat_map { |name| Support::Golden.pairs(name) }
    expect(names.flat_map { |name| Support::Golden.pairs(name) }.uniq - full).to eq([])
  end

  it "tells the first field that differs" do
    kept = { "plan" => { "liquid" => { "g" => 100.0 }, "cues" => [{ "cue" => "boil" }] } }
    found = { "plan" => { "liquid" => { "g" => 100.0 }, "cues" => [{ "cue" => "dry" }] } }
    expect(Support::Golden.first_difference(kept, found, [])).to eq('plan.cues.0.cue was "boil", is "dry"')
    expect(Support::Golden.first_difference(kept, kept, [])).to be_nil
  end
end
