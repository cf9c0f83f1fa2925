# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/history/linearised_json"
require_relative "../support/hidden_kitchen"

RSpec.describe FondKettle::Formats::LinearisedJson do
  it "says of a cook all that it has shown, there and back equal" do
    hidden = Support::HiddenKitchen
    request = hidden.request("basmati", 300)
    nothing = FondKettle::Log::Learned.nothing
    cook = hidden.new({ lid: 1.6 }, 3).cook(nothing, request, weigh: true, taps: ["boil"])
    seen = FondKettle::Log::Learning.linearised(nothing.meeting(cook.scopes, "basmati"), cook)
    expect(seen.observations.map(&:kind)).to eq(%w[boil weight bite wetness])
    expect(described_class.read(described_class.write(seen))).to eq(seen)
  end

  it "refuses what it has not written" do
    expect { described_class.read("{}") }.to raise_error(KeyError)
    expect { described_class.read("lid") }.to raise_error(JSON::ParserError)
  end
end
